package jasperwing.findings;

import jasperwing.derive.GuardTriggers;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
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
                atMost(checked, relationship, found);
            }
            if (relationship instanceof BinaryRelationship binary) {
                if (said) {
                    again(binary, before, found);
                    alone(binary, found);
                }
                before.add(binary);
            }
        }
    }

    private static void again(BinaryRelationship binary, List<BinaryRelationship> before, Consumer<Finding> found) {
        for (BinaryRelationship other : before) {
            if (saysTheSame(binary, other)) {
                found.accept(twice(binary));
                return;
            }
        }
        for (BinaryRelationship other : before) {
            if (joinsTheSame(binary, other)) {
                found.accept(twoJoins(binary, other));
                return;
            }
        }
    }

    private static boolean saysTheSame(BinaryRelationship binary, BinaryRelationship other) {
        return binary.from().equals(other.from())
                && binary.to().equals(other.to())
                && binary.via().equals(other.via())
                && binary.shape() == other.shape()
                && verbs(binary).equals(verbs(other))
                && !areToldApart(binary, other);
    }

    /** Whether each was given a role of its own: as the first and the second of a pair, or as buyer and seller. */
    private static boolean areToldApart(BinaryRelationship binary, BinaryRelationship other) {
        return isOtherRole(binary.forward().role(), other.forward().role())
                || isOtherRole(
                        binary.back().map(Reading::role).orElse(""),
                        other.back().map(Reading::role).orElse(""));
    }

    private static boolean isOtherRole(String one, String other) {
        return !one.isEmpty() && !other.isEmpty() && !one.equals(other);
    }

    private static boolean joinsTheSame(BinaryRelationship binary, BinaryRelationship other) {
        return binary.isOfPairsAlone()
                && other.isOfPairsAlone()
                && !binary.isSelf()
                && (binary.from().equals(other.from()) && binary.to().equals(other.to())
                        || binary.from().equals(other.to()) && binary.to().equals(other.from()));
    }

    private static List<String> verbs(BinaryRelationship binary) {
        return List.of(binary.forward().verb(), binary.back().map(Reading::verb).orElse(""));
    }

    private static void alone(BinaryRelationship binary, Consumer<Finding> found) {
        boolean both = binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                && binary.forward().must()
                && binary.back().map(Reading::must).orElse(false);
        if (both) {
            found.accept(requiredBothSides(binary));
        }
        if (binary.isSelf() && binary.isOfPairsAlone() && Roles.linkFrom(binary).equals(Roles.linkTo(binary))) {
            found.accept(alike(binary));
        }
    }

    /** One that has something of its own to say is not taken away. */
    private static Finding twice(BinaryRelationship binary) {
        boolean bare = binary.notes().withComments(Comments.NONE).equals(Notes.NONE)
                && binary.deletes().isEmpty()
                && binary.keyChanges().isEmpty()
                && isBare(binary.forward())
                && binary.back().filter(b -> !isBare(b)).isEmpty()
                && !binary.checkedAtEnd();
        return new Finding(
                Rule.RELATIONSHIP_TWICE,
                Subject.of(binary, Roles.forward(binary)),
                "That " + binary.from() + " and " + binary.to() + " are related this way is said twice.",
                "Both get foreign keys, and nothing keeps the two in agreement.",
                bare ? List.of(new Fix("Remove the second one", RelationshipEdits.remove(binary))) : List.of());
    }

    private static boolean isBare(Reading reading) {
        return reading.sorting().isEmpty() && reading.most() == 0;
    }

    private static Finding twoJoins(BinaryRelationship binary, BinaryRelationship other) {
        return new Finding(
                Rule.TWO_JOINS,
                Subject.of(binary, Roles.forward(binary)),
                binary.from() + " and " + binary.to() + " are joined by two tables, as " + Roles.forward(other)
                        + " and as " + Roles.forward(binary) + ".",
                "A pair can stand in one and be missed in the other; a link that tells how they are tied may be meant.",
                List.of());
    }

    private static Finding requiredBothSides(BinaryRelationship binary) {
        String other = binary.parent();
        return new Finding(
                Rule.REQUIRED_BOTH_SIDES,
                Subject.of(binary, Roles.forward(binary)),
                "Every " + binary.holder() + " must have one " + other + ", and every " + other + " one "
                        + binary.holder() + ".",
                "The key stands on one side: the database will not notice " + Articles.with(other) + " without its "
                        + binary.holder() + ".",
                List.of(new Fix(
                        "Let " + other + " be without one",
                        RelationshipEdits.replace(
                                binary, binary.withBack(binary.back().map(b -> b.withMust(false)))))));
    }

    private static Finding alike(BinaryRelationship binary) {
        String name = "other" + Words.pascal(Plurals.plural(binary.from()));
        return new Finding(
                Rule.SELF_JOIN_ALIKE,
                Subject.of(binary, Roles.forward(binary)),
                "Both ends of the many-to-many of " + binary.from() + " with itself are called "
                        + Roles.linkFrom(binary) + ".",
                "The join table would tell its two columns apart by a number.",
                List.of(new Fix(
                        "Call the far end " + name,
                        RelationshipEdits.replace(
                                binary, binary.withForward(binary.forward().withRole(name))))));
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

    private static void atMost(Checked checked, Relationship relationship, Consumer<Finding> found) {
        Reading forward = relationship.forward();
        if (forward.most() > 0) {
            found.accept(atMost(
                    checked,
                    relationship,
                    forward,
                    relationship.from(),
                    relationship.targets().get(0),
                    relationship.withForward(forward.withMost(0))));
        }
        relationship
                .back()
                .filter(b -> b.most() > 0)
                .ifPresent(b -> found.accept(atMost(
                        checked,
                        relationship,
                        b,
                        String.join(" or ", relationship.targets()),
                        relationship.from(),
                        relationship.withBack(Optional.of(b.withMost(0))))));
    }

    private static Finding atMost(
            Checked checked,
            Relationship relationship,
            Reading reading,
            String one,
            String many,
            Relationship unlimited) {
        boolean triggers = GuardTriggers.areIn(checked.dialect());
        return new Finding(
                Rule.AT_MOST,
                Subject.of(relationship, ""),
                Words.capitalised(Articles.with(one)) + " has at most " + reading.most() + " " + Plurals.plural(many)
                        + ".",
                "No constraint counts rows: the generated classes check it when an object is stored with its collection"
                        + (triggers ? "; triggers refuse a row too many." : "."),
                List.of(new Fix("Let it be any number", RelationshipEdits.replace(relationship, unlimited))),
                triggers ? GuardSql.ofLimits(checked, relationship) : "");
    }

    /** Entities that are nothing but the pairs of two others. */
    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        Design design = checked.design();
        boolean more = !entity.traits().isEmpty() || !entity.inheritance().of().isEmpty();
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
            held.get(0).relationship().visit(binary -> found.accept(bareLink(entity, binary)), oneOf -> {});
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

    private static Finding bareLink(Entity entity, BinaryRelationship binary) {
        BinaryRelationship plain = binary.relinked("");
        return new Finding(
                Rule.BARE_LINK,
                Subject.of(entity.name()),
                "The link " + entity.name() + " carries nothing of its own.",
                "It adds a class and keys where a plain many-to-many would do.",
                List.of(new Fix(
                        "Make it a plain many-to-many",
                        RelationshipEdits.replace(binary, plain).then(EntityEdits.remove(entity.name())))));
    }

    private static Finding onlyJoin(Entity entity, Role one, Role other) {
        BinaryRelationship binary = new BinaryRelationship(
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
                .then(RelationshipEdits.add(binary));
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
