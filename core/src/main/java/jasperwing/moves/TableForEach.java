package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.Place;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Makes an entity for each subject of a one-of out of the one that can be about any of them: {@code Note} about a {@code Dive} or a
 * {@code Specimen} becomes {@code DiveNote} and {@code SpecimenNote}, each with an ordinary relationship. The other relationships the
 * entity states are stated by each.
 */
public record TableForEach(PolymorphicRelationship oneOf) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        String from = oneOf.from();
        return first(
                () -> Preconditions.when(!design.relationships().contains(oneOf), "That relationship is not there."),
                () -> Preconditions.entity(design, from),
                () -> Preconditions.family(design, from),
                () -> oneOf.subjects().stream()
                        .flatMap(s -> Preconditions.freeName(design, name(s)).stream())
                        .findFirst(),
                () -> others(design)
                        .filter(r -> !(r instanceof BinaryRelationship binary)
                                || !binary.from().equals(from)
                                || binary.isSelf()
                                || binary.shape() == BinaryRelationship.Shape.LINKED)
                        .findFirst()
                        .map(r -> r.from() + " and " + from + " are related too; then it would have to be one of "
                                + oneOf.subjects().size() + " itself."),
                () -> Preconditions.when(
                        design.entity(from)
                                .map(e -> e.key().names().contains(Roles.forward(oneOf)))
                                .orElse(false),
                        from + " is identified by what it is about; give it a key of its own first."));
    }

    /** What else the entity takes part in. */
    private Stream<Relationship> others(Design design) {
        return design.relationshipsOf(oneOf.from()).stream().filter(r -> r != oneOf && !r.equals(oneOf));
    }

    private String name(String subject) {
        return subject + oneOf.from();
    }

    @Override
    public Design made(Design design) {
        List<Relationship> relationships = new ArrayList<>();
        for (Relationship relationship : design.relationships()) {
            if (relationship.equals(oneOf)) {
                oneOf.subjects().forEach(s -> relationships.add(binary(s)));
            } else if (relationship.from().equals(oneOf.from())) {
                oneOf.subjects().forEach(s -> relationships.add(ofEach((BinaryRelationship) relationship, s)));
            } else {
                relationships.add(relationship);
            }
        }
        Entity before = design.entity(oneOf.from()).orElseThrow();
        Design made = design.withRelationships(relationships);
        List<String> reversed = new ArrayList<>(oneOf.subjects());
        Collections.reverse(reversed);
        for (String subject : reversed) {
            made = MoveSteps.addBeside(made, oneOf.from(), copy(before, subject));
        }
        return EntityEdits.remove(oneOf.from()).on(placed(made));
    }

    private Entity copy(Entity before, String subject) {
        String was = Roles.forward(oneOf);
        String now = Words.camel(subject);
        return before.withName(name(subject))
                .withUniques(
                        before.uniques().stream().map(u -> u.renamed(was, now)).toList())
                .withShown(before.shown().renamed(was, now))
                .withKey(new Members(before.key().names(), before.key().comments()))
                .withNotes(before.notes().withPhysical("").withWas(""));
    }

    private BinaryRelationship binary(String subject) {
        PolymorphicRelationship its = oneOf.withRulesFor(subject::equals);
        return new BinaryRelationship(
                name(subject),
                subject,
                "",
                oneOf.forward().withRole(Words.camel(subject)),
                oneOf.back(),
                its.deletes(),
                its.keyChanges(),
                oneOf.checkedAtEnd(),
                false,
                oneOf.notes());
    }

    /** What many read back is told apart by the subject. */
    private BinaryRelationship ofEach(BinaryRelationship binary, String subject) {
        BinaryRelationship renamed = binary.withEntityRenamed(binary.from(), name(subject));
        return renamed.withBack(binary.back()
                .map(b -> b.role().isEmpty() ? b : b.withRole(Words.camel(subject + " " + Words.spoken(b.role())))));
    }

    /** Below each other where the one stood. */
    private Design placed(Design design) {
        List<Place> places = new ArrayList<>(design.places());
        for (Place place : design.places()) {
            if (place.entity().equals(oneOf.from())) {
                for (int i = 0; i < oneOf.subjects().size(); i++) {
                    places.add(new Place(
                            name(oneOf.subjects().get(i)), place.sheet(), place.x() + 40 * i, place.y() + 190 * i));
                }
            }
        }
        return design.withPlaces(places);
    }
}
