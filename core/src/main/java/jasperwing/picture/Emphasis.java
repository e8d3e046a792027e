package jasperwing.picture;

import jasperwing.model.Relationship;
import java.util.Set;

/**
 * What is brought out in a picture.
 *
 * @param entities their cards are outlined
 * @param relationships drawn in the accent colour
 * @param hidden entities whose rows are left blank, because they are being edited above the picture
 */
public record Emphasis(Set<String> entities, Set<Relationship> relationships, Set<String> hidden) {
    public static final Emphasis NONE = new Emphasis(Set.of(), Set.of(), Set.of());

    public Emphasis {
        entities = Set.copyOf(entities);
        relationships = Set.copyOf(relationships);
        hidden = Set.copyOf(hidden);
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Emphasis o
                        && entities.equals(o.entities)
                        && relationships.equals(o.relationships)
                        && hidden.equals(o.hidden);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * entities.hashCode() + relationships.hashCode()) + hidden.hashCode();
    }
}
