package jasperwing.derive;

import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;

/**
 * The names a relationship gives to what holds it: to columns in the order of the keys they hold, and to foreign keys. Of a relationship with two
 * references, as through a link, the one to the entity its sentence begins with comes first; of a one-of they stand in the order of its subjects.
 */
final class GivenNames {
    private final Relationship relationship;

    GivenNames(Relationship relationship) {
        this.relationship = relationship;
    }

    /** @param before how many columns of the relationship come before these */
    List<KeyColumns.KeyColumn> named(int before, List<KeyColumns.KeyColumn> columns) {
        List<KeyColumns.KeyColumn> named = new ArrayList<>(columns.size());
        for (int i = 0; i < columns.size(); i++) {
            KeyColumns.KeyColumn column = columns.get(i);
            named.add(column.named(column(before + i, column.name())));
        }
        return named;
    }

    /** The name of a column, or another where none is given. */
    String column(int index, String other) {
        return at(relationship.notes().stored().columns(), index, other);
    }

    /** The name of a foreign key; empty where none is given. */
    String foreignKey(int reference) {
        return at(relationship.notes().stored().constraints(), reference, "");
    }

    private static String at(List<String> names, int index, String other) {
        return index < names.size() ? names.get(index) : other;
    }

    /** Which of the references of its relationship a role to one entity is, from 0 on. */
    static int index(Role role) {
        return role.relationship()
                .match(
                        binary -> !binary.via().isEmpty() && !role.name().equals(Roles.linkFrom(binary)) ? 1 : 0,
                        oneOf -> 0);
    }
}
