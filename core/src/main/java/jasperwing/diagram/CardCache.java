package jasperwing.diagram;

import jasperwing.model.AreaColor;
import jasperwing.model.Entity;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The cards measured before, so that an edit measures only those it changes. */
final class CardCache {
    private record Known(Entity entity, List<Card.Row> references, Card card) {}

    private final Map<String, Known> known = new HashMap<>();
    private CardDetail detail;

    /** Forgets the cards that tell more or less than they do from now on. */
    void show(CardDetail now) {
        if (now != detail) {
            known.clear();
            detail = now;
        }
    }

    /** The card of an entity that is as it was, where it stood last. */
    Optional<Card> recall(Entity entity, List<Card.Row> references, String badge, Optional<AreaColor> color) {
        Known last = known.get(entity.name());
        boolean same = last != null
                && last.entity().equals(entity)
                && last.references().equals(references)
                && last.card().badge().equals(badge)
                && last.card().color().equals(color);
        return same ? Optional.of(last.card()) : Optional.empty();
    }

    Card keep(Entity entity, List<Card.Row> references, Card card) {
        known.put(entity.name(), new Known(entity, references, card));
        return card;
    }
}
