package jasperwing.findings;

import jasperwing.derive.GuardTriggers;
import jasperwing.derive.LooseReference;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.physical.Trigger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** SQL that a finding offers where no constraint can hold what the design states. */
final class GuardSql {
    private GuardSql() {}

    /** Finds the rows of a relationship that refer to nothing, and the triggers that refuse such rows; blank where there are none. */
    static String of(Checked checked, Relationship relationship) {
        Design design = checked.design().whole();
        List<LooseReference> loose = LooseReference.of(design, checked.schema(), relationship);
        if (loose.isEmpty()) {
            return "";
        }
        List<Trigger> triggers = new ArrayList<>();
        loose.forEach(l -> triggers.addAll(GuardTriggers.of(design, checked.schema(), l)));
        return loose.stream()
                        .map(l -> "-- Finds rows that refer to no row\n" + l.dangling())
                        .collect(Collectors.joining("\n"))
                + after(GuardTriggers.script(checked.schema(), triggers).text());
    }

    /** The triggers that hold that each row of a family is of one kind. */
    static String ofKinds(Checked checked, Entity root) {
        return GuardTriggers.script(checked.schema(), GuardTriggers.ofKinds(checked.design(), checked.schema(), root))
                .text();
    }

    /** The triggers that check rows of an entity where the dialect takes no check constraint. */
    static String ofChecks(Checked checked, String entity) {
        List<Trigger> triggers = GuardTriggers.ofChecks(checked.design(), checked.schema(), entity);
        return GuardTriggers.script(checked.schema(), triggers).text();
    }

    /** The triggers that hold the rules of an entity which no constraint holds. */
    static String ofRules(Checked checked, String entity) {
        List<Trigger> triggers = GuardTriggers.ofRules(checked.design(), checked.schema(), entity);
        return GuardTriggers.script(checked.schema(), triggers).text();
    }

    /** The triggers that hold how many there can be of many. */
    static String ofLimits(Checked checked, Relationship relationship) {
        List<Trigger> triggers = GuardTriggers.ofLimits(checked.design(), checked.schema(), relationship);
        return GuardTriggers.script(checked.schema(), triggers).text();
    }

    private static String after(String script) {
        return script.isEmpty() ? "" : "\n" + script;
    }
}
