package jasperwing.diagram;

import jasperwing.model.Relationship;

/**
 * A line to be routed.
 *
 * @param fromMust and the like: what the sign at that end says
 * @param fromHolds whether rows of the first card hold the key to the other
 * @param identifying whether that is part of their own key
 * @param label what it is labelled with
 */
record Connection(
        Relationship relationship,
        Card from,
        Card to,
        boolean fromMust,
        boolean fromMany,
        boolean toMust,
        boolean toMany,
        boolean fromHolds,
        boolean identifying,
        String label) {}
