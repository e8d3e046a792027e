package jasperwing.dialect;

import jasperwing.physical.SqlType;
import jasperwing.physical.SqlType.Kind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads types as SQL writes them. */
final class TypeReader {
    private static final Pattern SIZED = Pattern.compile(
            "([a-z][a-z0-9 ]*?)\\s*(?:\\(\\s*(\\d+)\\s*(?:,\\s*(\\d+)\\s*)?\\))?( with(?:out)? time zone)?");

    private static final Pattern ARRAY = Pattern.compile("(?is)(.+?)(?:\\s*\\[\\]|\\s+array)");

    private static final Pattern ENUM = Pattern.compile("(?is)enum\\s*\\((.*)\\)");

    private static final Pattern VALUE = Pattern.compile("'((?:[^']|'')*)'");

    private static final Map<String, Kind> WORDS = Map.ofEntries(
            Map.entry("char", Kind.CHAR),
            Map.entry("character", Kind.CHAR),
            Map.entry("nchar", Kind.CHAR),
            Map.entry("nvarchar", Kind.VARCHAR),
            Map.entry("datetime2", Kind.TIMESTAMP),
            Map.entry("datetimeoffset", Kind.TIMESTAMP),
            Map.entry("varchar", Kind.VARCHAR),
            Map.entry("character varying", Kind.VARCHAR),
            Map.entry("text", Kind.TEXT),
            Map.entry("longtext", Kind.TEXT),
            Map.entry("smallint", Kind.SMALLINT),
            Map.entry("int2", Kind.SMALLINT),
            Map.entry("int", Kind.INTEGER),
            Map.entry("integer", Kind.INTEGER),
            Map.entry("int4", Kind.INTEGER),
            Map.entry("bigint", Kind.BIGINT),
            Map.entry("int8", Kind.BIGINT),
            Map.entry("decimal", Kind.DECIMAL),
            Map.entry("numeric", Kind.DECIMAL),
            Map.entry("real", Kind.REAL),
            Map.entry("float4", Kind.REAL),
            Map.entry("double", Kind.DOUBLE),
            Map.entry("double precision", Kind.DOUBLE),
            Map.entry("float8", Kind.DOUBLE),
            Map.entry("boolean", Kind.BOOLEAN),
            Map.entry("bool", Kind.BOOLEAN),
            Map.entry("date", Kind.DATE),
            Map.entry("time", Kind.TIME),
            Map.entry("timestamp", Kind.TIMESTAMP),
            Map.entry("timestamptz", Kind.TIMESTAMP),
            Map.entry("datetime", Kind.TIMESTAMP),
            Map.entry("uuid", Kind.UUID),
            Map.entry("bytea", Kind.BINARY),
            Map.entry("blob", Kind.BINARY),
            Map.entry("longblob", Kind.BINARY),
            Map.entry("json", Kind.JSON),
            Map.entry("jsonb", Kind.JSON));

    private static final Set<String> ZONED = Set.of("timestamptz", "datetimeoffset");

    /** What may be said of them is how wide they are shown. */
    private static final Set<Kind> INTEGERS = EnumSet.of(Kind.SMALLINT, Kind.INTEGER, Kind.BIGINT);

    private final Dialect dialect;

    TypeReader(Dialect dialect) {
        this.dialect = dialect;
    }

    SqlType read(String type) {
        String text = type.strip();
        Matcher array = ARRAY.matcher(text);
        if (array.matches()) {
            return SqlType.arrayOf(read(array.group(1)));
        }
        Matcher values = ENUM.matcher(text);
        if (values.matches()) {
            return SqlType.enumOf(values(values.group(1)));
        }
        String low = text.toLowerCase(Locale.ROOT);
        SqlType own = dialect.ownWords().get(low);
        if (own != null) {
            return own;
        }
        Matcher sized = SIZED.matcher(low);
        Kind kind = sized.matches() ? WORDS.get(sized.group(1)) : null;
        return kind == null ? SqlType.other(text) : sized(kind, sized);
    }

    private static SqlType sized(Kind kind, Matcher said) {
        int size = said.group(2) == null ? SqlType.UNSAID : Integer.parseInt(said.group(2));
        if (kind == Kind.DECIMAL) {
            return SqlType.decimal(size, said.group(3) == null ? 0 : Integer.parseInt(said.group(3)));
        }
        if (INTEGERS.contains(kind)) {
            return SqlType.of(kind);
        }
        boolean zoned = " with time zone".equals(said.group(4)) || ZONED.contains(said.group(1));
        SqlType type = SqlType.of(kind, size);
        return zoned ? type.withZone() : type;
    }

    private List<String> values(String list) {
        List<String> values = new ArrayList<>();
        Matcher value = VALUE.matcher(list);
        while (value.find()) {
            values.add(dialect.text(value.group(1)));
        }
        return values;
    }
}
