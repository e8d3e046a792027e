package jasperwing.diagram;

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
        String label) {}
