package jasperwing.weigh;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.derive.UniqueKey;
import jasperwing.naming.Words;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.Index;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a schema gains when one more thing of a kind is added to the design.
 *
 * @param tables new ones; what is in them is not counted again
 * @param columns added to tables that were there
 * @param foreignKeys added to tables that were there
 * @param indexes added to tables that were there, those of unique constraints included
 * @param changedColumns of tables that were there, with another type or another default
 * @param changedChecks of tables that were there, with another condition
 */
record SchemaGrowth(int tables, int columns, int foreignKeys, int indexes, int changedColumns, int changedChecks) {
    private static final SchemaGrowth NONE = new SchemaGrowth(0, 0, 0, 0, 0, 0);
    private static final SchemaGrowth TABLE = new SchemaGrowth(1, 0, 0, 0, 0, 0);

    static SchemaGrowth between(Schema before, Schema after) {
        return after.tables().stream()
                .map(t -> before.named(t.name()).map(s -> within(s, t)).orElse(TABLE))
                .reduce(NONE, SchemaGrowth::plus);
    }

    private static SchemaGrowth within(DerivedTable before, DerivedTable after) {
        return new SchemaGrowth(
                0,
                added(before.columns(), after.columns(), Column::name),
                added(before.references(), after.references(), Reference::name),
                added(before.indexes(), after.indexes(), Index::columns)
                        + added(before.uniqueKeys(), after.uniqueKeys(), UniqueKey::columns),
                changed(before.columns(), after.columns(), Column::name),
                changed(before.table().checks(), after.table().checks(), Check::name)
                        + changed(before.guards(), after.guards(), Check::name));
    }

    private static <T> int added(Collection<T> before, Collection<T> after, Function<T, Object> name) {
        Set<Object> names = before.stream().map(name).collect(Collectors.toSet());
        return (int) after.stream().filter(a -> !names.contains(name.apply(a))).count();
    }

    private static <T> int changed(Collection<T> before, Collection<T> after, Function<T, Object> name) {
        Set<T> same = new HashSet<>(before);
        return (int) after.stream().filter(a -> !same.contains(a)).count() - added(before, after, name);
    }

    private SchemaGrowth plus(SchemaGrowth other) {
        return new SchemaGrowth(
                tables + other.tables,
                columns + other.columns,
                foreignKeys + other.foreignKeys,
                indexes + other.indexes,
                changedColumns + other.changedColumns,
                changedChecks + other.changedChecks);
    }

    /** Whether tables that were there have the same columns as before. */
    boolean leavesTables() {
        return columns == 0;
    }

    /** In words: {@code adds 1 column, 1 index; changes 1 check}. */
    String words() {
        List<String> added = new ArrayList<>();
        count(added, tables, "table");
        count(added, columns, "column");
        count(added, foreignKeys, "foreign key");
        count(added, indexes, "index");
        List<String> changed = new ArrayList<>();
        count(changed, changedColumns, "column");
        count(changed, changedChecks, "check");
        List<String> words = new ArrayList<>();
        words(words, "adds ", added);
        words(words, "changes ", changed);
        return words.isEmpty() ? "changes nothing" : String.join("; ", words);
    }

    private static void count(List<String> words, int number, String what) {
        if (number > 0) {
            words.add(Words.count(number, what));
        }
    }

    private static void words(List<String> words, String verb, List<String> what) {
        if (!what.isEmpty()) {
            words.add(verb + String.join(", ", what));
        }
    }
}
