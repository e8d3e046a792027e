package jasperwing.findings;

import jasperwing.derive.RowRules;
import jasperwing.formula.RouteAgreement;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression.Name;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.RowRule;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
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
        return apart ? Optional.of(finding(checked, entity, membership, one.get(), other.get())) : Optional.empty();
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

    private static Finding finding(Checked checked, Entity entity, Membership membership, Route one, Route other) {
        Route direct = one.next().isEmpty() ? one : other;
        String link = membership.entity();
        List<Role> instead = Stream.of(one, other)
                .filter(r -> r.next().isEmpty())
                .map(Route::first)
                .toList();
        Optional<Route> farther =
                Stream.of(one, other).filter(r -> r.next().isPresent()).findFirst();
        return new Finding(
                Rule.NO_MEMBERSHIP,
                Subject.of(direct.first().relationship(), direct.first().name()),
                entity.name() + " refers to " + one.words() + " and " + other.words() + ", whether or not there is "
                        + "a row of " + link + " for the two.",
                "Nothing in the database asks for the " + Words.camel(link) + "; a reference to it would.",
                isFree(checked.design(), entity, instead)
                        ? fixes(checked, entity, membership, instead, farther)
                        : List.of());
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
        entity.rules().stream().flatMap(r -> r.condition().names()).forEach(n -> named.addAll(n.path()));
        return roles.stream().map(Role::name).noneMatch(named::contains);
    }

    /**
     * A reference to the membership instead; where a pair is reached by a farther route, that must agree with it. No key holds that where the membership has
     * a key of its own, unless the row refers to what both routes lead to.
     */
    private static List<Fix> fixes(
            Checked checked, Entity entity, Membership membership, List<Role> instead, Optional<Route> farther) {
        String link = membership.entity();
        String title = "Refer to " + link + " instead of "
                + String.join(" and ", instead.stream().map(Role::name).toList());
        BinaryRelationship added = held(link, entity.name());
        Edit edit = RelationshipEdits.add(added);
        for (Role role : instead) {
            edit = edit.then(RelationshipEdits.remove(role.relationship()));
        }
        if (farther.isEmpty()) {
            return List.of(new Fix(title, edit));
        }
        Role its = membership.one().target().equals(farther.get().target()) ? membership.one() : membership.other();
        Name ofMembership = Name.of(Roles.holding(added), its.name());
        Name ofOther = Name.of(
                farther.get().first().name(), farther.get().next().orElseThrow().name());
        RowRule same = RouteAgreement.rule(ofMembership, ofOther);
        Edit stated = edit.then(EntityEdits.addRules(entity.name(), List.of(same)));
        List<Fix> fixes = new ArrayList<>(List.of(new Fix(title, stated)));
        if (RouteRules.holder(checked, entity.name(), same, edit) != RowRules.Holder.KEY) {
            BinaryRelationship direct = held(its.target(), entity.name());
            Name third = Name.of(Roles.holding(direct));
            List<RowRule> both = List.of(RouteAgreement.rule(ofMembership, third), RouteAgreement.rule(ofOther, third));
            fixes.add(
                    0,
                    new Fix(
                            title + ", and to " + its.target(),
                            edit.then(RelationshipEdits.add(direct)).then(EntityEdits.addRules(entity.name(), both))));
        }
        return fixes;
    }

    private static BinaryRelationship held(String one, String holder) {
        return new BinaryRelationship(
                one,
                holder,
                "",
                new Reading(false, "have", true, ""),
                Optional.of(new Reading(true, "belong to", false, "")),
                List.of(),
                Notes.NONE);
    }
}
