package jasperwing.diagram;

import jasperwing.model.AreaColor;
import jasperwing.model.Entity;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The cards measured before, so that an edit measures only those it changes. */
final class CardMemory {
    private record Known(Entity entity, Card card) {}

    private final Map<String, Known> known = new HashMap<>();

    /** The card of an entity that is as it was, where it stood last. */
    Optional<Card> recall(Entity entity, String badge, Optional<AreaColor> color) {
        Known last = known.get(entity.name());
        boolean same = last != null
                && last.entity().equals(entity)
                && last.card().badge().equals(badge)
                && last.card().color().equals(color);
        return same ? Optional.of(last.card()) : Optional.empty();
    }

    Card keep(Entity entity, Card card) {
        known.put(entity.name(), new Known(entity, card));
        return card;
    }
}
