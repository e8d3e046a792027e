package jasperwing.naming;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The notation's type for what SQL, of whatever dialect, and common languages call it: {@code varchar(120)}, {@code bool},
 * {@code datetime}, {@code LocalDate}. Capitals make no difference.
 */
public final class TypeAliases {
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

    private static final Map<String, Scalar> OF_LANGUAGES = Map.ofEntries(
            Map.entry("str", Scalar.LONG_TEXT),
            Map.entry("short", Scalar.SMALL_INT),
            Map.entry("byte", Scalar.SMALL_INT),
            Map.entry("long", Scalar.BIG_INT),
            Map.entry("bigint", Scalar.BIG_INT),
            Map.entry("biginteger", Scalar.BIG_INT),
            Map.entry("guid", Scalar.UUID),
            Map.entry("localdate", Scalar.DATE),
            Map.entry("localtime", Scalar.TIME),
            Map.entry("localdatetime", Scalar.LOCAL_TIMESTAMP),
            Map.entry("instant", Scalar.TIMESTAMP),
            Map.entry("offsetdatetime", Scalar.TIMESTAMP),
            Map.entry("zoneddatetime", Scalar.TIMESTAMP),
            Map.entry("datetimeoffset", Scalar.TIMESTAMP),
            Map.entry("timespan", Scalar.DURATION),
            Map.entry("bytes", Scalar.BINARY),
            Map.entry("varchar", Scalar.LONG_TEXT));

    /** Aliases of several words, each as the SQL standard has it. */
    public static final List<String> OF_WORDS = List.of(
            "double precision",
            "timestamp without time zone",
            "timestamp with time zone",
            "time without time zone",
            "character varying");

    private TypeAliases() {}

    /** The attribute with its type in the notation's words, where its type is an alias and no enum or value of the design. */
    public static Attribute resolved(Design design, Attribute attribute) {
        return attribute.type() instanceof Type.Named named && !isDeclared(design, named.name())
                ? plain(named.name()).map(attribute::withType).orElse(attribute)
                : attribute;
    }

    /** The design with every alias resolved. */
    public static Design resolved(Design design) {
        Design result = design;
        if (hasAlias(design.entities().stream().flatMap(e -> e.attributes().stream()))) {
            result = result.withEntities(design.entities().stream()
                    .map(e -> e.withAttributes(resolved(design, e.attributes())))
                    .toList());
        }
        if (hasAlias(design.groups().stream().flatMap(g -> g.attributes().stream()))) {
            result = result.withGroups(design.groups().stream()
                    .map(g -> g.withAttributes(resolved(design, g.attributes())))
                    .toList());
        }
        return result;
    }

    private static boolean hasAlias(Stream<Attribute> attributes) {
        return attributes.anyMatch(
                a -> a.type() instanceof Type.Named named && plain(named.name()).isPresent());
    }

    private static List<Attribute> resolved(Design design, List<Attribute> attributes) {
        return attributes.stream().map(a -> resolved(design, a)).toList();
    }

    private static boolean isDeclared(Design design, String name) {
        return design.enumType(name).isPresent() || design.value(name).isPresent();
    }

    /** The type of a word without numbers; empty for one that needs them, such as {@code numeric}. */
    private static Optional<Type> plain(String name) {
        if (isOwnWord(name)) {
            return Optional.empty();
        }
        String folded = name.toLowerCase(Locale.ROOT);
        return Optional.ofNullable(PLAIN.get(folded))
                .or(() -> Optional.ofNullable(OF_LANGUAGES.get(folded)))
                .map(Type::of);
    }

    /** Whether the notation itself has the word for a type, so that only a name in backquotes can be one. */
    private static boolean isOwnWord(String name) {
        return name.equals("text")
                || name.equals("decimal")
                || Arrays.stream(Scalar.values()).anyMatch(s -> s.words().equals(name));
    }

    /** What an unknown type was likely meant to be: an enum or value of the design, or a type of the notation. */
    public static Optional<Type> nearest(Design design, String name) {
        List<String> known = new ArrayList<>();
        design.enums().forEach(e -> known.add(e.name()));
        design.groups().stream().filter(g -> g.is(AttributeGroup.Kind.VALUE)).forEach(g -> known.add(g.name()));
        for (Scalar scalar : Scalar.values()) {
            known.add(scalar.words());
        }
        known.addAll(PLAIN.keySet());
        known.addAll(OF_LANGUAGES.keySet());
        return known.stream()
                .filter(k -> k.equalsIgnoreCase(name))
                .findFirst()
                .or(() -> Spelling.nearest(name, known))
                .map(k -> plain(k).or(() -> scalar(k)).orElseGet(() -> new Type.Named(k)));
    }

    private static Optional<Type> scalar(String words) {
        return Arrays.stream(Scalar.values())
                .filter(s -> s.words().equals(words))
                .findFirst()
                .map(Type::of);
    }

    /** @param arguments the numbers in the parentheses behind the type, as written */
    public static Optional<Type> of(String name, List<String> arguments) {
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
