package jasperwing.classes.jakarta;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.derive.DerivedTable;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The fields of classes with what says where they are kept. */
public final class Fields {
    private final Columns columns;
    private final Optional<ModelClass> subject;

    private Fields(ChosenClasses classes, Optional<ModelClass> subject) {
        this.columns = new Columns(classes);
        this.subject = subject;
    }

    /** Those of the class of an entity, in order: its key, what it refers to, its other attributes, what leads back. */
    public static List<Field> of(ChosenClasses classes, ModelClass subject) {
        Fields fields = new Fields(classes, Optional.of(subject));
        AssociationFields associations = new AssociationFields(classes, subject);
        List<Field> all = new ArrayList<>();
        subject.properties().stream()
                .filter(Property::key)
                .map(fields::attribute)
                .forEach(all::add);
        subject.associations().stream().filter(a -> !isBack(a)).forEach(a -> all.addAll(associations.of(a)));
        subject.properties().stream()
                .filter(p -> !p.key())
                .map(fields::attribute)
                .forEach(all::add);
        subject.associations().stream().filter(Fields::isBack).forEach(a -> all.addAll(associations.of(a)));
        return all;
    }

    /** Those of the class of a value; of a trait what its interface tells of, which is kept as the classes that have it say. */
    public static List<Field> of(ChosenClasses classes, ModelGroup group) {
        Fields fields = new Fields(classes, Optional.empty());
        boolean kept = group.group().is(AttributeGroup.Kind.VALUE);
        return group.properties().stream()
                .map(p -> kept ? fields.attribute(p) : field(p, List.of(), List.of()))
                .toList();
    }

    /** Those of the key of a class, with what a key class keeps of each; in the order of the class. */
    public static List<Field> ofKey(ChosenClasses classes, ModelClass subject) {
        List<Field> parts = new ArrayList<>();
        subject.keyProperties().forEach(p -> parts.add(bare(p.name(), keyPart(classes, p))));
        subject.keyReferences().forEach(r -> parts.add(bare(r.name(), keyType(classes, r.target()))));
        subject.all(Association.ToOutside.class).stream()
                .filter(Association.ToOutside::key)
                .forEach(o -> parts.add(bare(o.name(), FieldType.of(o.type()))));
        return parts;
    }

    private static Field bare(String name, FieldType type) {
        return new Field(name, name, "", type, List.of(), List.of(), Optional.empty());
    }

    /** The type of the key of an entity: of its attribute, or its key class. */
    static FieldType keyType(ChosenClasses classes, String entity) {
        ModelClass other = classes.keyed(entity);
        if (classes.hasCompositeKey(other)) {
            return FieldType.keyOf(other.entity().name());
        }
        return other.keyProperties().isEmpty()
                ? keyType(classes, other.keyReferences().get(0).target())
                : keyPart(classes, other.keyProperties().get(0));
    }

    private static FieldType keyPart(ChosenClasses classes, Property property) {
        if (isDurationInKey(property)) {
            return FieldType.of(Type.of(Scalar.BIG_INT));
        }
        return isEnumInKey(classes, property) ? FieldType.of(Type.of(Scalar.LONG_TEXT)) : attributeType(property);
    }

    private static FieldType attributeType(Property property) {
        return FieldType.of(property.attribute().type());
    }

    private static boolean isBack(Association association) {
        return association instanceof Association.Inverse || association instanceof Association.JoinedInverse;
    }

    private Field attribute(Property property) {
        Attribute attribute = property.attribute();
        List<Annotation> mappings = new ArrayList<>();
        List<Annotation> rules = new ArrayList<>();
        if (property.listTable().isPresent()) {
            list(property, property.listTable().get(), mappings);
        } else if (attribute.list()) {
            listInRow(property, mappings);
        } else if (property.isValue()) {
            value(property, mappings, rules);
        } else {
            key(property, mappings);
            column(property, mappings, rules);
        }
        return field(property, mappings, rules);
    }

    /**
     * Whether the field has what the column has, and accessors make of it what it is: of a list in a column, for which the standard has no type,
     * and of an enum or a duration in a key, which may have no converter.
     */
    public static boolean isAsStored(ChosenClasses classes, Property property) {
        return property.attribute().isListInRow() || isConvertedInKey(classes, property);
    }

    private static boolean isConvertedInKey(ChosenClasses classes, Property property) {
        return isDurationInKey(property) || isEnumInKey(classes, property);
    }

    private static boolean isDurationInKey(Property property) {
        return property.key() && property.attribute().type().is(Scalar.DURATION);
    }

    private static boolean isEnumInKey(ChosenClasses classes, Property property) {
        return property.key()
                && property.attribute().type() instanceof Type.Named named
                && classes.model().enumNames().containsKey(named.name());
    }

    private static Field field(Property property, List<Annotation> mappings, List<Annotation> rules) {
        Attribute attribute = property.attribute();
        FieldType type = attributeType(property).listed(attribute.list());
        String name = property.name();
        return new Field(name, name, attribute.notes().doc(), type, mappings, rules, Optional.of(property));
    }

    private void key(Property property, List<Annotation> mappings) {
        if (subject.isPresent() && property.key()) {
            mappings.add(Annotation.of("Id"));
            if (isGivenKey(property)) {
                String strategy = property.attribute().type().is(Scalar.SERIAL) ? "IDENTITY" : "UUID";
                mappings.add(Annotation.of("GeneratedValue")
                        .with("strategy", Annotation.constant("GenerationType", strategy)));
            }
        }
        if (subject.filter(s -> Callback.isVersion(s, property)).isPresent()) {
            mappings.add(Annotation.of("Version"));
        }
    }

    /** Whether the database or the provider makes the key. */
    private boolean isGivenKey(Property property) {
        return property.key()
                && subject.filter(s -> !columns.classes().hasCompositeKey(s)).isPresent()
                && Stream.of(Scalar.SERIAL, Scalar.UUID)
                        .anyMatch(property.attribute().type()::is);
    }

    private void column(Property property, List<Annotation> mappings, List<Annotation> rules) {
        Attribute attribute = property.attribute();
        Column column = property.column().orElseThrow();
        if (!isConvertedInKey(columns.classes(), property)) {
            columns.converter(attribute.type()).ifPresent(mappings::add);
        }
        mappings.add(Columns.column(column, attribute));
        boolean provided =
                column.identity() || isGivenKey(property) && attribute.type().is(Scalar.UUID);
        if ((column.required() || !attribute.optional()) && !provided) {
            rules.add(Rules.NOT_NULL);
        }
        rules.addAll(Rules.of(attribute));
    }

    /** Providers read a value without any part as null. */
    private static void value(Property property, List<Annotation> mappings, List<Annotation> rules) {
        mappings.add(Annotation.of("Embedded"));
        mappings.addAll(Columns.overrides(property));
        boolean empty = property.parts().stream().allMatch(p -> p.attribute().optional());
        if (!property.attribute().optional() && !empty) {
            rules.add(Rules.NOT_NULL);
        }
        rules.add(Rules.VALID);
    }

    private void listInRow(Property property, List<Annotation> mappings) {
        Column column = property.column().orElseThrow();
        if (column.type().is(SqlType.Kind.ARRAY)) {
            columns.arrayConverter().ifPresent(mappings::add);
        }
        mappings.add(Annotation.of("Column")
                .with("name", Columns.sqlText(column.name()))
                .required(column.required())
                .with("columnDefinition", Columns.definition(column.type())));
    }

    private void list(Property property, DerivedTable table, List<Annotation> mappings) {
        mappings.add(Annotation.of("ElementCollection"));
        mappings.add(Annotation.of("CollectionTable")
                .with("name", Columns.sqlText(table.name()))
                .with(
                        "joinColumns",
                        Columns.joins(columns.classes(), table.references().get(0), false)));
        int owner = table.keyColumns().size() - 1;
        Column position = table.columns().get(owner);
        mappings.add(Annotation.of("OrderColumn").with("name", Columns.sqlText(position.name())));
        if (property.isValue()) {
            mappings.addAll(Columns.overrides(property));
        } else {
            columns.converter(property.attribute().type()).ifPresent(mappings::add);
            mappings.add(Columns.column(table.columns().get(owner + 1), property.attribute()));
        }
    }
}
