package jasperwing.notation;

import java.util.Set;

/** How names and strings are written so that they read back as they were. */
final class Quoting {
    private static final Set<String> KEYWORDS = Set.of(
            "of",
            "one",
            "many",
            "which",
            "as",
            "via",
            "or",
            "and",
            "each",
            "in",
            "outside",
            "with",
            "is",
            "was",
            "a",
            "an",
            "on",
            "list",
            "default",
            "from",
            "to",
            "up",
            "unique",
            "key",
            "label",
            "column",
            "table",
            "set",
            "longer",
            "matching",
            "falling",
            "rising",
            "small",
            "big",
            "long",
            "local",
            "must",
            "may");

    private Quoting() {}

    /** Whether the grammar uses a word itself, so that as a name it must be quoted. */
    static boolean isKeyword(String word) {
        return KEYWORDS.contains(word);
    }

    /** A name, in backquotes unless it is a plain word that the grammar does not use itself. */
    static String name(String name) {
        return isBare(name) && !KEYWORDS.contains(name) ? name : quoted(name, '`');
    }

    /** A name at the start of an attribute line, where only shape matters. */
    static String leadingName(String name) {
        return isBare(name) ? name : quoted(name, '`');
    }

    /** A name in backquotes, whatever it is. */
    static String quotedName(String name) {
        return quoted(name, '`');
    }

    static String string(String text) {
        return quoted(text, '"');
    }

    static boolean isBare(String name) {
        return !name.isEmpty() && Lexer.wordEnd(name, 0) == name.length();
    }

    private static String quoted(String text, char quote) {
        StringBuilder out = new StringBuilder(text.length() + 2).append(quote);
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == quote || c == '\\') {
                out.append('\\').append(c);
            } else if (c == '\n') {
                out.append("\\n");
            } else if (c == '\t') {
                out.append("\\t");
            } else if (Character.isISOControl(c)
                    || c == '\u2028'
                    || c == '\u2029'
                    || Character.isSurrogate(c) && !paired(text, i)) {
                out.append(String.format("\\u%04x", (int) c));
            } else {
                out.append(c);
            }
        }
        return out.append(quote).toString();
    }

    private static boolean paired(String text, int i) {
        char c = text.charAt(i);
        return Character.isHighSurrogate(c)
                ? i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))
                : i > 0 && Character.isHighSurrogate(text.charAt(i - 1));
    }
}
