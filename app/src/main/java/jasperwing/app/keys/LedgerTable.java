package jasperwing.app.keys;

import jasperwing.app.controls.Icons;
import jasperwing.findings.Level;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A table of keys: a sign of its state before each row, a button over it to select it, heads to sort by. */
final class LedgerTable extends VBox {
    private final GridPane grid = new GridPane();
    private final int columns;
    private final Set<Integer> growing;
    private int next = 1;

    /**
     * What the rows are sorted by.
     *
     * @param column its index; -1 for the order of the design
     */
    record Sorting(int column, boolean falling) {
        static final Sorting NONE = new Sorting(-1, false);

        /** After a click on a head: rising, then falling, then as they come. */
        Sorting clicked(int index) {
            return index != column ? new Sorting(index, false) : falling ? NONE : new Sorting(index, true);
        }
    }

    /** What is cut can be read in part; the rest of the table is scrolled to. */
    private static final double LEAST = 130;

    /** @param growing the indexes of the columns that take what room is left, and are cut where there is none */
    LedgerTable(List<String> heads, Set<Integer> growing, Sorting sorting, IntConsumer sort) {
        this.columns = heads.size() + 1;
        this.growing = growing;
        getStyleClass().add("ledger");
        grid.getColumnConstraints().add(new ColumnConstraints(30));
        for (int i = 0; i < heads.size(); i++) {
            ColumnConstraints constraints = new ColumnConstraints();
            constraints.setHgrow(growing.contains(i) ? Priority.ALWAYS : Priority.SOMETIMES);
            constraints.setMinWidth(growing.contains(i) ? LEAST : Region.USE_COMPUTED_SIZE);
            grid.getColumnConstraints().add(constraints);
            grid.add(head(heads.get(i), i, sorting, sort), i + 1, 0);
        }
        getChildren().add(grid);
    }

    private static Button head(String name, int index, Sorting sorting, IntConsumer sort) {
        String sign = sorting.column() != index ? "" : sorting.falling() ? " \u2193" : " \u2191";
        Button head = new Button(name + sign);
        head.getStyleClass().add("ledger-head");
        head.setId("sort-" + name);
        head.setMinWidth(Region.USE_PREF_SIZE);
        head.setTooltip(new Tooltip("Sort by " + name.toLowerCase(Locale.ROOT)));
        head.setOnAction(e -> sort.accept(index));
        return head;
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

    /** A line that names what the rows below it have in common. */
    void group(String name) {
        Label label = new Label(name);
        label.getStyleClass().add("ledger-group");
        label.setMaxWidth(Double.MAX_VALUE);
        grid.add(label, 0, next++, columns, 1);
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
            grid.add(cell(cells.get(i), i), i + 1, next);
        }
        next++;
    }

    private Label cell(Cell cell, int index) {
        Label label = new Label(cell.text());
        label.getStyleClass().add("ledger-cell");
        if (cell.code()) {
            label.getStyleClass().add("code");
        }
        if (index == 0) {
            label.getStyleClass().add("strong");
        }
        if (!growing.contains(index)) {
            label.setMinWidth(Region.USE_PREF_SIZE);
        }
        label.setMouseTransparent(true);
        return label;
    }
}
