package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The rules that every row of an entity fulfils, whether they are its own or those of the values in it, and which of them a check constraint can
 * hold.
 */
public final class RowRules {
    /** What holds rows to a rule. */
    public enum Holder {
        /** A check constraint, and the classes. */
        CHECK,
        /** A constraint that keeps rows apart, and nothing else. */
        EXCLUSION,
        /** A foreign key that holds two routes together, and the classes. */
        KEY,
        /**
         * The classes, and a trigger where one is made: the design wants that, or no constraint can do it. The database takes no check on a column that
         * deleting another row empties, and none that reads another row.
         */
        TRIGGER,
        /** The classes: what the rule looks at does not lie in the row, or is counted up by a database that does not check that. */
        CLASSES
    }

    /**
     * A rule with its names as seen from a row.
     *
     * @param path the attributes that lead to the value that states it; empty for one of the row itself
     */
    record SeenRule(List<String> path, RowRule rule) {
        /** What it is about, for the name of a constraint. */
        List<String> about() {
            return concat(path, List.of(rule.message()));
        }
    }

    private RowRules() {}

    /**
     * Whether a database without partial indexes cannot hold that rows with the condition are unique, since it computes nothing from a column that
     * deleting another row empties.
     */
    public static boolean isUncheckedAmong(Design design, Dialect dialect, String entity, Expression condition) {
        return !dialect.indexesSomeRows()
                && !RowFormulas.canBeColumn(dialect, Formula.condition(design, entity, condition));
    }

    /**
     * What holds rows of an entity to a rule whose condition is sound.
     *
     * @param design with the members of traits in the entities that have them
     * @param entity as it is in the design
     */
    public static Holder holder(Design design, Dialect dialect, Entity entity, RowRule rule) {
        Formula formula = Formula.condition(design, entity.name(), rule.condition());
        if (rule.kept() == RuleKept.CLASSES) {
            return Holder.CLASSES;
        }
        if (OverlapRule.isStatedBy(rule)) {
            return ApartRows.of(design, entity.name(), rule)
                    .map(a -> ApartRows.isConstraint(design, dialect, rule, a) ? Holder.EXCLUSION : Holder.TRIGGER)
                    .orElse(Holder.CLASSES);
        }
        if (AgreedRoutes.of(design, entity).containsKey(rule)) {
            return Holder.KEY;
        }
        boolean row =
                rule.kept() == RuleKept.CONSTRAINT && RowFormulas.isOfRow(design, dialect, entity.name(), formula);
        if (row && RowFormulas.canBeColumn(dialect, formula)) {
            return Holder.CHECK;
        }
        return row || RuleTriggers.canHold(design, entity.name(), formula) ? Holder.TRIGGER : Holder.CLASSES;
    }

    /**
     * Its own and those of its traits, then those of its values, with names as seen from the row. Rules of lists of values are those of other tables.
     *
     * @param entity with the rules of its traits
     */
    static List<SeenRule> of(Design design, Entity entity) {
        List<SeenRule> all = new ArrayList<>();
        entity.rules().forEach(r -> all.add(new SeenRule(List.of(), r)));
        for (Attribute attribute : entity.attributes()) {
            if (!attribute.list()) {
                all.addAll(ofValues(design, attribute));
            }
        }
        return all;
    }

    /** Those of the elements of a list of values, with names as seen from an element. */
    static List<SeenRule> ofElements(Design design, Attribute list) {
        List<SeenRule> all = new ArrayList<>();
        ValueColumns.value(design, list.type()).ifPresent(v -> {
            v.rules().forEach(r -> all.add(new SeenRule(List.of(), r)));
            v.attributes().forEach(a -> all.addAll(ofValues(design, a)));
        });
        return all;
    }

    private static List<SeenRule> ofValues(Design design, Attribute attribute) {
        List<SeenRule> found = new ArrayList<>();
        if (!ValueColumns.of(design, attribute).isEmpty()) {
            gather(design, attribute, List.of(attribute.name()), attribute.optional(), found);
        }
        return found;
    }

    private static void gather(
            Design design, Attribute attribute, List<String> path, boolean optional, List<SeenRule> found) {
        Optional<AttributeGroup> value = ValueColumns.value(design, attribute.type());
        if (value.isEmpty()) {
            return;
        }
        UnaryOperator<Expression.Name> within = n -> new Expression.Name(concat(path, n.path()));
        for (RowRule rule : value.get().rules()) {
            RowRule seen = rule.withNames(within);
            found.add(new SeenRule(path, optional ? unlessMissing(design, attribute, path, seen) : seen));
        }
        for (Attribute part : value.get().attributes()) {
            if (!part.list() && !part.isComputed()) {
                gather(design, part, concat(path, List.of(part.name())), optional || part.optional(), found);
            }
        }
    }

    /** A value that is not there breaks no rule. */
    private static RowRule unlessMissing(Design design, Attribute attribute, List<String> path, RowRule rule) {
        List<String> above = path.subList(0, path.size() - 1);
        return rule.unlessAllNull(ValueColumns.of(design, attribute).stream()
                .map(l -> new Expression.Name(concat(above, l.names())))
                .toList());
    }

    private static List<String> concat(List<String> start, List<String> end) {
        List<String> all = new ArrayList<>(start);
        all.addAll(end);
        return all;
    }
}
