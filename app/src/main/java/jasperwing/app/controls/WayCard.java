package jasperwing.app.controls;

import jasperwing.weigh.Alternative;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A card for a way to keep something: its name, what it adds, and why it cannot be had. */
public final class WayCard extends VBox {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");

    /** @param now what is said of the way that is used */
    public WayCard(Alternative way, String now, double spacing) {
        super(spacing, text(way.title(), "weigh-way"), text(way.now() ? now : way.more(), "faint"));
        getStyleClass().add("weigh-card");
        pseudoClassStateChanged(NOW, way.now());
        way.hindrance().ifPresent(why -> getChildren().add(text(why, "hint")));
    }

    private static Label text(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }
}
