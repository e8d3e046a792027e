package jasperwing.findings;

import jasperwing.model.Relationship;
import java.util.Optional;

/**
 * What a finding is about.
 *
 * @param entity the entity, enum, area or sheet
 * @param member its attribute or role, or empty
 * @param relationship the relationship, when it is about one
 */
public record Subject(String entity, String member, Optional<Relationship> relationship) {
    public static Subject of(String entity) {
        return new Subject(entity, "", Optional.empty());
    }

    public static Subject of(String entity, String member) {
        return new Subject(entity, member, Optional.empty());
    }

    public static Subject of(Relationship relationship, String member) {
        return new Subject(relationship.from(), member, Optional.of(relationship));
    }

    /** {@code Dive} or {@code Dive.number}. */
    public String text() {
        return member.isEmpty() ? entity : entity + "." + member;
    }
}
