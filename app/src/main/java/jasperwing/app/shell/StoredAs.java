package jasperwing.app.shell;

import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.schema.Column;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Tables and columns as boxes of the lens. */
final class StoredAs {
    private StoredAs() {}

    static List<Node> entity(Projection projection, String entity) {
        List<Node> nodes = new ArrayList<>();
        projection.schema().table(entity).ifPresent(t -> {
            nodes.add(box(t, t.columns()));
            nodes.addAll(rules(t));
        });
        projection.schema().tables().stream()
                .filter(t -> t.source() instanceof Table.Source.OfList list
                        && list.entity().equals(entity))
                .forEach(t -> nodes.add(box(t, t.columns())));
        return nodes;
    }

    static List<Node> relationship(Projection projection, Relationship relationship) {
        List<Node> nodes = new ArrayList<>();
        if (relationship instanceof Tie tie) {
            projection.schema().joinTable(tie).ifPresent(t -> nodes.add(box(t, t.columns())));
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

    private static Node box(Table table, List<Column> columns) {
        VBox box = new VBox();
        box.getStyleClass().add("code-box");
        Label name = new Label(table.name());
        name.getStyleClass().addAll("code", "strong");
        box.getChildren().add(name);
        columns.forEach(c -> box.getChildren().add(row(table, c)));
        return box;
    }

    private static Node row(Table table, Column column) {
        Label name = new Label(column.name() + (column.required() ? "" : "?"));
        name.getStyleClass().add("code");
        Label type = new Label(reference(table, column)
                .map(r -> "\u2192 " + r)
                .orElse(column.type() + (column.generated() ? " identity" : "")));
        type.getStyleClass().addAll("code", "quiet-code");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        name.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(8, name, space, type);
    }

    private static Optional<String> reference(Table table, Column column) {
        for (ForeignKey key : table.foreignKeys()) {
            int index = key.columns().indexOf(column.name());
            if (index >= 0) {
                return Optional.of(key.target() + "." + key.targetColumns().get(index));
            }
        }
        return Optional.empty();
    }

    private static List<Node> rules(Table table) {
        List<Node> rules = new ArrayList<>();
        rules.add(line("key (" + String.join(", ", table.primaryKey()) + ")"));
        table.uniques().forEach(u -> rules.add(line("unique (" + String.join(", ", u.columns()) + ")")));
        table.indexes().forEach(i -> rules.add(line("index (" + String.join(", ", i.columns()) + ")")));
        return rules;
    }

    private static List<Node> indexes(Table table, Role role) {
        List<Node> lines = new ArrayList<>();
        for (ForeignKey key : table.foreignKeysOf(role)) {
            String columns = String.join(", ", key.columns());
            lines.add(line((table.isUnique(key.columns()) ? "unique (" : "indexed (") + columns + ")"));
            if (!key.enforced()) {
                lines.add(line("no constraint: " + key.targetEntity() + " lives outside"));
            }
        }
        return lines;
    }

    private static Node line(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("code", "quiet-code");
        label.setWrapText(true);
        return label;
    }
}
