package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Entity;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
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
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
            new RouteRules(checked, found).from(entity.name());
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
    private void from(String entity) {
        Map<String, Way> ways = new LinkedHashMap<>();
        for (Role first : checked.heldBy(entity)) {
            if (isFollowed(first)) {
                follow(entity, first, null, first, ways);
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
    private void compare(String entity, String ancestor, List<Way> ways) {
        for (int i = 0; i < ways.size(); i++) {
            for (int j = i + 1; j < ways.size(); j++) {
                if (disagree(ways.get(i), ways.get(j))) {
                    List<Role> one = ways.get(i).route();
                    List<Role> other = ways.get(j).route();
                    boolean swap = one.size() > other.size();
                    found.accept(disagree(entity, ancestor, swap ? other : one, swap ? one : other));
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
                fixes,
                together(shorter, longer).orElse(""));
    }

    private static String path(List<Role> route) {
        return route.stream().map(Role::name).collect(Collectors.joining("."));
    }

    /** The key of both columns together that holds a direct reference to what the nearer one of two says. */
    private Optional<String> together(List<Role> shorter, List<Role> longer) {
        Schema schema = checked.schema();
        if (shorter.size() != 1 || longer.size() != 2) {
            return Optional.empty();
        }
        Optional<DerivedTable> own = schema.table(shorter.get(0).holder());
        Optional<DerivedTable> middle = schema.table(longer.get(0).target());
        if (own.isEmpty() || middle.isEmpty()) {
            return Optional.empty();
        }
        List<Reference> direct = own.get().referencesOf(shorter.get(0));
        List<Reference> first = own.get().referencesOf(longer.get(0));
        List<Reference> second = middle.get().referencesOf(longer.get(1));
        boolean whole = direct.size() == 1 && first.size() == 1 && second.size() == 1;
        return whole
                ? Optional.of(together(own.get(), middle.get(), direct.get(0), first.get(0), second.get(0)))
                : Optional.empty();
    }

    private String together(
            DerivedTable own, DerivedTable middle, Reference direct, Reference first, Reference second) {
        List<String> there = concat(first.targetColumns(), second.columns());
        List<String> here = concat(first.columns(), direct.columns());
        if (there.stream().distinct().count() < there.size()) {
            return sameColumns(own, first, direct, second);
        }
        String name = own.name() + "_" + String.join("_", here);
        String unique = "alter table " + quoted(middle.name()) + "\n  add unique (" + names(there) + ");\n";
        return !checked.dialect().altersConstraints()
                ? "create unique index " + quoted("uq_" + name) + " on " + quoted(middle.name()) + " (" + names(there)
                        + ");\n-- and in create table " + quoted(own.name()) + ":\nforeign key (" + names(here)
                        + ")\n  references " + quoted(middle.name()) + " (" + names(there) + ")\n"
                : unique + "alter table " + quoted(own.name()) + "\n  add foreign key (" + names(here)
                        + ")\n  references " + quoted(middle.name()) + " (" + names(there) + ");\n";
    }

    /** Where the key of the nearer one has the columns of the farther one in it, both are in the row already and can be compared. */
    private String sameColumns(DerivedTable own, Reference first, Reference direct, Reference second) {
        String name = "ck_" + own.name() + "_" + String.join("_", direct.columns());
        List<String> equal = new ArrayList<>();
        for (int i = 0; i < direct.columns().size(); i++) {
            int place = first.targetColumns().indexOf(second.columns().get(i));
            if (place < 0) {
                return "";
            }
            equal.add(quoted(direct.columns().get(i)) + " = "
                    + quoted(first.columns().get(place)));
        }
        String check = "constraint " + quoted(name) + " check (" + String.join(" and ", equal) + ")";
        return !checked.dialect().altersConstraints()
                ? "-- in create table " + quoted(own.name()) + ":\n" + check + "\n"
                : "alter table " + quoted(own.name()) + "\n  add " + check + ";\n";
    }

    private static List<String> concat(List<String> one, List<String> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private String names(List<String> columns) {
        return columns.stream().map(this::quoted).collect(Collectors.joining(", "));
    }

    private String quoted(String name) {
        return checked.dialect().quote(name);
    }
}
