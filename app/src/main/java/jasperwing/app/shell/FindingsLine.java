package jasperwing.app.shell;

import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Entity;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Along the bottom: how many faults, cautions and rules that hold; above it, when opened, every finding with its fixes. */
final class FindingsLine extends VBox {
    private final Workspace workspace;
    private final HBox line = new HBox();
    private final VBox list = new VBox();
    private final ScrollPane panel = new ScrollPane(list);

    FindingsLine(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("findings");
        line.getStyleClass().add("findings-line");
        line.setAlignment(Pos.CENTER_LEFT);
        list.getStyleClass().add("findings-list");
        panel.getStyleClass().add("findings-panel");
        panel.setId("findings-panel");
        panel.setFitToWidth(true);
        panel.setMaxHeight(330);
        open(false);
        getChildren().addAll(panel, line);
        workspace.projection().addListener((o, was, is) -> refresh());
        refresh();
    }

    void toggle() {
        open(!panel.isVisible());
    }

    private void open(boolean open) {
        panel.setVisible(open);
        panel.setManaged(open);
    }

    private void refresh() {
        Focus.keep(this, this::build);
    }

    private void build() {
        Report report = workspace.projection().get().report();
        line.getChildren().setAll(counts(report));
        report.findings().stream().findFirst().ifPresent(f -> line.getChildren().add(first(f)));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        line.getChildren().addAll(space, sizes());
        list.getChildren().clear();
        report.findings().forEach(f -> list.getChildren().add(entry(f)));
        list.getChildren().add(holding(report));
    }

    private Button counts(Report report) {
        HBox face = new HBox(
                14,
                count(Icons.level(Level.FAULT), report.counted(Level.FAULT)),
                count(Icons.level(Level.CAUTION), report.counted(Level.CAUTION)),
                count(Icons.holds(), report.holding() + " rules hold"));
        face.setAlignment(Pos.CENTER_LEFT);
        Button button = new Button(null, face);
        button.setId("findings");
        button.getStyleClass().add("bare");
        button.setAccessibleText(report.counts() + ", " + report.holding() + " rules hold");
        button.setTooltip(new Tooltip("Show every finding and its fixes  (Ctrl J)"));
        button.setOnAction(e -> toggle());
        return button;
    }

    private static HBox count(Node icon, String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        HBox box = new HBox(6, icon, label);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private Button first(Finding finding) {
        Button button = new Button(finding.message(), Icons.level(finding.level()));
        button.setMnemonicParsing(false);
        button.getStyleClass().addAll("bare", "first-finding");
        button.setId("first-finding");
        button.setOnAction(e -> goTo(finding));
        return button;
    }

    private Label sizes() {
        Projection projection = workspace.projection().get();
        Label label = new Label(String.format(
                Locale.ROOT,
                "%d entities \u00b7 %d relationships \u00b7 %.0f ms",
                projection.design().entities().size(),
                projection.design().relationships().size(),
                projection.millis()));
        label.getStyleClass().addAll("code", "quiet-code");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    /** The rules that found nothing, each in a few words. */
    private static FlowPane holding(Report report) {
        FlowPane holding = new FlowPane(18, 6);
        for (Rule rule : Rule.values()) {
            if (report.findings().stream().noneMatch(f -> f.rule() == rule)) {
                holding.getChildren().add(count(Icons.holds(), rule.holds()));
            }
        }
        return holding;
    }

    private HBox entry(Finding finding) {
        FindingBox box = new FindingBox(workspace, finding);
        HBox.setHgrow(box, Priority.ALWAYS);
        Button go = new Button("Show it");
        go.getStyleClass().add("pill");
        go.setMinWidth(USE_PREF_SIZE);
        go.setOnAction(e -> goTo(finding));
        return new HBox(12, box, go);
    }

    private void goTo(Finding finding) {
        Optional<Selection> target = finding.subject().relationship().map(Selection::of);
        List<String> known = workspace.design().entity(finding.subject().entity()).stream()
                .map(Entity::name)
                .toList();
        target.or(() -> known.stream().findFirst().map(Selection::of))
                .ifPresent(s -> workspace.selection().set(s));
    }
}
