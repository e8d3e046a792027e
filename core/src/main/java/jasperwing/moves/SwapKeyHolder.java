package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RelationshipEdits;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Lets the other side of a one-to-one hold the key; what the sentence says stays. A rule on deleting what was pointed to goes. Twice gives back
 * what was, but for such a rule.
 */
public record SwapKeyHolder(BinaryRelationship binary) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.oneToOne(design, binary, "reversed"),
                () -> Preconditions.entity(design, binary.from()),
                () -> Preconditions.entity(design, binary.to()),
                () -> named(design.entity(binary.holder()).orElseThrow()));
    }

    private Optional<String> named(Entity holder) {
        List<String> roles = Preconditions.roles(binary, binary.holder());
        return Stream.concat(Stream.of(holder.key()), holder.uniques().stream())
                .flatMap(m -> m.names().stream())
                .filter(roles::contains)
                .findFirst()
                .map(r -> holder.name() + " is told apart by its " + r + "; change its key or what is unique first.");
    }

    @Override
    public Design made(Design design) {
        return RelationshipEdits.replace(binary, reversed()).on(design);
    }

    /** A rule on deleting the entity that holds the key now says nothing: its rows are pointed to no more. */
    BinaryRelationship reversed() {
        BinaryRelationship turned = binary.withTurned(!binary.turned());
        return turned.withRulesFor(turned.parent()::equals);
    }
}
