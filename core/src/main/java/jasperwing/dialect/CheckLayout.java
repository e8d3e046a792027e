package jasperwing.dialect;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How conditions of checks are laid out. */
final class CheckLayout {
    /** Longer ones are broken over lines. */
    private static final int LONGEST = 100;

    private CheckLayout() {}

    /** In parentheses; a long one with a line for each part that the outermost {@code and} or {@code or} joins. */
    static String inLines(String condition) {
        if (condition.length() <= LONGEST) {
            return "(" + condition + ")";
        }
        List<String> parts = parts(condition, hasOr(condition) ? " or " : " and ");
        return "(\n    " + String.join("\n    ", parts) + "\n  )";
    }

    private static boolean hasOr(String condition) {
        return parts(condition, " or ").size() > 1;
    }

    /** Each but the first begins with the word between them; what is in quotes or parentheses, or after between, is not parted. */
    private static List<String> parts(String condition, String word) {
        List<String> parts = new ArrayList<>();
        int depth = 0;
        char quote = 0;
        boolean between = false;
        int start = 0;
        for (int i = 0; i < condition.length(); i++) {
            char c = condition.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if (c == '\'' || c == '"' || c == '`') {
                quote = c;
            } else if (c == '(' || c == ')') {
                depth += c == '(' ? 1 : -1;
            } else if (depth == 0 && starts(condition, " between ", i)) {
                between = true;
            } else if (depth == 0 && starts(condition, " and ", i) && between) {
                between = false;
            } else if (depth == 0 && starts(condition, word, i)) {
                parts.add(condition.substring(start, i));
                start = i + 1;
            }
        }
        parts.add(condition.substring(start));
        return parts;
    }

    private static boolean starts(String text, String word, int at) {
        return text.regionMatches(true, at, word.toLowerCase(Locale.ROOT), 0, word.length());
    }
}
