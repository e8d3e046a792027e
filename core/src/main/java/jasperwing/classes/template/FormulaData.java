package jasperwing.classes.template;

import jasperwing.classes.language.RowFormula;
import jasperwing.derive.ColumnOrigin;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.ValueColumns;
import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What computes the attributes of an entity that follow from a row alone. */
final class FormulaData {
    private FormulaData() {}

    /**
     * By the properties of the columns.
     *
     * @param computedBy the attribute a column keeps, where that is computed from the row
     * @param data what templates see of a column, by its name; empty for one that they do not see
     */
    static Map<String, RowFormula> of(
            Design design,
            Entity entity,
            DerivedTable table,
            Function<Column, Optional<Attribute>> computedBy,
            Function<String, Optional<Map<String, Object>>> data) {
        Map<String, RowFormula.Component> components = components(design, entity, table, data);
        Map<String, RowFormula> formulas = new HashMap<>();
        for (Column column : table.columns()) {
            computedBy.apply(column).ifPresent(attribute -> data.apply(column.name())
                    .ifPresent(d -> formulas.put(
                            (String) d.get("property"),
                            new RowFormula(
                                    Formula.of(design, entity.name(), attribute),
                                    Optional.of(attribute.type()),
                                    components))));
        }
        return formulas;
    }

    /** Conditions over a row. */
    static RowFormula condition(
            Design design,
            Entity entity,
            DerivedTable table,
            Formula condition,
            Function<String, Optional<Map<String, Object>>> data) {
        return new RowFormula(condition, Optional.empty(), components(design, entity, table, data));
    }

    private static Map<String, RowFormula.Component> components(
            Design design, Entity entity, DerivedTable table, Function<String, Optional<Map<String, Object>>> data) {
        Map<String, RowFormula.Component> components = new HashMap<>();
        table.origins().stream()
                .map(ColumnOrigin::member)
                .distinct()
                .flatMap(m -> InheritanceTree.attribute(design, entity.name(), m).stream())
                .forEach(attribute -> {
                    List<Column> columns = table.columnsOf(attribute.name());
                    List<ValueColumns.Leaf> leaves = ValueColumns.of(design, attribute);
                    for (int i = 0; i < Math.min(columns.size(), leaves.size()); i++) {
                        String path = leaves.get(i).name();
                        data.apply(columns.get(i).name()).ifPresent(d -> components.put(path, component(d)));
                    }
                });
        table.references().forEach(r -> references(design, r, data, components));
        return components;
    }

    /** What a reference repeats of the key it refers to. */
    private static void references(
            Design design,
            Reference reference,
            Function<String, Optional<Map<String, Object>>> data,
            Map<String, RowFormula.Component> components) {
        Optional<Entity> root = design.entity(InheritanceTree.root(design, reference.targetEntity()));
        List<String> key = root.map(e -> e.key().names()).orElse(List.of());
        boolean plain = key.size() == reference.columns().size()
                && key.stream().allMatch(k -> root.flatMap(e -> e.attribute(k)).isPresent());
        if (plain && reference.role().isPresent()) {
            for (int i = 0; i < key.size(); i++) {
                String path = reference.role().get().name() + "." + key.get(i);
                data.apply(reference.columns().get(i)).ifPresent(d -> components.put(path, component(d)));
            }
        }
    }

    private static RowFormula.Component component(Map<String, Object> column) {
        List<String> names = new ArrayList<>();
        ((List<?>) column.get("path")).forEach(s -> names.add(((Data) s).text("property")));
        names.add((String) column.get("part"));
        return new RowFormula.Component(names, !column.get("enum").equals(""));
    }
}
