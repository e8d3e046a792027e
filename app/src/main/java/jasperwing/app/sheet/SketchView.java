package jasperwing.app.sheet;

import jasperwing.weigh.TableSketch;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;

/** A small picture of tables, as large as there is room for. */
public final class SketchView extends StackPane {
    private static final double BETWEEN_LEVELS = 34;
    private static final double BETWEEN_BOXES = 12;
    private static final double MARGIN = 10;

    private final Group drawing = new Group();
    private final Map<String, Region> boxes = new HashMap<>();
    private final TableSketch sketch;
    private final double most;

    public SketchView(TableSketch sketch) {
        this(sketch, 1);
    }

    /** @param most how many times larger it may be made where there is room */
    public SketchView(TableSketch sketch, double most) {
        this.sketch = sketch;
        this.most = most;
        getStyleClass().add("sketch");
        setMinSize(0, 0);
        Group held = new Group(drawing);
        held.setManaged(false);
        getChildren().add(held);
        sketch.boxes().forEach(b -> boxes.put(b.table(), box(b)));
        boxes.values().forEach(drawing.getChildren()::add);
        widthProperty().addListener(o -> requestLayout());
    }

    private static Region box(TableSketch.Box box) {
        VBox lines = new VBox();
        lines.getStyleClass().add("sketch-box");
        lines.getChildren().add(label(box.table(), "sketch-name"));
        for (TableSketch.Line line : box.lines()) {
            String style = line.matters() ? "sketch-matters" : "sketch-line";
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            lines.getChildren().add(new HBox(6, label(line.name(), style), gap, label(line.type(), style)));
        }
        if (box.cut()) {
            lines.getChildren().add(label("\u2026", "sketch-line"));
        }
        String color = box.color().map(c -> c.name().toLowerCase(Locale.ROOT)).orElse("slate");
        lines.setStyle("-fx-border-color: -edge -edge -edge -" + color + ";");
        return lines;
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    @Override
    protected void layoutChildren() {
        place();
        Bounds bounds = drawing.getLayoutBounds();
        double room = Math.min(
                (getWidth() - 2 * MARGIN) / Math.max(1, bounds.getWidth()),
                (getHeight() - 2 * MARGIN) / Math.max(1, bounds.getHeight()));
        double scale = Math.min(most, room);
        drawing.setScaleX(scale);
        drawing.setScaleY(scale);
        Node held = getChildren().get(0);
        Bounds all = held.getLayoutBounds();
        held.relocate((getWidth() - all.getWidth()) / 2, (getHeight() - all.getHeight()) / 2);
    }

    /** Level by level from the left, each level's boxes below each other and in the middle of the height. */
    private void place() {
        drawing.getChildren().removeIf(Polyline.class::isInstance);
        int levels =
                sketch.boxes().stream().mapToInt(TableSketch.Box::level).max().orElse(0) + 1;
        double[] widths = new double[levels];
        double[] heights = new double[levels];
        for (TableSketch.Box each : sketch.boxes()) {
            Region box = boxes.get(each.table());
            box.applyCss();
            box.autosize();
            widths[each.level()] = Math.max(widths[each.level()], box.prefWidth(-1));
            heights[each.level()] += box.prefHeight(-1) + (each.rank() == 0 ? 0 : BETWEEN_BOXES);
        }
        double tallest = Arrays.stream(heights).max().orElse(0);
        double[] next = new double[levels];
        for (TableSketch.Box each : sketch.boxes()) {
            int level = each.level();
            double x = 0;
            for (int i = 0; i < level; i++) {
                x += widths[i] + BETWEEN_LEVELS;
            }
            Region box = boxes.get(each.table());
            double y = (tallest - heights[level]) / 2 + next[level];
            box.resizeRelocate(x, y, box.prefWidth(-1), box.prefHeight(-1));
            next[level] += box.prefHeight(-1) + BETWEEN_BOXES;
        }
        sketch.links().forEach(l -> drawing.getChildren().add(0, line(boxes.get(l.from()), boxes.get(l.to()))));
    }

    /** From the left of what points to the right of what is pointed to; round the right where a box points to itself. */
    private static Polyline line(Region from, Region to) {
        double fromY = from.getLayoutY() + Math.min(22, from.getHeight() / 2);
        double toX = to.getLayoutX() + to.getWidth();
        double toY = to.getLayoutY() + Math.min(10, to.getHeight() / 2);
        Polyline line;
        if (from == to) {
            double beyond = toX + 12;
            line = new Polyline(toX, toY, beyond, toY, beyond, fromY + 12, toX, fromY + 12);
        } else {
            double middle = from.getLayoutX() - BETWEEN_LEVELS / 2;
            line = new Polyline(from.getLayoutX(), fromY, middle, fromY, middle, toY, toX, toY);
        }
        line.getStyleClass().add("sketch-link");
        return line;
    }
}
