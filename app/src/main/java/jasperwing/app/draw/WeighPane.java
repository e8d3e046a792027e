package jasperwing.app.draw;

import jasperwing.app.controls.CodeLine;
import jasperwing.app.controls.FactLine;
import jasperwing.app.controls.WayCard;
import jasperwing.app.sheet.SketchView;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Design;
import jasperwing.weigh.Alternative;
import jasperwing.weigh.Alternatives;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The ways to keep something of what is selected, side by side, with one button each that switches to it. */
final class WeighPane extends VBox {
    private static final double SKETCH_HEIGHT = 140;

    private final Workspace workspace;
    private final Runnable close;
    private final Label title = new Label();
    private final Label about = new Label();
    private final FlowPane choices = new FlowPane(6, 6);
    private final GridPane grid = new GridPane();
    private final ScrollPane scroll = new ScrollPane(grid);
    private List<Weighable> all = List.of();
    private Optional<Weighable> chosen = Optional.empty();

    /** @param close puts the pane away */
    WeighPane(Workspace workspace, Runnable close) {
        this.workspace = workspace;
        this.close = close;
        getStyleClass().add("weigh-pane");
        setId("weigh-pane");
        title.getStyleClass().add("stage-title");
        title.setId("weigh-title");
        about.setId("weigh-about");
        about.getStyleClass().add("faint");
        grid.getStyleClass().add("weigh-grid");
        grid.setHgap(14);
        grid.setVgap(8);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("stage-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button done = new Button("Back to the sheet");
        done.setId("weigh-done");
        done.setTooltip(new Tooltip("Esc"));
        done.setOnAction(e -> close.run());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(12, new VBox(2, title, about), gap, done);
        getChildren().addAll(new VBox(10, head, choices), scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        workspace.projection().addListener((o, was, is) -> follow(was.design(), is.design()));
        workspace.selection().addListener((o, was, is) -> refresh());
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close.run();
            e.consume();
        }
    }

    /** Looks at what is selected now, and takes the keys. */
    void shown() {
        refresh();
        Node first = choices.isVisible() ? choices.getChildren().get(0) : scroll;
        first.requestFocus();
    }

    private void follow(Design was, Design is) {
        if (getScene() != null && chosen.isPresent()) {
            Weighable now = chosen.get().after(was, is);
            Selection selection = workspace.selection().get();
            all = now.relationship().isPresent() && selection.relationship().isPresent()
                    ? List.of(now)
                    : Weighable.of(is, selection);
            boolean still = now.weigh(is, workspace.dialect().get()).isPresent();
            chosen = still ? Optional.of(now) : all.stream().findFirst();
            show();
        }
    }

    private void refresh() {
        if (getScene() == null) {
            return;
        }
        all = Weighable.of(workspace.design(), workspace.selection().get());
        if (chosen.filter(all::contains).isEmpty()) {
            chosen = all.stream().findFirst();
        }
        show();
    }

    private void show() {
        choices.getChildren().setAll(all.stream().map(this::choice).toList());
        choices.setVisible(all.size() > 1);
        choices.setManaged(all.size() > 1);
        grid.getChildren().clear();
        grid.getColumnConstraints().clear();
        Optional<Alternatives> weighing = chosen.flatMap(
                c -> c.weigh(workspace.design(), workspace.dialect().get()));
        title.setText(weighing.map(Alternatives::title).orElse("Nothing here can be kept in several ways"));
        about.setText(weighing.map(Alternatives::about)
                .orElse("Select a list's entity, a one-to-one, a many-to-many or a one-of, then weigh it."));
        weighing.ifPresent(this::fill);
    }

    private ToggleButton choice(Weighable weighable) {
        ToggleButton button = new ToggleButton(weighable.name());
        button.setMnemonicParsing(false);
        button.getStyleClass().addAll("pill", "choice");
        button.setId("weigh-" + weighable.name());
        button.setSelected(chosen.filter(weighable::equals).isPresent());
        button.setOnAction(e -> {
            chosen = Optional.of(weighable);
            show();
        });
        return button;
    }

    private void fill(Alternatives weighing) {
        List<Alternative> ways = weighing.ways();
        for (int i = 0; i < ways.size(); i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / ways.size());
            column.setHalignment(HPos.LEFT);
            grid.getColumnConstraints().add(column);
            grid.add(card(ways.get(i)), i, 0);
        }
        int row = 1;
        for (String question : weighing.questions()) {
            row = codes(row, question, ways, w -> w.statements()
                    .getOrDefault(question, "")
                    .lines()
                    .toList());
        }
        codes(row, "The classes then have", ways, Alternative::classes);
    }

    /** What each way writes under one heading. @return the next free row */
    private int codes(int row, String heading, List<Alternative> ways, Function<Alternative, List<String>> lines) {
        Label label = new Label(heading);
        label.getStyleClass().addAll("section", "weigh-question");
        grid.add(label, 0, row, ways.size(), 1);
        for (int i = 0; i < ways.size(); i++) {
            VBox box = new VBox();
            box.getStyleClass().add("code-box");
            box.setMaxHeight(Double.MAX_VALUE);
            lines.apply(ways.get(i)).forEach(l -> box.getChildren().add(CodeLine.of(l, true)));
            if (ways.get(i).hindrance().isEmpty()) {
                grid.add(box, i, row + 1);
            }
        }
        return row + 2;
    }

    private Node card(Alternative way) {
        VBox card = new WayCard(way, "now", 8);
        card.setMaxHeight(Double.MAX_VALUE);
        if (way.hindrance().isPresent()) {
            return card;
        }
        SketchView sketch = new SketchView(way.sketch());
        sketch.setPrefHeight(SKETCH_HEIGHT);
        sketch.setMinHeight(SKETCH_HEIGHT);
        card.getChildren().add(sketch);
        List<Node> facts = new ArrayList<>();
        way.facts().forEach(f -> facts.add(FactLine.of(f)));
        VBox list = new VBox(facts.toArray(Node[]::new));
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        card.getChildren().addAll(list, gap, use(way));
        return card;
    }

    private Node use(Alternative way) {
        if (way.now()) {
            Label now = new Label("as it is now");
            now.getStyleClass().add("weigh-now");
            return now;
        }
        Button use = new Button("Use this");
        use.getStyleClass().add("primary");
        use.setId("use-" + way.title().replace(' ', '-').replace(",", ""));
        use.setAccessibleText("Use this: " + way.title());
        use.setOnAction(e -> workspace.edit(way.edit()));
        return use;
    }
}
