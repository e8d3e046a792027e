package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.RelationshipEdits;
import java.util.Optional;

/**
 * Gives a plain many-to-many an entity of its own for its pairs, or takes it away when there is nothing in it.
 *
 * @param link the name of the new entity; empty to make the relationship plain
 */
public record Relink(BinaryRelationship binary, String link) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(
                        !design.relationships().contains(binary)
                                || binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                                || binary.shape() == BinaryRelationship.Shape.ONE_TO_MANY,
                        "Only a many-to-many has pairs."),
                () -> link.isEmpty() ? plain(design) : linked(design));
    }

    private Optional<String> plain(Design design) {
        return Preconditions.when(
                binary.via().isEmpty() || !RelationshipEdits.isBareLink(design, binary.via()),
                binary.via() + " has attributes or relationships of its own, which would be lost.");
    }

    private Optional<String> linked(Design design) {
        return first(
                () -> Preconditions.when(!binary.via().isEmpty(), binary.via() + " links them already."),
                () -> Preconditions.freeName(design, link));
    }

    @Override
    public Design made(Design design) {
        return RelationshipEdits.restate(binary, binary.relinked(link)).on(design);
    }
}
