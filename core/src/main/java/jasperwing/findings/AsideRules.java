package jasperwing.findings;

import jasperwing.model.SetAside;
import jasperwing.model.SetAsideEdits;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;

/** Warnings that are set aside by a code that no warning has. */
final class AsideRules {
    private AsideRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        checked.design().setAside().stream().filter(a -> !isWarning(a.code())).forEach(a -> found.accept(unknown(a)));
    }

    private static boolean isWarning(String code) {
        return Arrays.stream(Rule.values())
                .anyMatch(r -> r.level() == Level.WARNING && r.code().equals(code));
    }

    private static Finding unknown(SetAside aside) {
        return new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(aside.entity(), aside.member()),
                aside.code() + " is set aside on " + aside.entity() + ", and no warning has that code.",
                "Nothing is set aside by it; errors cannot be.",
                List.of(new Fix("Take it away", SetAsideEdits.takeBack(aside))));
    }
}
