package jasperwing.moves;

import static jasperwing.moves.Hindrances.first;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.OnDelete;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Tie;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Lets the other side of a one-to-one hold the key. Where one side must and the other may, they change places; else the sentence is
 * turned round. What deleting does is said of the other side. Twice gives back what was.
 */
public record Reverse(Tie tie) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Hindrances.when(
                        !design.relationships().contains(tie) || tie.shape() != Tie.Shape.ONE_TO_ONE || tie.isSelf(),
                        "Only a one-to-one between two entities can be reversed."),
                () -> Hindrances.entity(design, tie.from()),
                () -> Hindrances.entity(design, tie.to()),
                () -> named(design.entity(tie.holder()).orElseThrow()));
    }

    private Optional<String> named(Entity holder) {
        List<String> roles = Hindrances.roles(tie, tie.holder());
        return Stream.concat(Stream.of(holder.key()), holder.uniques().stream())
                .flatMap(m -> m.names().stream())
                .filter(roles::contains)
                .findFirst()
                .map(r -> holder.name() + " is told apart by its " + r + "; change its key or what is unique first.");
    }

    @Override
    public Design made(Design design) {
        return RelationshipEdits.replace(tie, reversed()).on(design);
    }

    Tie reversed() {
        Reading back = tie.back().orElseThrow();
        List<OnDelete> rules = tie.deletes().stream()
                .map(d -> new OnDelete(other(d.entity()), d.rule(), d.comments()))
                .toList();
        if (tie.forward().must() == back.must()) {
            return new Tie(
                    tie.to(), tie.from(), "", back, Optional.of(tie.forward()), rules, tie.checkedAtEnd(), tie.notes());
        }
        return new Tie(
                tie.from(),
                tie.to(),
                "",
                tie.forward().withMust(back.must()),
                Optional.of(back.withMust(tie.forward().must())),
                rules,
                tie.checkedAtEnd(),
                tie.notes());
    }

    private String other(String entity) {
        return entity.equals(tie.from()) ? tie.to() : tie.from();
    }
}
