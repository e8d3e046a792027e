package jasperwing.classes.template;

import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Field;
import jasperwing.classes.language.FieldType;
import jasperwing.derive.Literals;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.InheritanceTree;
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
    private final StandardAdapter adapter;

    /**
     * Those of a design.
     *
     * @param standard what is asked of the classes besides
     * @param entities what templates see of an entity
     */
    ObjectData(ChosenClasses classes, StandardAdapter.Factory standard, Function<String, Data> entities) {
        this.classes = classes;
        this.entities = entities;
        this.types = new TypeData(classes);
        this.adapter = standard.of(classes, types);
    }

    /** What is asked of the classes besides what they are. */
    StandardAdapter adapter() {
        return adapter;
    }

    /** The constants of the values of an enum, in order, each of its own. */
    List<String> constants(EnumType type) {
        Identifiers taken = new Identifiers(0);
        return type.values().stream()
                .map(v -> taken.take(classes.language().constantName(v.name())))
                .toList();
    }

    Data of(ModelClass subject) {
        Map<String, Data> fields = new LinkedHashMap<>();
        adapter.fields(subject).forEach(f -> fields.put(f.field().name(), field(f)));
        return SharedShapes.OBJECT.of(
                subject.parent().map(entities).orElse(null),
                subject.isRoot(),
                subject.isAbstract(),
                Data.later(() -> classes.interfacesOf(subject).toList()),
                adapter.ofClass(subject, fields),
                List.copyOf(fields.values()),
                subject.properties().stream().map(p -> fields.get(p.name())).toList(),
                subject.computed().stream().map(this::computed).toList(),
                Data.later(() ->
                        adapter.key(subject).stream().map(f -> field(f, null)).toList()),
                classes.hasCompositeKey(classes.keyed(subject.entity().name())),
                Data.later(() -> shown(subject)));
    }

    private Data computed(Computed computed) {
        Attribute attribute = computed.attribute();
        Field field = new Field(
                computed.name(),
                computed.name(),
                attribute.notes().doc(),
                FieldType.of(attribute.type()),
                Optional.empty());
        return field(field, null);
    }

    /** The fields of a value or trait. */
    List<Data> fields(ModelGroup group) {
        return adapter.fields(group).stream().map(this::field).toList();
    }

    private Data field(StandardAdapter.Adapted adapted) {
        return field(adapted.field(), adapted.mapping());
    }

    private Data field(Field field, Data mapping) {
        Optional<Property> property = field.property();
        Optional<Attribute> attribute = property.map(Property::attribute);
        Optional<Literal> usual =
                attribute.flatMap(a -> Literals.usual(classes.model().design(), a));
        boolean constant = usual.isPresent() && isEnum(attribute.get().type());
        String kind = usual.map(d -> d.kind().name().toLowerCase(Locale.ROOT)).orElse("");
        return SharedShapes.FIELD.of(
                field.name(),
                field.member(),
                field.doc(),
                types.of(field.type()),
                attribute.isPresent(),
                usual.map(d -> constant ? constant(attribute.get(), d) : d.text())
                        .orElse(""),
                constant ? "enum" : kind,
                attribute.map(Attribute::optional).orElse(false),
                property.flatMap(Property::column).map(Column::isCounted).orElse(false),
                property.map(Property::key).orElse(false),
                attribute.flatMap(Attribute::stamped).map(AutoTimestamp::word).orElse(""),
                attribute.map(Attribute::isListInRow).orElse(false),
                mapping);
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
        Optional<Data> own = property(subject, member).map(p -> SharedShapes.SHOWN.of(p, false));
        return own.isPresent() || subject.parent().isEmpty()
                ? own
                : InheritanceTree.ancestors(
                                classes.model().design(), subject.entity().name())
                        .stream()
                        .flatMap(a -> property(classes.of(a.name()), member).stream())
                        .findFirst()
                        .map(p -> SharedShapes.SHOWN.of(p, true));
    }

    /** Of what an object is shown by its own attributes alone: what it refers to may not be loaded, and to show it would load it. */
    private static Optional<String> property(ModelClass of, String member) {
        return of.properties().stream()
                .filter(p -> p.attribute().name().equals(member))
                .map(Property::name)
                .findFirst();
    }
}
