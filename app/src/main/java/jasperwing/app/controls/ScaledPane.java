package jasperwing.app.controls;

import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/** Shows what is inside larger or smaller than life, filling itself with it all the same. */
public final class ScaledPane extends Region {
    private final Region inside;
    private final ObservableDoubleValue factor;

    public ScaledPane(Region inside, ObservableDoubleValue factor) {
        this.inside = inside;
        this.factor = factor;
        Scale scale = new Scale();
        scale.xProperty().bind(factor);
        scale.yProperty().bind(factor);
        inside.getTransforms().add(scale);
        getChildren().add(inside);
        factor.addListener((o, was, is) -> requestLayout());
    }

    @Override
    protected void layoutChildren() {
        inside.resizeRelocate(0, 0, getWidth() / factor.get(), getHeight() / factor.get());
    }
}
