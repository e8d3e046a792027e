package jasperwing.app.shell;

import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A finding with its reason and a button for each fix. */
public final class FindingBox extends VBox {
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
        for (Fix fix : finding.fixes()) {
            Button button = new Button(fix.title());
            button.setMnemonicParsing(false);
            button.getStyleClass().add("fix");
            button.setId("fix-" + finding.rule().code());
            button.setOnAction(e -> workspace.edit(fix.edit()));
            fixes.getChildren().add(button);
        }
        getChildren().addAll(head, why);
        if (!fixes.getChildren().isEmpty()) {
            getChildren().add(fixes);
        }
        setAccessibleText(finding.level().word() + ": " + finding.message() + " " + finding.why());
    }
}
