package jasperwing.model;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a text must look like.
 *
 * @param longerThan the number of characters it must exceed
 * @param matching a regular expression the whole of it must match, of what Java and PostgreSQL both know, with slashes as they are; empty
 *     when not said
 * @param ignoringCase whether capitals make no difference where it must be unique
 * @param sortedAs the language in whose order it is sorted, as ISO 639 abbreviates it; empty when not said
 */
public record Form(Optional<Integer> longerThan, String matching, boolean ignoringCase, String sortedAs) {
    private static final Pattern LANGUAGE = Pattern.compile("(?:[a-z]{2,3})?");
    private static final Pattern ESCAPED_SLASH = Pattern.compile("(?<!\\\\)((?:\\\\\\\\)*)\\\\/");

    public static final Form NONE = new Form(Optional.empty(), "", false, "");

    /** @throws java.util.regex.PatternSyntaxException when it is no regular expression */
    public Form {
        if (longerThan.isPresent() && longerThan.get() < 0) {
            throw new IllegalArgumentException("a length must not be negative, but was " + longerThan.get());
        }
        if (matching.lines().count() > 1 || matching.endsWith("\n")) {
            throw new IllegalArgumentException("a pattern must be one line, but was '" + matching + "'");
        }
        if (!LANGUAGE.matcher(sortedAs).matches()) {
            throw new IllegalArgumentException(
                    "a language must have two or three small letters, but was '" + sortedAs + "'");
        }
        Pattern.compile(matching);
        matching = ESCAPED_SLASH.matcher(matching).replaceAll("$1/");
    }

    public boolean isEmpty() {
        return longerThan.isEmpty() && matching.isEmpty() && !ignoringCase && sortedAs.isEmpty();
    }

    public Form withLongerThan(int length) {
        return new Form(Optional.of(length), matching, ignoringCase, sortedAs);
    }

    public Form withMatching(String pattern) {
        return new Form(longerThan, pattern, ignoringCase, sortedAs);
    }

    public Form withIgnoringCase(boolean nowIgnoring) {
        return new Form(longerThan, matching, nowIgnoring, sortedAs);
    }

    /** Sorted in the order of a language; of none when that is blank. */
    public Form withSortedAs(String language) {
        return new Form(longerThan, matching, ignoringCase, language);
    }

    /** Whether it is a language as it can be said here. */
    public static boolean isLanguage(String word) {
        return !word.isEmpty() && LANGUAGE.matcher(word).matches();
    }
}
