package jasperwing.findings;

import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.TargetOption;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Choices for targets that there are not. */
final class OptionRules {
    private OptionRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (CodeTarget target : checked.design().targets()) {
            target.options().forEach((word, value) -> {
                Optional<TargetOption> option = TargetOption.of(word);
                if (option.isEmpty() || !option.get().takes(value)) {
                    found.accept(unknown(target, word, value, option));
                }
            });
        }
    }

    private static Finding unknown(CodeTarget target, String word, String value, Optional<TargetOption> option) {
        String said = option.isPresent()
                ? "cannot be " + value + ": it is "
                        + String.join(" or ", option.get().choices())
                : "is no option of a target";
        return new Finding(
                Rule.UNKNOWN_OPTION,
                Subject.of(target.target(), word),
                "'" + word + "' of " + target.target() + " " + said + ".",
                "The usual choice holds.",
                List.of(new Fix("Take it away", CodeTargetEdits.without(target.target(), word))));
    }
}
