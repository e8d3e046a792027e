package jasperwing.say;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What one design has that another has not, in the words of a preview. */
public final class DesignAdditions {
    private DesignAdditions() {}

    /** New entities as {@code + Photo}; new columns as {@code + photos.dive_id → dives.id}; new join tables by name. */
    public static List<String> of(Design before, Design after) {
        List<String> additions = new ArrayList<>();
        after.entities().stream()
                .filter(e -> before.entity(e.name()).isEmpty())
                .forEach(e -> additions.add("+ " + e.name()));
        Schema old = Schema.derive(before, Dialects.DEFAULT);
        for (DerivedTable table : Schema.derive(after, Dialects.DEFAULT).tables()) {
            Optional<DerivedTable> was = old.named(table.name());
            if (was.isEmpty() && table.source() instanceof DerivedTable.Source.OfJoin) {
                additions.add("+ " + table.name() + " (" + String.join(", ", table.keyColumns()) + ")");
            } else {
                columns(table, was).forEach(additions::add);
            }
        }
        return additions;
    }

    private static List<String> columns(DerivedTable table, Optional<DerivedTable> was) {
        List<String> lines = new ArrayList<>();
        for (Column column : table.columns()) {
            boolean isNew = was.map(t -> t.column(column.name()).isEmpty()).orElse(true);
            boolean entityAlone = was.isEmpty() && target(table, column).isEmpty();
            if (isNew && !entityAlone) {
                lines.add("+ " + table.name() + "." + column.name()
                        + target(table, column).map(t -> " \u2192 " + t).orElse(""));
            }
        }
        return lines;
    }

    private static Optional<String> target(DerivedTable table, Column column) {
        for (Reference key : table.references()) {
            int index = key.columns().indexOf(column.name());
            if (index >= 0) {
                return Optional.of(key.target() + "." + key.targetColumns().get(index));
            }
        }
        return Optional.empty();
    }
}
