package jasperwing.app.say;

import jasperwing.say.Say;
import jasperwing.say.Understanding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is said would do this: the sentence it is taken for, what it adds, what is guessed, what is not understood. */
final class SayPreview extends VBox {
    private static final int MOST_LINES = 8;
    private static final int MOST_SENTENCES = 12;
    private static final int MOST_KEYS = 9;

    private final Consumer<Understanding.Guess> other;
    private final List<Understanding.Guess> open = new ArrayList<>();

    /** @param other takes a guess in its next way */
    SayPreview(Consumer<Understanding.Guess> other) {
        this.other = other;
        getStyleClass().add("say-preview");
        setId("say-preview");
        setMaxHeight(USE_PREF_SIZE);
        setVisible(false);
    }

    /** @param choices places to go to and commands, when there are any */
    void show(Understanding understanding, List<String> choices, int chosen) {
        clear();
        limited(understanding.answers(), "say-sentence");
        understanding.sentences().forEach(s -> line(s, "say-sentence"));
        if (!understanding.corrected().isEmpty()) {
            line("Did you mean: " + understanding.corrected() + "?   Tab takes it", "say-guess");
        }
        limited(understanding.additions(), "say-addition");
        understanding.told().forEach(g -> getChildren().add(guess(g)));
        for (int i = 0; i < Math.min(MOST_LINES, choices.size()); i++) {
            line(choices.get(i), i == chosen ? "say-chosen" : "say-go");
        }
        if (!understanding.problem().isEmpty() && choices.isEmpty()) {
            line(understanding.problem(), "say-problem");
        }
        if (understanding.changes()) {
            line("Enter does it; Ctrl Z takes it back" + otherwise(), "quiet");
        } else if (choices.size() > 1) {
            line("Enter goes there; the arrow keys choose", "quiet");
        }
        setVisible(!getChildren().isEmpty());
    }

    /** Below what is shown: the name that Tab writes. */
    void completes(String name) {
        line("Tab writes " + name, "quiet");
        setVisible(true);
    }

    void show(List<Say.Heard> heard) {
        clear();
        long understood =
                heard.stream().filter(h -> h.understanding().changes()).count();
        for (Say.Heard one : heard.subList(0, Math.min(MOST_SENTENCES, heard.size()))) {
            getChildren().add(sentence(one));
        }
        if (heard.size() > MOST_SENTENCES) {
            line("and " + (heard.size() - MOST_SENTENCES) + " more sentences", "quiet");
        }
        String rest = understood == heard.size() ? "" : "; the rest stays here to be said in other words";
        line("Enter does " + understood + " of " + heard.size() + " as one edit" + rest + otherwise(), "quiet");
        setVisible(true);
    }

    private Region sentence(Say.Heard heard) {
        Understanding understanding = heard.understanding();
        VBox box = new VBox(1);
        Label said = label(heard.sentence(), understanding.changes() ? "say-go" : "say-problem");
        box.getChildren().add(said);
        for (String sentence : understanding.sentences()) {
            box.getChildren().add(label(sentence, "say-sentence"));
        }
        if (!understanding.told().isEmpty()) {
            FlowPane guesses = new FlowPane(14, 1);
            understanding.told().forEach(g -> guesses.getChildren().add(guess(g)));
            box.getChildren().add(guesses);
        }
        if (!understanding.changes()) {
            String why = understanding.problem().isEmpty() ? "changes nothing" : understanding.problem();
            box.getChildren().add(label(why, "say-guess"));
        }
        Region bar = new Region();
        bar.getStyleClass().add(understanding.changes() ? "say-yes" : "say-no");
        HBox row = new HBox(9, bar, box);
        row.getStyleClass().add("say-row");
        return row;
    }

    private String otherwise() {
        return open.isEmpty() ? "" : "; Alt with a number, or a click, takes a guess otherwise";
    }

    private void clear() {
        getChildren().clear();
        open.clear();
    }

    /** A guess; one that can be taken otherwise says by which key, and is so by a click too. */
    private Label guess(Understanding.Guess guess) {
        if (guess.ways() < 2 || open.size() == MOST_KEYS) {
            return label(guess.words(), "say-guess");
        }
        open.add(guess);
        Label label = label(guess.words() + "   Alt " + open.size(), "say-guess");
        label.getStyleClass().add("say-choice");
        label.setOnMouseClicked(e -> other.accept(guess));
        return label;
    }

    /** The guess that a key from 1 to 9 takes otherwise, if it shows. */
    Optional<Understanding.Guess> guess(int number) {
        return number >= 1 && number <= open.size() ? Optional.of(open.get(number - 1)) : Optional.empty();
    }

    private void limited(List<String> lines, String style) {
        lines.stream().limit(MOST_LINES).forEach(l -> line(l, style));
        if (lines.size() > MOST_LINES) {
            line("and " + (lines.size() - MOST_LINES) + " more", "quiet");
        }
    }

    private void line(String text, String style) {
        getChildren().add(label(text, style));
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }

    /** Stands below a part of the window, as wide as it. */
    void below(Region field) {
        Point2D at = getParent().sceneToLocal(field.localToScene(18, field.getHeight() + 4));
        setTranslateX(at.getX());
        setTranslateY(at.getY());
        setMaxWidth(field.getWidth() - 36);
    }
}
