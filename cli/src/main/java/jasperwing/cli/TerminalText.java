package jasperwing.cli;

import java.util.Locale;

/** Makes text safe for a terminal: names in a design may hold escape sequences. */
final class TerminalText {
    private TerminalText() {}

    /** The text with control characters, and marks that turn the direction of writing, by their numbers; line ends and tabs stay. */
    static String text(String text) {
        StringBuilder safe = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean kept = c == '\n' || c == '\t';
            boolean control =
                    Character.isISOControl(c) || c >= '\u202a' && c <= '\u202e' || c >= '\u2066' && c <= '\u2069';
            safe.append(control && !kept ? String.format(Locale.ROOT, "\\u%04x", (int) c) : Character.toString(c));
        }
        return safe.toString();
    }
}
