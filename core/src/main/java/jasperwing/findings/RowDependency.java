package jasperwing.findings;

import jasperwing.naming.Role;
import java.util.Optional;

/**
 * That an entity can have no row before another has one.
 *
 * @param role the reference that says so; empty for what a kind owes because what it is a kind of does
 */
record RowDependency(String from, String to, Optional<Role> role) {
    /** That of a reference to one thing which must be filled. */
    static RowDependency of(Role role) {
        return new RowDependency(role.holder(), role.target(), Optional.of(role));
    }

    /** That of a kind, whose rows must have all that those of what it is a kind of must have. */
    static RowDependency ofKind(String kind, String parent) {
        return new RowDependency(kind, parent, Optional.empty());
    }
}
