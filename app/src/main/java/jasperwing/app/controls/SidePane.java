package jasperwing.app.controls;

import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** A column at the right of the window, as long as it needs to be. */
public class SidePane extends ScrollPane {
    private final VBox content = new VBox();

    /** @param about what stands in it, for those who hear it */
    protected SidePane(String about) {
        getStyleClass().add("lens");
        content.getStyleClass().add("lens-content");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setAccessibleText(about);
    }

    /** What stands below each other. */
    protected final VBox content() {
        return content;
    }

    /** A text as wide as the column. */
    protected static Label text(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }
}
