package jasperwing.derive;

import jasperwing.model.Relationship;
import java.util.Optional;

/**
 * The element of the design that a part of the schema was derived from.
 *
 * @param declaration name of the entity or enum; empty for a join table
 * @param member its attribute or role, or a rule by its message; empty where the part is about the whole
 * @param relationship the relationship that the role or join table belongs to
 */
public record SqlOrigin(String declaration, String member, Optional<Relationship> relationship) {
    static SqlOrigin of(String declaration, String member) {
        return new SqlOrigin(declaration, member, Optional.empty());
    }
}
