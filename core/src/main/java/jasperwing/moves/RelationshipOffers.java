package jasperwing.moves;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.List;

/** The moves a relationship allows. */
final class RelationshipOffers {
    private RelationshipOffers() {}

    static void of(OfferList offers, Relationship relationship) {
        relationship.visit(tie -> tie(offers, tie), oneOf -> oneOf(offers, oneOf));
        rename(offers, relationship, true, Roles.forward(relationship));
        if (relationship.back().isPresent()) {
            rename(offers, relationship, false, Roles.back(relationship));
        }
    }

    private static void rename(OfferList offers, Relationship relationship, boolean forward, String role) {
        offers.add(
                "Rename " + role + " and remember",
                "Everywhere; the design keeps the former name of the role, so that columns are renamed and not dropped.",
                List.of(),
                List.of(),
                "Its new name",
                role,
                (chosen, said) -> new RenameRole(relationship, forward, said));
    }

    private static void oneOf(OfferList offers, PolymorphicRelationship oneOf) {
        offers.add(
                "Make an entity for each subject",
                "One about a " + oneOf.subjects().get(0) + ", and so on, each with an ordinary relationship.",
                (chosen, said) -> new TableForEach(oneOf));
        offers.add(
                "Give the subjects a shared parent",
                "Each must have one, and " + oneOf.from() + " points to that.",
                List.of(),
                List.of(),
                "Its name",
                offers.free(oneOf.from() + Words.pascal(Roles.forward(oneOf))),
                (chosen, said) -> new SharedParent(oneOf, said));
    }

    private static void tie(OfferList offers, BinaryRelationship tie) {
        switch (tie.shape()) {
            case ONE_TO_ONE -> {
                oneToOne(offers, tie);
                KindOffers.ofOneToOne(offers, tie);
            }
            case MANY_TO_MANY -> offers.add(
                    "Give the pairs an entity",
                    "So that a pair of " + tie.from() + " and " + tie.to() + " can say something of its own.",
                    List.of(),
                    List.of(),
                    "Its name",
                    offers.free(tie.from() + tie.to()),
                    (chosen, said) -> new Relink(tie, said));
            case LINKED -> {
                offers.add(
                        "Make it plain",
                        tie.via() + " goes; the pairs are kept in a join table.",
                        (chosen, said) -> new Relink(tie, ""));
                offers.add(
                        "Give " + tie.via() + " a key of its own",
                        "Counted up; the pair stays unique.",
                        (chosen, said) -> new OwnKey(tie.via()));
            }
            default -> {}
        }
    }

    private static void oneToOne(OfferList offers, BinaryRelationship tie) {
        offers.add(
                "Fold " + tie.holder() + " into " + tie.parent(),
                "One table instead of two; the attributes of " + tie.holder() + " become those of " + tie.parent()
                        + ".",
                (chosen, said) -> new Fold(tie, -1));
        offers.add(
                "Let " + tie.parent() + " hold the key",
                "Now " + tie.holder() + " points to " + tie.parent()
                        + "; then it is the other way round. What is said stays"
                        + (tie.deletes().isEmpty()
                                ? "."
                                : ", but the rule on deleting " + tie.parent() + " goes: no key can hold it then."),
                (chosen, said) -> new Reverse(tie));
        offers.add(
                "Share one key",
                tie.holder() + " is identified by its " + tie.parent() + ".",
                (chosen, said) -> new ShareKey(tie));
    }
}
