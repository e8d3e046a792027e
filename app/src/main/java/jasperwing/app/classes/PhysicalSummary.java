package jasperwing.app.classes;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What an element of the design becomes in tables, in lines. */
final class PhysicalSummary {
    private PhysicalSummary() {}

    static List<String> of(Schema schema, String entity, Attribute attribute) {
        List<String> lines = new ArrayList<>();
        schema.table(entity).ifPresent(t -> {
            for (Column column : t.columnsOf(attribute.name())) {
                lines.add(t.name() + "." + column.name() + " " + schema.type(column)
                        + (column.required() ? " not null" : ""));
                t.table().checks().stream()
                        .map(c -> c.condition().sql())
                        .filter(c -> names(c, column.name()))
                        .forEach(c -> lines.add("check (" + c + ")"));
                t.uniqueKeys().stream()
                        .filter(u -> u.columns().contains(column.name()))
                        .forEach(u -> lines.add("unique (" + String.join(", ", u.compared()) + ")"));
            }
        });
        schema.listTable(entity, attribute.name()).ifPresent(t -> lines.add("table " + t.name()));
        return lines;
    }

    /** The columns of a part of a value, wherever an entity has such a value. */
    static List<String> ofPart(Design design, Schema schema, String value, Attribute part) {
        List<String> lines = new ArrayList<>();
        for (Entity entity : design.entities()) {
            for (Attribute attribute : entity.attributes()) {
                boolean such = attribute.type() instanceof Type.Named named
                        && named.name().equals(value);
                Optional<DerivedTable> table = attribute.list()
                        ? schema.listTable(entity.name(), attribute.name())
                        : schema.table(entity.name());
                if (such && table.isPresent()) {
                    ofPart(design, schema, table.get(), attribute, part).forEach(lines::add);
                }
            }
        }
        return lines;
    }

    /** The columns of a value, or of the elements of a list, are in the order of its parts. */
    private static Stream<String> ofPart(
            Design design, Schema schema, DerivedTable table, Attribute attribute, Attribute part) {
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, attribute);
        List<Column> columns = attribute.list()
                ? table.columns()
                        .subList(table.keyColumns().size(), table.columns().size())
                : table.columnsOf(attribute.name());
        return IntStream.range(0, Math.min(leaves.size(), columns.size()))
                .filter(i -> leaves.get(i).attribute().equals(part))
                .mapToObj(columns::get)
                .map(c -> table.name() + "." + c.name() + " " + schema.type(c));
    }

    /** Whether a condition speaks of a column. */
    private static boolean names(String condition, String column) {
        return condition.matches("(?s).*\\b" + Pattern.quote(column) + "\\b.*");
    }

    static List<String> of(Schema schema, Relationship relationship) {
        List<String> lines = new ArrayList<>();
        for (DerivedTable table : schema.tables()) {
            for (Reference key : table.references()) {
                if (key.role()
                        .filter(r -> r.relationship().equals(relationship))
                        .isPresent()) {
                    lines.add(table.name() + "." + String.join(", ", key.columns()) + " \u2192 " + key.target() + ", "
                            + key.onDelete().words());
                }
            }
        }
        if (relationship instanceof BinaryRelationship binary) {
            schema.joinTable(binary).ifPresent(t -> lines.add("join table " + t.name()));
        }
        return lines;
    }
}
