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
        relationship.visit(binary -> binary(offers, binary), oneOf -> oneOf(offers, oneOf));
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

    private static void binary(OfferList offers, BinaryRelationship binary) {
        switch (binary.shape()) {
            case ONE_TO_ONE -> {
                oneToOne(offers, binary);
                KindOffers.ofOneToOne(offers, binary);
            }
            case MANY_TO_MANY -> offers.add(
                    "Give the pairs an entity",
                    "So that a pair of " + binary.from() + " and " + binary.to() + " can say something of its own.",
                    List.of(),
                    List.of(),
                    "Its name",
                    offers.free(binary.from() + binary.to()),
                    (chosen, said) -> new Relink(binary, said));
            case LINKED -> {
                offers.add(
                        "Make it plain",
                        binary.via() + " goes; the pairs are kept in a join table.",
                        (chosen, said) -> new Relink(binary, ""));
                offers.add(
                        "Give " + binary.via() + " a key of its own",
                        "Counted up; the pair stays unique.",
                        (chosen, said) -> new OwnKey(binary.via()));
            }
            default -> {}
        }
    }

    private static void oneToOne(OfferList offers, BinaryRelationship binary) {
        offers.add(
                "Fold " + binary.holder() + " into " + binary.parent(),
                "One table instead of two; the attributes of " + binary.holder() + " become those of " + binary.parent()
                        + ".",
                (chosen, said) -> new Fold(binary, -1));
        offers.add(
                "Let " + binary.parent() + " hold the key",
                "Now " + binary.holder() + " points to " + binary.parent()
                        + "; then it is the other way round. What is said stays"
                        + (binary.deletes().isEmpty()
                                ? "."
                                : ", but the rule on deleting " + binary.parent() + " goes: no key can hold it then."),
                (chosen, said) -> new SwapKeyHolder(binary));
        offers.add(
                "Share one key",
                binary.holder() + " is identified by its " + binary.parent() + ".",
                (chosen, said) -> new ShareKey(binary));
    }
}
