package jasperwing.weigh;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.dialect.Dialect;
import jasperwing.model.AreaColor;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A small picture of tables: boxes on a grid, those that point to others to the right of them.
 *
 * @param boxes the tables, in the order of the schema
 * @param links the foreign keys between them
 */
public record TableSketch(List<Box> boxes, List<Link> links) {
    /** The most columns a box shows besides its key. */
    private static final int MOST_COLUMNS = 5;

    /**
     * A table.
     *
     * @param level how many others stand to the left of it, from 0
     * @param rank how many stand above it on its level, from 0
     * @param color of the area it belongs to
     * @param cut whether it has more columns than are shown
     */
    public record Box(String table, int level, int rank, Optional<AreaColor> color, List<Line> lines, boolean cut) {
        public Box {
            lines = List.copyOf(lines);
        }

        private Box uncut() {
            return new Box(table, level, rank, color, lines, false);
        }
    }

    /** A column, and whether it is there for what is weighed. */
    public record Line(String name, String type, boolean matters) {}

    /** That rows of one box point to rows of another. */
    public record Link(String from, String to) {}

    public TableSketch {
        boxes = List.copyOf(boxes);
        links = List.copyOf(links);
    }

    /**
     * Draws tables.
     *
     * @param matters columns that are there for what is weighed, by their table
     * @param quiet tables that are shown by their keys alone, and point to each other for other reasons
     * @param colors the areas of tables, by their names
     */
    static TableSketch of(
            Dialect dialect,
            List<DerivedTable> tables,
            Map<String, Set<String>> matters,
            Set<String> quiet,
            Map<String, AreaColor> colors) {
        List<String> names = tables.stream().map(DerivedTable::name).toList();
        Map<String, Integer> levels = new LinkedHashMap<>();
        tables.forEach(t -> levels.put(t.name(), 0));
        for (int i = 0; i < tables.size(); i++) {
            for (DerivedTable table : tables) {
                for (Reference key : keys(table, names, quiet)) {
                    if (!key.target().equals(table.name())) {
                        int beyond = Math.min(tables.size() - 1, levels.get(key.target()) + 1);
                        levels.merge(table.name(), beyond, Math::max);
                    }
                }
            }
        }
        standApart(tables, levels, quiet, names);
        Map<Integer, Integer> ranks = new HashMap<>();
        List<Box> boxes = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (DerivedTable table : tables) {
            int level = levels.get(table.name());
            int rank = ranks.merge(level, 1, Integer::sum) - 1;
            Box box = box(dialect, table, level, rank, matters.getOrDefault(table.name(), Set.of()), colors);
            boxes.add(quiet.contains(table.name()) ? box.uncut() : box);
            keys(table, names, quiet).forEach(k -> links.add(new Link(table.name(), k.target())));
        }
        return new TableSketch(boxes, links.stream().distinct().toList());
    }

    /** What no key ties to the quiet ones stands to the right of them nevertheless. */
    private static void standApart(
            List<DerivedTable> tables, Map<String, Integer> levels, Set<String> quiet, List<String> names) {
        for (DerivedTable table : tables) {
            boolean pointedTo = tables.stream()
                    .flatMap(t -> keys(t, names, quiet).stream())
                    .anyMatch(k -> k.target().equals(table.name()));
            if (!quiet.isEmpty() && !quiet.contains(table.name()) && levels.get(table.name()) == 0 && !pointedTo) {
                levels.put(table.name(), 1);
            }
        }
    }

    private static List<Reference> keys(DerivedTable table, List<String> names, Set<String> quiet) {
        return table.references().stream()
                .filter(k ->
                        names.contains(k.target()) && !(quiet.contains(table.name()) && quiet.contains(k.target())))
                .toList();
    }

    private static Box box(
            Dialect dialect,
            DerivedTable table,
            int level,
            int rank,
            Set<String> matters,
            Map<String, AreaColor> colors) {
        List<Column> shown = new ArrayList<>();
        for (Column column : table.columns()) {
            boolean wanted = table.keyColumns().contains(column.name()) || matters.contains(column.name());
            if (wanted && shown.size() < MOST_COLUMNS) {
                shown.add(column);
            }
        }
        List<Line> lines = shown.stream()
                .map(c -> new Line(c.name(), dialect.write(c.type()), matters.contains(c.name())))
                .toList();
        return new Box(
                table.name(),
                level,
                rank,
                Optional.ofNullable(colors.get(table.name())),
                lines,
                shown.size() < table.columns().size());
    }
}
