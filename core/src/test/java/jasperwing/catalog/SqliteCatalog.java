package jasperwing.catalog;

import jasperwing.dialect.Dialects;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Table;
import jasperwing.physical.Unique;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names of constraints, checks and expressions are in the text of the statement alone. */
final class SqliteCatalog implements CatalogReader {
    private static final String NAME = "(\"(?:[^\"]|\"\")*\"|\\w+)";
    private static final Pattern CONSTRAINT = Pattern.compile("(?s)constraint " + NAME + " (.*)");
    private static final Pattern KEY = Pattern.compile("(?s)(primary key|unique|check) \\((.*)\\)");
    private static final Pattern INLINE_KEY =
            Pattern.compile("(?s)" + NAME + " .* constraint " + NAME + " primary key");
    private static final Pattern REFERENCE = Pattern.compile("(?s)foreign key \\((.*?)\\) references " + NAME
            + " \\((.*?)\\) on delete (no action|restrict|cascade|set null)(?: on update (cascade|set null))?"
            + "( deferrable initially deferred)?");
    private static final Pattern COMPUTED = Pattern.compile("(?s).* generated always as \\((.*)\\) stored");
    private static final Pattern INDEX =
            Pattern.compile("(?is)create (unique )?index " + NAME + " on " + NAME + " \\((.*?)\\)(?: where (.*))?");

    @Override
    public Catalog read(Connection connection) throws SQLException {
        Query query = new Query(connection);
        List<Table> tables = new ArrayList<>();
        for (String name : query.names(
                "select name from sqlite_master where type = 'table' and name not like 'sqlite%' order by name")) {
            tables.add(table(query, name));
        }
        return Catalog.of(tables);
    }

    private static Table table(Query query, String name) throws SQLException {
        String sql = query.names("select sql from sqlite_master where type = 'table' and name = ?", name)
                .get(0);
        List<String> parts = SqlParts.of(sql.substring(sql.indexOf("(\n") + 1, sql.lastIndexOf(')')));
        Gathered gathered = new Gathered();
        parts.forEach(gathered::add);
        List<Column> columns = new ArrayList<>();
        List<ResultColumn> known = query.all("select * from pragma_table_xinfo(?)", ResultColumn::of, name);
        for (int i = 0; i < known.size(); i++) {
            columns.add(known.get(i).column(parts.get(i), gathered.inline));
        }
        List<Index> indexes = query
                .names("select sql from sqlite_master where type = 'index' and sql is not null and tbl_name = ?", name)
                .stream()
                .map(SqliteCatalog::index)
                .toList();
        return new Table(
                name, columns, gathered.key, gathered.foreignKeys, gathered.uniques, gathered.checks, indexes, "");
    }

    /** A column as the database tells it. */
    private record ResultColumn(String name, String type, boolean required, String value) {
        static ResultColumn of(ResultSet row) throws SQLException {
            return new ResultColumn(
                    row.getString("name"),
                    row.getString("type").replace(" GENERATED ALWAYS", ""),
                    row.getBoolean("notnull"),
                    row.getString("dflt_value"));
        }

        Column column(String text, boolean inlineKey) {
            Matcher computed = COMPUTED.matcher(text);
            boolean identity = inlineKey && INLINE_KEY.matcher(text).matches();
            return new Column(
                    name,
                    Dialects.SQLITE.read(type),
                    "",
                    required || identity,
                    identity ? Optional.of(Identity.BY_ONE) : Optional.empty(),
                    Optional.ofNullable(value).map(SqlExpression::of),
                    computed.matches() ? Optional.of(SqlExpression.of(computed.group(1))) : Optional.empty(),
                    "");
        }
    }

    private static final class Gathered {
        private Optional<PrimaryKey> key = Optional.empty();
        private boolean inline;
        private final List<ForeignKey> foreignKeys = new ArrayList<>();
        private final List<Unique> uniques = new ArrayList<>();
        private final List<Check> checks = new ArrayList<>();

        void add(String part) {
            Matcher named = CONSTRAINT.matcher(part);
            Matcher column = INLINE_KEY.matcher(part);
            if (named.matches()) {
                constraint(bare(named.group(1)), named.group(2));
            } else if (column.matches()) {
                inline = true;
                key = Optional.of(new PrimaryKey(bare(column.group(2)), List.of(bare(column.group(1)))));
            }
        }

        private void constraint(String name, String rule) {
            Matcher keyed = KEY.matcher(rule);
            Matcher reference = REFERENCE.matcher(rule);
            if (reference.matches()) {
                foreignKeys.add(new ForeignKey(
                        name,
                        names(reference.group(1)),
                        bare(reference.group(2)),
                        names(reference.group(3)),
                        action(reference.group(4)),
                        Optional.ofNullable(reference.group(5))
                                .map(SqliteCatalog::action)
                                .orElse(ForeignKey.Action.NO_ACTION),
                        reference.group(6) == null ? ForeignKey.Timing.IMMEDIATE : ForeignKey.Timing.DEFERRED));
            } else if (keyed.matches()) {
                switch (keyed.group(1)) {
                    case "primary key" -> key = Optional.of(new PrimaryKey(name, names(keyed.group(2))));
                    case "unique" -> uniques.add(new Unique(name, names(keyed.group(2))));
                    default -> checks.add(new Check(name, SqlExpression.of(keyed.group(2))));
                }
            } else {
                throw new IllegalArgumentException(rule);
            }
        }
    }

    private static ForeignKey.Action action(String words) {
        return ForeignKey.Action.valueOf(words.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    private static Index index(String sql) {
        Matcher index = INDEX.matcher(sql);
        if (!index.matches()) {
            throw new IllegalArgumentException(sql);
        }
        List<Index.Part> parts = SqlParts.of(index.group(4)).stream()
                .map(p -> p.contains("(") ? Index.Part.of("", SqlExpression.of(p)) : Index.Part.of(bare(p)))
                .toList();
        return new Index(
                bare(index.group(2)),
                parts,
                List.of(),
                Optional.ofNullable(index.group(5)).map(SqlExpression::of),
                index.group(1) != null,
                "");
    }

    private static List<String> names(String list) {
        return SqlParts.of(list).stream().map(SqliteCatalog::bare).toList();
    }

    private static String bare(String name) {
        return name.startsWith("\"") ? name.substring(1, name.length() - 1).replace("\"\"", "\"") : name;
    }

    /** What stands between commas that are in no parentheses and no quotes. */
    private static final class SqlParts {
        static List<String> of(String sql) {
            List<String> parts = new ArrayList<>();
            int depth = 0;
            char quote = 0;
            int start = 0;
            for (int i = 0; i < sql.length(); i++) {
                char c = sql.charAt(i);
                if (quote != 0) {
                    quote = c == quote ? 0 : quote;
                } else if (c == '\'' || c == '"') {
                    quote = c;
                } else if (c == ',' && depth == 0) {
                    parts.add(sql.substring(start, i));
                    start = i + 1;
                } else {
                    depth += c == '(' ? 1 : c == ')' ? -1 : 0;
                }
            }
            parts.add(sql.substring(start));
            return parts.stream().map(String::strip).toList();
        }
    }
}
