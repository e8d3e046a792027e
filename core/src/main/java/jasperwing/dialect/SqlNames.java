package jasperwing.dialect;

import java.util.HashMap;
import java.util.Map;

/** What all databases have in common of names and texts. */
final class SqlNames {
    private SqlNames() {}

    /** Whether it is a word of small letters, digits and underscores, which needs no quotes unless it is reserved. */
    static boolean isPlain(String name) {
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            boolean letter = c >= 'a' && c <= 'z' || c == '_';
            if (!letter && (i == 0 || c < '0' || c > '9')) {
                return false;
            }
        }
        return !name.isEmpty();
    }

    /** A text with no more than so many characters. */
    static String cut(String text, int most) {
        return text.codePointCount(0, text.length()) <= most
                ? text
                : text.substring(0, text.offsetByCodePoints(0, most - 1)) + "\u2026";
    }

    /**
     * The collations of languages.
     *
     * @param ending of every collation
     * @param languages each followed by the collation without its ending
     */
    static Map<String, String> collations(String ending, String languages) {
        String[] words = languages.split(" ");
        Map<String, String> all = new HashMap<>();
        for (int i = 0; i < words.length; i += 2) {
            all.put(words[i], words[i + 1] + ending);
        }
        return Map.copyOf(all);
    }

    /** A text as the standard writes it. */
    static String literal(String text) {
        return "'" + text.replace("'", "''").replace("\0", "") + "'";
    }
}
