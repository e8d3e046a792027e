package jasperwing.dialect;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Regular expressions of attributes in the syntax of databases, so that the same texts match everywhere. The source is Java's syntax
 * ({@link java.util.regex.Pattern}), in which {@code \d}, {@code \w} and {@code \s} are characters of ASCII alone.
 *
 * <pre>{@code
 * Dialects.POSTGRESQL.pattern("\\d{4}"); // Optional[[0-9]{4}]
 * Dialects.POSTGRESQL.pattern("\\p{L}+"); // empty: PostgreSQL has no such class
 * }</pre>
 *
 * @param dot what any character but the end of a line is
 * @param possessive whether there are quantifiers that never give back what they took
 * @param mostRepeats how often a part may be repeated
 */
record RegexTranslator(String dot, boolean possessive, int mostRepeats) {
    /** The most that databases compile, of whatever they allow. */
    static final int MOST_REPEATS = 255;

    /** What stands for a class of characters, within brackets. */
    private static final Map<Character, String> CLASSES =
            Map.of('d', "0-9", 'w', "A-Za-z0-9_", 's', " \\t\\n\\x0b\\f\\r");

    /** Escapes that all have. */
    private static final Set<Character> SHARED = Set.of('t', 'n', 'r', 'f');

    /** The pattern in the database's syntax; empty when it has none for it. */
    Optional<String> translated(String pattern) {
        return new Translation(pattern).translated();
    }

    private final class Translation {
        private final String source;
        private final StringBuilder out = new StringBuilder();
        private int at;

        Translation(String source) {
            this.source = source;
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
                    out.append(dot);
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

        /** A quantifier followed by a plus never gives back what it took. */
        private boolean isPossessive() {
            return !possessive && at > 0 && "*+?}".indexOf(source.charAt(at - 1)) >= 0;
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
            boolean shared =
                    source.startsWith("(?:", at) || source.startsWith("(?=", at) || source.startsWith("(?!", at);
            take(1);
            return !special || shared;
        }

        private boolean repeat() {
            int end = source.indexOf('}', at);
            if (end < 0) {
                return false;
            }
            String inside = source.substring(at + 1, end);
            boolean few = mostRepeats == Integer.MAX_VALUE
                    || Arrays.stream(inside.split(","))
                            .filter(n -> !n.isEmpty())
                            .allMatch(n -> n.length() <= 3 && Integer.parseInt(n) <= mostRepeats);
            take(end + 1 - at);
            return few;
        }
    }
}
