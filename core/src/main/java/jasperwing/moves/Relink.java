package jasperwing.moves;

import static jasperwing.moves.Hindrances.first;

import jasperwing.model.Design;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Tie;
import java.util.Optional;

/**
 * Gives a plain many-to-many an entity of its own for its pairs, or takes it away when there is nothing in it.
 *
 * @param link the name of the new entity; empty to make the relationship plain
 */
public record Relink(Tie tie, String link) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Hindrances.when(
                        !design.relationships().contains(tie)
                                || tie.shape() == Tie.Shape.ONE_TO_ONE
                                || tie.shape() == Tie.Shape.ONE_TO_MANY,
                        "Only a many-to-many has pairs."),
                () -> link.isEmpty() ? plain(design) : linked(design));
    }

    private Optional<String> plain(Design design) {
        return Hindrances.when(
                tie.via().isEmpty() || !RelationshipEdits.isBareLink(design, tie.via()),
                tie.via() + " has attributes or relationships of its own, which would be lost.");
    }

    private Optional<String> linked(Design design) {
        return first(
                () -> Hindrances.when(!tie.via().isEmpty(), tie.via() + " links them already."),
                () -> Hindrances.freeName(design, link));
    }

    @Override
    public Design made(Design design) {
        return RelationshipEdits.restate(tie, tie.withVia(link)).on(design);
    }
}
