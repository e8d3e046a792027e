package jasperwing.model;

import java.util.List;

/**
 * The comments that stand at one statement of a design text. Each is the text after {@code #}, without line end.
 *
 * @param before whole lines above the statement, top first
 * @param after the comment on the statement's own line, or empty
 * @param closing whole lines at the end of the statement's block, top first
 */
public record Comments(List<String> before, String after, List<String> closing) {
    public static final Comments NONE = new Comments(List.of(), "", List.of());

    public Comments {
        before = List.copyOf(before);
        closing = List.copyOf(closing);
    }

    public Comments withClosing(List<String> lines) {
        return new Comments(before, after, lines);
    }

    public boolean isEmpty() {
        return before.isEmpty() && after.isEmpty() && closing.isEmpty();
    }
}
