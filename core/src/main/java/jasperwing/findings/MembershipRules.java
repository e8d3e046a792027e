package jasperwing.findings;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Role;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Rows for a pair that only a member should have: an exam entry of a student and a course the student may not be enrolled in. */
final class MembershipRules {
    /** Last words of names of links that say who belongs to what. */
    private static final Set<String> MEMBERSHIPS = Set.of(
            "enrolment",
            "enrollment",
            "membership",
            "registration",
            "subscription",
            "admission",
            "participation",
            "qualification",
            "certification",
            "licence",
            "license",
            "engagement",
            "employment");

    /**
     * Who belongs to what.
     *
     * @param entity has one row for each pair
     */
    private record Membership(String entity, Role one, Role other) {}

    /** A reference from a row, or by one more to what it leads to. */
    private record Route(Role first, Optional<Role> next) {
        String target() {
            return next.orElse(first).target();
        }

        String words() {
            return first.name() + next.map(n -> "'s " + n.name()).orElse("");
        }
    }

    private MembershipRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Map<Set<String>, Membership> memberships = memberships(checked);
        if (memberships.isEmpty()) {
            return;
        }
        for (Entity entity : checked.design().entities()) {
            List<Role> held = references(checked, entity);
            boolean refers = held.stream().anyMatch(r -> memberships.values().stream()
                    .anyMatch(m -> m.entity().equals(r.target())));
            if (!refers && !checked.design().isLink(entity.name())) {
                memberships.values().stream()
                        .filter(m -> !m.entity().equals(entity.name()))
                        .flatMap(m -> finding(checked, entity, held, m).stream())
                        .findFirst()
                        .ifPresent(found);
            }
        }
    }

    private static Map<Set<String>, Membership> memberships(Checked checked) {
        Map<Set<String>, Membership> memberships = new LinkedHashMap<>();
        for (Entity entity : checked.design().entities()) {
            if (isMembership(entity.name())) {
                List<Role> held = references(checked, entity);
                if (held.size() == 2 && isPair(checked, entity, held)) {
                    memberships.putIfAbsent(
                            Set.copyOf(List.of(held.get(0).target(), held.get(1).target())),
                            new Membership(entity.name(), held.get(0), held.get(1)));
                }
            }
        }
        memberships.keySet().removeIf(pair -> pair.size() < 2);
        return memberships;
    }

    private static boolean isMembership(String name) {
        String low = name.toLowerCase(Locale.ROOT);
        for (String membership : MEMBERSHIPS) {
            if (low.endsWith(membership)) {
                List<String> words = Words.split(name);
                return MEMBERSHIPS.contains(words.get(words.size() - 1));
            }
        }
        return false;
    }

    private static List<Role> references(Checked checked, Entity entity) {
        return checked.heldBy(entity).stream()
                .filter(r -> r.must() && r.targets().size() == 1 && !r.target().equals(entity.name()))
                .toList();
    }

    private static boolean isPair(Checked checked, Entity entity, List<Role> held) {
        Set<String> pair = Set.copyOf(held.stream().map(Role::name).toList());
        return checked.design().isLink(entity.name())
                || Stream.concat(Stream.of(entity.key()), entity.uniques().stream())
                        .map(Members::names)
                        .anyMatch(n -> Set.copyOf(n).equals(pair));
    }

    private static Optional<Finding> finding(Checked checked, Entity entity, List<Role> held, Membership membership) {
        Optional<Route> one = route(checked, held, membership.one().target());
        Optional<Route> other = route(checked, held, membership.other().target());
        boolean apart = one.isPresent()
                && other.isPresent()
                && !one.get().first().equals(other.get().first())
                && (one.get().next().isEmpty() || other.get().next().isEmpty());
        return apart
                ? Optional.of(finding(checked.design(), entity, membership, one.get(), other.get()))
                : Optional.empty();
    }

    private static Optional<Route> route(Checked checked, List<Role> held, String target) {
        Stream<Route> direct = held.stream().map(r -> new Route(r, Optional.empty()));
        Stream<Route> further = held.stream().flatMap(r -> checked.design().entity(r.target()).stream()
                .flatMap(e -> references(checked, e).stream())
                .map(n -> new Route(r, Optional.of(n))));
        return Stream.concat(direct, further)
                .filter(r -> r.target().equals(target))
                .findFirst();
    }

    private static Finding finding(Design design, Entity entity, Membership membership, Route one, Route other) {
        Route direct = one.next().isEmpty() ? one : other;
        String link = membership.entity();
        List<Role> instead = Stream.of(one, other)
                .filter(r -> r.next().isEmpty())
                .map(Route::first)
                .toList();
        return new Finding(
                Rule.NO_MEMBERSHIP,
                Subject.of(direct.first().relationship(), direct.first().name()),
                entity.name() + " refers to " + one.words() + " and " + other.words() + ", whether or not there is "
                        + "a row of " + link + " for the two.",
                "Nothing in the database asks for the " + Words.camel(link) + "; a reference to it would.",
                isFree(design, entity, instead) ? List.of(fix(entity, link, instead)) : List.of());
    }

    /** Whether nothing of the entity names the references that go. */
    private static boolean isFree(Design design, Entity entity, List<Role> roles) {
        List<String> named = new ArrayList<>(entity.key().names());
        entity.uniques().forEach(u -> named.addAll(u.names()));
        entity.indexes().stream().map(Indexing::named).forEach(named::addAll);
        named.addAll(entity.shown().names());
        design.entities().stream()
                .flatMap(e -> e.attributes().stream())
                .flatMap(a -> a.formula().stream())
                .flatMap(f -> f.names())
                .forEach(n -> named.addAll(n.path()));
        return roles.stream().map(Role::name).noneMatch(named::contains);
    }

    private static Fix fix(Entity entity, String link, List<Role> instead) {
        BinaryRelationship binary = new BinaryRelationship(
                link,
                entity.name(),
                "",
                new Reading(false, "have", true, ""),
                Optional.of(new Reading(true, "belong to", false, "")),
                List.of(),
                Notes.NONE);
        Edit edit = RelationshipEdits.add(binary);
        for (Role role : instead) {
            edit = edit.then(RelationshipEdits.remove(role.relationship()));
        }
        String names = String.join(" and ", instead.stream().map(Role::name).toList());
        return new Fix("Refer to " + link + " instead of " + names, edit);
    }
}
