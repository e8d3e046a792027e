package jasperwing.catalog;

import jasperwing.dialect.Dialects;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.EnumDefinition;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.Table;
import jasperwing.physical.Unique;
import java.sql.Array;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

final class PostgreSqlCatalog implements CatalogReader {
    private static final Map<String, ForeignKey.Action> ACTIONS = Map.of(
            "a", ForeignKey.Action.NO_ACTION,
            "r", ForeignKey.Action.RESTRICT,
            "c", ForeignKey.Action.CASCADE,
            "n", ForeignKey.Action.SET_NULL,
            "d", ForeignKey.Action.SET_DEFAULT);

    /** As columns have them. */
    private final Map<String, SqlType> enumTypes = new HashMap<>();

    private static final String OURS =
            "relkind = 'r' and relnamespace not in ('pg_catalog'::regnamespace, 'information_schema'::regnamespace,"
                    + " 'pg_toast'::regnamespace)";

    private Query query;

    @Override
    public Catalog read(Connection connection) throws SQLException {
        query = new Query(connection);
        List<EnumDefinition> enums = new ArrayList<>();
        for (String name : query.names("select typname from pg_type where typtype = 'e' order by typname")) {
            String namespace =
                    namespace("select typnamespace::regnamespace::text from pg_type where typname = ?", name);
            SqlType type = SqlType.named(namespace, name);
            enumTypes.put(Dialects.POSTGRESQL.write(type), type);
            enums.add(new EnumDefinition(
                    namespace,
                    name,
                    query.names(
                            "select enumlabel from pg_enum e join pg_type t on t.oid = enumtypid where typname = ?"
                                    + " order by enumsortorder",
                            name)));
        }
        List<Table> tables = new ArrayList<>();
        for (String name :
                query.names("select relname from pg_class where " + OURS + " order by relname collate \"C\"")) {
            tables.add(table(name));
        }
        return new Catalog(enums, List.of(), tables, List.of(), List.of(), List.of());
    }

    private Table table(String name) throws SQLException {
        String of = "(select oid from pg_class where relname = ? and " + OURS + ")";
        return new Table(
                namespace("select relnamespace::regnamespace::text from pg_class where oid = " + of, name),
                name,
                query.all(
                        "select attname, format_type(atttypid, atttypmod) as type, attnotnull, attidentity, attgenerated,"
                                + " pg_get_expr(adbin, adrelid) as value, col_description(attrelid, attnum) as comment,"
                                + " (select quote_ident(collname) from pg_collation c join pg_type t on t.oid = atttypid"
                                + " where c.oid = attcollation and attcollation <> typcollation) as collation,"
                                + sequence("seqstart") + " as start, " + sequence("seqincrement") + " as step"
                                + " from pg_attribute left join pg_attrdef on adrelid = attrelid and adnum = attnum"
                                + " where attnum > 0 and not attisdropped and attrelid = " + of + " order by attnum",
                        this::column,
                        name),
                query
                        .all(constraints('p', of), r -> new PrimaryKey(r.getString(1), names(r.getArray(2))), name)
                        .stream()
                        .findFirst(),
                query.all(constraints('f', of), PostgreSqlCatalog::foreignKey, name),
                query.all(constraints('u', of), r -> new Unique(r.getString(1), names(r.getArray(2))), name),
                query.all(
                        constraints('c', of),
                        r -> new Check(r.getString(1), SqlExpression.of(r.getString("condition"))),
                        name),
                query.all(
                        "select conname, pg_get_constraintdef(oid) from pg_constraint where contype = 'x' and conrelid = "
                                + of,
                        PostgreSqlCatalog::exclusion,
                        name),
                query.all(
                        "select indexrelid::regclass::text as name, indexrelid, indnkeyatts, indnatts, indisunique, amname,"
                                + " pg_get_expr(indpred, indrelid) as condition,"
                                + " array(select pg_get_indexdef(indexrelid, n, true) from generate_series(1, indnatts) n) as parts,"
                                + " array(select coalesce((select attname::text from pg_attribute where attrelid = indrelid"
                                + " and attnum = indkey[n - 1]), '') from generate_series(1, indnatts) n) as columns,"
                                + " (select relname from pg_class where oid = indexrelid) as plain"
                                + " from pg_index i join pg_class c on c.oid = indexrelid join pg_am a on a.oid = relam"
                                + " where indrelid = " + of
                                + " and not exists (select 1 from pg_constraint where conindid = indexrelid and contype <> 'f')",
                        PostgreSqlCatalog::index,
                        name),
                query.names("select coalesce(obj_description(" + of + ", 'pg_class'), '')", name)
                        .get(0));
    }

    private String namespace(String sql, String name) throws SQLException {
        String written = query.names(sql, name).get(0);
        String namespace = written.startsWith("\"") ? written.substring(1, written.length() - 1) : written;
        return namespace.equals("public") ? "" : namespace;
    }

    /** Of the sequence that counts a column up. */
    private static String sequence(String field) {
        return " (select " + field + " from pg_sequence"
                + " where seqrelid = pg_get_serial_sequence(attrelid::regclass::text, attname)::regclass)";
    }

    private static String constraints(char kind, String of) {
        return "select conname, array(select attname::text from unnest(conkey) with ordinality k(n, p)"
                + " join pg_attribute on attrelid = conrelid and attnum = n order by p) as columns,"
                + " (select relname from pg_class where oid = confrelid) as target,"
                + " array(select attname::text from unnest(confkey) with ordinality k(n, p)"
                + " join pg_attribute on attrelid = confrelid and attnum = n order by p) as targets,"
                + " confdeltype, confupdtype, condeferrable, condeferred, pg_get_expr(conbin, conrelid) as condition"
                + " from pg_constraint where contype = '" + kind + "' and conrelid = " + of;
    }

    /** An enum of the catalog, an array of one, or what the database has by itself. */
    private SqlType type(String text) {
        String element = text.endsWith("[]") ? text.substring(0, text.length() - 2) : "";
        if (enumTypes.containsKey(element)) {
            return SqlType.arrayOf(enumTypes.get(element));
        }
        return enumTypes.containsKey(text) ? enumTypes.get(text) : Dialects.POSTGRESQL.read(text);
    }

    private Column column(ResultSet row) throws SQLException {
        String value = row.getString("value");
        Optional<SqlExpression> expression = Optional.ofNullable(value).map(SqlExpression::of);
        boolean computed = !row.getString("attgenerated").isEmpty();
        String type = row.getString("type");
        String collation = row.getString("collation");
        return new Column(
                row.getString("attname"),
                type(type),
                collation == null ? "" : collation,
                row.getBoolean("attnotnull"),
                row.getString("attidentity").isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Identity(row.getLong("start"), row.getLong("step"))),
                computed ? Optional.empty() : expression,
                computed ? expression : Optional.empty(),
                Optional.ofNullable(row.getString("comment")).orElse(""));
    }

    /** {@code EXCLUDE USING gist (room_id WITH =, daterange(a, b) WITH &&)}. */
    private static ExclusionConstraint exclusion(ResultSet row) throws SQLException {
        String inside =
                row.getString(2).replaceFirst("^EXCLUDE USING gist \\(", "").replaceFirst("\\)$", "");
        Matcher span = Pattern.compile("(\\w+)\\((?:\\(?(.+?)\\)?(?:::bigint)?), \\(?(.+?)\\)?(?:::bigint)?\\) WITH &&")
                .matcher(inside);
        if (!span.find()) {
            throw new SQLException("not understood: " + inside);
        }
        List<String> same = new ArrayList<>();
        Matcher equal = Pattern.compile("(\"[^\"]+\"|\\w+) WITH =").matcher(inside);
        while (equal.find()) {
            same.add(bare(equal.group(1)));
        }
        return new ExclusionConstraint(row.getString(1), same, span.group(1), bare(span.group(2)), bare(span.group(3)));
    }

    private static String bare(String name) {
        return name.startsWith("\"") ? name.substring(1, name.length() - 1) : name;
    }

    private static ForeignKey foreignKey(ResultSet row) throws SQLException {
        return new ForeignKey(
                row.getString(1),
                names(row.getArray(2)),
                row.getString("target"),
                names(row.getArray("targets")),
                ACTIONS.get(row.getString("confdeltype")),
                ACTIONS.get(row.getString("confupdtype")),
                row.getBoolean("condeferred")
                        ? ForeignKey.Timing.DEFERRED
                        : row.getBoolean("condeferrable") ? ForeignKey.Timing.DEFERRABLE : ForeignKey.Timing.IMMEDIATE);
    }

    private static Index index(ResultSet row) throws SQLException {
        List<String> texts = names(row.getArray("parts"));
        List<String> columns = names(row.getArray("columns"));
        int keys = row.getInt("indnkeyatts");
        List<Index.Part> parts = new ArrayList<>();
        for (int i = 0; i < keys; i++) {
            parts.add(
                    columns.get(i).isEmpty()
                            ? Index.Part.of("", SqlExpression.of(texts.get(i)))
                            : Index.Part.of(columns.get(i)));
        }
        String method = row.getString("amname");
        return new Index(
                row.getString("plain"),
                parts,
                columns.subList(keys, columns.size()),
                Optional.ofNullable(row.getString("condition")).map(SqlExpression::of),
                row.getBoolean("indisunique"),
                method.equals("btree") ? "" : method);
    }

    private static List<String> names(Array array) throws SQLException {
        return List.of((String[]) array.getArray());
    }
}
