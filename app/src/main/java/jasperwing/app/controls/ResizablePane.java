package jasperwing.app.controls;

import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.PaneWidth;
import javafx.beans.property.DoubleProperty;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * A pane at a side with an edge that is dragged to make it narrower or wider; with the focus on the edge, the arrow keys do so, and a
 * double-click gives back the usual width. It takes no more than its share of the window, so that what it stands beside stays usable.
 */
public final class ResizablePane extends Region {
    private static final double EDGE = 5;
    private static final double STEP = 20;

    private final Region pane;
    private final Region edge = new Region();
    private final PaneWidth limits;
    private final DoubleProperty width;
    private final boolean atRight;
    private double pressedAt;
    private double pressedWidth;

    /** @param atRight whether the pane stands at the right of what it narrows, so that its edge is the left one */
    public ResizablePane(Region pane, PaneWidth limits, Appearance appearance, boolean atRight) {
        this.pane = pane;
        this.limits = limits;
        this.width = appearance.width(limits);
        this.atRight = atRight;
        edge.getStyleClass().add("pane-edge");
        edge.setCursor(Cursor.H_RESIZE);
        edge.setFocusTraversable(true);
        edge.setAccessibleRole(AccessibleRole.SLIDER);
        edge.setAccessibleText("Edge of the pane; the left and right arrow keys move it");
        Tooltip.install(edge, new Tooltip("Drag to make it narrower or wider"));
        edge.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        edge.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        edge.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        getChildren().addAll(pane, edge);
        width.addListener((o, was, is) -> requestLayout());
        sceneProperty().addListener((o, was, is) -> {
            if (is != null) {
                is.widthProperty().addListener((p, before, now) -> requestLayout());
            }
        });
        setMinWidth(0);
    }

    /** The pane inside. */
    public Region pane() {
        return pane;
    }

    private void pressed(MouseEvent e) {
        pressedAt = inScene(e);
        pressedWidth = computePrefWidth(-1);
        if (e.getClickCount() == 2) {
            width.set(limits.usual());
        }
        e.consume();
    }

    private void dragged(MouseEvent e) {
        double by = inScene(e) - pressedAt;
        width.set(limits.possible(pressedWidth + (atRight ? -by : by)));
        e.consume();
    }

    private double inScene(MouseEvent e) {
        return getParent().sceneToLocal(e.getSceneX(), e.getSceneY()).getX();
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT) {
            boolean wider = e.getCode() == KeyCode.LEFT == atRight;
            width.set(limits.possible(width.get() + (wider ? STEP : -STEP)));
            e.consume();
        }
    }

    @Override
    protected double computePrefWidth(double height) {
        double all = getParent() == null ? 0 : getParent().getLayoutBounds().getWidth();
        double wanted = limits.possible(width.get());
        return all <= 0 ? wanted : Math.min(wanted, Math.max(limits.least(), all * limits.share()));
    }

    @Override
    protected double computeMaxWidth(double height) {
        return computePrefWidth(height);
    }

    @Override
    protected void layoutChildren() {
        layoutInArea(pane, 0, 0, getWidth(), getHeight(), 0, HPos.LEFT, VPos.TOP);
        edge.resizeRelocate(atRight ? 0 : getWidth() - EDGE, 0, EDGE, getHeight());
    }
}
