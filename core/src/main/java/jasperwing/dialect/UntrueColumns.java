package jasperwing.dialect;

import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Conditions in which databases keep that a column is not true as a comparison. */
final class UntrueColumns {
    private static final Pattern QUOTED_OR_UNTRUE =
            Pattern.compile("(?s)'(?:[^']|'')*'|\\bnot (?!null\\b)(\\w+|`[^`]*`|\"[^\"]*\")(?= and | or |\\)|$)");

    private UntrueColumns() {}

    /** @param value what a column is compared with */
    static String compared(String sql, String value) {
        return QUOTED_OR_UNTRUE.matcher(sql).replaceAll(m -> Matcher.quoteReplacement(compared(m, value)));
    }

    private static String compared(MatchResult found, String value) {
        return found.group(1) == null ? found.group() : found.group(1) + " = " + value;
    }
}
