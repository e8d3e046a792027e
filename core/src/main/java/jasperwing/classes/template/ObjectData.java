package jasperwing.classes.template;

import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.classes.jakarta.Callback;
import jasperwing.classes.jakarta.ChosenClasses;
import jasperwing.classes.jakarta.ClassAnnotations;
import jasperwing.classes.jakarta.Columns;
import jasperwing.classes.jakarta.Field;
import jasperwing.classes.jakarta.FieldType;
import jasperwing.classes.jakarta.Fields;
import jasperwing.classes.java.JavaNames;
import jasperwing.derive.Literals;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Family;
import jasperwing.model.Literal;
import jasperwing.model.Type;
import jasperwing.naming.Identifiers;
import jasperwing.physical.Column;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Classes of objects as the data templates see. */
final class ObjectData {
    private final ChosenClasses classes;
    private final Function<String, Data> entities;
    private final TypeData types;

    /** @param entities what templates see of an entity */
    ObjectData(ChosenClasses classes, Function<String, Data> entities) {
        this.classes = classes;
        this.entities = entities;
        this.types = new TypeData(classes);
    }

    TypeData types() {
        return types;
    }

    /** The constants of the values of an enum, in order, each of its own. */
    static List<String> constants(EnumType type) {
        Identifiers taken = new Identifiers(0);
        return type.values().stream()
                .map(v -> taken.take(JavaNames.constant(v.name())))
                .toList();
    }

    Data of(ModelClass subject) {
        Map<String, Data> fields = new LinkedHashMap<>();
        Fields.of(classes, subject).forEach(f -> fields.put(f.name(), field(f)));
        return Shape.OBJECT.of(
                subject.parent().map(entities).orElse(null),
                subject.isRoot(),
                ClassAnnotations.isAbstract(subject),
                Data.later(() -> classes.interfacesOf(subject).toList()),
                Data.later(() -> AnnotationData.of(ClassAnnotations.of(classes, subject))),
                List.copyOf(fields.values()),
                subject.properties().stream().map(p -> fields.get(p.name())).toList(),
                subject.computed().stream().map(this::computed).toList(),
                Data.later(() -> fields(Fields.ofKey(classes, subject))),
                classes.hasCompositeKey(classes.keyed(subject.entity().name())),
                Callback.of(subject).stream().map(c -> callback(c, fields)).toList(),
                Data.later(() -> shown(subject)));
    }

    private static Data callback(Callback callback, Map<String, Data> fields) {
        return Shape.CALLBACK.of(
                callback.event(),
                callback.method(),
                callback.properties().stream().map(p -> fields.get(p.name())).toList());
    }

    private Data computed(Computed computed) {
        Attribute attribute = computed.attribute();
        return field(new Field(
                computed.name(),
                computed.name(),
                attribute.notes().doc(),
                FieldType.of(attribute.type()),
                List.of(),
                List.of(),
                Optional.empty()));
    }

    List<Data> fields(List<Field> fields) {
        return fields.stream().map(this::field).toList();
    }

    private Data field(Field field) {
        Optional<Property> property = field.property();
        Optional<Attribute> attribute = property.map(Property::attribute);
        Optional<Literal> usual = attribute.flatMap(this::usual);
        boolean constant = usual.isPresent() && isEnum(attribute.get().type());
        String kind = usual.map(d -> d.kind().name().toLowerCase(Locale.ROOT)).orElse("");
        return Shape.FIELD.of(
                field.name(),
                field.member(),
                field.doc(),
                types.of(field.type()),
                Data.later(() -> AnnotationData.of(field.mappings())),
                Data.later(() -> AnnotationData.of(field.rules())),
                attribute.isPresent(),
                usual.map(d -> constant ? constant(attribute.get(), d) : d.text())
                        .orElse(""),
                constant ? "enum" : kind,
                attribute.map(Attribute::optional).orElse(false),
                property.flatMap(Property::column).map(Column::identity).orElse(false),
                property.map(Property::key).orElse(false),
                attribute.flatMap(Attribute::stamped).map(AutoTimestamp::word).orElse(""),
                attribute.map(Attribute::isListInRow).orElse(false),
                property.filter(p -> Fields.isAsStored(classes, p)).isPresent(),
                attribute
                        .filter(Attribute::isListInRow)
                        .map(a -> classes.packageOf("") + "." + Columns.listText(classes, a))
                        .orElse(""));
    }

    private Optional<Literal> usual(Attribute attribute) {
        return attribute
                .defaultValue()
                .filter(d -> !attribute.list() && Literals.fits(classes.model().design(), attribute.type(), d));
    }

    private boolean isEnum(Type type) {
        return type instanceof Type.Named named && classes.model().enumNames().containsKey(named.name());
    }

    private String constant(Attribute attribute, Literal literal) {
        String name = ((Type.Named) attribute.type()).name();
        EnumType type = classes.model().design().enumType(name).orElseThrow();
        List<String> values = type.values().stream().map(EnumValue::name).toList();
        return constants(type).get(values.indexOf(literal.text()));
    }

    private List<Data> shown(ModelClass subject) {
        return subject.entity().shown().names().stream()
                .flatMap(n -> shown(subject, n).stream())
                .toList();
    }

    private Optional<Data> shown(ModelClass subject, String member) {
        Optional<Data> own = property(subject, member).map(p -> Shape.SHOWN.of(p, false));
        return own.isPresent() || subject.parent().isEmpty()
                ? own
                : Family.ancestors(classes.model().design(), subject.entity().name()).stream()
                        .flatMap(a -> property(classes.of(a.name()), member).stream())
                        .findFirst()
                        .map(p -> Shape.SHOWN.of(p, true));
    }

    /** Of what an object is shown by its own attributes alone: what it refers to may not be loaded, and to show it would load it. */
    private static Optional<String> property(ModelClass of, String member) {
        return of.properties().stream()
                .filter(p -> p.attribute().name().equals(member))
                .map(Property::name)
                .findFirst();
    }
}
