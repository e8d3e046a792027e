package jasperwing.app.findings;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.Icons;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.AcceptedWarningEdits;
import jasperwing.model.Entity;
import jasperwing.naming.Words;
import java.util.ArrayList;
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

/** Along the bottom: how many errors, warnings and rules that hold; above it, when opened, every finding with its fixes. */
public final class FindingsLine extends VBox {
    private final Workspace workspace;
    /** More than these nobody reads at once. */
    private static final int MOST = 100;

    private final HBox line = new HBox();
    private final Button counts = new Button();
    private final Label errors = new Label();
    private final Label warnings = new Label();
    private final Label holding = new Label();
    private final Button first = new Button();
    private final Label sizes = new Label();
    private final VBox list = new VBox();
    private final ScrollPane panel = new ScrollPane(list);
    private final SteadyFindings steady = new SteadyFindings();

    public FindingsLine(Workspace workspace) {
        this.workspace = workspace;
        getStyleClass().add("findings");
        line.getStyleClass().add("findings-line");
        line.setAlignment(Pos.CENTER_LEFT);
        list.getStyleClass().add("findings-list");
        panel.getStyleClass().add("findings-panel");
        panel.setId("findings-panel");
        panel.setFitToWidth(true);
        panel.setMaxHeight(330);
        buildLine();
        open(false);
        getChildren().addAll(panel, line);
        workspace.projection().addListener((o, was, is) -> refresh());
        panel.hoverProperty().addListener((o, was, is) -> {
            if (steady.hasGaps()) {
                refresh();
            }
        });
    }

    public void toggle() {
        open(!panel.isVisible());
    }

    private void open(boolean open) {
        panel.setVisible(open);
        panel.setManaged(open);
        refresh();
    }

    /** The list is built only while it is seen. */
    private void refresh() {
        Report report = workspace.projection().get().report();
        counts(report);
        first(report);
        sizes();
        if (panel.isVisible()) {
            Focus.keep(list, () -> list(report));
        }
    }

    private void list(Report report) {
        List<Finding> found = report.findings().stream().limit(MOST).toList();
        List<Node> entries = new ArrayList<>(steady.show(found, panel.isHover(), this::entry));
        if (report.findings().size() > MOST) {
            entries.add(new Label("and " + (report.findings().size() - MOST) + " more, when these are settled"));
        }
        report.accepted().forEach(a -> entries.add(accepted(a)));
        entries.add(holding(report));
        list.getChildren().setAll(entries);
    }

    private void buildLine() {
        HBox face = new HBox(
                14,
                count(Icons.level(Level.ERROR), errors),
                count(Icons.level(Level.WARNING), warnings),
                count(Icons.holds(), holding));
        face.setAlignment(Pos.CENTER_LEFT);
        counts.setGraphic(face);
        counts.setId("findings");
        counts.getStyleClass().add("bare");
        counts.setMinWidth(USE_PREF_SIZE);
        counts.setTooltip(new Tooltip("Show every finding and its fixes  (Ctrl J)"));
        counts.setOnAction(e -> toggle());
        first.setMnemonicParsing(false);
        first.getStyleClass().addAll("bare", "first-finding");
        first.setId("first-finding");
        sizes.getStyleClass().addAll("code", "quiet-code");
        sizes.setMinWidth(USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        line.getChildren().addAll(counts, first, space, sizes);
    }

    private void counts(Report report) {
        errors.setText(report.counted(Level.ERROR));
        warnings.setText(report.counted(Level.WARNING)
                + (report.accepted().isEmpty() ? "" : ", " + report.accepted().size() + " accepted"));
        holding.setText(report.holding() + " rules pass");
        counts.setAccessibleText(report.counts() + ", " + report.holding() + " rules pass");
    }

    /** The first finding, in words. */
    private void first(Report report) {
        Optional<Finding> finding = report.findings().stream().findFirst();
        first.setVisible(finding.isPresent());
        finding.ifPresent(f -> {
            if (!f.message().equals(first.getText())) {
                first.setText(f.message());
                first.setGraphic(Icons.level(f.level()));
            }
            first.setOnAction(e -> goTo(f));
        });
    }

    private static HBox count(Node icon, Label label) {
        label.getStyleClass().add("quiet");
        HBox box = new HBox(6, icon, label);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private void sizes() {
        Projection projection = workspace.projection().get();
        sizes.setText(String.format(
                Locale.ROOT,
                "%s \u00b7 %s \u00b7 %.0f ms",
                Words.count(projection.design().entities().size(), "entity"),
                Words.count(projection.design().relationships().size(), "relationship"),
                projection.millis()));
    }

    /** A warning that is left as it is, with the reason. */
    private HBox accepted(Report.Accepted accepted) {
        Label said = new Label("Accepted: " + accepted.finding().message() + " \u201c"
                + accepted.said().reason() + "\u201d");
        said.getStyleClass().add("quiet");
        said.setWrapText(true);
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMaxWidth(Double.MAX_VALUE);
        Button back = new Button("Reopen");
        back.getStyleClass().add("pill");
        back.setMinWidth(USE_PREF_SIZE);
        back.setOnAction(e -> workspace.edit(AcceptedWarningEdits.takeBack(accepted.said())));
        HBox row = new HBox(12, said, back);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** The rules that found nothing, each in a few words. */
    private static FlowPane holding(Report report) {
        FlowPane holding = new FlowPane(18, 6);
        for (Rule rule : Rule.values()) {
            boolean left = report.accepted().stream().anyMatch(a -> a.finding().rule() == rule);
            if (!left && report.findings().stream().noneMatch(f -> f.rule() == rule)) {
                holding.getChildren().add(count(Icons.holds(), new Label(rule.holds())));
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
        String name = finding.subject().entity();
        Optional<Selection> known = target.or(
                () -> workspace.design().entity(name).map(Entity::name).map(Selection::of));
        if (known.isPresent()) {
            workspace.selection().set(known.get());
            workspace.pointed().set(finding.subject().text());
        } else {
            workspace.declaration().set(name);
        }
    }
}
