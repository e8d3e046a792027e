package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.EnumValue;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What the text of a JSON array of a type's values looks like, as a regular expression of what all databases with such expressions have: no
 * null, no array within it, texts no longer than they may be, of an enum its values alone.
 */
public final class JsonElements {
    private static final Pattern PUNCTUATION = Pattern.compile("[\\p{Punct}&&[^_]]");

    private static final String CHARACTER = "(?:[^\"\\\\]|\\\\(?:u[0-9a-fA-F]{4}|[^u]))";
    private static final String NUMBER = "-?[0-9]+(?:\\.[0-9]+)?(?:[eE][+-]?[0-9]+)?";
    private static final String HEX = "[0-9a-fA-F]";

    private JsonElements() {}

    /** The pattern the whole text of a list must match; empty where any element will do. */
    static Optional<String> pattern(Design design, Dialect dialect, Type type) {
        return element(design, dialect, type)
                .map(e -> "[ \\n]*\\[[ \\n]*(?:(?:" + e + ")[ \\n]*(?:,[ \\n]*(?:" + e + ")[ \\n]*)*)?\\][ \\n]*");
    }

    private static Optional<String> element(Design design, Dialect dialect, Type type) {
        return type.match(
                text -> Optional.of(text(hasLength(dialect, text) ? "{0," + text.length() + "}" : "*")),
                decimal -> Optional.of(NUMBER),
                plain -> scalar(plain.scalar()),
                named -> design.enumType(named.name()).map(e -> e.values().stream()
                        .map(EnumValue::name)
                        .distinct()
                        .map(JsonElements::quoted)
                        .collect(Collectors.joining("|", "\"(?:", ")\""))));
    }

    /** Whether the length of texts can be checked: patterns with longer repeats are refused as too large. */
    public static boolean hasLength(Dialect dialect, Type.Text text) {
        return dialect.hasPatterns() && text.length() <= dialect.mostRepeats();
    }

    private static Optional<String> scalar(Scalar scalar) {
        return switch (scalar) {
            case INT, SMALL_INT, BIG_INT, SERIAL, DURATION -> Optional.of("-?[0-9]+");
            case REAL -> Optional.of(NUMBER);
            case BOOLEAN -> Optional.of("true|false");
            case UUID -> Optional.of("\"" + HEX + "{8}-" + HEX + "{4}-" + HEX + "{4}-" + HEX + "{4}-" + HEX + "{12}\"");
            case DATE -> Optional.of("\"[0-9]{4}-[0-9]{2}-[0-9]{2}\"");
            case TIME, TIMESTAMP, LOCAL_TIMESTAMP, LONG_TEXT, BINARY -> Optional.of(text("*"));
            case JSON -> Optional.empty();
        };
    }

    private static String text(String times) {
        return "\"" + CHARACTER + times + "\"";
    }

    /** A text as JSON writes it, so that no character of it means anything in a pattern. */
    private static String quoted(String value) {
        String json = value.replace("\\", "\\\\").replace("\"", "\\\"");
        return PUNCTUATION.matcher(json).replaceAll("\\\\$0");
    }
}
