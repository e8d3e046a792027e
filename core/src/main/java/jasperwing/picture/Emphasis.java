package jasperwing.picture;

import jasperwing.model.Relationship;
import java.util.Set;

/**
 * What is brought out in a picture.
 *
 * @param entities their cards are outlined
 * @param relationships drawn in the accent colour
 * @param pointed rows of cards, as the entity and the name of its member: {@code Dive.number}
 * @param hidden entities whose rows are left blank, because they are being edited above the picture
 */
public record Emphasis(Set<String> entities, Set<Relationship> relationships, Set<String> pointed, Set<String> hidden) {
    public static final Emphasis NONE = new Emphasis(Set.of(), Set.of(), Set.of(), Set.of());

    public Emphasis {
        entities = Set.copyOf(entities);
        relationships = Set.copyOf(relationships);
        pointed = Set.copyOf(pointed);
        hidden = Set.copyOf(hidden);
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Emphasis o
                        && entities.equals(o.entities)
                        && relationships.equals(o.relationships)
                        && pointed.equals(o.pointed)
                        && hidden.equals(o.hidden);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * (31 * entities.hashCode() + relationships.hashCode()) + pointed.hashCode())
                + hidden.hashCode();
    }
}
