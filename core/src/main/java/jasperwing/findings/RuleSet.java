package jasperwing.findings;

import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/**
 * Rules of one family.
 *
 * @param looksAt all that what they find depends on
 */
record RuleSet(Set<Aspect> looksAt, BiConsumer<Checked, Consumer<Finding>> rules) {
    static RuleSet of(BiConsumer<Checked, Consumer<Finding>> rules, Aspect... looksAt) {
        return new RuleSet(Set.of(looksAt), rules);
    }
}
