package jasperwing.classes.template;

import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.RowFormula;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Tables as the data templates see: columns, keys, what points where. */
final class RowData {
    /** What can be asked of the rows of every entity. */
    private static final List<String> OF_ROWS =
            List.of("row", "insert", "insertAll", "update", "delete", "find", "forEach", "page", "pageAfter");

    private final ChosenClasses classes;
    private final Design design;
    private final Schema schema;
    private final ColumnData columns;
    private final Map<String, TableColumns> known = new HashMap<>();
    private final Map<String, Map<String, RowFormula>> formulas = new HashMap<>();

    RowData(ChosenClasses classes, Schema schema) {
        this.classes = classes;
        this.design = classes.model().design();
        this.schema = schema;
        this.columns = new ColumnData(classes, schema);
    }

    /** What computes the attributes of an entity that follow from a row alone, by their properties. */
    Map<String, RowFormula> formulas(Entity entity, DerivedTable table) {
        return formulas.computeIfAbsent(
                entity.name(),
                e -> FormulaData.of(design, entity, table, c -> columns.computedBy(table, c), known(table)::of));
    }

    /** A rule over a row. */
    RowFormula condition(Entity entity, DerivedTable table, Formula formula) {
        return FormulaData.condition(design, entity, table, formula, known(table)::of);
    }

    /** The columns that are filled. */
    List<Map<String, Object>> filled(DerivedTable table) {
        return List.copyOf(columns(table).values());
    }

    List<Map<String, Object>> computed(DerivedTable table) {
        return List.copyOf(known(table).computed().values());
    }

    List<Map<String, Object>> key(DerivedTable table) {
        return all(columns(table), table.keyColumns());
    }

    List<List<Map<String, Object>>> uniques(DerivedTable table) {
        Map<String, Map<String, Object>> columns = columns(table);
        return table.uniqueKeys().stream()
                .map(u -> u.columns())
                .filter(u -> columns.keySet().containsAll(u))
                .map(u -> all(columns, u))
                .toList();
    }

    List<Data> references(DerivedTable table) {
        Map<String, Map<String, Object>> columns = columns(table);
        return table.references().stream()
                .filter(k -> columns.keySet().containsAll(k.columns()) && !ColumnAttributes.isEnum(schema, k))
                .map(k -> reference(table, k, columns))
                .toList();
    }

    private static List<Map<String, Object>> all(Map<String, Map<String, Object>> known, List<String> names) {
        return names.stream().map(known::get).toList();
    }

    String condition(DerivedTable table) {
        return table.kinds()
                .filter(k -> k.others() && !k.names().isEmpty())
                .map(k -> classes.dialect().quote(k.column()) + " in ("
                        + k.names().stream().map(classes.dialect()::literal).collect(Collectors.joining(", ")) + ")")
                .orElse("");
    }

    private String className(String entity) {
        return Optional.ofNullable(classes.model().classNames().get(entity))
                .orElseGet(() -> classes.language().className(entity));
    }

    /** The columns of a table by name, but those the database computes. */
    private Map<String, Map<String, Object>> columns(DerivedTable table) {
        return known(table).columns();
    }

    private TableColumns known(DerivedTable table) {
        String name = table.name() + " " + table.source();
        TableColumns found = known.get(name);
        if (found == null) {
            found = new TableReader(classes, columns, table, base(table)).read();
            known.put(name, found);
        }
        return found;
    }

    /** What rows of a table have, in order. */
    List<Data> components(DerivedTable table) {
        return known(table).components();
    }

    /** The entity whose table the rows of a kind go on in. */
    Optional<Entity> above(DerivedTable table) {
        return base(table).flatMap(b -> design.entity(b.key().targetEntity()));
    }

    private Optional<TableReader.Base> base(DerivedTable table) {
        Optional<Entity> entity = table.source() instanceof DerivedTable.Source.OfEntity of
                ? design.entity(of.entity())
                : Optional.empty();
        String parent = entity.map(e -> e.inheritance().of()).orElse("");
        return table.references().stream()
                .filter(k -> k.role().isEmpty() && k.targetEntity().equals(parent))
                .filter(k -> k.columns().equals(table.keyColumns()))
                .findFirst()
                .flatMap(k -> schema.table(parent)
                        .map(t -> new TableReader.Base(k, className(parent), packageOf(parent), columns(t))));
    }

    private String packageOf(String entity) {
        return classes.packageOf(design.entity(entity).map(Entity::area).orElse(""));
    }

    private Data reference(DerivedTable table, Reference key, Map<String, Map<String, Object>> known) {
        Optional<Entity> target = design.entity(key.targetEntity());
        return SharedShapes.REFERENCE.of(
                columns.property(key.role().map(Role::name).orElse(key.targetEntity())),
                key.targetEntity(),
                className(key.targetEntity()),
                packageOf(key.targetEntity()),
                all(known, key.columns()),
                key.columns().stream()
                        .allMatch(c -> table.column(c).map(Column::required).orElse(false)
                                || table.keyColumns().contains(c)),
                table.isUnique(key.columns()),
                target.map(Entity::outside).orElse(true));
    }

    List<Data> oneOfs(Entity entity, DerivedTable table) {
        Map<String, Map<String, Object>> known = columns(table);
        List<Data> all = new ArrayList<>();
        for (Role role : Roles.heldBy(design, entity.name())) {
            List<Reference> keys = table.referencesOf(role);
            if (role.relationship() instanceof PolymorphicRelationship && !keys.isEmpty()) {
                all.add(SharedShapes.ONE_OF.of(
                        columns.property(role.name()),
                        className(entity.name()) + Words.pascal(role.name()),
                        role.must(),
                        keys.stream().map(k -> reference(table, k, known)).toList(),
                        role.name()));
            }
        }
        return all;
    }

    /** Names for what the rows of an entity are asked for besides themselves. */
    private static Identifiers methods() {
        Identifiers names = new Identifiers(0);
        OF_ROWS.forEach(names::take);
        return names;
    }

    List<Data> lists(Entity entity) {
        return lists(entity, methods());
    }

    private List<Data> lists(Entity entity, Identifiers names) {
        List<Data> all = new ArrayList<>();
        for (Attribute attribute : entity.attributes()) {
            schema.listTable(entity.name(), attribute.name()).ifPresent(t -> {
                Map<String, Map<String, Object>> known = columns(t);
                List<Map<String, Object>> inOrder = List.copyOf(known.values());
                int owner = t.keyColumns().size() - 1;
                all.add(SharedShapes.ROWS.of(
                        names.take(columns.property(attribute.name())),
                        classes.dialect().quote(t.table()),
                        inOrder.subList(0, owner),
                        inOrder.get(owner),
                        inOrder.subList(owner + 1, inOrder.size()),
                        components(t).get(components(t).size() - 1),
                        attribute.notes().doc(),
                        attribute.name()));
            });
        }
        return all;
    }

    List<Data> joins(Entity entity) {
        Identifiers names = methods();
        lists(entity, names);
        List<Data> all = new ArrayList<>();
        design.relationshipsOf(entity.name()).stream()
                .filter(BinaryRelationship.class::isInstance)
                .map(BinaryRelationship.class::cast)
                .distinct()
                .forEach(binary -> schema.joinTable(binary).ifPresent(t -> {
                    if (binary.from().equals(entity.name())) {
                        all.add(join(t, t.references().get(0), t.references().get(1), Roles.forward(binary), names));
                    }
                    if (binary.to().equals(entity.name())) {
                        all.add(join(t, t.references().get(1), t.references().get(0), Roles.back(binary), names));
                    }
                }));
        return all;
    }

    private Data join(DerivedTable table, Reference here, Reference there, String role, Identifiers names) {
        Map<String, Map<String, Object>> known = columns(table);
        return SharedShapes.JOIN.of(
                names.take(columns.property(role)),
                classes.dialect().quote(table.table()),
                all(known, here.columns()),
                all(known, there.columns()),
                there.targetEntity(),
                className(there.targetEntity()),
                role);
    }
}
