package jasperwing.app.draw;

import jasperwing.moves.Move;
import jasperwing.moves.Offer;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What a move asks, and the button that makes it. */
final class MoveForm extends VBox {
    private final Runnable changed;
    private final Label about = new Label();
    private final FlowPane choices = new FlowPane(6, 6);
    private final Label asks = new Label();
    private final TextField said = new TextField();
    private final Label hindrance = new Label();
    private final Button make = new Button();
    private Offer offer;

    /**
     * @param changed when an answer changes
     * @param made when the move is to be made
     */
    MoveForm(Runnable changed, Runnable made) {
        this.changed = changed;
        getStyleClass().add("move-form");
        about.setWrapText(true);
        about.setId("move-about");
        choices.setId("move-choices");
        asks.getStyleClass().add("quiet");
        said.setId("move-said");
        said.textProperty().addListener((o, was, is) -> answered());
        said.setOnAction(e -> made.run());
        hindrance.setId("move-hindrance");
        hindrance.setWrapText(true);
        hindrance.getStyleClass().add("card-problem");
        make.setId("move-make");
        make.setMnemonicParsing(false);
        make.getStyleClass().addAll("fix");
        make.setOnAction(e -> made.run());
        getChildren().addAll(about, choices, asks, said, hindrance, make);
    }

    /** Shows what an offer asks; answers given before stay as they are when it asks the same. */
    void show(Offer now) {
        boolean same = offer != null
                && offer.title().equals(now.title())
                && offer.choices().equals(now.choices())
                && offer.suggestion().equals(now.suggestion());
        offer = now;
        if (same) {
            return;
        }
        about.setText(now.about());
        make.setText(now.title());
        choices.getChildren().setAll(now.choices().stream().map(this::choice).toList());
        shown(choices, !now.choices().isEmpty());
        asks.setText(now.asks());
        shown(asks, !now.asks().isEmpty());
        shown(said, !now.asks().isEmpty());
        said.setAccessibleText(now.asks());
        said.setText(now.suggestion());
    }

    private ToggleButton choice(String name) {
        ToggleButton button = new ToggleButton(name);
        button.setMnemonicParsing(false);
        button.setId("choose-" + name);
        button.getStyleClass().addAll("pill", "choice");
        button.setSelected(offer.chosen().contains(name));
        button.setOnAction(e -> answered());
        return button;
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void answered() {
        if (offer != null) {
            changed.run();
        }
    }

    /** The move as it is answered now. */
    Move move() {
        List<String> chosen = choices.getChildren().stream()
                .map(c -> (ToggleButton) c)
                .filter(ToggleButton::isSelected)
                .map(ToggleButton::getText)
                .toList();
        return offer.maker().of(chosen, said.getText().strip());
    }

    /** Says why the move cannot be made as it is answered now, or lets it be made. */
    void hinder(Optional<String> why) {
        hindrance.setText(why.orElse(""));
        shown(hindrance, why.isPresent());
        make.setDisable(why.isPresent());
    }

    /** Gives the keys to the first thing that is asked. */
    void takeFocus() {
        if (!choices.getChildren().isEmpty()) {
            choices.getChildren().get(0).requestFocus();
        } else if (said.isVisible()) {
            said.requestFocus();
        } else {
            make.requestFocus();
        }
    }
}
