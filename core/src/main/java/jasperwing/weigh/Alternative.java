package jasperwing.weigh;

import jasperwing.model.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One way to keep something.
 *
 * @param title in a few words
 * @param now whether it is the way of the design as it stands
 * @param edit what switches to it
 * @param hindrance why it cannot be switched to, in one sentence; empty when it can
 * @param more what it adds to the way things are kept now, such as {@code +1 table}; empty when nothing
 * @param facts what it gives and costs, the good first
 * @param statements the SQL that answers each question all ways are asked, by the question, in their order; empty where none does
 * @param classes what classes have in this way and not in every way, as lines of code
 * @param sketch its tables
 */
public record Alternative(
        String title,
        boolean now,
        Edit edit,
        Optional<String> hindrance,
        String more,
        List<Fact> facts,
        Map<String, String> statements,
        List<String> classes,
        TableSketch sketch) {
    public Alternative {
        facts = List.copyOf(facts);
        classes = List.copyOf(classes);
    }
}
