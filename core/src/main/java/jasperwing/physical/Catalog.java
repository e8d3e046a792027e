package jasperwing.physical;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A database schema. It can be built by hand, derived from a design, read from a file, or read from a database.
 *
 * @param tables in an order in which they can be created; a foreign key may refer to a later one, and is then added when both are there
 * @param views in an order in which they can be created
 * @param rows that belong to tables
 */
public record Catalog(
        List<EnumDefinition> enums,
        List<Sequence> sequences,
        List<Table> tables,
        List<Rows> rows,
        List<View> views,
        List<Trigger> triggers) {
    public Catalog {
        enums = List.copyOf(enums);
        sequences = List.copyOf(sequences);
        tables = List.copyOf(tables);
        rows = List.copyOf(rows);
        views = List.copyOf(views);
        triggers = List.copyOf(triggers);
    }

    /** One of tables alone. */
    public static Catalog of(List<Table> tables) {
        return new Catalog(List.of(), List.of(), tables, List.of(), List.of(), List.of());
    }

    /**
     * The same in one way to say it: what has no order by name, expressions in their {@link SqlExpression#normal() normal form}, and the columns
     * of primary keys required. Two catalogs say the same when their normal forms are equal.
     */
    public Catalog normal() {
        return new Catalog(
                sorted(enums, EnumDefinition::name),
                sorted(sequences, Sequence::name),
                sorted(tables.stream().map(Table::normal).toList(), Table::name),
                sorted(rows, Rows::table),
                sorted(views.stream().map(View::normal).toList(), View::name),
                sorted(triggers, Trigger::name));
    }

    static <T> List<T> sorted(List<T> all, Function<T, String> name) {
        return all.stream().sorted(Comparator.comparing(name)).toList();
    }

    /** The namespaces of tables and views by their names; without those that lie in the one that is looked in first. */
    public Map<String, String> namespaces() {
        Map<String, String> all = new LinkedHashMap<>();
        tables.forEach(t -> all.put(t.name(), t.namespace()));
        views.forEach(v -> all.put(v.name(), v.namespace()));
        all.values().removeIf(String::isEmpty);
        return all;
    }

    public Optional<Table> table(String name) {
        return tables.stream().filter(t -> t.name().equals(name)).findFirst();
    }
}
