package jasperwing.classes.targets;

import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Edit;
import java.util.List;

/**
 * What can be chosen for the code of a target.
 *
 * @param word as the notation and templates write it
 * @param choices the usual first; empty when it is any text
 * @param meaning in a sentence
 */
public record TargetOption(String word, List<String> choices, String meaning) {
    public TargetOption {
        choices = List.copyOf(choices);
    }

    /** What holds when nothing is said; empty when it is any text. */
    public String usual() {
        return choices.isEmpty() ? "" : choices.get(0);
    }

    /** Whether a value is one of its own. */
    public boolean takes(String value) {
        return choices.isEmpty() || choices.contains(value);
    }

    /** What holds of it where something is said of a target; what it does not take is as if it were not said. */
    public String value(CodeTarget chosen) {
        String said = chosen.option(word);
        return !said.isEmpty() && takes(said) ? said : usual();
    }

    /** Chooses for a target; the usual choice is not said. */
    public Edit choose(String target, String value) {
        return CodeTargetEdits.choose(target, word, value.equals(usual()) ? "" : value);
    }
}
