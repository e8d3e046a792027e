package jasperwing.classes.language;

import jasperwing.model.Type;
import java.util.Optional;

/**
 * The type of a field.
 *
 * @param value the type of what it has, when that is no object
 * @param entity the entity whose objects, or whose key, it has; empty for values
 * @param key whether it has the whole key of the entity, which is several values
 * @param many in what it has several
 */
public record FieldType(Optional<Type> value, String entity, boolean key, Many many) {
    /** How many a field has, and in what order. */
    public enum Many {
        ONE,
        LIST,
        SET
    }

    public static FieldType of(Type value) {
        return new FieldType(Optional.of(value), "", false, Many.ONE);
    }

    public static FieldType object(String entity) {
        return new FieldType(Optional.empty(), entity, false, Many.ONE);
    }

    public static FieldType keyOf(String entity) {
        return new FieldType(Optional.empty(), entity, true, Many.ONE);
    }

    public FieldType in(Many collection) {
        return new FieldType(value, entity, key, collection);
    }

    public FieldType listed(boolean list) {
        return list ? in(Many.LIST) : this;
    }
}
