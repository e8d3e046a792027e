package jasperwing.diagram;

import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import java.util.Optional;

/**
 * A line to be routed.
 *
 * @param relationship empty where the first card is a kind of the second
 * @param fromMust and the like: what the sign at that end says
 * @param fromHolds whether rows of the first card hold the key to the other
 * @param identifying whether that is part of their own key
 * @param label what it is labelled with
 */
record Connection(
        Optional<Relationship> relationship,
        Card from,
        Card to,
        boolean fromMust,
        boolean fromMany,
        boolean toMust,
        boolean toMany,
        boolean fromHolds,
        boolean identifying,
        String label) {
    /** How many there can be at its start, where these are many; 0 for any number. */
    int fromMost() {
        return fromMany
                ? relationship.flatMap(Relationship::back).map(Reading::most).orElse(0)
                : 0;
    }

    /** How many there can be at its end, where these are many; 0 for any number. */
    int toMost() {
        return toMany ? relationship.map(r -> r.forward().most()).orElse(0) : 0;
    }
}
