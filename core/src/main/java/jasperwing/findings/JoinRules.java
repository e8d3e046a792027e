package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.naming.Articles;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Relationships of many with many, and those that say more than a database can hold. */
final class JoinRules {
    private JoinRules() {}

    /** Those whose sentences begin with an entity, each held against those of the entity that stand before it. */
    static void said(Checked checked, Entity entity, Consumer<Finding> found) {
        List<BinaryRelationship> before = new ArrayList<>();
        for (Relationship relationship : checked.relationshipsOf(entity)) {
            boolean said = relationship.from().equals(entity.name());
            if (said) {
                atLeastOne(relationship, found);
            }
            if (relationship instanceof BinaryRelationship tie) {
                if (said) {
                    again(tie, before, found);
                    alone(tie, found);
                }
                before.add(tie);
            }
        }
    }

    private static void again(BinaryRelationship tie, List<BinaryRelationship> before, Consumer<Finding> found) {
        for (BinaryRelationship other : before) {
            if (saysTheSame(tie, other)) {
                found.accept(twice(tie));
                return;
            }
        }
        for (BinaryRelationship other : before) {
            if (joinsTheSame(tie, other)) {
                found.accept(twoJoins(tie, other));
                return;
            }
        }
    }

    private static boolean saysTheSame(BinaryRelationship tie, BinaryRelationship other) {
        return tie.from().equals(other.from())
                && tie.to().equals(other.to())
                && tie.via().equals(other.via())
                && tie.shape() == other.shape()
                && verbs(tie).equals(verbs(other))
                && !areToldApart(tie, other);
    }

    /** Whether each was given a role of its own: as the first and the second of a pair, or as buyer and seller. */
    private static boolean areToldApart(BinaryRelationship tie, BinaryRelationship other) {
        return isOtherRole(tie.forward().role(), other.forward().role())
                || isOtherRole(
                        tie.back().map(Reading::role).orElse(""),
                        other.back().map(Reading::role).orElse(""));
    }

    private static boolean isOtherRole(String one, String other) {
        return !one.isEmpty() && !other.isEmpty() && !one.equals(other);
    }

    private static boolean joinsTheSame(BinaryRelationship tie, BinaryRelationship other) {
        return tie.shape() == BinaryRelationship.Shape.MANY_TO_MANY
                && other.shape() == BinaryRelationship.Shape.MANY_TO_MANY
                && !tie.isSelf()
                && (tie.from().equals(other.from()) && tie.to().equals(other.to())
                        || tie.from().equals(other.to()) && tie.to().equals(other.from()));
    }

    private static List<String> verbs(BinaryRelationship tie) {
        return List.of(tie.forward().verb(), tie.back().map(Reading::verb).orElse(""));
    }

    private static void alone(BinaryRelationship tie, Consumer<Finding> found) {
        boolean both = tie.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                && tie.forward().must()
                && tie.back().map(Reading::must).orElse(false);
        if (both) {
            found.accept(requiredBothSides(tie));
        }
        if (tie.isSelf()
                && tie.shape() == BinaryRelationship.Shape.MANY_TO_MANY
                && Roles.linkFrom(tie).equals(Roles.linkTo(tie))) {
            found.accept(alike(tie));
        }
    }

    /** One that has something of its own to say is not taken away. */
    private static Finding twice(BinaryRelationship tie) {
        boolean bare = tie.notes().doc().isBlank()
                && tie.notes().label().isBlank()
                && tie.deletes().isEmpty()
                && tie.forward().sorting().isEmpty()
                && tie.back().flatMap(Reading::sorting).isEmpty()
                && !tie.checkedAtEnd();
        return new Finding(
                Rule.RELATIONSHIP_TWICE,
                Subject.of(tie, Roles.forward(tie)),
                "That " + tie.from() + " and " + tie.to() + " are related this way is said twice.",
                "Both get foreign keys, and nothing keeps the two in agreement.",
                bare ? List.of(new Fix("Remove the second one", RelationshipEdits.remove(tie))) : List.of());
    }

    private static Finding twoJoins(BinaryRelationship tie, BinaryRelationship other) {
        return new Finding(
                Rule.TWO_JOINS,
                Subject.of(tie, Roles.forward(tie)),
                tie.from() + " and " + tie.to() + " are joined by two tables, as " + Roles.forward(other) + " and as "
                        + Roles.forward(tie) + ".",
                "A pair can stand in one and be missed in the other; a link that tells how they are tied may be meant.",
                List.of());
    }

    private static Finding requiredBothSides(BinaryRelationship tie) {
        String other = tie.parent();
        return new Finding(
                Rule.REQUIRED_BOTH_SIDES,
                Subject.of(tie, Roles.forward(tie)),
                "Every " + tie.holder() + " must have one " + other + ", and every " + other + " one " + tie.holder()
                        + ".",
                "The key stands on one side: the database will not notice " + Articles.with(other) + " without its "
                        + tie.holder() + ".",
                List.of(new Fix(
                        "Let " + other + " be without one",
                        RelationshipEdits.replace(tie, tie.withBack(tie.back().map(b -> b.withMust(false)))))));
    }

    private static Finding alike(BinaryRelationship tie) {
        String name = "other" + Words.pascal(Plurals.plural(tie.from()));
        return new Finding(
                Rule.SELF_JOIN_ALIKE,
                Subject.of(tie, Roles.forward(tie)),
                "Both ends of the many-to-many of " + tie.from() + " with itself are called " + Roles.linkFrom(tie)
                        + ".",
                "The join table would tell its two columns apart by a number.",
                List.of(new Fix(
                        "Call the far end " + name,
                        RelationshipEdits.replace(
                                tie, tie.withForward(tie.forward().withRole(name))))));
    }

    /** That there is at least one of many is held by no foreign key. */
    private static void atLeastOne(Relationship relationship, Consumer<Finding> found) {
        Reading forward = relationship.forward();
        if (forward.must() && forward.many()) {
            found.accept(atLeastOne(
                    relationship,
                    relationship.from(),
                    relationship.targets().get(0),
                    relationship.withForward(forward.withMust(false))));
        }
        relationship
                .back()
                .filter(b -> b.must() && b.many())
                .ifPresent(b -> found.accept(atLeastOne(
                        relationship,
                        relationship.targets().get(0),
                        relationship.from(),
                        relationship.withBack(Optional.of(b.withMust(false))))));
    }

    private static Finding atLeastOne(Relationship relationship, String one, String many, Relationship loose) {
        return new Finding(
                Rule.AT_LEAST_ONE,
                Subject.of(relationship, ""),
                "Every " + one + " must have at least one " + many + ".",
                "No database holds that: " + Articles.with(one) + " is stored before the first " + many
                        + ", and keeps when the last goes.",
                List.of(new Fix("Make it optional", RelationshipEdits.replace(relationship, loose))));
    }

    /** Entities that are nothing but the pairs of two others. */
    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Design design = checked.design();
        boolean more = !entity.traits().isEmpty() || !entity.kinship().of().isEmpty();
        if (entity.outside() || more || !isOnlyKeyed(entity)) {
            return;
        }
        List<Role> held = checked.heldBy(entity.name());
        boolean pointedTo = design.relationshipsOf(entity.name()).size() != (design.isLink(entity.name()) ? 1 : 2)
                || held.stream().anyMatch(r -> r.target().equals(entity.name()))
                || design.entities().stream()
                                .filter(e -> e.name().equals(entity.name()))
                                .count()
                        > 1;
        if (held.size() != 2 || pointedTo || !held.stream().allMatch(JoinRules::isPlain)) {
            return;
        }
        if (design.isLink(entity.name())) {
            held.get(0).relationship().visit(tie -> found.accept(bareLink(entity, tie)), oneOf -> {});
        } else if (!held.get(0).relationship().equals(held.get(1).relationship())) {
            found.accept(onlyJoin(entity, held.get(0), held.get(1)));
        }
    }

    /** Whether it has no attributes but a number or identifier for a key. */
    private static boolean isOnlyKeyed(Entity entity) {
        return entity.uniques().stream().allMatch(u -> u.names().size() == 2)
                && entity.attributes().stream().allMatch(a -> entity.isKey(a) && isDrawn(a))
                && entity.key().names().size() <= 2;
    }

    private static boolean isDrawn(Attribute attribute) {
        return attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID);
    }

    private static boolean isPlain(Role role) {
        return role.must() && !role.unique() && role.relationship() instanceof BinaryRelationship;
    }

    private static Finding bareLink(Entity entity, BinaryRelationship tie) {
        boolean alike = Stream.of(tie.from(), tie.to()).allMatch(e -> tie.deletes().stream()
                .anyMatch(d -> d.entity().equals(e) && d.rule() == DeleteRule.DELETE_TOO));
        BinaryRelationship plain = tie.withVia("").withDeletes(List.of());
        return new Finding(
                Rule.BARE_LINK,
                Subject.of(entity.name()),
                "The link " + entity.name() + " carries nothing of its own.",
                "It adds a class and keys where a plain many-to-many would do.",
                List.of(new Fix(
                        "Make it a plain many-to-many" + (alike ? "" : ", deleted with either end"),
                        RelationshipEdits.replace(tie, plain).then(EntityEdits.remove(entity.name())))));
    }

    private static Finding onlyJoin(Entity entity, Role one, Role other) {
        BinaryRelationship tie = new BinaryRelationship(
                one.target(),
                other.target(),
                "",
                new Reading(false, "have", true, ""),
                Optional.of(new Reading(false, "have", true, "")),
                List.of(),
                Notes.NONE);
        Edit plain = RelationshipEdits.remove(one.relationship())
                .then(RelationshipEdits.remove(other.relationship()))
                .then(EntityEdits.remove(entity.name()))
                .then(RelationshipEdits.add(tie));
        Set<String> pair = Set.copyOf(List.of(one.name(), other.name()));
        boolean unique =
                entity.uniques().stream().anyMatch(u -> Set.copyOf(u.names()).equals(pair))
                        || Set.copyOf(entity.key().names()).equals(pair);
        return new Finding(
                Rule.ONLY_A_JOIN,
                Subject.of(entity.name()),
                entity.name() + " is nothing but the pairs of " + one.target() + " and " + other.target() + ".",
                unique
                        ? "A many-to-many needs no class of its own."
                        : "It costs a class, and the same pair can be stored twice; a many-to-many stores it once.",
                unique ? List.of(new Fix("Make it a many-to-many", plain)) : List.of());
    }
}
