package jasperwing.paste;

import jasperwing.model.Attribute;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.TypeAliases;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.sf.jsqlparser.JSQLParserException;
import net.sf.jsqlparser.parser.CCJSqlParserUtil;
import net.sf.jsqlparser.statement.Statement;
import net.sf.jsqlparser.statement.create.table.ColumnDefinition;
import net.sf.jsqlparser.statement.create.table.CreateTable;
import net.sf.jsqlparser.statement.create.table.Index;

/** The columns of a {@code create table} statement as attribute lines; only the first table of a script counts. */
final class SqlColumns {
    private static final Pattern CREATE = Pattern.compile("(?is)\\bcreate\\s+table\\b.*?\\(.*\\)");

    /** A type, the numbers in its parentheses, and what may follow. */
    private static final Pattern SIZED = Pattern.compile("([^(]+?)\\s*\\(([^)]*)\\)(.*)");

    private SqlColumns() {}

    static boolean looksLike(String text) {
        return CREATE.matcher(text).find();
    }

    /** Empty when the statement cannot be parsed. */
    static List<String> of(String text) {
        Matcher create = CREATE.matcher(text);
        if (!create.find()) {
            return List.of();
        }
        int start = create.start();
        int end = text.indexOf(';', start);
        String sql = text.substring(start, end < 0 ? text.length() : end);
        try {
            Statement statement = CCJSqlParserUtil.parse(sql);
            return statement instanceof CreateTable table && table.getColumnDefinitions() != null
                    ? lines(table)
                    : List.of();
        } catch (JSQLParserException e) {
            return List.of();
        }
    }

    private static List<String> lines(CreateTable table) {
        Set<String> key = named(table, "PRIMARY KEY");
        Set<String> unique = named(table, "UNIQUE");
        List<String> lines = new ArrayList<>();
        for (ColumnDefinition column : table.getColumnDefinitions()) {
            lines.add(line(column, key, unique));
        }
        return lines;
    }

    /** The columns of the primary key; or those that are unique by themselves. */
    private static Set<String> named(CreateTable table, String kind) {
        Set<String> columns = new HashSet<>();
        List<Index> indexes = table.getIndexes() == null ? List.of() : table.getIndexes();
        for (Index index : indexes) {
            boolean wanted = index.getType() != null
                    && index.getType().toUpperCase(Locale.ROOT).startsWith(kind);
            if (wanted && (kind.startsWith("PRIMARY") || index.getColumnsNames().size() == 1)) {
                index.getColumnsNames().forEach(c -> columns.add(bare(c)));
            }
        }
        return columns;
    }

    private static String bare(String name) {
        return name.replaceAll("^[\"`\\[]|[\"`\\]]$", "").toLowerCase(Locale.ROOT);
    }

    private static String line(ColumnDefinition column, Set<String> keys, Set<String> uniques) {
        String specs = column.getColumnSpecs() == null
                ? ""
                : String.join(" ", column.getColumnSpecs()).toLowerCase(Locale.ROOT);
        String written = column.getColumnName();
        String plain = written.replaceAll("^[\"`\\[]|[\"`\\]]$", "");
        boolean key = keys.contains(bare(written)) || specs.contains("primary key");
        boolean counted = specs.matches(".*(auto_?increment|identity|generated .*as identity).*");
        Optional<Type> known = type(column.getColDataType().toString());
        Type type = counted ? Type.of(Scalar.SERIAL) : known.orElse(Type.of(Scalar.LONG_TEXT));
        String name = Words.camel(plain);
        Attribute attribute = Attribute.of(name.isEmpty() ? plain : name, type)
                .withOptional(!key && !specs.contains("not null"))
                .withUnique(!key && (uniques.contains(bare(written)) || specs.matches(".*\\bunique\\b.*")))
                .withDefault(fallback(column.getColumnSpecs(), type));
        return Notation.print(attribute, key);
    }

    private static Optional<Type> type(String written) {
        Matcher sized = SIZED.matcher(written);
        return sized.matches()
                ? TypeAliases.of(
                        sized.group(1) + sized.group(3), List.of(sized.group(2).split(",")))
                : TypeAliases.of(written, List.of());
    }

    /** A default that is a number, a text, the moment or a new UUID; an expression says nothing the notation knows. */
    private static Optional<Literal> fallback(List<String> specs, Type type) {
        List<String> all = specs == null ? List.of() : specs;
        for (int i = 0; i + 1 < all.size(); i++) {
            if (all.get(i).equalsIgnoreCase("default")) {
                String value = all.get(i + 1);
                if (value.matches("-?\\d+(\\.\\d+)?") && type.isNumeric()) {
                    return Optional.of(new Literal(Literal.Kind.NUMBER, value));
                }
                if (value.matches("'[^']*'") && type.isText()) {
                    return Optional.of(new Literal(Literal.Kind.TEXT, value.substring(1, value.length() - 1)));
                }
                if (value.matches("(?i)true|false") && type.is(Scalar.BOOLEAN)) {
                    return Optional.of(new Literal(Literal.Kind.WORD, value.toLowerCase(Locale.ROOT)));
                }
                if (type.is(Scalar.UUID)
                        && value.matches("(?i)gen_random_uuid|uuid|uuid_generate_v4|random_uuid|newid")) {
                    return Optional.of(Literal.word("uuid"));
                }
                boolean moment = type.is(Scalar.TIMESTAMP) || type.is(Scalar.LOCAL_TIMESTAMP);
                return moment && value.toLowerCase(Locale.ROOT).matches("now|current_timestamp|now\\(\\)")
                        ? Optional.of(new Literal(Literal.Kind.WORD, "now"))
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }
}
