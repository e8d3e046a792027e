package jasperwing.weigh;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import jasperwing.physical.Column;
import jasperwing.walk.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The design as one way would have it, with its tables, and the SQL that is written of them. */
record Tables(Design design, Schema schema) {
    private static final int MOST_STEPS = 3;

    static Tables of(Design design, Dialect dialect) {
        return new Tables(design, Schema.derive(design, dialect));
    }

    Dialect dialect() {
        return schema.dialect();
    }

    DerivedTable table(String entity) {
        return schema.table(entity).orElseThrow();
    }

    boolean has(String entity) {
        return schema.table(entity).isPresent();
    }

    /** A table as statements name it. */
    String quote(DerivedTable table) {
        return schema.dialect().quote(table.table());
    }

    String quote(String name) {
        return schema.dialect().quote(name);
    }

    /** What a row needs: its columns but those the database fills by itself. */
    String insert(DerivedTable table) {
        List<String> columns = table.columns().stream()
                .filter(c -> !c.isCounted()
                        && c.computed().isEmpty()
                        && c.defaultValue().isEmpty())
                .filter(c -> c.required() || table.keyColumns().contains(c.name()) || isPointing(table, c))
                .map(c -> quote(c.name()))
                .toList();
        String start = "insert into " + quote(table);
        return columns.isEmpty()
                ? start + dialect().defaultValues() + ";"
                : start + " (" + String.join(", ", columns) + ")\nvalues ("
                        + columns.stream().map(c -> "?").collect(Collectors.joining(", ")) + ");";
    }

    private static boolean isPointing(DerivedTable table, Column column) {
        return table.references().stream().anyMatch(k -> k.columns().contains(column.name()));
    }

    /**
     * The condition that finds one row, on a line of its own; blank where the table has no key.
     *
     * @param alias what its columns are called by, or empty
     */
    String whereKey(DerivedTable table, String alias) {
        String before = alias.isEmpty() ? "" : quote(alias) + ".";
        String key =
                table.keyColumns().stream().map(k -> before + quote(k) + " = ?").collect(Collectors.joining(" and "));
        return key.isEmpty() ? "" : "\nwhere " + key;
    }

    /** How many joins a statement makes, in words: {@code no join}, {@code 1 join}, {@code 2 joins}. */
    static String joins(String statement) {
        long joins = Pattern.compile("\\bjoin\\b").matcher(statement).results().count();
        return joins == 0 ? "no join" : joins == 1 ? "1 join" : joins + " joins";
    }

    /** How many rows several statements write. */
    static long writes(String statements) {
        return Pattern.compile("(?m)^(?:insert|update) ")
                .matcher(statements)
                .results()
                .count();
    }

    /** The foreign keys of a table that come from a relationship, in their order. */
    List<Reference> keysOf(DerivedTable table, Relationship relationship) {
        return table.references().stream()
                .filter(k -> k.role()
                        .filter(r -> r.relationship().equals(relationship))
                        .isPresent())
                .toList();
    }

    /** The columns by which a table refers to others because of a relationship, in the order of the keys. */
    List<String> columnsOf(DerivedTable table, Relationship relationship) {
        return keysOf(table, relationship).stream()
                .flatMap(k -> k.columns().stream())
                .toList();
    }

    /** Whether no two rows of a table can have the same in some columns, in whatever order they are. */
    static boolean isOnce(DerivedTable table, List<String> columns) {
        Set<String> wanted = Set.copyOf(columns);
        return wanted.equals(Set.copyOf(table.keyColumns()))
                || table.uniqueKeys().stream().anyMatch(u -> wanted.equals(Set.copyOf(u.columns())));
    }

    /** Several statements one after the other. */
    String inserts(List<DerivedTable> tables) {
        return tables.stream().map(this::insert).collect(Collectors.joining("\n"));
    }

    /** Reads what a path leads to from one row, without the line end. */
    String read(String start, String path) {
        return Walk.of(design, start, path).sql(design, schema).stripTrailing();
    }

    /**
     * Reads what a row leads to in another entity, in at most three steps along some relationships, whichever side they are read from; blank
     * where no way leads there.
     */
    String between(String start, String end, Predicate<Relationship> along) {
        List<List<Step>> open = List.of(List.of());
        for (int length = 0; length < MOST_STEPS; length++) {
            List<List<Step>> longer = new ArrayList<>();
            for (List<Step> way : open) {
                String at = way.isEmpty() ? start : way.get(way.size() - 1).to();
                for (Step step : Steps.bothWays(design, at)) {
                    if (along.test(step.relationship())) {
                        List<Step> further = new ArrayList<>(way);
                        further.add(step);
                        longer.add(further);
                    }
                }
            }
            Optional<List<Step>> found = longer.stream()
                    .filter(w -> w.get(w.size() - 1).to().equals(end))
                    .findFirst();
            if (found.isPresent()) {
                return new Walk(start, found.get(), "").sql(design, schema).stripTrailing();
            }
            open = longer;
        }
        return "";
    }
}
