package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Expression.Name;
import jasperwing.model.Indexing;
import jasperwing.model.InheritanceTree;
import jasperwing.model.RowRule;
import jasperwing.model.SortKey;
import jasperwing.model.SortingEdits;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Formulas, conditions of indexes, rules and orders name members by where they are; when a member is elsewhere, they follow it. */
public final class FormulaPaths {
    /**
     * What leads to a member, before and after.
     *
     * @param entity whose member the path begins with; its kinds have it as well
     * @param from one name or more
     * @param to one name or more
     */
    public record Moved(String entity, List<String> from, List<String> to) {
        public Moved {
            from = List.copyOf(from);
            to = List.copyOf(to);
        }
    }

    private FormulaPaths() {}

    /**
     * A design whose formulas and orders lead to what they led to before.
     *
     * @param before what the formulas still name
     * @param after the same with the members where they are now
     */
    public static Design followed(Design before, Design after, List<Moved> all) {
        Design sorted = SortingEdits.followed(before, after, (owner, key) -> Optional.of(sorted(owner, key, all)));
        if (sorted.entities().stream().noneMatch(FormulaPaths::hasAny)) {
            return sorted;
        }
        return sorted.withEntities(sorted.entities().stream()
                .map(e -> followed(e, formula -> followed(before, e.name(), formula, all)))
                .toList());
    }

    /** An order is by attributes of one entity alone, which are found where that declares them. */
    private static SortKey sorted(String owner, SortKey key, List<Moved> all) {
        return all.stream()
                .filter(m -> m.entity().equals(owner) && begins(key.path(), m.from()))
                .findFirst()
                .map(m -> key.withPath(replaced(key.path(), 0, m).path()))
                .orElse(key);
    }

    private static boolean hasAny(Entity entity) {
        return !entity.rules().isEmpty()
                || entity.indexes().stream().anyMatch(i -> i.where().isPresent())
                || entity.attributes().stream().anyMatch(Attribute::isComputed);
    }

    private static Entity followed(Entity holder, UnaryOperator<Expression> change) {
        List<Attribute> attributes = holder.attributes().stream()
                .map(a -> a.isComputed() ? computed(a, change) : a)
                .toList();
        List<Indexing> indexes = holder.indexes().stream()
                .map(i -> i.withWhere(i.where().map(change)))
                .toList();
        List<RowRule> rules = holder.rules().stream()
                .map(r -> r.withCondition(change.apply(r.condition())))
                .toList();
        boolean same = attributes.equals(holder.attributes())
                && indexes.equals(holder.indexes())
                && rules.equals(holder.rules());
        return same
                ? holder
                : holder.withAttributes(attributes).withIndexes(indexes).withRules(rules);
    }

    private static Attribute computed(Attribute attribute, UnaryOperator<Expression> change) {
        Expression before = attribute.formula().orElseThrow();
        Expression after = change.apply(before);
        return after.equals(before) ? attribute : attribute.withFormula(Optional.of(after));
    }

    /** A condition on some of many begins at one of these. */
    private static Expression followed(Design design, String start, Expression formula, List<Moved> all) {
        if (formula instanceof Name name) {
            return followed(design, start, name, all);
        }
        if (!(formula instanceof Expression.Call call)) {
            return formula;
        }
        List<Expression> arguments = new ArrayList<>();
        for (Expression each : call.arguments()) {
            String at = call.isCondition() && !arguments.isEmpty()
                    ? led(design, start, call.arguments().get(0))
                    : start;
            arguments.add(followed(design, at, each, all));
        }
        return new Expression.Call(call.function(), arguments);
    }

    /** The entity that the roles of a path lead to. */
    private static String led(Design design, String start, Expression many) {
        RoleWay way = new RoleWay(design, start);
        many.names().findFirst().ifPresent(n -> way.follow(n.path(), true));
        return way.at();
    }

    /** Follows the roles a name goes along as far as the first part that is elsewhere now. */
    private static Name followed(Design design, String start, Name name, List<Moved> all) {
        List<String> path = name.path();
        String at = start;
        for (int i = 0; i < path.size(); i++) {
            String here = at;
            List<String> rest = path.subList(i, path.size());
            Optional<Moved> moved = all.stream()
                    .filter(m -> isOf(design, here, m.entity()) && begins(rest, m.from()))
                    .findFirst();
            if (moved.isPresent()) {
                return replaced(path, i, moved.get());
            }
            String each = path.get(i);
            if (InheritanceTree.attribute(design, at, each).isPresent()) {
                return name;
            }
            Optional<Step> step = Steps.from(design, at).stream()
                    .filter(s -> s.name().equals(each))
                    .findFirst();
            if (step.isEmpty()) {
                return name;
            }
            at = step.get().to();
        }
        return name;
    }

    private static boolean begins(List<String> path, List<String> start) {
        return path.size() >= start.size() && path.subList(0, start.size()).equals(start);
    }

    /** Whether an entity is the other, or a kind of it. */
    private static boolean isOf(Design design, String kind, String entity) {
        return kind.equals(entity)
                || InheritanceTree.ancestors(design, kind).stream()
                        .anyMatch(a -> a.name().equals(entity));
    }

    private static Name replaced(List<String> path, int index, Moved moved) {
        List<String> changed = new ArrayList<>(path.subList(0, index));
        changed.addAll(moved.to());
        changed.addAll(path.subList(index + moved.from().size(), path.size()));
        return new Name(changed);
    }
}
