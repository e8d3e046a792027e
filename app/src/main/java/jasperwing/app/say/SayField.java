package jasperwing.app.say;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.Shortcuts;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.say.Say;
import jasperwing.say.SayMemory;
import jasperwing.say.Understanding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Takes sentences, names and commands; shows below it, before Enter, what they would do. Of a pasted paragraph each sentence is
 * taken by itself; what was not understood stays in the field.
 */
public final class SayField extends HBox {
    private static final Pattern LAST_WORD = Pattern.compile("\\s([\\p{L}\\p{N}_]{2,})$");

    private final Workspace workspace;
    private final SayMemory memory = new SayMemory();
    private final Supplier<List<Shortcuts.Shortcut>> commands;
    private final Runnable back;
    private final TextField field = new Field();
    private final SayPreview preview = new SayPreview(this::takeOtherwise);
    /** Of what was guessed and is meant otherwise, in which way, by the key of the guess. */
    private final Map<String, Integer> taken = new HashMap<>();

    private final List<String> said = new ArrayList<>();
    private int recalled;
    private int chosen;

    /**
     * @param commands what can be done by its name
     * @param back takes the keyboard back to the stage
     */
    public SayField(Workspace workspace, Supplier<List<Shortcuts.Shortcut>> commands, Runnable back) {
        this.back = back;
        this.workspace = workspace;
        this.commands = commands;
        getStyleClass().add("say");
        setAlignment(Pos.CENTER_LEFT);
        field.setId("say");
        field.setPromptText("Say what is true, or go to an entity\u2026");
        field.setAccessibleText("Say what is true, or go to an entity");
        HBox.setHgrow(field, Priority.ALWAYS);
        Label keys = new Label("Ctrl K");
        keys.getStyleClass().addAll("code", "quiet-code");
        keys.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(field, keys);
        field.textProperty().addListener((o, was, is) -> {
            chosen = 0;
            taken.clear();
            show();
        });
        field.focusedProperty().addListener((o, was, is) -> show());
        workspace.projection().addListener((o, was, is) -> show());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Keeps the lines of a pasted text apart as sentences. */
    private static final class Field extends TextField {
        @Override
        public void paste() {
            String text = Clipboard.getSystemClipboard().getString();
            if (text == null || !text.strip().contains("\n")) {
                super.paste();
                return;
            }
            List<String> lines =
                    text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
            StringBuilder joined = new StringBuilder();
            for (String line : lines) {
                String end = line.matches(".*[.!?;:,]") ? " " : ". ";
                joined.append(line.replaceFirst("^[-*\u2022\u2013]\\s+", "")).append(end);
            }
            replaceSelection(joined.toString().strip());
        }
    }

    /** What shows, above everything else, what the sentence would do. */
    public VBox preview() {
        return preview;
    }

    public void takeFocus() {
        Focus.take(field);
        field.selectAll();
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            enter();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            field.clear();
            back.run();
            e.consume();
        } else if (e.isAltDown() && e.getCode().isDigitKey()) {
            preview.guess(digit(e.getCode())).ifPresent(this::takeOtherwise);
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && !understood().corrected().isEmpty()) {
            field.setText(understood().corrected());
            field.end();
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && completion().isPresent()) {
            completion().ifPresent(this::complete);
            e.consume();
        } else if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            arrow(e.getCode() == KeyCode.UP ? -1 : 1);
            e.consume();
        }
    }

    /** The name of an entity that the last word, where it is not the only one, is the beginning of. */
    private Optional<String> completion() {
        Matcher matcher = LAST_WORD.matcher(field.getText());
        if (field.getCaretPosition() != field.getLength() || !matcher.find()) {
            return Optional.empty();
        }
        String typed = matcher.group(1).toLowerCase(Locale.ROOT);
        return workspace.design().entities().stream()
                .map(Entity::name)
                .filter(n -> n.toLowerCase(Locale.ROOT).startsWith(typed) && n.length() > typed.length())
                .min(Comparator.comparingInt(String::length));
    }

    private void complete(String name) {
        Matcher matcher = LAST_WORD.matcher(field.getText());
        if (matcher.find()) {
            field.replaceText(matcher.start(1), field.getLength(), name + " ");
            field.end();
        }
    }

    private static int digit(KeyCode key) {
        String name = key.getName();
        return name.charAt(name.length() - 1) - '0';
    }

    private void takeOtherwise(Understanding.Guess guess) {
        taken.put(guess.key(), (guess.index() + 1) % guess.ways());
        show();
    }

    /** Chooses among the places to go to and the commands; where there is no choice, brings back what was said before. */
    private void arrow(int by) {
        int choices = choices(understood()).size();
        if (choices > 1) {
            chosen = Math.floorMod(chosen + by, choices);
            show();
        } else if (recalled + by >= 0 && recalled + by <= said.size()) {
            recalled += by;
            field.setText(recalled < said.size() ? said.get(recalled) : "");
            field.end();
        }
    }

    private Understanding understood() {
        return Say.understand(workspace.design(), field.getText(), taken);
    }

    /** Somewhere to go or something to do, by its name. */
    private record Choice(String words, Runnable action) {}

    private List<Choice> choices(Understanding understanding) {
        List<Choice> choices = new ArrayList<>();
        understanding
                .goTo()
                .forEach(name -> choices.add(
                        new Choice("go to " + name, () -> workspace.selection().set(Selection.of(name)))));
        String typed = field.getText().strip().toLowerCase(Locale.ROOT);
        if (!understanding.changes() && typed.length() > 1) {
            for (Shortcuts.Shortcut command : commands.get()) {
                String what = command.what().toLowerCase(Locale.ROOT);
                if (what.startsWith(typed) || what.contains(" " + typed)) {
                    choices.add(new Choice(command.what() + "   " + command.shown(), command.action()));
                }
            }
        }
        return choices;
    }

    private void enter() {
        String text = field.getText();
        if (Say.isParagraph(text)) {
            paragraph(text);
            return;
        }
        Understanding understanding = understood();
        List<Choice> choices = choices(understanding);
        if (understanding.changes()) {
            remember(text);
            Design before = workspace.design();
            workspace.edit(
                    understanding.edit(), changed(before, understanding.edit().on(before)));
            field.clear();
        } else if (chosen < choices.size()) {
            Choice choice = choices.get(chosen);
            field.clear();
            choice.action().run();
        }
    }

    /** Does, as one edit, what was understood; the rest stays to be said in other words. */
    private void paragraph(String text) {
        List<Say.Heard> heard = memory.paragraph(workspace.design(), text, taken);
        Edit edit = Edit.NOTHING;
        List<String> left = new ArrayList<>();
        for (Say.Heard one : heard) {
            if (one.understanding().changes()) {
                edit = edit.then(one.understanding().edit());
            } else {
                left.add(one.sentence() + ".");
            }
        }
        if (edit != Edit.NOTHING) {
            remember(text);
            Design before = workspace.design();
            workspace.edit(edit, Selection.of(new LinkedHashSet<>(entities(before, edit.on(before)))));
            field.setText(String.join(" ", left));
            field.end();
        }
    }

    private void remember(String text) {
        said.remove(text);
        said.add(text);
        recalled = said.size();
    }

    /** What is new or has changed: a relationship, else an entity. */
    private static Selection changed(Design before, Design after) {
        Optional<Relationship> relationship = after.relationships().stream()
                .filter(r -> !before.relationships().contains(r))
                .reduce((first, second) -> second);
        return relationship.map(Selection::of).orElseGet(() -> entities(before, after).stream()
                .reduce((first, second) -> second)
                .map(Selection::of)
                .orElse(Selection.NONE));
    }

    /** The names of the entities that are new or have changed; of the new ones alone where there are some. */
    private static List<String> entities(Design before, Design after) {
        List<Entity> changed = after.entities().stream()
                .filter(e -> !before.entities().contains(e))
                .toList();
        List<String> fresh = changed.stream()
                .map(Entity::name)
                .filter(n -> before.entity(n).isEmpty())
                .toList();
        return fresh.isEmpty() ? changed.stream().map(Entity::name).toList() : fresh;
    }

    private void show() {
        String text = field.getText();
        if (!field.isFocused()) {
            preview.setVisible(false);
            return;
        }
        if (Say.isParagraph(text)) {
            preview.show(memory.paragraph(workspace.design(), text, taken));
        } else {
            Understanding understanding = understood();
            List<String> choices =
                    choices(understanding).stream().map(Choice::words).toList();
            preview.show(understanding, choices, chosen);
            if (understanding.corrected().isEmpty()) {
                completion().ifPresent(preview::completes);
            }
        }
        preview.below(this);
    }
}
