package jasperwing.app.workspace;

import jasperwing.model.Design;
import jasperwing.model.Relationship;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/** What is selected, on every stage alike: some entities, or one relationship, or nothing. */
public record Selection(Set<String> entities, Optional<Relationship> relationship) {
    public static final Selection NONE = new Selection(Set.of(), Optional.empty());

    public Selection {
        entities = Collections.unmodifiableSet(new LinkedHashSet<>(entities));
    }

    public static Selection of(String entity) {
        return new Selection(Set.of(entity), Optional.empty());
    }

    public static Selection of(Set<String> entities) {
        return new Selection(entities, Optional.empty());
    }

    public static Selection of(Relationship relationship) {
        return new Selection(Set.of(), Optional.of(relationship));
    }

    /** The entity, when exactly one is selected. */
    public Optional<String> single() {
        return entities.size() == 1 ? Optional.of(entities.iterator().next()) : Optional.empty();
    }

    public boolean isEmpty() {
        return entities.isEmpty() && relationship.isEmpty();
    }

    /** What of this selection is still there after an edit; a relationship that was changed in place is followed. */
    Selection in(Design before, Design after) {
        Set<String> left = new LinkedHashSet<>(entities);
        left.removeIf(e -> after.entity(e).isEmpty());
        Optional<Relationship> found = relationship.flatMap(r -> {
            if (after.relationships().contains(r)) {
                return Optional.of(r);
            }
            int index = before.relationships().indexOf(r);
            boolean inPlace = index >= 0
                    && before.relationships().size() == after.relationships().size();
            return inPlace ? Optional.of(after.relationships().get(index)) : Optional.empty();
        });
        return new Selection(left, found);
    }
}
