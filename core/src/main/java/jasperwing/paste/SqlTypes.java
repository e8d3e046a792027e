package jasperwing.paste;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The notation's type for a SQL type, of whatever dialect. */
final class SqlTypes {
    private static final Map<String, Scalar> PLAIN = Map.ofEntries(
            Map.entry("int", Scalar.INT),
            Map.entry("integer", Scalar.INT),
            Map.entry("int4", Scalar.INT),
            Map.entry("mediumint", Scalar.INT),
            Map.entry("number", Scalar.INT),
            Map.entry("smallint", Scalar.SMALL_INT),
            Map.entry("tinyint", Scalar.SMALL_INT),
            Map.entry("int2", Scalar.SMALL_INT),
            Map.entry("bigint", Scalar.BIG_INT),
            Map.entry("int8", Scalar.BIG_INT),
            Map.entry("serial", Scalar.SERIAL),
            Map.entry("bigserial", Scalar.SERIAL),
            Map.entry("uuid", Scalar.UUID),
            Map.entry("uniqueidentifier", Scalar.UUID),
            Map.entry("real", Scalar.REAL),
            Map.entry("float", Scalar.REAL),
            Map.entry("double", Scalar.REAL),
            Map.entry("double precision", Scalar.REAL),
            Map.entry("boolean", Scalar.BOOLEAN),
            Map.entry("bool", Scalar.BOOLEAN),
            Map.entry("bit", Scalar.BOOLEAN),
            Map.entry("date", Scalar.DATE),
            Map.entry("time", Scalar.TIME),
            Map.entry("time without time zone", Scalar.TIME),
            Map.entry("timestamp", Scalar.LOCAL_TIMESTAMP),
            Map.entry("timestamp without time zone", Scalar.LOCAL_TIMESTAMP),
            Map.entry("datetime", Scalar.LOCAL_TIMESTAMP),
            Map.entry("timestamptz", Scalar.TIMESTAMP),
            Map.entry("timestamp with time zone", Scalar.TIMESTAMP),
            Map.entry("interval", Scalar.DURATION),
            Map.entry("text", Scalar.LONG_TEXT),
            Map.entry("string", Scalar.LONG_TEXT),
            Map.entry("clob", Scalar.LONG_TEXT),
            Map.entry("mediumtext", Scalar.LONG_TEXT),
            Map.entry("longtext", Scalar.LONG_TEXT),
            Map.entry("json", Scalar.JSON),
            Map.entry("jsonb", Scalar.JSON),
            Map.entry("blob", Scalar.BINARY),
            Map.entry("bytea", Scalar.BINARY),
            Map.entry("binary", Scalar.BINARY),
            Map.entry("varbinary", Scalar.BINARY));

    private SqlTypes() {}

    /** @param arguments the numbers in the parentheses behind the type, as written */
    static Optional<Type> of(String name, List<String> arguments) {
        String folded = name.toLowerCase(Locale.ROOT).replace("unsigned", "").strip();
        List<Integer> numbers = arguments.stream()
                .map(String::strip)
                .filter(a -> a.matches("\\d{1,7}"))
                .map(Integer::valueOf)
                .toList();
        try {
            if (folded.matches("(n?var)?char2?|n?varchar2|char(acter)?( varying)?|nchar")) {
                return Optional.of(numbers.isEmpty() ? Type.of(Scalar.LONG_TEXT) : new Type.Text(numbers.get(0)));
            }
            if (folded.matches("decimal|numeric|money|number") && !(numbers.isEmpty() && folded.equals("number"))) {
                int precision = numbers.isEmpty() ? 12 : numbers.get(0);
                return Optional.of(
                        new Type.Decimal(precision, numbers.size() > 1 ? numbers.get(1) : numbers.isEmpty() ? 2 : 0));
            }
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
        if (folded.equals("tinyint") && numbers.equals(List.of(1))) {
            return Optional.of(Type.of(Scalar.BOOLEAN));
        }
        return Optional.ofNullable(PLAIN.get(folded)).map(Type::of);
    }
}
