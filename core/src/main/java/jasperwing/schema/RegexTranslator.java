package jasperwing.schema;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Regular expressions of attributes as each database writes them, so that the same texts match everywhere. The source is Java's syntax
 * ({@link java.util.regex.Pattern}), in which {@code \d}, {@code \w} and {@code \s} are characters of ASCII alone.
 *
 * <pre>{@code
 * RegexTranslator.in(Dialect.POSTGRESQL, "\\d{4}"); // Optional[[0-9]{4}]
 * RegexTranslator.in(Dialect.POSTGRESQL, "\\p{L}+"); // empty: PostgreSQL has no such class
 * }</pre>
 */
public final class RegexTranslator {
    /** What stands for a class of characters, within brackets. */
    private static final Map<Character, String> CLASSES =
            Map.of('d', "0-9", 'w', "A-Za-z0-9_", 's', " \\t\\n\\x0b\\f\\r");

    /** Escapes that all have. */
    private static final Set<Character> SHARED = Set.of('t', 'n', 'r', 'f');

    /** PostgreSQL repeats at most so many times. */
    private static final int MOST_REPEATS = 255;

    private final Dialect dialect;
    private final String source;
    private final StringBuilder out = new StringBuilder();
    private int at;

    private RegexTranslator(Dialect dialect, String source) {
        this.dialect = dialect;
        this.source = source;
    }

    /** The pattern in a dialect's own syntax; empty when it has none for it, and always in SQLite. */
    public static Optional<String> in(Dialect dialect, String pattern) {
        return switch (dialect) {
            case SQLITE -> Optional.empty();
            case H2 -> Optional.of(pattern);
            case POSTGRESQL, MARIADB -> new RegexTranslator(dialect, pattern).translated();
        };
    }

    /**
     * That a whole text matches, as a condition.
     *
     * @param pattern in the dialect's own syntax
     */
    static String whole(Dialect dialect, String text, String pattern) {
        return switch (dialect) {
            case POSTGRESQL -> text + " ~ " + dialect.literal("^(?:" + pattern + ")$");
            case H2 -> "regexp_like(" + text + ", " + dialect.literal("^(?:" + pattern + ")\\z") + ")";
            case MARIADB, SQLITE -> text + " regexp " + dialect.literal("^(?:" + pattern + ")\\z");
        };
    }

    private Optional<String> translated() {
        boolean inBrackets = false;
        while (at < source.length()) {
            char c = source.charAt(at);
            boolean known = true;
            if (c == '\\') {
                known = escape(inBrackets);
            } else if (inBrackets) {
                known = c != '[' && c != '&';
                inBrackets = c != ']';
                take(1);
            } else if (c == '[') {
                inBrackets = true;
                known = bracket();
            } else if (c == '.') {
                out.append(
                        dialect == Dialect.POSTGRESQL
                                ? "[^\\n\\r\\u0085\\u2028\\u2029]"
                                : "[^\\n\\r\\x{85}\\x{2028}\\x{2029}]");
                at++;
            } else if (c == '(') {
                known = group();
            } else if (c == '{') {
                known = repeat();
            } else {
                known = c != '+' || !isPossessive();
                take(1);
            }
            if (!known) {
                return Optional.empty();
            }
        }
        return Optional.of(out.toString());
    }

    private void take(int length) {
        out.append(source, at, at + length);
        at += length;
    }

    private boolean bracket() {
        take(1);
        if (source.startsWith("^", at)) {
            take(1);
        }
        return !source.startsWith("]", at);
    }

    /** A quantifier followed by a plus never gives back what it took; PostgreSQL has none of these. */
    private boolean isPossessive() {
        return dialect == Dialect.POSTGRESQL && at > 0 && "*+?}".indexOf(source.charAt(at - 1)) >= 0;
    }

    private boolean escape(boolean inBrackets) {
        if (at + 1 == source.length()) {
            return false;
        }
        char escaped = source.charAt(at + 1);
        String all = CLASSES.get(Character.toLowerCase(escaped));
        if (all != null) {
            boolean negated = Character.isUpperCase(escaped);
            at += 2;
            out.append(inBrackets ? all : (negated ? "[^" : "[") + all + "]");
            return !(inBrackets && negated);
        }
        boolean letterOrDigit = Character.isLetterOrDigit(escaped);
        take(2);
        return !letterOrDigit || SHARED.contains(escaped);
    }

    private boolean group() {
        boolean special = source.startsWith("(?", at);
        boolean shared = source.startsWith("(?:", at) || source.startsWith("(?=", at) || source.startsWith("(?!", at);
        take(1);
        return !special || shared;
    }

    private boolean repeat() {
        int end = source.indexOf('}', at);
        if (end < 0) {
            return false;
        }
        String inside = source.substring(at + 1, end);
        boolean few = dialect != Dialect.POSTGRESQL
                || Arrays.stream(inside.split(","))
                        .filter(n -> !n.isEmpty())
                        .allMatch(n -> n.length() <= 3 && Integer.parseInt(n) <= MOST_REPEATS);
        take(end + 1 - at);
        return few;
    }
}
