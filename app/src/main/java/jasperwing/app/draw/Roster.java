package jasperwing.app.draw;

import jasperwing.app.shell.Focus;
import jasperwing.app.shell.Selection;
import jasperwing.app.shell.Workspace;
import jasperwing.model.Area;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Every entity by its area, and the enums; a click selects, typing above narrows. */
final class Roster extends VBox {
    private final Workspace workspace;
    private final TextField find = new TextField();
    private final VBox list = new VBox();
    private Seen seen;

    Roster(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("roster");
        find.setPromptText("Find an entity\u2026");
        find.setId("roster-find");
        find.getStyleClass().add("roster-find");
        find.setAccessibleText("Find an entity");
        find.textProperty().addListener((o, was, is) -> refresh());
        list.getStyleClass().add("roster-list");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(find, scroll);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> choose());
        refresh();
    }

    /** All that can be seen of a design here. */
    private record Seen(String find, List<Area> areas, List<Line> lines, List<EnumType> enums) {}

    private record Line(String entity, String area, int attributes, boolean outside) {}

    /** Builds the list anew only when something in it has changed. */
    private void refresh() {
        Design design = workspace.design();
        List<Line> lines = design.entities().stream()
                .map(e -> new Line(e.name(), e.area(), e.attributes().size(), e.outside()))
                .toList();
        Seen now = new Seen(find.getText(), design.areas(), lines, design.enums());
        if (!now.equals(seen)) {
            seen = now;
            Focus.keep(list, this::build);
        }
    }

    private void choose() {
        Set<String> chosen = workspace.selection().get().entities();
        for (Node node : list.getChildren()) {
            boolean is = node.getId() != null && chosen.contains(node.getId().substring("roster-".length()));
            if (is != node.getStyleClass().contains("chosen")) {
                if (is) {
                    node.getStyleClass().add("chosen");
                } else {
                    node.getStyleClass().remove("chosen");
                }
            }
        }
    }

    private void build() {
        list.getChildren().clear();
        Design design = workspace.design();
        for (Area area : design.areas()) {
            group(area.name(), "area-" + area.color().word(), entitiesIn(design, area.name()));
        }
        List<Entity> homeless = design.entities().stream()
                .filter(e -> design.area(e.area()).isEmpty())
                .filter(this::matches)
                .toList();
        group(design.areas().isEmpty() ? "Entities" : "In no area", "area-none", homeless);
        if (!design.enums().isEmpty() && find.getText().isBlank()) {
            list.getChildren().add(head("Enums", null));
            design.enums().forEach(e -> list.getChildren().add(enumRow(e)));
        }
    }

    private List<Entity> entitiesIn(Design design, String area) {
        return design.entities().stream()
                .filter(e -> e.area().equals(area))
                .filter(this::matches)
                .toList();
    }

    private boolean matches(Entity entity) {
        return entity.name()
                .toLowerCase(Locale.ROOT)
                .contains(find.getText().strip().toLowerCase(Locale.ROOT));
    }

    private void group(String name, String color, List<Entity> entities) {
        if (!entities.isEmpty()) {
            list.getChildren().add(head(name, color));
            entities.forEach(e -> list.getChildren().add(row(e)));
        }
    }

    private static Node head(String name, String color) {
        Label label = new Label(name);
        label.getStyleClass().add("section");
        HBox box = new HBox(8);
        if (color != null) {
            Region swatch = new Region();
            swatch.getStyleClass().addAll("swatch", color);
            box.getChildren().add(swatch);
        }
        box.getChildren().add(label);
        box.getStyleClass().add("roster-head");
        return box;
    }

    private Node row(Entity entity) {
        String count = entity.outside()
                ? "outside"
                : String.valueOf(entity.attributes().size());
        Button row = line(entity.name(), count);
        row.setId("roster-" + entity.name());
        if (workspace.selection().get().entities().contains(entity.name())) {
            row.getStyleClass().add("chosen");
        }
        row.setOnAction(e -> workspace.selection().set(Selection.of(entity.name())));
        return row;
    }

    private static Node enumRow(EnumType type) {
        Button row = line(type.name(), String.valueOf(type.values().size()));
        row.setFocusTraversable(false);
        row.setMouseTransparent(true);
        return row;
    }

    private static Button line(String name, String count) {
        Label left = new Label(name);
        Label right = new Label(count);
        right.getStyleClass().add("faint");
        right.setMinWidth(USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox face = new HBox(6, left, space, right);
        Button row = new Button(null, face);
        row.getStyleClass().add("roster-row");
        row.setAccessibleText(name);
        row.setMaxWidth(Double.MAX_VALUE);
        return row;
    }
}
