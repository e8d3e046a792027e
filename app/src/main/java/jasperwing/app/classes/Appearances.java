package jasperwing.app.classes;

import jasperwing.model.Attribute;
import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.schema.Check;
import jasperwing.schema.Column;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.Schema;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.List;

/** What an element of the design becomes in tables, in lines. */
final class Appearances {
    private Appearances() {}

    static List<String> of(Schema schema, String entity, Attribute attribute) {
        List<String> lines = new ArrayList<>();
        schema.table(entity).ifPresent(t -> {
            for (Column column : t.columnsOf(attribute.name())) {
                lines.add(
                        t.name() + "." + column.name() + " " + column.type() + (column.required() ? " not null" : ""));
                t.checks().stream()
                        .map(Check::condition)
                        .filter(c -> names(c, column.name()))
                        .forEach(c -> lines.add("check (" + c + ")"));
                t.uniques().stream()
                        .filter(u -> u.columns().contains(column.name()))
                        .forEach(u -> lines.add("unique (" + String.join(", ", u.compared()) + ")"));
            }
        });
        schema.listTable(entity, attribute.name()).ifPresent(t -> lines.add("table " + t.name()));
        return lines;
    }

    /** Whether a condition speaks of a column. */
    private static boolean names(String condition, String column) {
        return condition.matches("(?s).*\\b" + java.util.regex.Pattern.quote(column) + "\\b.*");
    }

    static List<String> of(Schema schema, Relationship relationship) {
        List<String> lines = new ArrayList<>();
        for (Table table : schema.tables()) {
            for (ForeignKey key : table.foreignKeys()) {
                if (key.role()
                        .filter(r -> r.relationship().equals(relationship))
                        .isPresent()) {
                    lines.add(table.name() + "." + String.join(", ", key.columns()) + " \u2192 " + key.target() + ", "
                            + key.onDelete().words());
                }
            }
        }
        if (relationship instanceof Tie tie) {
            schema.joinTable(tie).ifPresent(t -> lines.add("join table " + t.name()));
        }
        return lines;
    }
}
