package jasperwing.app.classes;

import jasperwing.app.shell.Workspace;
import jasperwing.classes.Target;
import jasperwing.model.CodeTargetEdits;
import java.io.File;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** The targets with their folders, of which one is looked at; the folder is typed or chosen, and kept in the design. */
final class TargetsPane extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Workspace workspace;
    private final Runnable changed;
    private final Map<Target, Button> cards = new EnumMap<>(Target.class);
    private final Map<Target, Label> folders = new EnumMap<>(Target.class);
    private final TextField folder = new TextField();
    private final ToggleButton options = new ToggleButton("Options");
    private final Label message = new Label();
    private Target chosen = Target.JAVA_JAKARTA;

    /** @param changed called when another target or folder is looked at */
    TargetsPane(Workspace workspace, Runnable changed) {
        super(8);
        this.workspace = workspace;
        this.changed = changed;
        getStyleClass().add("targets");
        Label title = new Label("Targets");
        title.getStyleClass().add("lens-title");
        options.setId("target-options");
        options.getStyleClass().add("pill");
        options.setMinWidth(USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(title, space, options);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(head);
        for (Target target : Target.values()) {
            getChildren().add(card(target));
        }
        getChildren().addAll(place(), message);
        message.setWrapText(true);
        message.setId("classes-message");
        message.getStyleClass().add("quiet");
        show();
    }

    private Button card(Target target) {
        Label name = new Label(target.title());
        name.getStyleClass().add("strong");
        Label into = new Label();
        folders.put(target, into);
        Button card = new Button(null, new VBox(1, name, into));
        card.getStyleClass().add("target");
        card.setId("target-" + target.word());
        card.setMaxWidth(Double.MAX_VALUE);
        card.setAccessibleText(target.title() + ", " + target.about());
        card.setOnAction(e -> choose(target));
        cards.put(target, card);
        return card;
    }

    private HBox place() {
        folder.setId("folder");
        folder.setPromptText("a folder, such as src/main/java");
        folder.setAccessibleText("The folder its files go to");
        folder.setMinWidth(0);
        HBox.setHgrow(folder, Priority.ALWAYS);
        folder.textProperty().addListener((o, was, is) -> changed.run());
        folder.setOnAction(e -> keep());
        folder.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        Button browse = new Button("\u2026");
        browse.setAccessibleText("Choose the folder");
        browse.setOnAction(e -> browse());
        return new HBox(6, folder, browse);
    }

    ToggleButton options() {
        return options;
    }

    Target chosen() {
        return chosen;
    }

    /** The folder as it stands in the field. */
    String folder() {
        return folder.getText().strip();
    }

    void folder(Path path) {
        folder.setText(path.toString());
        keep();
    }

    void say(String text) {
        message.setText(text);
    }

    /** Shows what the design says of the targets now. */
    void show() {
        for (Target target : Target.values()) {
            String into = said(target);
            folders.get(target).setText(into.isEmpty() ? target.about() : into);
            folders.get(target).getStyleClass().setAll("label", into.isEmpty() ? "quiet" : "target-folder");
            cards.get(target).pseudoClassStateChanged(CHOSEN, target == chosen);
        }
        if (!folder.isFocused() && !folder().equals(said(chosen))) {
            folder.setText(said(chosen));
        }
    }

    private String said(Target target) {
        return workspace.design().target(target.word()).folder();
    }

    private void choose(Target target) {
        keep();
        chosen = target;
        folder.setText(said(target));
        show();
        changed.run();
    }

    /** The folder in the field is the design's from now on. */
    void keep() {
        if (!folder().equals(said(chosen))) {
            workspace.edit(CodeTargetEdits.into(chosen.word(), folder()));
        }
    }

    private void browse() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Where the classes go");
        File found = chooser.showDialog(getScene().getWindow());
        if (found != null) {
            folder(found.toPath());
        }
    }
}
