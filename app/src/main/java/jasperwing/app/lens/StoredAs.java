package jasperwing.app.lens;

import jasperwing.app.controls.Kept;
import jasperwing.app.workspace.Projection;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Counting;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import jasperwing.physical.Identity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Tables and columns as boxes of the lens. */
final class StoredAs {
    private final Projection projection;
    private final Kept kept;

    StoredAs(Projection projection, Kept kept) {
        this.projection = projection;
        this.kept = kept;
    }

    List<Node> entity(String entity) {
        List<Node> nodes = new ArrayList<>();
        projection.schema().table(entity).ifPresent(t -> {
            nodes.add(box(t, t.columns()));
            nodes.addAll(rules(t));
        });
        projection.schema().tables().stream()
                .filter(t -> t.source() instanceof DerivedTable.Source.OfList list
                        && list.entity().equals(entity))
                .forEach(t -> nodes.add(box(t, t.columns())));
        return nodes;
    }

    List<Node> relationship(Relationship relationship) {
        List<Node> nodes = new ArrayList<>();
        if (relationship instanceof BinaryRelationship binary) {
            projection.schema().joinTable(binary).ifPresent(t -> nodes.add(box(t, t.columns())));
        }
        List<Role> roles = Roles.of(relationship);
        if (!roles.isEmpty()) {
            projection.schema().table(roles.get(0).holder()).ifPresent(t -> {
                nodes.add(box(
                        t,
                        roles.stream()
                                .flatMap(r -> t.columnsOf(r.name()).stream())
                                .toList()));
                roles.forEach(r -> nodes.addAll(indexes(t, r)));
            });
        }
        return nodes;
    }

    private Node box(DerivedTable table, List<Column> columns) {
        Node name = kept.node(List.of("table", table.name()), () -> code(table.name(), "strong"));
        List<Node> rows = new ArrayList<>(List.of(name));
        columns.forEach(c -> rows.add(row(table, c)));
        return kept.box(List.of("stored", table.name()), rows, "code-box");
    }

    private Node row(DerivedTable table, Column column) {
        String name = column.name() + (column.required() ? "" : "?");
        String type = reference(table, column)
                .map(r -> "\u2192 " + r)
                .orElse(projection.schema().type(column)
                        + column.identity().map(this::identity).orElse(""));
        return kept.node(List.of("column", name, type), () -> {
            Label left = code(name);
            left.setMinWidth(Region.USE_PREF_SIZE);
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            return new HBox(8, left, space, code(type, "quiet-code"));
        });
    }

    private String identity(Identity wanted) {
        Identity by = projection.schema().dialect().counters().of(wanted);
        return (" identity " + new Counting(by.start(), by.step()).words()).stripTrailing();
    }

    private static Label code(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().add("code");
        label.getStyleClass().addAll(styles);
        return label;
    }

    private static Optional<String> reference(DerivedTable table, Column column) {
        for (Reference key : table.references()) {
            int index = key.columns().indexOf(column.name());
            if (index >= 0) {
                return Optional.of(key.target() + "." + key.targetColumns().get(index));
            }
        }
        return Optional.empty();
    }

    private List<Node> rules(DerivedTable table) {
        List<Node> rules = new ArrayList<>();
        rules.add(line("key (" + String.join(", ", table.keyColumns()) + ")"));
        table.uniqueKeys().forEach(u -> rules.add(line("unique (" + String.join(", ", u.compared()) + ")")));
        table.indexes().forEach(i -> rules.add(line("index (" + String.join(", ", i.columns()) + ")")));
        return rules;
    }

    private List<Node> indexes(DerivedTable table, Role role) {
        List<Node> lines = new ArrayList<>();
        for (Reference key : table.referencesOf(role)) {
            String columns = String.join(", ", table.isUnique(key.columns()) ? key.columns() : key.allColumns());
            lines.add(line((table.isUnique(key.columns()) ? "unique (" : "indexed (") + columns + ")"));
            if (!key.agreed().isNothing()) {
                lines.add(line("foreign key (" + String.join(", ", key.allColumns()) + ") \u2192 " + key.target() + " ("
                        + String.join(", ", key.allTargetColumns()) + ")"));
            }
            if (!key.enforced()) {
                lines.add(line("no constraint: " + key.targetEntity() + loose(key.targetEntity())));
            }
        }
        return lines;
    }

    private String loose(String entity) {
        boolean outside =
                projection.design().entity(entity).map(Entity::outside).orElse(true);
        return outside ? " lives in another system" : " is kept in several tables";
    }

    private Node line(String text) {
        return kept.node(List.of("rule", text), () -> {
            Label label = code(text, "quiet-code");
            label.setWrapText(true);
            return label;
        });
    }
}
