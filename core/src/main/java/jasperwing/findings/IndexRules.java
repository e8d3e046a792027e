package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.KeyWidth;
import jasperwing.derive.RowRules;
import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Indexing;
import jasperwing.physical.Column;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Indexes with conditions that cannot be held against a row, or that the database does not take. */
final class IndexRules {
    private IndexRules() {}

    static void conditions(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Indexing index : entity.indexes()) {
            index.where().ifPresent(w -> {
                Formula formula = Formula.condition(checked.design(), entity.name(), w);
                formula.mistakes().forEach(m -> found.accept(finding(entity, index, m.message())));
                if (formula.isSound() && !formula.isLocal()) {
                    String what = formula.readsClock() ? "reads the clock" : "looks at other rows";
                    found.accept(finding(entity, index, what + ", which no index can"));
                }
            });
        }
    }

    /** Indexes that the database does not take: over too many bytes, or unique among rows it cannot tell apart. */
    static void limits(Checked checked, Entity entity, Consumer<Finding> found) {
        entity.indexes().stream()
                .filter(i -> i.unique()
                        && RowRules.isUncheckedAmong(
                                checked.design(),
                                checked.dialect(),
                                entity.name(),
                                i.where().orElseThrow()))
                .forEach(i -> found.accept(emptied(checked.dialect(), entity, i)));
        if (checked.dialect().mostIndexedBytes() == 0 || entity.indexes().isEmpty()) {
            return;
        }
        checked.schema().table(entity.name()).ifPresent(table -> entity.indexes().stream()
                .filter(i -> !i.unique()
                        && KeyWidth.of(checked.dialect(), table, columns(table, i))
                                > checked.dialect().mostIndexedBytes())
                .forEach(i -> found.accept(tooWide(checked.dialect(), entity, i))));
    }

    private static List<String> columns(DerivedTable table, Indexing index) {
        return Stream.concat(index.members().names().stream(), index.covered().stream())
                .flatMap(m -> table.columnsOf(m).stream())
                .map(Column::name)
                .distinct()
                .toList();
    }

    private static Finding tooWide(Dialect dialect, Entity entity, Indexing index) {
        String members = String.join(", ", index.members().names());
        return new Finding(
                Rule.CANNOT_INDEX,
                Subject.ofIndex(entity.name(), index),
                entity.name() + "'s index on " + members + " would take more than " + dialect.mostIndexedBytes()
                        + " bytes a row.",
                dialect.title() + " refuses the index.",
                List.of(without(entity, index)));
    }

    private static Finding emptied(Dialect dialect, Entity entity, Indexing index) {
        String members = String.join(", ", index.members().names());
        return new Finding(
                Rule.CANNOT_INDEX,
                Subject.ofIndex(entity.name(), index),
                dialect.title() + " cannot keep " + entity.name() + "'s " + members
                        + " unique among these rows: the condition looks at a reference that a delete empties.",
                "It is left out of the tables, so that they can be created. Another delete rule would allow it.",
                List.of(without(entity, index)));
    }

    private static Fix without(Entity entity, Indexing index) {
        return new Fix(
                "Remove the index",
                EntityEdits.change(
                        entity.name(),
                        e -> e.withIndexes(e.indexes().stream()
                                .filter(i -> !i.equals(index))
                                .toList())));
    }

    private static Finding finding(Entity entity, Indexing index, String what) {
        String members = String.join(", ", index.members().names());
        return new Finding(
                Rule.INDEX_CONDITION,
                Subject.ofIndex(entity.name(), index),
                "The condition of " + entity.name() + "'s index on " + members + " " + what + ".",
                "The index is left out of the tables, so that they can be created.",
                List.of(without(entity, index)));
    }
}
