package jasperwing.app.sheet;

import jasperwing.app.workspace.Appearance;
import jasperwing.diagram.Scene;
import jasperwing.picture.Emphasis;
import java.util.Optional;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** A scene to look at: moved by dragging, zoomed by scrolling, fitted by a double click. */
public final class PaintedScene extends Region {
    private static final double STEP = 1.12;

    private final Appearance appearance;
    private final Viewport viewport = new Viewport();
    private final Picture picture = new Picture();
    private Scene scene = Scene.EMPTY;
    private boolean fitted;
    private double x;
    private double y;

    public PaintedScene(Appearance appearance) {
        this.appearance = appearance;
        getStyleClass().add("painted-scene");
        setFocusTraversable(true);
        getChildren().add(picture.node());
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        viewport.view().addListener((o, was, is) -> requestLayout());
        appearance.whenLookChanges(this::requestLayout);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnScroll(this::scrolled);
    }

    public Scene scene() {
        return scene;
    }

    /** Shows a scene; the first one whole. */
    public void show(Scene now) {
        scene = now;
        requestLayout();
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        x = e.getX();
        y = e.getY();
        if (e.getClickCount() == 2) {
            viewport.fit(scene.bounds(), getWidth(), getHeight());
        }
    }

    private void dragged(MouseEvent e) {
        viewport.pan(e.getX() - x, e.getY() - y);
        x = e.getX();
        y = e.getY();
    }

    private void scrolled(ScrollEvent e) {
        if (e.getDeltaY() != 0) {
            viewport.zoom(e.getDeltaY() > 0 ? STEP : 1 / STEP, e.getX(), e.getY());
        }
        e.consume();
    }

    @Override
    protected void layoutChildren() {
        if (!fitted && scene != Scene.EMPTY && getWidth() > 0 && getHeight() > 0) {
            fitted = true;
            viewport.fit(scene.bounds(), getWidth(), getHeight());
        }
        double output = getScene() == null ? 1 : getScene().getWindow().getOutputScaleX();
        Picture.Content content = new Picture.Content(scene, Emphasis.NONE, appearance.look(), Optional.empty());
        picture.show(
                content,
                viewport.view().get(),
                getWidth(),
                getHeight(),
                output * appearance.scale().get());
    }
}
