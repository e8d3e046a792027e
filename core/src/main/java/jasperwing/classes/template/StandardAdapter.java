package jasperwing.classes.template;

import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Field;
import jasperwing.classes.language.FieldType;
import jasperwing.classes.language.Fields;
import java.util.List;
import java.util.Map;

/**
 * What a standard or a runtime asks of classes besides what they are: the fields they have for it, and what templates are told of design, classes
 * and fields as their {@code mapping}. What is not overridden asks for nothing.
 */
public interface StandardAdapter {
    /** Makes one for the classes of a design. */
    interface Factory {
        StandardAdapter of(ChosenClasses classes, TypeData types);

        /** What {@code mapping} is, for the guide to templates; in order. */
        List<Shape> shapes();
    }

    /** Of a target that uses none. */
    Factory NONE = new Factory() {
        @Override
        public StandardAdapter of(ChosenClasses classes, TypeData types) {
            return () -> classes;
        }

        @Override
        public List<Shape> shapes() {
            return List.of();
        }
    };

    /**
     * A field, and what templates are told of it.
     *
     * @param mapping null for nothing
     */
    record Adapted(Field field, Data mapping) {}

    ChosenClasses classes();

    /** The fields of the class of an entity, in order. */
    default List<Adapted> fields(ModelClass subject) {
        Fields fields = new Fields(classes());
        return Fields.inOrder(subject, Field::of, fields::of).stream()
                .map(f -> new Adapted(f, null))
                .toList();
    }

    /** Those of a value or trait, in order. */
    default List<Adapted> fields(ModelGroup group) {
        return group.properties().stream()
                .map(p -> new Adapted(Field.of(p), null))
                .toList();
    }

    /** The parts of the key of a class, in order. */
    default List<Field> key(ModelClass subject) {
        return new Fields(classes()).ofKey(subject, StandardAdapter::typeInKey);
    }

    private static FieldType typeInKey(Property property) {
        return FieldType.of(property.attribute().type());
    }

    /** What is told of the whole; null for nothing. */
    default Data ofDesign() {
        return null;
    }

    /**
     * What is told of a class; null for nothing.
     *
     * @param fields what templates see of its fields, by their names
     */
    default Data ofClass(ModelClass subject, Map<String, Data> fields) {
        return null;
    }

    /** What is told of a value or trait; null for nothing. */
    default Data ofGroup(ModelGroup group) {
        return null;
    }
}
