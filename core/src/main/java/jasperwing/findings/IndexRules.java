package jasperwing.findings;

import jasperwing.formula.Formula;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Indexing;
import java.util.List;
import java.util.function.Consumer;

/** Conditions of indexes that cannot be held against a row. */
final class IndexRules {
    private IndexRules() {}

    static void conditions(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Indexing index : entity.indexes()) {
            index.where().ifPresent(w -> {
                Formula formula = Formula.condition(checked.design(), entity.name(), w);
                formula.mistakes().forEach(m -> found.accept(finding(entity, index, m.message())));
                if (formula.isSound() && !formula.isLocal()) {
                    found.accept(finding(entity, index, "looks at other rows, which no index can"));
                }
            });
        }
    }

    private static Finding finding(Entity entity, Indexing index, String what) {
        String members = String.join(", ", index.members().names());
        return new Finding(
                Rule.INDEX_CONDITION,
                Subject.of(entity.name(), index.members().names().get(0)),
                "The condition of " + entity.name() + "'s index on " + members + " " + what + ".",
                "The index is left out of the tables, so that they can be created.",
                List.of(new Fix(
                        "Take the index away",
                        EntityEdits.change(
                                entity.name(),
                                e -> e.withIndexes(e.indexes().stream()
                                        .filter(i -> !i.equals(index))
                                        .toList())))));
    }
}
