package jasperwing.classes.template;

import jasperwing.classes.ClassModel;
import jasperwing.classes.ClassRule;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Language;
import jasperwing.classes.language.Options;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Scalar;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A design and its tables as the data templates see: maps, lists, texts, numbers and truth values of the {@link Shape}s. What is not asked for is
 * not found out. Confined to one thread.
 */
final class TemplateData {
    private final Design design;
    private final Schema schema;
    private final ClassModel model;
    private final Options options;
    private final ChosenClasses classes;
    private final RowData rows;
    private final AssociationData associations;
    private final ObjectData objects;
    private final Map<String, String> rowNames = new HashMap<>();
    private final String values;
    private final Map<String, Data> known = new HashMap<>();

    TemplateData(ChosenClasses classes, StandardAdapter.Factory standard) {
        this.classes = classes;
        this.model = classes.model();
        this.design = model.design();
        this.schema = model.schema();
        this.options = classes.options();
        this.rows = new RowData(classes, schema);
        this.associations = new AssociationData(classes);
        this.objects = new ObjectData(classes, standard, this::entity);
        Identifiers names = new Identifiers(0);
        model.classNames().values().forEach(names::take);
        model.enumNames().values().forEach(names::take);
        this.values = names.take("RowValues");
        model.classNames().forEach((entity, name) -> rowNames.put(entity, names.take(name + "Rows")));
    }

    Language language() {
        return classes.language();
    }

    Data design() {
        return SharedShapes.DESIGN.of(
                design.name(),
                classes.packageOf(""),
                options.header(),
                !options.is("rows", "classes"),
                values,
                options.values(),
                Data.later(() -> entities().map(this::entity).toList()),
                Data.later(() -> enums().map(this::enumType).toList()),
                Data.later(() -> groups(AttributeGroup.Kind.VALUE)),
                Data.later(() -> groups(AttributeGroup.Kind.TRAIT)),
                Data.later(() -> all().anyMatch(a -> a.type().is(Scalar.DURATION))),
                Data.later(() -> all().anyMatch(Attribute::isTimeOrdered)),
                Data.later(this::hasInverses),
                objects.adapter().ofDesign());
    }

    /** The names of what has a table, each once, in the order of the design. */
    Stream<String> entities() {
        return design.entities().stream().map(Entity::name).distinct().filter(e -> schema.table(e)
                .isPresent());
    }

    /** The first enum of each name. */
    Stream<EnumType> enums() {
        return design.enums().stream()
                .filter(e ->
                        design.enumType(e.name()).filter(first -> first == e).isPresent());
    }

    /** The simple names of classes by their packages, so that no import hides one of them. */
    Map<String, Set<String>> names() {
        Map<String, Set<String>> names = classes.names();
        entities().map(e -> design.entity(e).orElseThrow()).forEach(e -> names.computeIfAbsent(
                        classes.packageOf(e.area()), p -> new HashSet<>())
                .add(rowNames.get(e.name())));
        return names;
    }

    Data enumType(EnumType type) {
        List<String> constants = objects.constants(type);
        List<Data> all = new ArrayList<>();
        for (EnumValue value : type.values()) {
            String label = value.label().isEmpty() ? Words.capitalised(Words.spoken(value.name())) : value.label();
            all.add(SharedShapes.VALUE.of(
                    value.name(),
                    constants.get(all.size()),
                    label,
                    value.notes().doc(),
                    value.retired()));
        }
        return SharedShapes.ENUM.of(
                type.name(),
                model.enumNames().get(type.name()),
                classes.packageOf(""),
                all,
                type.notes().doc());
    }

    /** The first of each name. */
    List<Data> groups(AttributeGroup.Kind kind) {
        return model.groups().stream()
                .filter(g -> model.group(kind, g.group().name())
                        .filter(first -> first == g)
                        .isPresent())
                .map(this::group)
                .toList();
    }

    private Data group(ModelGroup group) {
        return SharedShapes.GROUP.of(
                group.group().name(),
                group.name(),
                classes.packageOf(""),
                group.group().notes().doc(),
                objects.adapter().ofGroup(group),
                Data.later(() -> objects.fields(group)),
                Data.later(() -> rules(group.rules())));
    }

    private static List<Data> rules(List<ClassRule> rules) {
        return rules.stream()
                .map(r -> SharedShapes.RULE.of(r.name(), r.message(), r.inherited()))
                .toList();
    }

    /** The attributes of all classes. */
    private Stream<Attribute> all() {
        return Stream.concat(
                entities().flatMap(this::kept),
                model.groups().stream().flatMap(g -> g.properties().stream().map(Property::attribute)));
    }

    /** The attributes of an entity that are not computed. */
    private Stream<Attribute> kept(String entity) {
        return design.entity(entity).orElseThrow().attributes().stream().filter(a -> !a.isComputed());
    }

    private boolean hasInverses() {
        return entities()
                .flatMap(e -> associations.of(design.entity(e).orElseThrow()).stream())
                .anyMatch(a -> !a.text("opposite").isEmpty()
                        || a.text("kind").equals("each") && !a.text("back").isEmpty());
    }

    Data entity(String name) {
        return known.computeIfAbsent(
                name,
                n -> entity(design.entity(n).orElseThrow(), schema.table(n).orElseThrow()));
    }

    private Data entity(Entity entity, DerivedTable table) {
        return SharedShapes.ENTITY.of(Stream.of(names(entity, table), rows(entity, table), objects(entity))
                .flatMap(List::stream)
                .toArray());
    }

    private List<Object> names(Entity entity, DerivedTable table) {
        return List.of(
                entity.name(),
                entity.notes().label(),
                entity.notes().doc(),
                entity.area(),
                classes.packageOf(entity.area()),
                model.classNames().get(entity.name()),
                rowNames.get(entity.name()),
                classes.dialect().quote(table.table()),
                schema.kindsViews().stream().anyMatch(v -> v.name().equals(table.name())),
                rows.condition(table));
    }

    private List<Object> rows(Entity entity, DerivedTable table) {
        return List.of(
                Data.later(() -> rows.filled(table)),
                Data.later(() -> rows.components(table)),
                Data.later(() -> rows.above(table).map(e -> entity(e.name())).orElse(null)),
                Data.later(() -> rows.computed(table)),
                Data.later(() -> rules(classes.of(entity.name()).rules())),
                Data.later(() -> rows.key(table)),
                Data.later(() -> rows.uniques(table)),
                Data.later(() -> rows.references(table)),
                Data.later(() -> rows.oneOfs(entity, table)),
                Data.later(() -> rows.lists(entity)),
                Data.later(() -> rows.joins(entity)));
    }

    private List<Object> objects(Entity entity) {
        return List.of(
                Data.later(() -> associations.of(entity)),
                entity.inheritance().of(),
                model.classNames().getOrDefault(entity.inheritance().of(), ""),
                Data.later(() -> kinds(entity)),
                Data.later(() -> traits(entity)),
                entity.inheritance().onlyKinds(),
                entity.shown().names(),
                Data.later(() -> objects.of(classes.of(entity.name()))));
    }

    private List<Data> kinds(Entity entity) {
        Set<String> kinds = new HashSet<>(
                design.kinds(entity.name()).stream().map(Entity::name).toList());
        return entities().filter(kinds::contains).map(this::entity).toList();
    }

    private List<Data> traits(Entity entity) {
        return model.groups().stream()
                .filter(g -> g.group().is(AttributeGroup.Kind.TRAIT)
                        && entity.traits().contains(g.group().name()))
                .map(this::group)
                .toList();
    }

    /** What computes what an entity computes. */
    ComputedCode computed(String entity) {
        return new ComputedCode(
                classes,
                classes.of(entity),
                () -> rows.formulas(
                        design.entity(entity).orElseThrow(),
                        schema.table(entity).orElseThrow()),
                rule -> rows.condition(
                        design.entity(entity).orElseThrow(),
                        schema.table(entity).orElseThrow(),
                        rule.formula()));
    }

    /** What tells whether values fulfil the rules of a value. */
    ValueRules valueRules(String value) {
        return new ValueRules(classes, model.group(AttributeGroup.Kind.VALUE, value));
    }
}
