package jasperwing.app.draw;

import jasperwing.app.workspace.Appearance;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import jasperwing.model.AreaColor;
import jasperwing.picture.Painter;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** The whole sheet, small, with a frame around what is seen; a click or drag goes there. Shown when not all is seen. */
final class MiniMap extends Pane {
    private static final double WIDTH = 168;
    private static final double HEIGHT = 112;
    private static final double MARGIN = 6;

    private final SheetView sheet;
    private final Appearance appearance;
    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Rectangle frame = new Rectangle();
    private Box bounds = new Box(0, 0, 1, 1);

    MiniMap(SheetView sheet, Appearance appearance) {
        this.sheet = sheet;
        this.appearance = appearance;
        getStyleClass().add("mini-map");
        setId("mini-map");
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        setAccessibleText("A small map of the whole sheet");
        frame.getStyleClass().add("mini-frame");
        getChildren().addAll(canvas, frame);
        Rectangle clip = new Rectangle(WIDTH, HEIGHT);
        setClip(clip);
        InvalidationListener moved = o -> follow();
        sheet.viewport().view().addListener(moved);
        sheet.widthProperty().addListener(moved);
        sheet.heightProperty().addListener(moved);
        appearance.map().addListener(moved);
        sheet.shown().addListener((o, was, is) -> draw());
        appearance.dark().addListener((o, was, is) -> draw());
        setOnMousePressed(this::go);
        setOnMouseDragged(this::go);
        draw();
    }

    private double scale() {
        return Math.min((WIDTH - 2 * MARGIN) / bounds.width(), (HEIGHT - 2 * MARGIN) / bounds.height());
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        bounds = sheet.scene().bounds().grown(40);
        double scale = scale();
        Map<Optional<AreaColor>, Color> colors = new HashMap<>();
        for (Card card : sheet.scene().cards()) {
            g.setFill(colors.computeIfAbsent(card.color(), this::color));
            g.fillRect(
                    MARGIN + (card.box().x() - bounds.x()) * scale,
                    MARGIN + (card.box().y() - bounds.y()) * scale,
                    Math.max(2, card.box().width() * scale),
                    Math.max(2, card.box().height() * scale));
        }
        follow();
    }

    private Color color(Optional<AreaColor> area) {
        java.awt.Color color = appearance.look().palette().area(area);
        return Color.rgb(
                color.getRed(),
                color.getGreen(),
                color.getBlue(),
                appearance.dark().get() ? 0.9 : 0.8);
    }

    private void follow() {
        Painter.View view = sheet.viewport().view().get();
        Box seen = new Box(view.x(), view.y(), sheet.getWidth() / view.zoom(), sheet.getHeight() / view.zoom());
        boolean all = seen.x() <= bounds.x() + 40
                && seen.y() <= bounds.y() + 40
                && seen.right() >= bounds.right() - 40
                && seen.bottom() >= bounds.bottom() - 40;
        setVisible(appearance.map().get() && !all && !sheet.scene().cards().isEmpty());
        double scale = scale();
        frame.setX(MARGIN + (seen.x() - bounds.x()) * scale);
        frame.setY(MARGIN + (seen.y() - bounds.y()) * scale);
        frame.setWidth(seen.width() * scale);
        frame.setHeight(seen.height() * scale);
    }

    private void go(MouseEvent e) {
        double scale = scale();
        Point to = new Point(bounds.x() + (e.getX() - MARGIN) / scale, bounds.y() + (e.getY() - MARGIN) / scale);
        sheet.viewport().center(to, sheet.getWidth(), sheet.getHeight());
        e.consume();
    }
}
