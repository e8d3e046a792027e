package jasperwing.classes.jakarta;

import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Field;
import jasperwing.classes.language.FieldType;
import jasperwing.classes.language.Fields;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Literals;
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
final class MappedFields {
    private final ChosenClasses classes;
    private final Columns columns;
    private final Optional<ModelClass> subject;

    private MappedFields(ChosenClasses classes, Optional<ModelClass> subject) {
        this.classes = classes;
        this.columns = new Columns(classes);
        this.subject = subject;
    }

    /** Those of the class of an entity, in the order of {@link Fields#inOrder}. */
    static List<MappedField> of(ChosenClasses classes, ModelClass subject) {
        MappedFields fields = new MappedFields(classes, Optional.of(subject));
        return Fields.inOrder(subject, fields::attribute, new AssociationFields(classes, subject)::of);
    }

    /** Those of the class of a value; of a trait what its interface tells of, which is kept as the classes that have it say. */
    static List<MappedField> of(ChosenClasses classes, ModelGroup group) {
        MappedFields fields = new MappedFields(classes, Optional.empty());
        boolean kept = group.group().is(AttributeGroup.Kind.VALUE);
        return group.properties().stream()
                .map(p -> kept ? fields.attribute(p) : MappedField.of(Field.of(p), List.of(), false))
                .toList();
    }

    /** Those of the key of a class, with what a key class keeps of each; in the order of the class. */
    static List<Field> ofKey(ChosenClasses classes, ModelClass subject) {
        return new Fields(classes).ofKey(subject, p -> keyPart(classes, p));
    }

    /** The type of the key of an entity: of its attribute, or its key class. */
    static FieldType keyType(ChosenClasses classes, String entity) {
        return new Fields(classes).keyType(entity, p -> keyPart(classes, p));
    }

    /** Key classes have what is stored. */
    private static FieldType keyPart(ChosenClasses classes, Property property) {
        if (isDurationInKey(property)) {
            return FieldType.of(Type.of(Scalar.BIG_INT));
        }
        return FieldType.of(
                isEnumInKey(classes, property)
                        ? Type.of(Scalar.LONG_TEXT)
                        : property.attribute().type());
    }

    private MappedField attribute(Property property) {
        Attribute attribute = property.attribute();
        List<Annotation> mappings = new ArrayList<>();
        List<Annotation> rules = new ArrayList<>();
        if (property.listTable().isPresent()) {
            list(property, property.listTable().get(), mappings, rules);
        } else if (attribute.list()) {
            listInRow(property, mappings);
        } else if (property.isValue()) {
            value(property, mappings, rules);
        } else {
            key(property, mappings);
            column(property, mappings, rules);
        }
        return new MappedField(Field.of(property), mappings, rules);
    }

    /**
     * Whether the field has what the column has, and accessors make of it what it is: of a list in a column, for which the standard has no type,
     * and of an enum or a duration in a key, which may have no converter.
     */
    static boolean isAsStored(ChosenClasses classes, Property property) {
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

    /** Whether the database or the provider makes the key; an object is made with a default. */
    private boolean isGivenKey(Property property) {
        return property.key()
                && Literals.usual(classes.model().design(), property.attribute())
                        .isEmpty()
                && subject.filter(s -> !classes.hasCompositeKey(s)).isPresent()
                && Stream.of(Scalar.SERIAL, Scalar.UUID)
                        .anyMatch(property.attribute().type()::is);
    }

    private void column(Property property, List<Annotation> mappings, List<Annotation> rules) {
        Attribute attribute = property.attribute();
        Column column = property.column().orElseThrow();
        if (!isConvertedInKey(classes, property)) {
            columns.converter(attribute.type()).ifPresent(mappings::add);
        }
        mappings.add(columns.column(column, attribute));
        boolean provided =
                column.isCounted() || isGivenKey(property) && attribute.type().is(Scalar.UUID);
        if ((column.required() || !attribute.optional()) && !provided) {
            rules.add(Rules.NOT_NULL);
        }
        rules.addAll(Rules.of(attribute));
    }

    /** Providers read a value without any part as null. */
    private void value(Property property, List<Annotation> mappings, List<Annotation> rules) {
        mappings.add(Annotation.of("Embedded"));
        mappings.addAll(columns.overrides(property));
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
                .with("name", columns.sqlText(column.name()))
                .required(column.required())
                .with("columnDefinition", columns.definition(column.type())));
    }

    private void list(Property property, DerivedTable table, List<Annotation> mappings, List<Annotation> rules) {
        mappings.add(Annotation.of("ElementCollection"));
        mappings.add(columns.named("CollectionTable", table)
                .with("joinColumns", columns.joins(table.references().get(0), false)));
        int owner = table.keyColumns().size() - 1;
        Column position = table.columns().get(owner);
        mappings.add(Annotation.of("OrderColumn").with("name", columns.sqlText(position.name())));
        if (property.isValue()) {
            mappings.addAll(columns.overrides(property));
            rules.add(Rules.VALID);
        } else {
            columns.converter(property.attribute().type()).ifPresent(mappings::add);
            mappings.add(columns.column(table.columns().get(owner + 1), property.attribute()));
        }
    }
}
