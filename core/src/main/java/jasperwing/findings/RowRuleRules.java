package jasperwing.findings;

import jasperwing.derive.GuardTriggers;
import jasperwing.derive.RowRules;
import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.formula.Respelling;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression;
import jasperwing.model.GroupEdits;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Rules over a row that mean nothing, that are stated twice, or that no check constraint can hold. Those of a trait are looked at where an entity has it. */
final class RowRuleRules {
    private RowRuleRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (Entity entity : checked.design().entities()) {
            if (!entity.rules().isEmpty() || !entity.traits().isEmpty()) {
                ofEntity(checked, entity, found);
            }
        }
        for (AttributeGroup group : checked.design().groups()) {
            repeated(group.name(), group.rules(), without(group), found);
            if (group.is(AttributeGroup.Kind.VALUE)) {
                group.rules()
                        .forEach(r -> sound(
                                group.name(),
                                r,
                                c -> Formula.condition(checked.design(), group, c),
                                change -> without(group).with(change.apply(group.rules())),
                                found));
            }
        }
    }

    private static void ofEntity(Checked checked, Entity entity, Consumer<Finding> found) {
        repeated(
                entity.name(),
                entity.rules(),
                rules -> EntityEdits.change(entity.name(), e -> e.withRules(rules)),
                found);
        for (RowRule rule : checked.whole(entity).rules()) {
            sound(
                    entity.name(),
                    rule,
                    c -> Formula.condition(checked.design(), entity.name(), c),
                    change -> changed(checked, entity, rule, change),
                    found);
        }
    }

    /** Reports rules that no check constraint enforces. */
    static void unchecked(Checked checked, Consumer<Finding> found) {
        for (Entity entity : checked.design().entities()) {
            boolean ruled = !entity.outside()
                    && (!entity.rules().isEmpty() || !entity.traits().isEmpty());
            for (RowRule rule : ruled ? checked.whole(entity).rules() : List.<RowRule>of()) {
                Formula formula = Formula.condition(checked.design(), entity.name(), rule.condition());
                if (mistake(rule, formula).isEmpty()) {
                    unchecked(checked, entity, rule, formula).ifPresent(found);
                }
            }
        }
    }

    private static Optional<String> mistake(RowRule rule, Formula formula) {
        if (rule.condition().names().findAny().isEmpty()) {
            return Optional.of("names no attribute");
        }
        return formula.mistakes().stream().findFirst().map(Formula.Mistake::message);
    }

    /**
     * Reports a condition that means nothing.
     *
     * @param read what a condition means where the rule is stated
     * @param edit changes the rules there
     */
    private static void sound(
            String owner,
            RowRule rule,
            Function<Expression, Formula> read,
            Function<UnaryOperator<List<RowRule>>, Edit> edit,
            Consumer<Finding> found) {
        Formula formula = read.apply(rule.condition());
        mistake(rule, formula)
                .ifPresent(what -> found.accept(new Finding(
                        Rule.RULE_CONDITION,
                        subject(owner, rule),
                        "The rule \u201c" + rule.message() + "\u201d of " + owner + " " + what + ".",
                        "It is left out of tables and classes, so that they can be created.",
                        Stream.concat(
                                        respelled(rule, formula, read, edit).stream(),
                                        Stream.of(new Fix("Remove the rule", edit.apply(rules -> minus(rules, rule)))))
                                .toList())));
    }

    private static Optional<Fix> respelled(
            RowRule rule,
            Formula formula,
            Function<Expression, Formula> read,
            Function<UnaryOperator<List<RowRule>>, Edit> edit) {
        return formula.mistakes().stream()
                .flatMap(m -> m.respelling().stream())
                .filter(r -> read.apply(r.in(rule.condition())).isSound())
                .findFirst()
                .map(r -> new Fix("Write " + r.meant(), edit.apply(rules -> replaced(rules, rule, r))));
    }

    private static List<RowRule> replaced(List<RowRule> rules, RowRule rule, Respelling respelling) {
        return rules.stream()
                .map(r -> r.equals(rule) ? r.withCondition(respelling.in(r.condition())) : r)
                .toList();
    }

    private static Optional<Finding> unchecked(Checked checked, Entity entity, RowRule rule, Formula formula) {
        Dialect dialect = checked.dialect();
        RowRules.Holder holder = RowRules.holder(checked.design(), dialect, checked.whole(entity), rule);
        boolean triggered = holder == RowRules.Holder.TRIGGER && GuardTriggers.areIn(dialect);
        boolean apart = OverlapRule.isStatedBy(rule);
        boolean asked = rule.kept() == RuleKept.CLASSES && !apart || rule.kept() == RuleKept.TRIGGERS && triggered;
        if (asked
                || holder == RowRules.Holder.EXCLUSION
                || holder == RowRules.Holder.CHECK
                || holder == RowRules.Holder.KEY) {
            return Optional.empty();
        }
        String sql = triggered ? GuardSql.ofRules(checked, entity.name()) : "";
        return Optional.of(new Finding(
                Rule.RULE_NOT_CHECKED,
                subject(entity.name(), rule),
                "The rule \u201c" + rule.message() + "\u201d of " + entity.name() + " "
                        + (apart ? apartReason(dialect, rule) : reason(dialect, rule, holder, formula)) + ".",
                (apart
                                ? "Nothing checks it: rows can overlap."
                                : "Only the generated classes check it; rows written past them can break it.")
                        + (triggered ? " A trigger refuses them." : ""),
                triggered ? List.of(new Fix("Hold it by triggers", held(checked, entity, rule))) : List.of(),
                sql));
    }

    private static String apartReason(Dialect dialect, RowRule rule) {
        return rule.kept() == RuleKept.CLASSES
                ? "compares rows with one another, which no class does"
                : "compares rows with one another; " + dialect.title() + " has no constraint for "
                        + (dialect.excludesOverlaps() ? "such types or tables" : "that");
    }

    private static String reason(Dialect dialect, RowRule rule, RowRules.Holder holder, Formula formula) {
        if (rule.kept() == RuleKept.TRIGGERS) {
            return GuardTriggers.areIn(dialect)
                    ? "is to be held by triggers, and reads what no trigger follows: rows of a list, or the tables of kinds"
                    : "is to be held by triggers, and none are written for " + dialect.title();
        }
        if (formula.readsClock()) {
            return "reads the clock; no check constraint does that, as a row that fulfils it today may not tomorrow";
        }
        boolean local = formula.isLocal();
        return "reads "
                + (holder == RowRules.Holder.TRIGGER && local
                        ? "a reference that a delete sets to null; " + dialect.title()
                                + " allows no check constraint on it"
                        : outsideRow(dialect, local));
    }

    /** @param local whether it reads its entity's own attributes and references alone */
    private static String outsideRow(Dialect dialect, boolean local) {
        return local && !dialect.counters().computedFrom()
                ? "an auto-increment column or another table; " + dialect.title() + " has no check constraint for that"
                : "data outside its row; no check constraint can do that";
    }

    /** The rule held by triggers, where it is stated. */
    private static Edit held(Checked checked, Entity entity, RowRule rule) {
        return changed(checked, entity, rule, rules -> rules.stream()
                .map(r -> r.equals(rule) ? r.withKept(RuleKept.TRIGGERS) : r)
                .toList());
    }

    /** Reports each rule whose message an earlier one has. */
    private static void repeated(String owner, List<RowRule> rules, RulesEdit edit, Consumer<Finding> found) {
        Set<String> messages = new HashSet<>();
        for (int i = 0; i < rules.size(); i++) {
            RowRule rule = rules.get(i);
            if (!messages.add(rule.message())) {
                found.accept(new Finding(
                        Rule.RULE_STATED_TWICE,
                        subject(owner, rule),
                        "Two rules of " + owner + " say \u201c" + rule.message() + "\u201d.",
                        "The error message does not tell which of them a row breaks.",
                        List.of(new Fix("Make them one rule", edit.with(joined(rules, i))))));
            }
        }
    }

    /** A rule taken into the first that says the same. */
    private static List<RowRule> joined(List<RowRule> rules, int index) {
        RowRule second = rules.get(index);
        List<RowRule> left = new ArrayList<>(rules);
        left.remove(index);
        left.replaceAll(first -> first.message().equals(second.message()) ? joined(first, second) : first);
        return left;
    }

    /** Both as one, under the name that either has in the database. */
    private static RowRule joined(RowRule first, RowRule second) {
        RowRule named = first.constraint().isEmpty() ? first.withConstraint(second.constraint()) : first;
        return first.condition().equals(second.condition())
                ? named
                : named.withCondition(Expression.Call.of("and", first.condition(), second.condition()));
    }

    /** Gives the rules of something. */
    private interface RulesEdit {
        Edit with(List<RowRule> rules);
    }

    private static RulesEdit without(AttributeGroup group) {
        return rules -> GroupEdits.change(group.name(), g -> g.is(group.kind()) ? g.withRules(rules) : g);
    }

    /** Changes the rules where one is stated: in the entity or in one of its traits. */
    private static Edit changed(Checked checked, Entity entity, RowRule rule, UnaryOperator<List<RowRule>> change) {
        if (entity.rules().contains(rule)) {
            return EntityEdits.change(entity.name(), e -> e.withRules(change.apply(e.rules())));
        }
        return entity.traits().stream()
                .flatMap(t -> checked.design().trait(t).stream())
                .filter(t -> t.rules().contains(rule))
                .findFirst()
                .map(t -> without(t).with(change.apply(t.rules())))
                .orElse(Edit.NOTHING);
    }

    private static List<RowRule> minus(List<RowRule> rules, RowRule rule) {
        return rules.stream().filter(r -> !r.equals(rule)).toList();
    }

    private static Subject subject(String owner, RowRule rule) {
        return new Subject(owner, "", Optional.empty(), "rule \"" + rule.message() + "\"");
    }
}
