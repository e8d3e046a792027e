package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.Renaming;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import java.util.List;
import java.util.Optional;

/**
 * Renames an entity or an attribute everywhere and leaves its former name behind, so that what has not been changed yet is known to be
 * renamed and not dropped. The oldest former name stays; who gets it back needs none.
 *
 * @param attribute empty to rename the entity
 */
public record Rename(String entity, String attribute, String name) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(design.entity(entity).isEmpty(), "There is no entity " + entity + "."),
                () -> Preconditions.when(name.isBlank(), "It needs a name."),
                () -> attribute.isEmpty() ? ofEntity(design) : ofAttribute(design));
    }

    private Optional<String> ofEntity(Design design) {
        return name.equals(entity) ? Optional.of("Say its new name.") : Preconditions.freeName(design, name);
    }

    private Optional<String> ofAttribute(Design design) {
        return first(
                () -> Preconditions.attributes(design, entity, List.of(attribute)),
                () -> Preconditions.when(name.equals(attribute), "Say its new name."),
                () -> Preconditions.freeMember(design, entity, name));
    }

    @Override
    public Design made(Design design) {
        if (attribute.isEmpty()) {
            return EntityEdits.change(entity, e -> e.withNotes(remembering(e.notes(), entity)))
                    .then(EntityEdits.rename(entity, name))
                    .on(design);
        }
        return EntityEdits.changeAttribute(
                        entity, attribute, a -> a.withName(name).withNotes(remembering(a.notes(), attribute)))
                .on(Renaming.inFormulas(design, entity, attribute, name));
    }

    private Notes remembering(Notes notes, String former) {
        String oldest = notes.was().isEmpty() ? former : notes.was();
        return notes.withWas(oldest.equals(name) ? "" : oldest);
    }
}
