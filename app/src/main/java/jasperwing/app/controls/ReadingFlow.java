package jasperwing.app.controls;

import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.reading.Option;
import jasperwing.reading.Phrase;
import jasperwing.reading.Readings;
import jasperwing.reading.Slot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** A relationship read aloud; its underlined words can be clicked, or reached by Tab and pressed, to change them. */
public final class ReadingFlow extends TextFlow {
    /** A word is not wrapped to less than this, however narrow the flow is before it is laid out. */
    private static final double LEAST_WIDTH = 240;

    private final Supplier<Design> design;
    private final Relationship relationship;
    private final Consumer<Relationship> change;

    /** @param phrases what is read: all of the relationship, or as seen from one end */
    public ReadingFlow(
            Supplier<Design> design, Relationship relationship, List<Phrase> phrases, Consumer<Relationship> change) {
        this.design = design;
        this.relationship = relationship;
        this.change = change;
        getStyleClass().add("reading");
        setAccessibleText(Readings.text(phrases));
        phrases.forEach(p -> getChildren().add(p.slot() == Slot.NONE ? new Text(p.text()) : word(p)));
    }

    private Node word(Phrase phrase) {
        Label word = new Label(phrase.text());
        word.getStyleClass().addAll("word", phrase.slot().isTyped() ? "typed-word" : "chosen-word");
        word.setId("word-" + phrase.slot() + (phrase.entity().isEmpty() ? "" : "-" + phrase.entity()));
        word.setAccessibleRole(AccessibleRole.BUTTON);
        word.setFocusTraversable(true);
        word.setWrapText(true);
        word.maxWidthProperty().bind(Bindings.max(LEAST_WIDTH, widthProperty()));
        word.setTooltip(new Tooltip(phrase.slot().isTyped() ? "Click to edit" : "Click to change"));
        word.setOnMouseClicked(e -> choose(phrase, word));
        word.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                choose(phrase, word);
                e.consume();
            }
        });
        return word;
    }

    private void choose(Phrase phrase, Label word) {
        if (phrase.slot().isTyped()) {
            type(phrase, word);
            return;
        }
        List<Option> options = Readings.options(design.get(), relationship, phrase);
        if (options.size() == 2) {
            options.stream().filter(o -> !o.chosen()).findFirst().ifPresent(o -> change.accept(o.result()));
            return;
        }
        ContextMenu menu = new ContextMenu();
        Map<String, Menu> groups = new HashMap<>();
        for (Option option : options) {
            MenuItem item = item(new MenuItem(), option.chosen(), option.item());
            item.setOnAction(e -> change.accept(option.result()));
            if (option.group().isEmpty()) {
                menu.getItems().add(item);
                continue;
            }
            groups.computeIfAbsent(option.group(), name -> {
                        Menu group = item(new Menu(), false, name);
                        menu.getItems().add(group);
                        return group;
                    })
                    .getItems()
                    .add(item);
        }
        menu.show(word, Side.BOTTOM, 0, 2);
    }

    private static <T extends MenuItem> T item(T item, boolean chosen, String words) {
        item.setText((chosen ? "\u2713 " : "    ") + words);
        item.setMnemonicParsing(false);
        return item;
    }

    private void type(Phrase phrase, Label word) {
        TextField field = new TextField(phrase.text());
        field.getStyleClass().add("verb-field");
        field.setPrefColumnCount(Math.max(8, phrase.text().length()));
        getChildren().set(getChildren().indexOf(word), field);
        field.selectAll();
        Focus.take(field);
        field.setOnAction(e -> Readings.withTyped(relationship, phrase.slot(), field.getText())
                .ifPresentOrElse(change, () -> field.getStyleClass().add("wrong")));
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                getChildren().set(getChildren().indexOf(field), word);
                e.consume();
            }
        });
    }
}
