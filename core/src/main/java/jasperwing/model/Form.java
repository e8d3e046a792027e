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
 */
public record Form(Optional<Integer> longerThan, String matching, boolean ignoringCase) {
    private static final Pattern ESCAPED_SLASH = Pattern.compile("(?<!\\\\)((?:\\\\\\\\)*)\\\\/");

    public static final Form NONE = new Form(Optional.empty(), "", false);

    /** @throws java.util.regex.PatternSyntaxException when it is no regular expression */
    public Form {
        if (longerThan.isPresent() && longerThan.get() < 0) {
            throw new IllegalArgumentException("a length must not be negative, but was " + longerThan.get());
        }
        if (matching.lines().count() > 1 || matching.endsWith("\n")) {
            throw new IllegalArgumentException("a pattern must be one line, but was '" + matching + "'");
        }
        Pattern.compile(matching);
        matching = ESCAPED_SLASH.matcher(matching).replaceAll("$1/");
    }

    public boolean isEmpty() {
        return longerThan.isEmpty() && matching.isEmpty() && !ignoringCase;
    }

    public Form withLongerThan(int length) {
        return new Form(Optional.of(length), matching, ignoringCase);
    }

    public Form withMatching(String pattern) {
        return new Form(longerThan, pattern, ignoringCase);
    }

    public Form withIgnoringCase(boolean nowIgnoring) {
        return new Form(longerThan, matching, nowIgnoring);
    }
}
