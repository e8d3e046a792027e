package jasperwing.say;

import jasperwing.model.Edit;
import java.util.List;

/**
 * What a text was taken to mean.
 *
 * @param edit what it would do; {@link Edit#NOTHING} when it is a name to go to or was not understood
 * @param additions what would be new, shortest first: entities, then columns and tables
 * @param goTo entities the text names the beginning of
 * @param problem what was not understood and the nearest form that would be, or empty
 */
public record Understanding(Edit edit, List<String> additions, List<String> goTo, String problem) {
    public Understanding {
        additions = List.copyOf(additions);
        goTo = List.copyOf(goTo);
    }

    public boolean changes() {
        return edit != Edit.NOTHING;
    }
}
