package jasperwing.app.lens;

import jasperwing.app.workspace.Projection;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What holds a relationship is called in the database.
 *
 * @param joinTable of a plain many-to-many
 * @param columns in the order in which the notation names them
 * @param foreignKeys the constraints, in that order
 */
record NamesInDatabase(Optional<String> joinTable, List<String> columns, List<String> foreignKeys) {
    static NamesInDatabase of(Projection projection, Relationship relationship) {
        Schema schema = projection.schema();
        Optional<DerivedTable> join = relationship.match(schema::joinTable, oneOf -> Optional.empty());
        if (join.isPresent()) {
            List<Reference> references = join.get().references();
            return new NamesInDatabase(
                    join.map(DerivedTable::name),
                    references.stream().flatMap(r -> r.columns().stream()).toList(),
                    named(references.stream()));
        }
        List<Role> roles = Roles.of(relationship);
        return new NamesInDatabase(
                Optional.empty(),
                roles.stream().flatMap(r -> columns(schema, r)).toList(),
                named(roles.stream()
                        .flatMap(r -> schema.table(r.holder()).stream().flatMap(t -> t.referencesOf(r).stream()))));
    }

    private static Stream<String> columns(Schema schema, Role role) {
        return schema.table(role.holder()).stream()
                .flatMap(t -> t.columnsOf(role.name()).stream())
                .map(Column::name);
    }

    private static List<String> named(Stream<Reference> references) {
        return references.filter(Reference::enforced).map(Reference::name).toList();
    }
}
