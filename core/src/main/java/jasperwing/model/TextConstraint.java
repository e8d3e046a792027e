package jasperwing.model;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a text must look like.
 *
 * @param longerThan the number of characters it must exceed
 * @param matching a regular expression the whole of it must match, in the syntax that languages and databases share, with slashes as they are; empty
 *     when not said
 * @param ignoringCase whether capitals make no difference where it must be unique
 * @param sortedAs the language in whose order it is sorted, as ISO 639 abbreviates it; empty when not said
 */
public record TextConstraint(Optional<Integer> longerThan, String matching, boolean ignoringCase, String sortedAs) {
    private static final Pattern LANGUAGE = Pattern.compile("(?:[a-z]{2,3})?");
    private static final Pattern ESCAPED_SLASH = Pattern.compile("(?<!\\\\)((?:\\\\\\\\)*)\\\\/");

    public static final TextConstraint NONE = new TextConstraint(Optional.empty(), "", false, "");

    /** @throws java.util.regex.PatternSyntaxException when it is no regular expression */
    public TextConstraint {
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

    public TextConstraint withLongerThan(int length) {
        return new TextConstraint(Optional.of(length), matching, ignoringCase, sortedAs);
    }

    public TextConstraint withMatching(String pattern) {
        return new TextConstraint(longerThan, pattern, ignoringCase, sortedAs);
    }

    public TextConstraint withIgnoringCase(boolean nowIgnoring) {
        return new TextConstraint(longerThan, matching, nowIgnoring, sortedAs);
    }

    /** Sorted in the order of a language; of none when that is blank. */
    public TextConstraint withSortedAs(String language) {
        return new TextConstraint(longerThan, matching, ignoringCase, language);
    }

    /** Whether it is a language as it can be said here. */
    public static boolean isLanguage(String word) {
        return !word.isEmpty() && LANGUAGE.matcher(word).matches();
    }
}
