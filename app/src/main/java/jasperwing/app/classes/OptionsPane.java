package jasperwing.app.classes;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.SidePane;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.TargetOption;
import jasperwing.classes.targets.Targets;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.model.CodeTarget;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/** What can be chosen for a target; each choice is an edit of the design, and shows in the code at once. */
final class OptionsPane extends SidePane {
    private final Workspace workspace;
    private Shown shown;

    OptionsPane(Workspace workspace) {
        super("Options");
        this.workspace = workspace;
    }

    /** What is shown: made anew only when it is another, so that nothing is taken away from under the pointer. */
    private record Shown(String target, CodeTarget said, List<Note> notes, List<TargetOption> options) {}

    /** Something one has to know of a target. */
    private record Note(String title, List<String> lines) {}

    void show(String target) {
        Optional<Target> found = find(target);
        Shown wanted = new Shown(
                target,
                workspace.design().target(target),
                found.map(t -> notes(t, workspace.design().target(target))).orElse(List.of()),
                found.map(Target::options).orElse(List.of()));
        if (!wanted.equals(shown)) {
            shown = wanted;
            Focus.keep(content(), () -> build(wanted));
        }
    }

    /** What was typed for another design is not for this one. */
    void anew() {
        shown = null;
        content().getChildren().clear();
    }

    private void build(Shown wanted) {
        String target = wanted.target();
        CodeTarget said = wanted.said();
        List<Node> nodes = new ArrayList<>();
        nodes.add(text("Options", "lens-title"));
        nodes.add(text(TargetsPane.title(target), "quiet"));
        for (TargetOption option : wanted.options()) {
            nodes.add(text(option.word(), "section"));
            nodes.add(text(option.meaning(), "option-meaning"));
            nodes.add(option.choices().isEmpty() ? field(target, option, said) : choices(target, option, said));
        }
        for (Note note : wanted.notes()) {
            nodes.add(text(note.title(), "section"));
            note.lines().forEach(l -> nodes.add(text(l, "option-meaning")));
        }
        content().getChildren().setAll(nodes);
    }

    /** The target; empty if its templates cannot be read: the stage shows the error. */
    private Optional<Target> find(String target) {
        try {
            Optional<Path> from =
                    workspace.path().get().map(Path::toAbsolutePath).map(Path::getParent);
            return Optional.of(Targets.of(target, from));
        } catch (IOException | TemplateProblemException e) {
            return Optional.empty();
        }
    }

    private static List<Note> notes(Target target, CodeTarget said) {
        List<String> unknown = List.copyOf(target.unknownOptions(said).values());
        List<String> computed = target.language().formulas().isPresent()
                ? List.of()
                : List.of("Computed attributes are left to the database.");
        return Stream.of(
                        new Note("Not understood", unknown),
                        new Note("Computed", computed),
                        new Note("Needs", target.needs()))
                .filter(n -> !n.lines().isEmpty())
                .toList();
    }

    private Node choices(String target, TargetOption option, CodeTarget said) {
        ToggleGroup group = new ToggleGroup();
        HBox row = new HBox(6);
        for (String choice : option.choices()) {
            ToggleButton button = new ToggleButton(choice);
            button.getStyleClass().add("pill");
            button.setId("option-" + option.word() + "-" + choice);
            button.setToggleGroup(group);
            button.setSelected(option.value(said).equals(choice));
            button.setOnAction(e -> {
                button.setSelected(true);
                workspace.edit(option.choose(target, choice));
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private Node field(String target, TargetOption option, CodeTarget said) {
        TextField field = new TextField(option.value(said));
        field.setId("option-" + option.word());
        field.setAccessibleText(option.meaning());
        field.setOnAction(e -> keep(target, option, field.getText()));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.getScene() != null) {
                keep(target, option, field.getText());
            }
        });
        return field;
    }

    private void keep(String target, TargetOption option, String text) {
        if (!option.value(workspace.design().target(target)).equals(text.strip())) {
            workspace.edit(option.choose(target, text.strip()));
        }
    }
}
