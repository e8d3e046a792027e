package jasperwing.naming;

import jasperwing.model.Relationship;
import java.util.List;

/**
 * A reference from an entity to one thing: what becomes a foreign key.
 *
 * @param holder the entity that points
 * @param name what it calls the thing it points to
 * @param targets the entity pointed to, or the subjects of a one-of
 * @param must whether it has to point to something
 * @param unique whether no two may point to the same thing
 * @param relationship where it comes from
 */
public record Role(
        String holder, String name, List<String> targets, boolean must, boolean unique, Relationship relationship) {
    public Role {
        targets = List.copyOf(targets);
    }

    public String target() {
        return targets.get(0);
    }
}
