package jasperwing.classes.template;

import jasperwing.classes.language.ChosenClasses;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.naming.Identifiers;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds the columns and components of one table, and names for them. */
final class TableReader {
    /**
     * The table that the rows of a kind go on in.
     *
     * @param key that points there
     * @param name the class of its rows
     * @param home the package of that
     * @param columns by name
     */
    record Base(Reference key, String name, String home, Map<String, Map<String, Object>> columns) {}

    private final ComponentData components;
    private final ColumnData columns;
    private final DerivedTable table;
    private final Optional<Base> base;
    private final Identifiers properties = new Identifiers(0);
    private final Map<String, String> names = new HashMap<>();
    private final Map<String, Map<String, Object>> filled = new LinkedHashMap<>();
    private final Map<String, Map<String, Object>> computed = new LinkedHashMap<>();
    private final List<Data> all = new ArrayList<>();

    TableReader(ChosenClasses classes, ColumnData columns, DerivedTable table, Optional<Base> base) {
        this.components = new ComponentData(classes);
        this.columns = columns;
        this.table = table;
        this.base = base;
    }

    TableColumns read() {
        table.columns().forEach(c -> names.put(c.name(), properties.take(columns.property(c.name()))));
        base.ifPresent(b -> addBase(b, properties.take(columns.property(b.name()))));
        table.columns().forEach(this::read);
        return new TableColumns(filled, computed, all);
    }

    private void addBase(Base above, String name) {
        all.add(SharedShapes.COMPONENT.of(name, "", "", null, above.name(), above.home(), false, List.of(), List.of()));
        Data step = SharedShapes.STEP.of(name, above.name(), above.home(), false);
        for (int i = 0; i < above.key().columns().size(); i++) {
            Map<String, Object> there =
                    above.columns().get(above.key().targetColumns().get(i));
            List<Data> steps = new ArrayList<>(List.of(step));
            ((List<?>) there.get("path")).forEach(s -> steps.add((Data) s));
            ColumnData.Path path =
                    new ColumnData.Path(steps, (String) there.get("part"), (boolean) there.get("partRequired"));
            Column column = table.column(above.key().columns().get(i)).orElseThrow();
            filled.put(column.name(), columns.of(table, column, names.get(column.name()), path));
        }
    }

    private void read(Column column) {
        if (columns.computedBy(table, column).isPresent()) {
            computed.put(column.name(), plain(column));
        } else if (column.computed().isEmpty() && !filled.containsKey(column.name())) {
            Optional<ValueColumns.Leaf> part = columns.part(table, column);
            if (part.isPresent()) {
                addValue(column, part.get().path().get(0));
            } else {
                filled.put(column.name(), plain(column));
                all.add(ComponentData.of(filled.get(column.name())));
            }
        }
    }

    private Data plain(Column column) {
        String name = names.get(column.name());
        boolean required = ColumnData.isRequired(table, column);
        return columns.of(table, column, name, new ColumnData.Path(List.of(), name, required));
    }

    private void addValue(Column first, Attribute attribute) {
        String property = properties.take(columns.property(attribute.name()));
        Map<Column, ValueColumns.Leaf> parts = new LinkedHashMap<>();
        for (Column column : table.columns()) {
            boolean same = table.origin(column).equals(table.origin(first));
            Optional<ValueColumns.Leaf> part = same ? columns.part(table, column) : Optional.empty();
            part.ifPresent(leaf -> parts.put(column, leaf));
        }
        boolean optional = attribute.optional() || isOfSomeKinds(parts);
        List<Map<String, Object>> its = new ArrayList<>();
        parts.forEach((column, leaf) -> {
            ColumnData.Path path = components.path(property, leaf, optional);
            its.add(columns.of(table, column, names.get(column.name()), isElement() ? path.ofElement() : path));
            filled.put(column.name(), its.get(its.size() - 1));
        });
        all.add(components.of(property, attribute, optional, its));
    }

    /** Whether a value that each of some kinds has is missing in rows of others. */
    private static boolean isOfSomeKinds(Map<Column, ValueColumns.Leaf> parts) {
        return parts.entrySet().stream()
                .anyMatch(p -> !p.getValue().optional() && !p.getKey().required());
    }

    private boolean isElement() {
        return table.source() instanceof DerivedTable.Source.OfList;
    }
}
