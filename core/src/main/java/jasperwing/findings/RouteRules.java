package jasperwing.findings;

import jasperwing.derive.RowRules;
import jasperwing.formula.RouteAgreement;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression;
import jasperwing.model.Expression.Name;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.naming.Articles;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Two routes from one entity to the same ancestor, which may lead to different rows of it. */
final class RouteRules {
    /** Longer routes are not thought of as saying the same. */
    static final int LONGEST = 3;

    private final Checked checked;
    private final Consumer<Finding> found;

    private RouteRules(Checked checked, Consumer<Finding> found) {
        this.checked = checked;
        this.found = found;
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (checked.heldBy(entity).size() > 1) {
            new RouteRules(checked, found).from(entity);
        }
    }

    /** The entities from which one of some can be reached. */
    static Set<String> near(Checked checked, Set<String> some) {
        Set<String> near = new HashSet<>(some);
        Set<String> last = some;
        for (int i = 0; i < LONGEST; i++) {
            Set<String> next = new HashSet<>();
            for (String entity : last) {
                for (Role role : Roles.pointingTo(checked.design(), entity)) {
                    if (near.add(role.holder())) {
                        next.add(role.holder());
                    }
                }
            }
            last = next;
        }
        return near;
    }

    /** Whether what was found of an entity that is as it was holds: whether nothing it can lead to has changed. */
    static boolean stands(Checked checked, OtherChanges others, Entity entity, List<Finding> found) {
        return !others.near().contains(entity.name());
    }

    /**
     * A route on its way.
     *
     * @param first its first reference
     * @param last its last reference
     * @param before the route to what holds that; null for a route of one reference
     * @param earlier the route to the same entity that was found before; null for the first one
     */
    private record Way(Role first, Role last, Way before, int length, Way earlier) {
        List<Role> route() {
            LinkedList<Role> route = new LinkedList<>();
            for (Way at = this; at != null; at = at.before) {
                route.addFirst(at.last);
            }
            return List.copyOf(route);
        }

        /** What is at its end is called: by the role that leads there, or that leads to what is one and the same thing. */
        String name() {
            Way at = this;
            while (at.last.unique() && at.before != null) {
                at = at.before;
            }
            return at.last.name();
        }

        /** It and those found before, the first one first. */
        List<Way> all() {
            LinkedList<Way> all = new LinkedList<>();
            for (Way at = this; at != null; at = at.earlier) {
                all.addFirst(at);
            }
            return List.copyOf(all);
        }
    }

    /** For each ancestor the shortest route by each reference the entity holds. */
    private void from(Entity entity) {
        Map<String, Way> ways = new LinkedHashMap<>();
        for (Role first : checked.heldBy(entity.name())) {
            if (isFollowed(first)) {
                follow(entity.name(), first, null, first, ways);
            }
        }
        ways.forEach((ancestor, last) -> {
            if (last.earlier() != null) {
                compare(entity, ancestor, last.all());
            }
        });
    }

    /** A one-of may lead elsewhere, and a link is there to lead to two things. */
    private static boolean isFollowed(Role role) {
        return role.relationship() instanceof BinaryRelationship binary
                && binary.via().isEmpty()
                && !binary.isSelf();
    }

    /** Goes on by a reference to where the way's first one has not led yet. */
    private void follow(String start, Role first, Way before, Role next, Map<String, Way> ways) {
        String at = next.target();
        Way earlier = ways.get(at);
        if (at.equals(start) || earlier != null && earlier.first() == first) {
            return;
        }
        Way way = new Way(first, next, before, before == null ? 1 : before.length() + 1, earlier);
        ways.put(at, way);
        if (way.length() < LONGEST) {
            for (Role further : checked.heldBy(at)) {
                if (isFollowed(further)) {
                    follow(start, first, way, further, ways);
                }
            }
        }
    }

    /** The first two routes that end by what sounds the same and have nothing else in common. */
    private void compare(Entity entity, String ancestor, List<Way> ways) {
        for (int i = 0; i < ways.size(); i++) {
            for (int j = i + 1; j < ways.size(); j++) {
                List<Role> one = ways.get(i).route();
                List<Role> other = ways.get(j).route();
                if (disagree(ways.get(i), ways.get(j)) && !isStated(checked.whole(entity), one, other)) {
                    boolean swap = one.size() > other.size();
                    found.accept(disagree(entity.name(), ancestor, swap ? other : one, swap ? one : other));
                    return;
                }
            }
        }
    }

    private static boolean disagree(Way one, Way other) {
        return one.length() + other.length() > 2
                && one.name().equals(other.name())
                && !areDifferentActions(one.last(), other.last())
                && areApart(one.route(), other.route());
    }

    /** Whether the verbs of two references name different actions: who teaches a course need not lead its class. */
    private static boolean areDifferentActions(Role one, Role other) {
        String first = action(one);
        String second = action(other);
        return !first.isEmpty() && !second.isEmpty() && !first.equals(second);
    }

    /** The action that the verb of a reference names, such as {@code be taught by}; empty for verbs such as {@code belong to}. */
    private static String action(Role role) {
        String verb = role.relationship()
                .match(binary -> binary.holding().map(Reading::verb).orElse(""), oneOf -> oneOf.forward()
                        .verb());
        return verb.startsWith("be ") && verb.endsWith(" by") ? verb : "";
    }

    /** Whether they meet at the end only. */
    private static boolean areApart(List<Role> one, List<Role> other) {
        Set<String> between =
                one.subList(0, one.size() - 1).stream().map(Role::target).collect(Collectors.toSet());
        return other.subList(0, other.size() - 1).stream().map(Role::target).noneMatch(between::contains);
    }

    private Finding disagree(String entity, String ancestor, List<Role> shorter, List<Role> longer) {
        List<Fix> fixes = new ArrayList<>();
        RowRule rule = RouteAgreement.rule(name(longer), name(shorter));
        RowRules.Holder holder = holder(checked, entity, rule, Edit.NOTHING);
        if (holder == RowRules.Holder.KEY || holder == RowRules.Holder.CHECK) {
            fixes.add(new Fix(
                    "Hold them together by a " + (holder == RowRules.Holder.KEY ? "foreign key" : "check constraint"),
                    EntityEdits.addRules(entity, List.of(rule))));
        }
        if (holder != RowRules.Holder.CLASSES) {
            fixes.add(new Fix(
                    "Hold them together by triggers",
                    EntityEdits.addRules(entity, List.of(rule.withKept(RuleKept.TRIGGERS)))));
        }
        if (shorter.size() == 1 && !shorter.get(0).unique() && longer.stream().allMatch(Role::must)) {
            Relationship direct = shorter.get(0).relationship();
            if (direct.notes().doc().isBlank() && direct.notes().label().isBlank()) {
                fixes.add(new Fix("Go by " + path(longer) + " instead", RelationshipEdits.remove(direct)));
            }
        }
        return new Finding(
                Rule.ROUTES_DISAGREE,
                Subject.of(shorter.get(0).relationship(), shorter.get(0).name()),
                Words.capitalised(Articles.with(entity)) + " leads to " + Articles.with(ancestor) + " by "
                        + path(shorter) + " and by " + path(longer) + ", and they need not be the same one.",
                "Where they must agree nothing holds them together; where they may differ, accept this warning and say why.",
                fixes);
    }

    /** What holds rows to a rule in the design with an edit. */
    static RowRules.Holder holder(Checked checked, String entity, RowRule rule, Edit edit) {
        Design stated = edit.then(EntityEdits.addRules(entity, List.of(rule)))
                .on(checked.design())
                .whole();
        return stated.entity(entity)
                .map(e -> RowRules.holder(stated, checked.dialect(), e, rule))
                .orElse(RowRules.Holder.CLASSES);
    }

    /** Whether a rule of the entity says that two routes lead to the same row. */
    private static boolean isStated(Entity entity, List<Role> one, List<Role> other) {
        Set<Expression> routes = Set.of(name(one), name(other));
        return entity.rules().stream().anyMatch(r -> states(r.condition(), routes));
    }

    private static boolean states(Expression condition, Set<Expression> routes) {
        if (!(condition instanceof Expression.Call call)) {
            return false;
        }
        return call.function().equals("is") && Set.copyOf(call.arguments()).equals(routes)
                || call.function().equals("and") && call.arguments().stream().anyMatch(a -> states(a, routes));
    }

    private static Name name(List<Role> route) {
        return new Name(route.stream().map(Role::name).toList());
    }

    private static String path(List<Role> route) {
        return route.stream().map(Role::name).collect(Collectors.joining("."));
    }
}
