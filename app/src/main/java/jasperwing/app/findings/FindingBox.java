package jasperwing.app.findings;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.Icons;
import jasperwing.app.workspace.Workspace;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.FixAll;
import jasperwing.findings.Level;
import jasperwing.model.AcceptedWarningEdits;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A finding with its reason and a button for each fix. */
public final class FindingBox extends VBox {
    /** Longer statements are scrolled, so that the fixes below stay in sight. */
    private static final long MOST_ROWS = 12;

    public FindingBox(Workspace workspace, Finding finding) {
        getStyleClass().add("finding");
        Label message = new Label(finding.message());
        message.setWrapText(true);
        message.getStyleClass().add("finding-message");
        HBox head = new HBox(8, Icons.level(finding.level()), message);
        head.getStyleClass().add("finding-head");
        Label why = new Label(finding.why());
        why.setWrapText(true);
        why.getStyleClass().add("quiet");
        FlowPane fixes = new FlowPane(8, 6);
        fixes.setMinWidth(0);
        finding.fixes().forEach(f -> fixes.getChildren().add(fix(workspace, finding, f, fixes)));
        getChildren().addAll(head, why);
        if (!finding.fixes().isEmpty()) {
            alike(workspace, finding).ifPresent(fixes.getChildren()::add);
        }
        if (finding.level() == Level.WARNING) {
            fixes.getChildren().add(accepted(workspace, finding, fixes));
        }
        if (!finding.sql().isEmpty()) {
            getChildren().add(sql(finding.sql()));
        }
        if (!fixes.getChildren().isEmpty()) {
            getChildren().add(fixes);
        }
        setAccessibleText(finding.level().word() + ": " + finding.message() + " " + finding.why());
    }

    private static Button fix(Workspace workspace, Finding finding, Fix fix, FlowPane fixes) {
        Button button = new Button(fix.title());
        button.setMnemonicParsing(false);
        button.getStyleClass().add("fix");
        button.setId("fix-" + finding.rule().code());
        button.setTooltip(new Tooltip(fix.title()));
        button.maxWidthProperty().bind(fixes.widthProperty());
        button.setOnAction(e -> workspace.edit(fix.edit()));
        return button;
    }

    /** Where there are more of the kind, one edit for all. */
    private static Optional<Button> alike(Workspace workspace, Finding finding) {
        long count = workspace.projection().get().report().findings().stream()
                .filter(f -> f.rule() == finding.rule() && !f.fixes().isEmpty())
                .count();
        if (count < 2) {
            return Optional.empty();
        }
        Button button = new Button("Fix all " + count + " of this kind");
        button.getStyleClass().add("aside");
        button.setId("fix-all-" + finding.rule().code());
        button.setTooltip(new Tooltip("Makes the first fix of each; one undo takes all back"));
        button.setOnAction(e ->
                workspace.edit(FixAll.of(finding.rule(), workspace.dialect().get())));
        return Optional.of(button);
    }

    /** Statements that can be taken from here. */
    private static TextArea sql(String text) {
        TextArea area = new TextArea(text.stripTrailing());
        area.setEditable(false);
        area.setWrapText(true);
        area.setMinWidth(0);
        area.setPrefColumnCount(16);
        area.setPrefRowCount((int) Math.min(MOST_ROWS, text.lines().count() + 2));
        area.getStyleClass().add("finding-sql");
        area.setAccessibleText("SQL that holds it together");
        return area;
    }

    /** A warning can be left as it is, for a reason that is typed in the button's place. */
    private static Button accepted(Workspace workspace, Finding finding, FlowPane fixes) {
        Button button = new Button("Accept\u2026");
        button.getStyleClass().add("aside");
        button.setId("accept-" + finding.rule().code());
        button.setTooltip(new Tooltip("Accept this warning and say why; the design keeps the reason"));
        button.setOnAction(e -> {
            TextField reason = new TextField();
            reason.setId("accept-reason");
            reason.setPromptText("Reason, then Enter");
            reason.setPrefColumnCount(24);
            fixes.getChildren().set(fixes.getChildren().indexOf(button), reason);
            reason.setOnAction(typed -> {
                if (!reason.getText().isBlank()) {
                    workspace.edit(AcceptedWarningEdits.add(
                            finding.asAccepted(reason.getText().strip())));
                }
            });
            reason.setOnKeyPressed(k -> {
                if (k.getCode() == KeyCode.ESCAPE) {
                    fixes.getChildren().set(fixes.getChildren().indexOf(reason), button);
                    k.consume();
                }
            });
            Focus.take(reason);
        });
        return button;
    }
}
