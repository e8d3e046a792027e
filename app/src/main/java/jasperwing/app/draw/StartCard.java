package jasperwing.app.draw;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What an empty sheet offers: to say the first sentences, to draw the first entity, to open the demo or a file, or a tour. */
public final class StartCard extends VBox {
    /** What the buttons do. */
    public record Choices(Runnable say, Runnable draw, Runnable demo, Runnable open, Runnable tour) {}

    /** Of each way to begin, so that all look alike below each other. */
    private static final double WIDTH = 215;

    private static final double GAP = 10;

    StartCard(Choices choices) {
        getStyleClass().add("start");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setSpacing(14);
        Label head = new Label("How do you want to begin?");
        head.getStyleClass().add("start-title");
        Label unsure = new Label("New here?");
        unsure.getStyleClass().add("quiet");
        FlowPane more = new FlowPane(
                8,
                6,
                unsure,
                link("start-tour", "Take the tour of the demo", choices.tour()),
                link("start-demo", "Open the demo", choices.demo()));
        more.setAlignment(Pos.CENTER);
        getChildren().addAll(head, ways(choices), more);
    }

    /** Beside each other where there is room, else below each other. */
    private static FlowPane ways(Choices choices) {
        FlowPane ways = new FlowPane(
                GAP,
                GAP,
                way(
                        "start-say",
                        "Say it",
                        "Write sentences such as\n\u201can expedition has many dives\u201d",
                        "Ctrl K",
                        choices.say()),
                way(
                        "start-draw",
                        "Draw it",
                        "Name the first entity on a card,\nthen type its attributes",
                        "N",
                        choices.draw()),
                way(
                        "start-open",
                        "Open it",
                        "A design file, saved before\nor written by somebody else",
                        "Ctrl O",
                        choices.open()));
        ways.setAlignment(Pos.CENTER);
        ways.setPrefWrapLength(3 * WIDTH + 2 * GAP);
        return ways;
    }

    private static Button way(String id, String name, String what, String keys, Runnable action) {
        Label title = new Label(name);
        title.getStyleClass().add("start-way");
        Label text = new Label(what);
        text.getStyleClass().add("quiet");
        Label key = new Label(keys);
        key.getStyleClass().addAll("code", "quiet-code");
        VBox face = new VBox(6, title, text, key);
        Button button = new Button(null, face);
        button.setId(id);
        button.getStyleClass().add("start-button");
        button.setMinWidth(WIDTH);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setAccessibleText(name + ": " + what.replace('\n', ' '));
        button.setOnAction(e -> action.run());
        return button;
    }

    private static Button link(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setOnAction(e -> action.run());
        return button;
    }
}
