package jasperwing.app.classes;

import jasperwing.app.shell.Focus;
import jasperwing.app.shell.SidePane;
import jasperwing.app.shell.Workspace;
import jasperwing.classes.ChosenTarget;
import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.TargetOption;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    private record Shown(String target, CodeTarget said, List<TargetOption> options) {}

    void show(String target) {
        Shown wanted = new Shown(target, workspace.design().target(target), options(target));
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
        content().getChildren().setAll(nodes);
    }

    /** What its templates ask for; nothing when they cannot be read, which the stage tells of. */
    private List<TargetOption> options(String target) {
        try {
            Optional<Path> from =
                    workspace.path().get().map(Path::toAbsolutePath).map(Path::getParent);
            return ChosenTarget.of(target, from).options();
        } catch (IOException e) {
            return List.of();
        }
    }

    private Node choices(String target, TargetOption option, CodeTarget said) {
        ToggleGroup group = new ToggleGroup();
        HBox row = new HBox(6);
        for (String choice : option.choices()) {
            ToggleButton button = new ToggleButton(choice);
            button.getStyleClass().add("pill");
            button.setId("option-" + option.word() + "-" + choice);
            button.setToggleGroup(group);
            button.setSelected(said.value(option).equals(choice));
            button.setOnAction(e -> {
                button.setSelected(true);
                workspace.edit(CodeTargetEdits.choose(target, option, choice));
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private Node field(String target, TargetOption option, CodeTarget said) {
        TextField field = new TextField(said.value(option));
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
        if (!workspace.design().target(target).value(option).equals(text.strip())) {
            workspace.edit(CodeTargetEdits.choose(target, option, text.strip()));
        }
    }
}
