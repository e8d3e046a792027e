package jasperwing.classes.template;

import jasperwing.classes.jakarta.ChosenClasses;
import jasperwing.classes.java.RecordFormula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Form;
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
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Tables as the data templates see: columns, keys, what points where. */
final class RowData {
    private static final Dialect DIALECT = Dialect.POSTGRESQL;

    /** Names no component of a record may have. */
    private static final Set<String> OF_OBJECTS =
            Set.of("clone", "finalize", "getClass", "hashCode", "notify", "notifyAll", "toString", "wait");

    private final ChosenClasses classes;
    private final Design design;
    private final Schema schema;
    private final ColumnAttributes attributes;
    private final Map<String, Known> known = new HashMap<>();
    private final Map<String, Map<String, RecordFormula>> formulas = new HashMap<>();

    /** The columns of a table by name: those that are filled, and those that are computed. */
    private record Known(Map<String, Map<String, Object>> columns, Map<String, Map<String, Object>> computed) {
        Optional<Map<String, Object>> of(String column) {
            return Optional.ofNullable(columns.getOrDefault(column, computed.get(column)));
        }
    }

    RowData(ChosenClasses classes, Schema schema) {
        this.classes = classes;
        this.design = classes.model().design();
        this.schema = schema;
        this.attributes = new ColumnAttributes(design, schema);
    }

    /** What computes the attributes of an entity that follow from a row alone, by their properties. */
    Map<String, RecordFormula> formulas(Entity entity, Table table) {
        return formulas.computeIfAbsent(
                entity.name(), e -> FormulaData.of(design, entity, table, c -> computedBy(table, c), known(table)::of));
    }

    /** The columns that are filled. */
    List<Map<String, Object>> filled(Table table) {
        return List.copyOf(columns(table).values());
    }

    List<Map<String, Object>> computed(Table table) {
        return List.copyOf(known(table).computed().values());
    }

    List<Map<String, Object>> key(Table table) {
        return all(columns(table), table.primaryKey());
    }

    List<List<Map<String, Object>>> uniques(Table table) {
        Map<String, Map<String, Object>> columns = columns(table);
        return table.uniques().stream()
                .map(u -> u.columns())
                .filter(u -> columns.keySet().containsAll(u))
                .map(u -> all(columns, u))
                .toList();
    }

    List<Data> references(Table table) {
        Map<String, Map<String, Object>> columns = columns(table);
        return table.foreignKeys().stream()
                .filter(k -> columns.keySet().containsAll(k.columns()) && !ColumnAttributes.isEnum(schema, k))
                .map(k -> reference(table, k, columns))
                .toList();
    }

    private static List<Map<String, Object>> all(Map<String, Map<String, Object>> known, List<String> names) {
        return names.stream().map(known::get).toList();
    }

    static String condition(Table table) {
        return table.kinds()
                .filter(k -> k.others() && !k.names().isEmpty())
                .map(k -> DIALECT.quote(k.column()) + " in ("
                        + k.names().stream().map(DIALECT::literal).collect(Collectors.joining(", ")) + ")")
                .orElse("");
    }

    private String className(String entity) {
        return Optional.ofNullable(classes.model().classNames().get(entity)).orElseGet(() -> Words.pascal(entity));
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
            table.columns().stream()
                    .filter(c -> computedBy(table, c).isPresent())
                    .forEach(c -> all.computed().put(c.name(), column(table, c, properties)));
            return all;
        });
    }

    private Optional<Attribute> computedBy(Table table, Column column) {
        return column.computed().isEmpty()
                ? Optional.empty()
                : Optional.of(attributes.of(table, column))
                        .filter(a -> a.isComputed() && a.name().equals(column.member()));
    }

    private Map<String, Object> column(Table table, Column column, Identifiers properties) {
        Attribute attribute = attributes.of(table, column);
        boolean own = attribute.name().equals(column.member());
        boolean array = own && attribute.isListInRow() && column.type().endsWith("[]");
        Type type = own && attribute.isListInRow() && !array ? Type.of(Scalar.JSON) : attribute.type();
        String enumName = enumName(type);
        Optional<Stamp> stamp = own ? attribute.stamped() : Optional.empty();
        boolean version = stamp.isPresent() && type.isNumeric();
        boolean key = table.primaryKey().contains(column.name());
        Form form = own && Literals.formFits(attribute) ? attribute.form() : Form.NONE;
        return Shape.COLUMN.of(
                DIALECT.quote(column.name()),
                column.name(),
                properties.take(property(column.name())),
                column.member(),
                enumName.isEmpty() ? TypeData.word(type) : "enum",
                enumName,
                type instanceof Type.Text text ? text.length() : 0,
                type instanceof Type.Decimal decimal ? decimal.precision() : 0,
                type instanceof Type.Decimal decimal ? decimal.scale() : 0,
                array,
                column.type(),
                column.required() || key,
                column.generated(),
                key,
                version ? "" : stamp.map(Stamp::word).orElse(""),
                version,
                column.computed(),
                bound(attribute, own, Range::from),
                bound(attribute, own, Range::to),
                form.longerThan().orElse(-1),
                form.matching(),
                form.ignoringCase(),
                column.comment());
    }

    /** The class of an enum; empty for other types. */
    private String enumName(Type type) {
        return type instanceof Type.Named named ? classes.model().enumNames().getOrDefault(named.name(), "") : "";
    }

    private static String bound(Attribute attribute, boolean own, Function<Range, Optional<Literal>> end) {
        return attribute
                .range()
                .filter(r -> own && Literals.rangeFits(attribute.type(), r))
                .flatMap(end)
                .map(Literal::text)
                .orElse("");
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

    private Data reference(Table table, ForeignKey key, Map<String, Map<String, Object>> known) {
        Optional<Entity> target = design.entity(key.targetEntity());
        return Shape.REFERENCE.of(
                property(key.role().map(Role::name).orElse(key.targetEntity())),
                key.targetEntity(),
                className(key.targetEntity()),
                classes.packageOf(target.map(Entity::area).orElse("")),
                all(known, key.columns()),
                key.columns().stream()
                        .allMatch(c -> table.column(c).map(Column::required).orElse(false)
                                || table.primaryKey().contains(c)),
                table.isUnique(key.columns()),
                target.map(Entity::outside).orElse(true));
    }

    List<Data> oneOfs(Entity entity, Table table) {
        Map<String, Map<String, Object>> known = columns(table);
        List<Data> all = new ArrayList<>();
        for (Role role : Roles.heldBy(design, entity.name())) {
            List<ForeignKey> keys = table.foreignKeysOf(role);
            if (role.relationship() instanceof OneOf && !keys.isEmpty()) {
                all.add(Shape.ONE_OF.of(
                        property(role.name()),
                        className(entity.name()) + Words.pascal(role.name()),
                        role.must(),
                        keys.stream().map(k -> reference(table, k, known)).toList(),
                        role.name()));
            }
        }
        return all;
    }

    List<Data> lists(Entity entity) {
        List<Data> all = new ArrayList<>();
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
                        attribute.notes().doc(),
                        attribute.name()));
            });
        }
        return all;
    }

    List<Data> joins(Entity entity) {
        List<Data> all = new ArrayList<>();
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

    private Data join(Table table, ForeignKey here, ForeignKey there, String role) {
        Map<String, Map<String, Object>> known = columns(table);
        return Shape.JOIN.of(
                property(role),
                DIALECT.quote(table.name()),
                all(known, here.columns()),
                all(known, there.columns()),
                there.targetEntity(),
                className(there.targetEntity()),
                role);
    }
}
