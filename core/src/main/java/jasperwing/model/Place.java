package jasperwing.model;

import java.util.Comparator;

/**
 * Where an entity's card stands: the upper left corner, in whole sheet units, y downwards.
 *
 * @param sheet the sheet's name, or empty for the sheet of all entities
 */
public record Place(String entity, String sheet, int x, int y) implements Comparable<Place> {
    private static final Comparator<Place> ORDER =
            Comparator.comparing(Place::entity).thenComparing(Place::sheet);

    @Override
    public int compareTo(Place other) {
        return ORDER.compare(this, other);
    }
}
