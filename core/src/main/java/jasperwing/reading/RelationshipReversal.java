package jasperwing.reading;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Relationships turned round: with their ends exchanged, or the same ones said from the other end. */
public final class RelationshipReversal {
    private static final Set<String> BELONGING = Set.of("belong to", "be part of", "be owned by", "be held by");
    private static final Set<String> HAVING = Set.of("have", "contain", "own", "hold", "include");

    private RelationshipReversal() {}

    /**
     * The relationship with its two entities exchanged, each reading as it was: <i>each Skipper may have many Boat, which must belong to one
     * Skipper</i> becomes <i>each Boat may have many Skipper, which must belong to one Boat</i>. Roles that were named after an entity, and
     * orders by its attributes, go. Empty for a one-of and a relationship of an entity with itself, and where it is not known which names in the database are
     * of which end.
     */
    public static Optional<Relationship> exchanged(Relationship relationship) {
        return relationship.match(
                binary -> binary.isSelf() ? Optional.empty() : notes(binary).map(n -> exchanged(binary, n)),
                oneOf -> Optional.empty());
    }

    /** What holds a pair is named in the order of the ends. */
    private static Optional<Notes> notes(BinaryRelationship binary) {
        Notes notes = binary.notes();
        return binary.isOfPairs() ? notes.stored().exchanged().map(notes::withStored) : Optional.of(notes);
    }

    private static BinaryRelationship exchanged(BinaryRelationship binary, Notes notes) {
        List<OnDelete> deletes = binary.deletes().stream()
                .map(d -> new OnDelete(
                        d.entity().equals(binary.from()) ? binary.to() : binary.from(), d.rule(), d.comments()))
                .toList();
        List<OnKeyChange> keyChanges = binary.keyChanges().stream()
                .map(c -> new OnKeyChange(
                        c.entity().equals(binary.from()) ? binary.to() : binary.from(), c.rule(), c.comments()))
                .toList();
        return new BinaryRelationship(
                binary.to(),
                binary.from(),
                binary.via(),
                unnamed(binary.forward(), binary.to()),
                binary.back().map(b -> unnamed(b, binary.from())),
                deletes,
                keyChanges,
                binary.checkedAtEnd(),
                binary.turned(),
                notes);
    }

    private static Reading unnamed(Reading reading, String entity) {
        String one = Words.camel(entity);
        boolean named = Set.of(one, Plurals.plural(one)).contains(reading.role());
        return (named ? reading.withRole("") : reading).withSorting(Optional.empty());
    }

    /**
     * The same relationship as its other end says it; nothing else changes, but that its first entity owns the pairs of a many-to-many. Empty
     * for a one-of, where it is not read from the other end, and where it is not known which names in the database are of which end.
     */
    public static Optional<Relationship> fromOtherEnd(Relationship relationship) {
        return relationship.match(
                binary -> binary.back().flatMap(b -> notes(binary).map(n -> said(binary, b, n))),
                oneOf -> Optional.empty());
    }

    private static Relationship said(BinaryRelationship binary, Reading back, Notes notes) {
        BinaryRelationship other = new BinaryRelationship(
                binary.to(),
                binary.from(),
                binary.via(),
                back,
                Optional.of(binary.forward()),
                binary.deletes(),
                binary.keyChanges(),
                binary.checkedAtEnd(),
                binary.turned(),
                notes);
        boolean moved = binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                && !other.holder().equals(binary.holder());
        return moved ? other.withTurned(!other.turned()) : other;
    }

    /** With the verbs exchanged where many are said to be had by what they have: <i>each Skipper may belong to many Boat</i>. */
    static Relationship sensible(Relationship relationship) {
        Reading there = relationship.forward();
        Optional<Reading> back = relationship.back();
        boolean wrong = back.isPresent()
                && there.many() != back.get().many()
                && isAskew(there.many() ? there : back.get(), there.many() ? back.get() : there);
        return wrong
                ? relationship
                        .withForward(there.withVerb(back.get().verb()))
                        .withBack(Optional.of(back.get().withVerb(there.verb())))
                : relationship;
    }

    private static boolean isAskew(Reading ofMany, Reading ofOne) {
        return BELONGING.contains(ofMany.verb()) && HAVING.contains(ofOne.verb());
    }
}
