package jasperwing.findings;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.AcceptedWarningEdits;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;

/** Warnings that are accepted by a code that no warning has. */
final class AcceptedWarningRules {
    private AcceptedWarningRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        checked.design().accepted().stream().filter(a -> !isWarning(a.code())).forEach(a -> found.accept(unknown(a)));
    }

    private static boolean isWarning(String code) {
        return Arrays.stream(Rule.values())
                .anyMatch(r -> r.level() == Level.WARNING && r.code().equals(code));
    }

    private static Finding unknown(AcceptedWarning accepted) {
        return new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(accepted.entity(), accepted.member()),
                accepted.code() + " is accepted on " + accepted.entity() + ", and no warning has that code.",
                "Nothing is accepted by it; errors cannot be.",
                List.of(new Fix("Remove it", AcceptedWarningEdits.takeBack(accepted))));
    }
}
