package jasperwing.model;

import java.util.Objects;

/**
 * A warning that was looked at and is to be left as it is.
 *
 * @param code of the rule
 * @param entity what the warning is about
 * @param member its attribute or role, or empty
 * @param reason why it is left; not blank
 */
public record AcceptedWarning(String code, String entity, String member, String reason, Comments comments) {
    public AcceptedWarning {
        Names.require(entity);
        Objects.requireNonNull(member);
        Objects.requireNonNull(comments);
        if (code.isBlank() || reason.isBlank()) {
            throw new IllegalArgumentException("a warning is accepted by its code and for a reason, but these were '"
                    + code + "' and '" + reason + "'");
        }
    }

    /** Whether it is about the same warning as another, whatever the reasons. */
    public boolean isAs(AcceptedWarning other) {
        return code.equals(other.code) && entity.equals(other.entity) && member.equals(other.member);
    }

    AcceptedWarning withEntity(String newEntity) {
        return new AcceptedWarning(code, newEntity, member, reason, comments);
    }

    AcceptedWarning withMember(String newMember) {
        return new AcceptedWarning(code, entity, newMember, reason, comments);
    }
}
