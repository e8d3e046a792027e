package jasperwing.app.sheet;

import jasperwing.diagram.Box;
import jasperwing.diagram.Point;
import jasperwing.picture.Painter;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Which part of the sheet is seen, and how large. */
public final class Viewport {
    private static final double LEAST = 0.03;
    private static final double MOST = 4;

    private final ReadOnlyObjectWrapper<Painter.View> view = new ReadOnlyObjectWrapper<>(new Painter.View(0, 0, 1));

    public ReadOnlyObjectProperty<Painter.View> view() {
        return view.getReadOnlyProperty();
    }

    public double zoom() {
        return view.get().zoom();
    }

    public Point toSheet(double x, double y) {
        Painter.View v = view.get();
        return new Point(v.x() + x / v.zoom(), v.y() + y / v.zoom());
    }

    public Point toScreen(Point p) {
        Painter.View v = view.get();
        return new Point((p.x() - v.x()) * v.zoom(), (p.y() - v.y()) * v.zoom());
    }

    /** Moves what is seen by screen pixels. */
    public void pan(double dx, double dy) {
        Painter.View v = view.get();
        view.set(new Painter.View(v.x() - dx / v.zoom(), v.y() - dy / v.zoom(), v.zoom()));
    }

    /** Zooms so that the sheet stays put under a point of the screen. */
    public void zoom(double factor, double x, double y) {
        Point fixed = toSheet(x, y);
        double zoom = Math.max(LEAST, Math.min(MOST, zoom() * factor));
        view.set(new Painter.View(fixed.x() - x / zoom, fixed.y() - y / zoom, zoom));
    }

    /** Shows the whole box with a margin, not larger than life. */
    public void fit(Box box, double width, double height) {
        if (width <= 0 || height <= 0) {
            return;
        }
        Box wanted = box.grown(36);
        double zoom = Math.max(LEAST, Math.min(1, Math.min(width / wanted.width(), height / wanted.height())));
        double x = wanted.center().x() - width / zoom / 2;
        double y = wanted.center().y() - height / zoom / 2;
        view.set(new Painter.View(x, y, zoom));
    }

    /** Brings a point to the middle of what is seen. */
    public void center(Point point, double width, double height) {
        double zoom = zoom();
        view.set(new Painter.View(point.x() - width / zoom / 2, point.y() - height / zoom / 2, zoom));
    }

    /** Moves no more than needed to bring a box to be seen. */
    public void reveal(Box box, double width, double height) {
        Painter.View v = view.get();
        Box seen = new Box(v.x(), v.y(), width / v.zoom(), height / v.zoom());
        double dx = Math.min(0, box.x() - 20 - seen.x()) + Math.max(0, box.right() + 20 - seen.right());
        double dy = Math.min(0, box.y() - 20 - seen.y()) + Math.max(0, box.bottom() + 20 - seen.bottom());
        if (dx != 0 || dy != 0) {
            view.set(new Painter.View(v.x() + dx, v.y() + dy, v.zoom()));
        }
    }
}
