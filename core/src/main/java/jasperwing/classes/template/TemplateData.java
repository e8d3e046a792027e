package jasperwing.classes.template;

import jasperwing.classes.ClassModel;
import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.java.RecordFormula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Literal;
import jasperwing.model.OneOf;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Stamp;
import jasperwing.model.Tie;
import jasperwing.model.Type;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Reserved;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Column;
import jasperwing.schema.Dialect;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.Literals;
import jasperwing.schema.Schema;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A design and its tables as the data templates see: maps, lists, texts, numbers and truth values of the {@link Shape}s. */
final class TemplateData {
    private static final Dialect DIALECT = Dialect.POSTGRESQL;

    /** Names no component of a record may have. */
    private static final Set<String> OF_OBJECTS =
            Set.of("clone", "finalize", "getClass", "hashCode", "notify", "notifyAll", "toString", "wait");

    private final Design design;
    private final Schema schema;
    private final ClassModel model;
    private final JavaOptions options;
    private final ColumnAttributes attributes;
    private final AssociationData associations;
    private final Map<String, String> rows = new HashMap<>();
    private final String values;
    private final Map<String, Known> known = new HashMap<>();
    private final Map<String, Map<String, RecordFormula>> formulas = new HashMap<>();

    /** The columns of a table by name: those that are filled, and those that are computed. */
    private record Known(Map<String, Map<String, Object>> columns, Map<String, Map<String, Object>> computed) {
        Optional<Map<String, Object>> of(String column) {
            return Optional.ofNullable(columns.getOrDefault(column, computed.get(column)));
        }
    }

    TemplateData(Design given, Schema schema, JavaOptions options) {
        this.design = given.whole();
        this.schema = schema;
        this.model = ClassModel.of(given, schema);
        this.options = options;
        this.attributes = new ColumnAttributes(design, schema);
        this.associations = new AssociationData(model, options);
        Identifiers names = new Identifiers(0);
        model.classNames().values().forEach(names::take);
        model.enumNames().values().forEach(names::take);
        this.values = names.take("RowValues");
        model.classNames().forEach((entity, name) -> rows.put(entity, names.take(name + "Rows")));
    }

    Map<String, Object> design() {
        return Shape.DESIGN.of(
                design.name(),
                options.packageOf(""),
                options.header(),
                options.areRecords(),
                values,
                design.entities().stream()
                        .filter(e -> schema.table(e.name()).isPresent())
                        .filter(e -> design.entity(e.name())
                                .filter(first -> first == e)
                                .isPresent())
                        .map(this::entity)
                        .toList(),
                design.enums().stream()
                        .filter(e -> design.enumType(e.name())
                                .filter(first -> first == e)
                                .isPresent())
                        .map(this::enumType)
                        .toList());
    }

    private Map<String, Object> enumType(EnumType type) {
        Identifiers constants = new Identifiers(0);
        List<Map<String, Object>> values = new ArrayList<>();
        for (EnumValue value : type.values()) {
            String label = value.label().isEmpty() ? Words.capitalised(Words.spoken(value.name())) : value.label();
            values.add(Shape.VALUE.of(value.name(), constants.take(constant(value.name())), label));
        }
        return Shape.ENUM.of(type.name(), model.enumNames().get(type.name()), options.packageOf(""), values);
    }

    private static String constant(String value) {
        String upper = Words.snake(value).toUpperCase(Locale.ROOT);
        boolean usable = !upper.isEmpty() && !Character.isDigit(upper.codePointAt(0)) && !Reserved.JAVA.contains(upper);
        return usable ? upper : "V_" + upper;
    }

    Map<String, Object> entity(Entity entity) {
        Table table = schema.table(entity.name()).orElseThrow();
        Map<String, Map<String, Object>> known = columns(table);
        formulas.put(entity.name(), FormulaData.of(design, entity, table, known(table)::of));
        return Shape.ENTITY.of(
                entity.name(),
                entity.notes().label(),
                entity.notes().doc(),
                entity.area(),
                options.packageOf(entity.area()),
                className(entity.name()),
                rows.get(entity.name()),
                DIALECT.quote(table.name()),
                condition(table),
                List.copyOf(known.values()),
                List.copyOf(known(table).computed().values()),
                all(known, table.primaryKey()),
                table.uniques().stream()
                        .map(u -> u.columns())
                        .filter(u -> known.keySet().containsAll(u))
                        .map(u -> all(known, u))
                        .toList(),
                table.foreignKeys().stream()
                        .filter(k -> known.keySet().containsAll(k.columns()) && !ColumnAttributes.isEnum(schema, k))
                        .map(k -> reference(table, k, known))
                        .toList(),
                oneOfs(entity, table, known),
                lists(entity),
                joins(entity),
                associations.of(entity),
                entity.kinship().of(),
                entity.kinship().onlyKinds(),
                entity.shown().names());
    }

    private static List<Map<String, Object>> all(Map<String, Map<String, Object>> known, List<String> names) {
        return names.stream().map(known::get).toList();
    }

    private String className(String entity) {
        return Optional.ofNullable(model.classNames().get(entity)).orElseGet(() -> Words.pascal(entity));
    }

    private static String condition(Table table) {
        return table.kinds()
                .filter(k -> k.others() && !k.names().isEmpty())
                .map(k -> DIALECT.quote(k.column()) + " in ("
                        + k.names().stream().map(DIALECT::literal).collect(Collectors.joining(", ")) + ")")
                .orElse("");
    }

    /** What computes the attributes of an entity that follow from a row alone, by their properties. */
    Map<String, RecordFormula> formulas(String entity) {
        return formulas.getOrDefault(entity, Map.of());
    }

    /** The columns of a table by name, but those the database computes. */
    private Map<String, Map<String, Object>> columns(Table table) {
        return known(table).columns();
    }

    private Known known(Table table) {
        return known.computeIfAbsent(table.name() + " " + table.source(), t -> {
            Identifiers properties = new Identifiers(0);
            Known all = new Known(new LinkedHashMap<>(), new LinkedHashMap<>());
            table.columns().stream().filter(c -> c.computed().isEmpty()).forEach(c -> all.columns()
                    .put(c.name(), column(table, c, properties)));
            table.columns().stream().filter(c -> isComputedAttribute(table, c)).forEach(c -> all.computed()
                    .put(c.name(), column(table, c, properties)));
            return all;
        });
    }

    private boolean isComputedAttribute(Table table, Column column) {
        return !column.computed().isEmpty()
                && attributes.of(table, column).isComputed()
                && attributes.of(table, column).name().equals(column.member());
    }

    private Map<String, Object> column(Table table, Column column, Identifiers properties) {
        Attribute attribute = attributes.of(table, column);
        boolean own = attribute.name().equals(column.member());
        boolean inRow = own && attribute.isListInRow();
        boolean array = inRow && column.type().endsWith("[]");
        Type type = inRow && !array ? Type.of(Scalar.JSON) : attribute.type();
        boolean isEnum = type instanceof Type.Named named && model.enumNames().containsKey(named.name());
        Optional<Stamp> stamp = own ? attribute.stamped() : Optional.empty();
        boolean version = stamp.isPresent() && type.isNumeric();
        return Shape.COLUMN.of(
                DIALECT.quote(column.name()),
                column.name(),
                properties.take(property(column.name())),
                column.member(),
                isEnum ? "enum" : word(type),
                isEnum ? model.enumNames().get(((Type.Named) type).name()) : "",
                type instanceof Type.Text text ? text.length() : 0,
                type instanceof Type.Decimal decimal ? decimal.precision() : 0,
                type instanceof Type.Decimal decimal ? decimal.scale() : 0,
                array,
                column.type(),
                column.required() || table.primaryKey().contains(column.name()),
                column.generated(),
                table.primaryKey().contains(column.name()),
                version ? "" : stamp.map(Stamp::word).orElse(""),
                version,
                column.computed(),
                bound(attribute, own, Range::from),
                bound(attribute, own, Range::to),
                own && Literals.formFits(attribute)
                        ? attribute.form().longerThan().orElse(-1)
                        : -1,
                own && Literals.formFits(attribute) ? attribute.form().matching() : "",
                column.comment());
    }

    private static String bound(Attribute attribute, boolean own, Function<Range, Optional<Literal>> end) {
        return attribute
                .range()
                .filter(r -> own && Literals.rangeFits(attribute.type(), r))
                .flatMap(end)
                .map(Literal::text)
                .orElse("");
    }

    /** A type in the design's words, without sizes; what is unknown is taken for text. */
    private static String word(Type type) {
        if (type instanceof Type.Decimal) {
            return "decimal";
        }
        return type instanceof Type.Plain plain ? plain.scalar().words() : "text";
    }

    static String property(String column) {
        String name = Words.camel(column);
        if (name.isEmpty()) {
            return "column";
        }
        if (Character.isDigit(name.codePointAt(0))) {
            return "_" + name;
        }
        return Reserved.JAVA.contains(name) || OF_OBJECTS.contains(name) ? name + "_" : name;
    }

    private Map<String, Object> reference(Table table, ForeignKey key, Map<String, Map<String, Object>> known) {
        Optional<Entity> target = design.entity(key.targetEntity());
        return Shape.REFERENCE.of(
                property(key.role().map(Role::name).orElse(key.targetEntity())),
                key.targetEntity(),
                className(key.targetEntity()),
                options.packageOf(target.map(Entity::area).orElse("")),
                all(known, key.columns()),
                key.columns().stream()
                        .allMatch(c -> table.column(c).map(Column::required).orElse(false)
                                || table.primaryKey().contains(c)),
                table.isUnique(key.columns()),
                target.map(Entity::outside).orElse(true));
    }

    private List<Map<String, Object>> oneOfs(Entity entity, Table table, Map<String, Map<String, Object>> known) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Role role : Roles.heldBy(design, entity.name())) {
            List<ForeignKey> keys = table.foreignKeysOf(role);
            if (role.relationship() instanceof OneOf && !keys.isEmpty()) {
                all.add(Shape.ONE_OF.of(
                        property(role.name()),
                        className(entity.name()) + Words.pascal(role.name()),
                        role.must(),
                        keys.stream().map(k -> reference(table, k, known)).toList()));
            }
        }
        return all;
    }

    private List<Map<String, Object>> lists(Entity entity) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Attribute attribute : entity.attributes()) {
            schema.listTable(entity.name(), attribute.name()).ifPresent(t -> {
                Map<String, Map<String, Object>> known = columns(t);
                List<Map<String, Object>> inOrder = List.copyOf(known.values());
                int owner = t.primaryKey().size() - 1;
                all.add(Shape.ROWS.of(
                        property(attribute.name()),
                        DIALECT.quote(t.name()),
                        inOrder.subList(0, owner),
                        inOrder.get(owner),
                        inOrder.subList(owner + 1, inOrder.size()),
                        attribute.notes().doc()));
            });
        }
        return all;
    }

    private List<Map<String, Object>> joins(Entity entity) {
        List<Map<String, Object>> all = new ArrayList<>();
        design.relationshipsOf(entity.name()).stream()
                .filter(Tie.class::isInstance)
                .map(Tie.class::cast)
                .distinct()
                .forEach(tie -> schema.joinTable(tie).ifPresent(t -> {
                    if (tie.from().equals(entity.name())) {
                        all.add(join(t, t.foreignKeys().get(0), t.foreignKeys().get(1), Roles.forward(tie)));
                    }
                    if (tie.to().equals(entity.name())) {
                        all.add(join(t, t.foreignKeys().get(1), t.foreignKeys().get(0), Roles.back(tie)));
                    }
                }));
        return all;
    }

    private Map<String, Object> join(Table table, ForeignKey here, ForeignKey there, String role) {
        Map<String, Map<String, Object>> known = columns(table);
        return Shape.JOIN.of(
                property(role),
                DIALECT.quote(table.name()),
                all(known, here.columns()),
                all(known, there.columns()),
                there.targetEntity(),
                className(there.targetEntity()));
    }
}
