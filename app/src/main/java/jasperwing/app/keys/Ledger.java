package jasperwing.app.keys;

import jasperwing.app.shell.Icons;
import jasperwing.findings.Level;
import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A table of keys: a sign of its state before each row, a button over it to select it. */
final class Ledger extends VBox {
    private final GridPane grid = new GridPane();
    private final int columns;
    private final int growing;
    private int next = 1;

    /** @param growing the index of the column that takes what room is left */
    Ledger(List<String> heads, int growing) {
        this.columns = heads.size() + 1;
        this.growing = growing;
        getStyleClass().add("ledger");
        grid.getColumnConstraints().add(new ColumnConstraints(30));
        for (int i = 0; i < heads.size(); i++) {
            ColumnConstraints constraints = new ColumnConstraints();
            constraints.setHgrow(i == growing ? Priority.ALWAYS : Priority.SOMETIMES);
            grid.getColumnConstraints().add(constraints);
            Label head = new Label(heads.get(i));
            head.getStyleClass().add("ledger-head");
            head.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(head, i + 1, 0);
        }
        getChildren().add(grid);
    }

    /** One cell's text and whether it is set as code. */
    record Cell(String text, boolean code) {
        static Cell words(String text) {
            return new Cell(text, false);
        }

        static Cell code(String text) {
            return new Cell(text, true);
        }
    }

    boolean isEmpty() {
        return next == 1;
    }

    void row(Optional<Level> state, boolean chosen, List<Cell> cells, Runnable select) {
        Button cover = new Button();
        cover.getStyleClass().add("ledger-row");
        if (chosen) {
            cover.getStyleClass().add("chosen");
        }
        cover.setId("key-" + cells.get(0).text());
        cover.setAccessibleText(String.join(", ", cells.stream().map(Cell::text).toList()));
        cover.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        cover.setOnAction(e -> select.run());
        grid.add(cover, 0, next, columns, 1);
        Node sign = state.map(Icons::level).orElseGet(Icons::holds);
        sign.getStyleClass().add("ledger-sign");
        GridPane.setHalignment(sign, HPos.CENTER);
        sign.setMouseTransparent(true);
        grid.add(sign, 0, next);
        for (int i = 0; i < cells.size(); i++) {
            Label label = new Label(cells.get(i).text());
            label.getStyleClass().add("ledger-cell");
            if (cells.get(i).code()) {
                label.getStyleClass().add("code");
            }
            if (i == 0) {
                label.getStyleClass().add("strong");
            }
            if (i != growing) {
                label.setMinWidth(Region.USE_PREF_SIZE);
            }
            label.setMouseTransparent(true);
            grid.add(label, i + 1, next);
        }
        next++;
    }
}
