package jasperwing.app.draw;

import jasperwing.app.shell.Workspace;
import jasperwing.model.Sheet;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Along the foot of the sheet: which sheet is shown, and how large. */
final class SheetBar extends HBox {
    private final Workspace workspace;
    private final SheetView sheet;
    private final HBox names = new HBox(4);
    private final Label zoom = new Label();

    SheetBar(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
        getStyleClass().add("sheet-bar");
        setAlignment(Pos.CENTER_LEFT);
        setMaxHeight(USE_PREF_SIZE);
        Label label = new Label("Sheet:");
        label.getStyleClass().add("quiet");
        names.setAlignment(Pos.CENTER_LEFT);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Button smaller = button("\u2212", "Smaller  (Ctrl \u2212)", () -> zoomBy(1 / 1.2));
        Button larger = button("+", "Larger  (Ctrl +)", () -> zoomBy(1.2));
        Button fit = button("Fit", "Show the whole sheet  (Ctrl 0)", sheet::fit);
        zoom.getStyleClass().add("quiet");
        zoom.setMinWidth(44);
        zoom.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(label, names, space, smaller, zoom, larger, fit);
        workspace.projection().addListener((o, was, is) -> refresh());
        sheet.sheet().addListener((o, was, is) -> refresh());
        sheet.viewport().view().addListener((o, was, is) -> showZoom());
        refresh();
        showZoom();
    }

    private static Button button(String text, String tip, Runnable action) {
        Button button = new Button(text);
        button.setMnemonicParsing(false);
        button.getStyleClass().add("bar-button");
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }

    void zoomBy(double factor) {
        sheet.viewport().zoom(factor, sheet.getWidth() / 2, sheet.getHeight() / 2);
    }

    private void showZoom() {
        zoom.setText(Math.round(sheet.viewport().zoom() * 100) + " %");
    }

    private void refresh() {
        names.getChildren().setAll(name("Everything", ""));
        workspace.design().sheets().stream().map(Sheet::name).forEach(n -> names.getChildren()
                .add(name(n, n)));
    }

    private Button name(String text, String value) {
        Button button =
                button(text, "Show the sheet " + text, () -> sheet.sheet().set(value));
        button.setId("sheet-" + text);
        if (sheet.sheet().get().equals(value)) {
            button.getStyleClass().add("strong");
        }
        return button;
    }
}
