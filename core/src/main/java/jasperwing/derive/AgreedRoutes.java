package jasperwing.derive;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A rule that two routes lead to the same row, such as {@code berth.harbour is harbour}, which a foreign key of several columns can hold: the row has
 * what one of them leads to, and what its reference leads to has the other.
 *
 * @param reference the first step of the longer route, whose foreign key holds the rule
 * @param pairs what is the same, for each part of the key of what both lead to
 */
record AgreedRoutes(Step reference, List<Pair> pairs) {
    /**
     * A part of a key.
     *
     * @param here as the row has it
     * @param there as what the reference leads to has it
     */
    record Pair(Term.Member here, Term.Member there) {}

    AgreedRoutes {
        pairs = List.copyOf(pairs);
    }

    /** Whether it says that two roles lead to the same row, and nothing else. */
    static boolean isStatedBy(RowRule rule) {
        return rule.condition() instanceof Expression.Call call
                && call.function().equals("is");
    }

    /**
     * The rules of an entity that foreign keys hold. A rule is not among them where both routes are too long, where a delete empties the reference, where
     * rows are spread over the tables of kinds, or where an earlier rule has one of the columns agree with another.
     *
     * @param design with the members of traits in the entities that have them
     * @param entity as it is in the design
     */
    static Map<RowRule, AgreedRoutes> of(Design design, Entity entity) {
        Map<RowRule, AgreedRoutes> held = new LinkedHashMap<>();
        for (RowRule rule : entity.rules()) {
            of(design, entity.name(), rule)
                    .filter(r -> held.values().stream().noneMatch(r::isAgainst))
                    .ifPresent(r -> held.putIfAbsent(rule, r));
        }
        return held;
    }

    /** Whether no foreign key can hold both, since it would have a column twice. */
    private boolean isAgainst(AgreedRoutes other) {
        return reference.equals(other.reference)
                && pairs.stream().anyMatch(p -> other.pairs.stream()
                        .anyMatch(o -> isSame(p.here(), o.here()) || isSame(p.there(), o.there())));
    }

    private static boolean isSame(Term.Member one, Term.Member other) {
        return one.steps().equals(other.steps()) && one.leaf().equals(other.leaf());
    }

    private static Optional<AgreedRoutes> of(Design design, String entity, RowRule rule) {
        if (!isStatedBy(rule) || rule.kept() != RuleKept.CONSTRAINT || !hasOneTable(design, entity)) {
            return Optional.empty();
        }
        Formula formula = Formula.condition(design, entity, rule.condition());
        List<Term.Member[]> equal = new ArrayList<>();
        gather(formula.term(), equal);
        if (!formula.isSound() || equal.isEmpty()) {
            return Optional.empty();
        }
        boolean rightIsLonger = equal.get(0)[0].isInRow();
        List<Pair> pairs = equal.stream()
                .map(e -> rightIsLonger ? new Pair(e[0], e[1]) : new Pair(e[1], e[0]))
                .toList();
        return canHold(design, pairs)
                ? Optional.of(new AgreedRoutes(pairs.get(0).there().steps().get(0), pairs))
                : Optional.empty();
    }

    private static void gather(Term term, List<Term.Member[]> equal) {
        if (term instanceof Term.Apply apply) {
            if (apply.operation().equals("and")) {
                apply.arguments().forEach(a -> gather(a, equal));
            } else {
                equal.add(apply.arguments().toArray(Term.Member[]::new));
            }
        }
    }

    private static boolean canHold(Design design, List<Pair> pairs) {
        Term.Member first = pairs.get(0).there();
        return pairs.stream().allMatch(p -> p.here().isInRow() && p.there().joins() == 1)
                && first.steps().size() > 1
                && isHeld(first.steps().get(0))
                && first.steps().get(1).must()
                && hasOneTable(design, first.steps().get(0).to());
    }

    /** Where a delete or a change of the key empties the reference, it would have to empty what is agreed as well. */
    private static boolean isHeld(Step step) {
        return step.relationship() instanceof BinaryRelationship
                && step.way() != Step.Way.HOLDERS
                && step.relationship().onDelete(step.to()) != DeleteRule.EMPTY
                && step.relationship().onKeyChange(step.to()) != KeyChangeRule.EMPTY;
    }

    /** Whether all rows of an entity lie in one table of the design. */
    static boolean hasOneTable(Design design, String name) {
        Optional<Entity> entity = design.entity(name);
        return entity.isPresent() && !entity.get().outside() && !InheritanceTree.has(design, name);
    }
}
