package jasperwing.findings;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/**
 * Rules of one family.
 *
 * @param looksAt all that what they find depends on
 * @param looksAtTables whether it depends on tables too, which follow from what they look at
 */
record RuleSet(Set<Aspect> looksAt, boolean looksAtTables, BiConsumer<Checked, Consumer<Finding>> rules) {
    static RuleSet of(BiConsumer<Checked, Consumer<Finding>> rules, Aspect... looksAt) {
        return new RuleSet(Set.of(looksAt), false, rules);
    }

    static RuleSet ofTables(BiConsumer<Checked, Consumer<Finding>> rules, Aspect... looksAt) {
        return new RuleSet(Set.of(looksAt), true, rules);
    }

    /** What they find, in their order. */
    List<Finding> check(Checked checked) {
        List<Finding> found = new ArrayList<>(0);
        rules.accept(checked, found::add);
        return found;
    }
}
