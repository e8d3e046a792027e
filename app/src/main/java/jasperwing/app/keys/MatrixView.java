package jasperwing.app.keys;

import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * Who refers to whom: a row for each table that points, a column for each pointed to. A filled square must be filled, a ring may be
 * empty. Only what is seen is painted, so that it holds for a thousand tables.
 */
final class MatrixView implements KeysView {
    private static final double CELL = 18;
    private static final double LETTER = 6.7;
    private static final double MARGIN = 18;
    private static final int LONGEST = 26;

    private final Workspace workspace;
    private final Appearance appearance;
    private final Canvas canvas = new Canvas();
    private final Label told = new Label();
    private final Pane paper = new Pane(canvas) {
        @Override
        protected void layoutChildren() {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    };
    private final VBox view = new VBox(10, told, paper);
    private List<DerivedTable> rows = List.of();
    private List<DerivedTable> columns = List.of();
    private Map<String, Integer> places = Map.of();
    private double names = MARGIN;
    private double heads = MARGIN;
    private double left;
    private double top;
    private int row = -1;
    private int column = -1;

    MatrixView(Workspace workspace, Appearance appearance) {
        this.workspace = workspace;
        this.appearance = appearance;
        view.getStyleClass().add("keys");
        paper.getStyleClass().add("matrix");
        paper.setId("matrix");
        paper.setMinSize(0, 0);
        told.getStyleClass().add("quiet");
        told.setId("matrix-told");
        VBox.setVgrow(paper, Priority.ALWAYS);
        paper.setOnScroll(this::scrolled);
        paper.setOnMouseMoved(this::moved);
        paper.setOnMouseClicked(this::clicked);
        appearance.whenLookChanges(paper::requestLayout);
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        Schema schema = workspace.projection().get().schema();
        Map<String, Boolean> pointedTo = new HashMap<>();
        schema.tables().forEach(t -> t.references().forEach(k -> pointedTo.put(k.target(), true)));
        rows = schema.tables().stream().filter(t -> !t.references().isEmpty()).toList();
        columns = Stream.concat(schema.tables().stream(), schema.others().stream())
                .filter(t -> pointedTo.containsKey(t.name()))
                .toList();
        places = new HashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            places.put(columns.get(i).name(), i);
        }
        names = room(rows);
        heads = room(columns);
        long count = rows.stream().mapToLong(t -> t.references().size()).sum();
        paper.setAccessibleText(count + " references of " + rows.size() + " tables to " + columns.size());
        tell();
        paper.requestLayout();
    }

    /** What the names of tables take. */
    private static double room(List<DerivedTable> tables) {
        int longest = tables.stream().mapToInt(t -> t.name().length()).max().orElse(0);
        return MARGIN + Math.min(longest, LONGEST) * LETTER;
    }

    private void scrolled(ScrollEvent e) {
        double across = e.isShiftDown() ? e.getDeltaY() + e.getDeltaX() : e.getDeltaX();
        double down = e.isShiftDown() ? 0 : e.getDeltaY();
        left = within(left - across, columns.size() * CELL - (paper.getWidth() - names));
        top = within(top - down, rows.size() * CELL - (paper.getHeight() - heads));
        paint();
        e.consume();
    }

    private static double within(double at, double most) {
        return Math.max(0, Math.min(at, Math.max(0, most)));
    }

    private void moved(MouseEvent e) {
        int nowRow = index(e.getY() - heads + top, e.getY() >= heads, rows.size());
        int nowColumn = index(e.getX() - names + left, e.getX() >= names, columns.size());
        if (nowRow != row || nowColumn != column) {
            row = nowRow;
            column = nowColumn;
            tell();
            paint();
        }
    }

    private static int index(double at, boolean inside, int size) {
        int index = (int) (at / CELL);
        return inside && index < size ? index : -1;
    }

    private List<Reference> keys(int atRow, int atColumn) {
        return atRow < 0 || atColumn < 0 || atRow >= rows.size() || atColumn >= columns.size()
                ? List.of()
                : rows.get(atRow).references().stream()
                        .filter(k -> k.target().equals(columns.get(atColumn).name()))
                        .toList();
    }

    private void tell() {
        List<Reference> keys = keys(row, column);
        if (keys.isEmpty()) {
            told.setText(
                    "A square must be filled, a ring may be empty \u00b7 scroll to move, with Shift sideways \u00b7 a click selects");
            return;
        }
        Reference key = keys.get(0);
        told.setText(rows.get(row).name() + "." + String.join(", ", key.columns()) + " \u2192 " + key.target() + "."
                + String.join(", ", key.targetColumns()) + " \u00b7 when that goes: "
                + key.effect().words()
                + (keys.size() > 1 ? " \u00b7 and " + (keys.size() - 1) + " more" : ""));
    }

    private void clicked(MouseEvent e) {
        moved(e);
        keys(row, column).stream().findFirst().ifPresent(k -> k.role()
                .ifPresent(r -> workspace.selection().set(Selection.of(r.relationship()))));
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        boolean dark = appearance.dark().get();
        Color ink = Color.web(dark ? "#F0EBE3" : "#26221E");
        Color quiet = Color.web(dark ? "#A9A094" : "#6F675D");
        Color rule = Color.web(dark ? "#3A3530" : "#E9E4DB");
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setFont(Font.font("IBM Plex Mono", 11));
        int firstRow = (int) (top / CELL);
        int lastRow = Math.min(rows.size() - 1, (int) ((top + canvas.getHeight() - heads) / CELL));
        int firstColumn = (int) (left / CELL);
        int lastColumn = Math.min(columns.size() - 1, (int) ((left + canvas.getWidth() - names) / CELL));
        g.save();
        g.beginPath();
        g.rect(names, heads, canvas.getWidth(), canvas.getHeight());
        g.clip();
        stripes(g, rule, lastRow, lastColumn);
        for (int r = firstRow; r <= lastRow; r++) {
            for (Reference key : rows.get(r).references()) {
                Integer c = places.get(key.target());
                if (c != null && c >= firstColumn && c <= lastColumn) {
                    mark(g, ink, rows.get(r), key, r, c);
                }
            }
        }
        g.restore();
        rowNames(g, ink, quiet, firstRow, lastRow);
        columnNames(g, ink, quiet, firstColumn, lastColumn);
    }

    private double x(int atColumn) {
        return names + atColumn * CELL - left;
    }

    private double y(int atRow) {
        return heads + atRow * CELL - top;
    }

    private void stripes(GraphicsContext g, Color rule, int lastRow, int lastColumn) {
        g.setFill(rule);
        if (row >= 0) {
            g.fillRect(names, y(row), canvas.getWidth(), CELL);
        }
        if (column >= 0) {
            g.fillRect(x(column), heads, CELL, canvas.getHeight());
        }
        g.setStroke(rule);
        g.setLineWidth(1);
        for (int r = 0; r <= lastRow + 1; r++) {
            g.strokeLine(names, y(r) + 0.5, x(lastColumn + 1), y(r) + 0.5);
        }
        for (int c = 0; c <= lastColumn + 1; c++) {
            g.strokeLine(x(c) + 0.5, heads, x(c) + 0.5, y(lastRow + 1));
        }
    }

    private void mark(GraphicsContext g, Color ink, DerivedTable table, Reference key, int r, int c) {
        boolean must = key.columns().stream()
                .allMatch(k -> table.column(k).orElseThrow().required());
        double x = x(c) + CELL / 2;
        double y = y(r) + CELL / 2;
        if (must) {
            g.setFill(ink);
            g.fillRect(x - 4, y - 4, 8, 8);
        } else {
            g.setStroke(ink);
            g.setLineWidth(1.5);
            g.strokeOval(x - 4, y - 4, 8, 8);
        }
    }

    private void rowNames(GraphicsContext g, Color ink, Color quiet, int first, int last) {
        g.save();
        g.beginPath();
        g.rect(0, heads, names, canvas.getHeight());
        g.clip();
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        for (int r = first; r <= last; r++) {
            g.setFill(r == row ? ink : quiet);
            g.fillText(cut(rows.get(r).name()), names - 8, y(r) + CELL / 2);
        }
        g.restore();
    }

    private void columnNames(GraphicsContext g, Color ink, Color quiet, int first, int last) {
        g.save();
        g.beginPath();
        g.rect(names, 0, canvas.getWidth(), heads);
        g.clip();
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        for (int c = first; c <= last; c++) {
            g.save();
            g.translate(x(c) + CELL / 2, heads - 8);
            g.rotate(-90);
            g.setFill(c == column ? ink : quiet);
            g.fillText(cut(columns.get(c).name()), 0, 0);
            g.restore();
        }
        g.restore();
    }

    private static String cut(String name) {
        return name.length() > LONGEST ? name.substring(0, LONGEST - 1) + "\u2026" : name;
    }
}
