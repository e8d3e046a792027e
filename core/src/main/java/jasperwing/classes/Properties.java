package jasperwing.classes;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.PhysicalNames;
import jasperwing.derive.Schema;
import jasperwing.derive.ValueColumns;
import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.RowRule;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes properties of attributes. */
final class Properties {
    /** Of a column that no table has. */
    private static final SqlType UNKNOWN = SqlType.other("");

    private final Design design;
    private final Schema schema;
    private final MemberNames names;

    Properties(Design design, Schema schema, MemberNames names) {
        this.design = design;
        this.schema = schema;
        this.names = names;
    }

    /** Those of an entity; what is not kept has none. */
    List<Property> of(Entity entity, DerivedTable table) {
        return entity.attributes().stream()
                .filter(a -> !a.isComputed())
                .map(a -> property(entity, table, a))
                .filter(Properties::isKept)
                .toList();
    }

    /** A list of values is kept in a table of its own, which there is not while its owner has no key. */
    private static boolean isKept(Property property) {
        boolean inRow = property.column().isPresent()
                || property.isValue() && !property.attribute().list();
        return inRow || property.listTable().isPresent();
    }

    List<Computed> computed(Entity entity) {
        return entity.attributes().stream()
                .filter(Attribute::isComputed)
                .map(a -> new Computed(names.attribute(entity.name(), a), a, Formula.of(design, entity.name(), a)))
                .filter(c -> c.formula().isSound())
                .toList();
    }

    /** Those of the farthest it is a kind of first; one that is stated twice is checked once. */
    List<ClassRule> rules(Entity entity) {
        return InheritanceTree.line(design, entity).stream()
                .flatMap(e -> e.rules().stream().distinct().map(r -> rule(e, r, e != entity)))
                .filter(Properties::isChecked)
                .toList();
    }

    /** An object knows nothing of what it must be apart from. */
    private static boolean isChecked(ClassRule rule) {
        return rule.formula().isSound() && OverlapRule.of(rule.formula()).isEmpty();
    }

    private ClassRule rule(Entity entity, RowRule rule, boolean inherited) {
        return new ClassRule(
                names.rule(entity.name(), rule),
                rule.message(),
                rule.condition(),
                Formula.condition(design, entity.name(), rule.condition()),
                inherited);
    }

    private ClassRule rule(AttributeGroup value, RowRule rule) {
        return new ClassRule(
                names.rule(value, rule),
                rule.message(),
                rule.condition(),
                Formula.condition(design, value, rule.condition()),
                false);
    }

    private Property property(Entity entity, DerivedTable table, Attribute attribute) {
        Optional<DerivedTable> listTable =
                attribute.list() ? schema.listTable(entity.name(), attribute.name()) : Optional.empty();
        List<Column> columns = listTable.map(Properties::elements).orElseGet(() -> table.columnsOf(attribute.name()));
        boolean value = ValueColumns.value(design, attribute.type()).isPresent();
        return new Property(
                names.attribute(entity.name(), attribute),
                attribute,
                entity.isKey(attribute) && !attribute.list() && !value,
                value || listTable.isPresent()
                        ? Optional.empty()
                        : columns.stream().findFirst(),
                value ? parts(ValueColumns.of(design, attribute), columns) : List.of(),
                listTable);
    }

    /** What follows the owner's key and the position. */
    private static List<Column> elements(DerivedTable listTable) {
        return listTable
                .columns()
                .subList(listTable.keyColumns().size(), listTable.columns().size());
    }

    private List<Property.Part> parts(List<ValueColumns.Leaf> leaves, List<Column> columns) {
        List<Property.Part> parts = new ArrayList<>();
        for (int i = 0; i < Math.min(leaves.size(), columns.size()); i++) {
            ValueColumns.Leaf leaf = leaves.get(i);
            parts.add(new Property.Part(path(leaf), columns.get(i), leaf.attribute()));
        }
        return parts;
    }

    /** From within the outermost value. */
    private String path(ValueColumns.Leaf leaf) {
        List<Attribute> way = new ArrayList<>(leaf.path());
        way.add(leaf.attribute());
        List<String> path = new ArrayList<>();
        for (int i = 1; i < way.size(); i++) {
            AttributeGroup value =
                    ValueColumns.value(design, way.get(i - 1).type()).orElseThrow();
            String name = way.get(i).name();
            path.add(names.attribute(value, value.attribute(name).orElseThrow()));
        }
        return String.join(".", path);
    }

    ModelGroup group(AttributeGroup group) {
        List<Property> properties = group.attributes().stream()
                .filter(a -> !(a.list() || a.isComputed()) || group.is(AttributeGroup.Kind.TRAIT))
                .map(a -> inGroup(group, a))
                .filter(p -> p.isValue() || p.column().isPresent())
                .toList();
        List<ClassRule> rules = group.is(AttributeGroup.Kind.TRAIT)
                ? List.of()
                : group.rules().stream()
                        .distinct()
                        .map(r -> rule(group, r))
                        .filter(Properties::isChecked)
                        .toList();
        return new ModelGroup(group, names.group(group), properties, rules);
    }

    private Property inGroup(AttributeGroup group, Attribute attribute) {
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, attribute);
        boolean value = ValueColumns.value(design, attribute.type()).isPresent();
        List<Column> columns = leaves.stream().map(Properties::plain).toList();
        return new Property(
                names.attribute(group, attribute),
                attribute,
                false,
                value ? Optional.empty() : Optional.of(plain(attribute)),
                value ? parts(leaves, columns) : List.of(),
                Optional.empty());
    }

    private static Column plain(ValueColumns.Leaf leaf) {
        return plain(leaf.column(), leaf.optional());
    }

    private static Column plain(Attribute attribute) {
        return plain(PhysicalNames.wantedColumn(attribute), attribute.optional());
    }

    private static Column plain(String name, boolean optional) {
        Column column = Column.of(name, UNKNOWN);
        return optional ? column : column.notNull();
    }
}
