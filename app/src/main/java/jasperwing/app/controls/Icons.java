package jasperwing.app.controls;

import jasperwing.findings.Level;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;
import javafx.scene.shape.Shape;

/** The few signs the window uses, as shapes. */
public final class Icons {
    private Icons() {}

    /** A line drawing of the given path in a box of 24 units. */
    public static Node stroke(String path) {
        SVGPath shape = new SVGPath();
        shape.setContent(path);
        shape.setFill(Color.TRANSPARENT);
        shape.getStyleClass().add("icon-stroke");
        return new StackPane(shape);
    }

    /** The three feathers of the mark. */
    public static Node mark() {
        SVGPath shape = new SVGPath();
        shape.setContent(
                "M2 20 C8 6 22 0 40 0 C37 4 35 6 32 7 L26 7 C28 8 30 8 31 8 C29 12 26 14 22 14 L17 14 C19 15 20 15 21 15"
                        + " C17 19 10 18 7 18 Z");
        shape.getStyleClass().add("mark");
        return shape;
    }

    /** Square for an error, triangle for a warning. */
    public static Node level(Level level) {
        Shape shape = level == Level.ERROR ? new Rectangle(9, 9) : new Polygon(5, 0, 10, 9.5, 0, 9.5);
        shape.getStyleClass().add(level.word());
        return shape;
    }

    /** A dot: it holds. */
    public static Node holds() {
        Circle dot = new Circle(4.5);
        dot.getStyleClass().add("holds");
        return dot;
    }
}
