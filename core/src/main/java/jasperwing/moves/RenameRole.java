package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.Renaming;
import jasperwing.model.AcceptedWarningEdits;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Renames a role everywhere and leaves its former name behind, so that its columns are known to be renamed and not dropped. The oldest former
 * name stays; who gets it back needs none.
 *
 * @param forward whether it is the role the sentence starts with, and not the one that is read back
 */
public record RenameRole(Relationship relationship, boolean forward, String name) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(
                        !design.relationships().contains(relationship), "That relationship is not there."),
                () -> Preconditions.when(
                        !forward && relationship.back().isEmpty(), "It is read in one direction only."),
                () -> Preconditions.when(name.isBlank(), "It needs a name."),
                () -> Preconditions.when(name.equals(role()), "Say its new name."),
                () -> readers().stream()
                        .flatMap(e -> Preconditions.freeMember(design, e, name).stream())
                        .findFirst());
    }

    private String role() {
        return forward ? Roles.forward(relationship) : Roles.back(relationship);
    }

    /** The entities that call the far end so. */
    private List<String> readers() {
        return forward ? List.of(relationship.from()) : relationship.targets();
    }

    @Override
    public Design made(Design design) {
        Relationship renamed = forward
                ? relationship.withForward(renamed(relationship.forward()))
                : relationship.withBack(relationship.back().map(this::renamed));
        Design made = design;
        for (String reader : readers()) {
            made = Renaming.inFormulas(made, reader, role(), name);
            made = MoveSteps.change(made, reader, this::following);
            made = AcceptedWarningEdits.memberRenamed(made, reader, role(), name);
        }
        return RelationshipEdits.replace(relationship, renamed).on(made);
    }

    private Reading renamed(Reading reading) {
        String oldest = reading.was().isEmpty() ? role() : reading.was();
        return reading.withRole(name).withWas(oldest.equals(name) ? "" : oldest);
    }

    private Entity following(Entity entity) {
        UnaryOperator<Members> follow = m -> m.renamed(role(), name);
        return entity.withKey(follow.apply(entity.key()))
                .withShown(follow.apply(entity.shown()))
                .withUniques(entity.uniques().stream().map(follow).toList())
                .withIndexes(entity.indexes().stream()
                        .map(i -> i.renamed(role(), name))
                        .toList());
    }
}
