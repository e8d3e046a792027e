package jasperwing.app.keys;

import jasperwing.app.sheet.SketchView;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.DeleteEffect;
import jasperwing.derive.DeleteImpact;
import jasperwing.derive.DerivedTable;
import jasperwing.model.AreaColor;
import jasperwing.model.Design;
import jasperwing.naming.Roles;
import jasperwing.weigh.TableSketch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What deleting one row does everywhere, in a sentence and drawn: what goes further stands further to the right. */
final class RippleView implements KeysView {
    private static final double LARGEST = 1.4;

    private final Workspace workspace;
    private final ComboBox<String> start = new ComboBox<>();
    private final Label sentence = new Label();
    private final VBox view;
    private boolean filling;

    RippleView(Workspace workspace) {
        this.workspace = workspace;
        start.setId("ripple-start");
        start.setAccessibleText("The entity a row of which is deleted");
        start.setVisibleRowCount(14);
        start.setOnAction(e -> {
            if (!filling && start.getValue() != null) {
                workspace.selection().set(Selection.of(start.getValue()));
            }
        });
        sentence.setWrapText(true);
        sentence.setId("ripple-sentence");
        sentence.setMinHeight(Region.USE_PREF_SIZE);
        Label of = new Label("Deleting one row of");
        HBox tools = new HBox(8, of, start);
        tools.setAlignment(Pos.CENTER_LEFT);
        view = new VBox(12, tools, sentence, new Region());
        view.getStyleClass().add("keys");
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        Projection projection = workspace.projection().get();
        List<String> entities = projection.design().entities().stream()
                .map(e -> e.name())
                .filter(e -> projection.schema().tableOfAny(e).isPresent())
                .toList();
        Optional<String> chosen =
                chosen().filter(entities::contains).or(() -> entities.stream().findFirst());
        filling = true;
        start.getItems().setAll(entities);
        start.setValue(chosen.orElse(null));
        filling = false;
        chosen.flatMap(projection.schema()::tableOfAny).ifPresentOrElse(t -> show(projection, t), () -> {
            sentence.setText("There are no tables yet.");
            view.getChildren().set(2, new Region());
        });
    }

    /** The entity selected, or what the relationship selected points to. */
    private Optional<String> chosen() {
        Selection selection = workspace.selection().get();
        return selection.single().or(() -> selection.relationship().map(r -> Roles.of(r).stream()
                .findFirst()
                .map(role -> role.target())
                .orElse(r.from())));
    }

    private void show(Projection projection, DerivedTable table) {
        DeleteImpact ripple = DeleteImpact.of(projection.design(), projection.schema(), table);
        sentence.setText(ripple.sentence());
        SketchView drawn = new SketchView(sketch(projection, ripple), LARGEST);
        VBox.setVgrow(drawn, Priority.ALWAYS);
        drawn.setAccessibleText(ripple.sentence());
        view.getChildren().set(2, drawn);
    }

    /** A box for each table that is reached, once, as far to the right as the longest way to it. */
    private static TableSketch sketch(Projection projection, DeleteImpact ripple) {
        Map<String, Integer> levels = new LinkedHashMap<>(Map.of(ripple.table(), 0));
        Map<String, List<TableSketch.Line>> lines = new HashMap<>();
        List<TableSketch.Link> links = new ArrayList<>();
        for (DeleteImpact.Effect effect : ripple.effects()) {
            levels.putIfAbsent(effect.table(), effect.distance());
            boolean away = effect.kind() == DeleteEffect.DELETES || effect.kind() == DeleteEffect.DANGLES;
            lines.computeIfAbsent(effect.table(), t -> new ArrayList<>())
                    .add(new TableSketch.Line(
                            String.join(", ", effect.columns()), effect.kind().words(), away));
            links.add(new TableSketch.Link(effect.table(), effect.target()));
        }
        Map<Integer, Integer> ranks = new HashMap<>();
        List<TableSketch.Box> boxes = new ArrayList<>();
        levels.forEach((table, level) -> {
            int rank = ranks.merge(level, 1, Integer::sum) - 1;
            List<TableSketch.Line> its = lines.getOrDefault(table, List.of());
            List<TableSketch.Line> first = table.equals(ripple.table())
                    ? List.of(new TableSketch.Line("a row of it", "is deleted", true))
                    : List.of();
            List<TableSketch.Line> all = new ArrayList<>(first);
            all.addAll(its);
            boxes.add(new TableSketch.Box(table, level, rank, color(projection, table), all, false));
        });
        return new TableSketch(boxes, links.stream().distinct().toList());
    }

    private static Optional<AreaColor> color(Projection projection, String table) {
        Design design = projection.design();
        return projection.schema().named(table).flatMap(t -> {
            String entity = t.source() instanceof DerivedTable.Source.OfEntity of
                    ? of.entity()
                    : t.source() instanceof DerivedTable.Source.OfList list ? list.entity() : "";
            return design.entity(entity).flatMap(e -> design.area(e.area())).map(a -> a.color());
        });
    }
}
