package jasperwing.classes;

import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The classes of a design.
 *
 * @param classes in the order of the design; outside entities have none
 * @param enumNames the class names of the enums, by their names in the design
 */
public record ClassModel(Design design, Schema schema, List<ModelClass> classes, Map<String, String> enumNames) {
    public ClassModel {
        classes = List.copyOf(classes);
        enumNames = Map.copyOf(enumNames);
    }

    /** Derives the classes; the physical names are those of PostgreSQL. */
    public static ClassModel of(Design design) {
        return of(design, Schema.derive(design, Dialect.POSTGRESQL));
    }

    /** @param schema of the design, for PostgreSQL */
    public static ClassModel of(Design design, Schema schema) {
        return new ClassModelBuilder(design, schema).build();
    }

    public Optional<ModelClass> find(String entity) {
        return classes.stream().filter(c -> c.entity().name().equals(entity)).findFirst();
    }
}
