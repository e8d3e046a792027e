package jasperwing.app.classes;

import jasperwing.app.workspace.Workspace;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import java.io.File;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
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
    private final Map<String, Button> cards = new LinkedHashMap<>();
    private final Map<String, Label> folders = new HashMap<>();
    private final VBox all = new VBox(8);
    private final TemplatesMenu templates;
    private final TextField folder = new TextField();
    private final ToggleButton options = new ToggleButton("Options");
    private final Label message = new Label();

    /** What became of copying templates. */
    private final Label notice = new Label();

    private String chosen = Targets.usual().word();

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
        templates = new TemplatesMenu(workspace, this::choose, notice::setText);
        HBox head = new HBox(6, title, space, templates, options);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(head);
        getChildren().addAll(all, notice, place(), message);
        notice.setId("templates-message");
        notice.setWrapText(true);
        notice.getStyleClass().add("quiet");
        notice.managedProperty().bind(notice.textProperty().isNotEmpty());
        message.setWrapText(true);
        message.setId("classes-message");
        message.getStyleClass().add("quiet");
    }

    /** Our targets, and what else the design names. */
    private List<String> targets() {
        return Stream.concat(
                        Targets.all().stream().map(Target::word),
                        workspace.design().targets().stream().map(CodeTarget::target))
                .distinct()
                .toList();
    }

    /** What a target is called: one of ours by its title, a folder of templates by its name. */
    static String title(String target) {
        return Targets.find(target).map(Target::title).orElse(target);
    }

    private static String about(String target) {
        return Targets.find(target).map(Target::about).orElse("templates of your own");
    }

    private Button card(String target) {
        Label name = new Label(title(target));
        name.getStyleClass().add("strong");
        Label into = new Label();
        folders.put(target, into);
        Button card = new Button(null, new VBox(1, name, into));
        card.getStyleClass().add("target");
        card.setId("target-" + target);
        card.setMaxWidth(Double.MAX_VALUE);
        card.setAccessibleText(title(target) + ", " + about(target));
        card.setOnAction(e -> choose(target));
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

    String chosen() {
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
        List<String> targets = targets();
        if (!List.copyOf(cards.keySet()).equals(targets)) {
            cards.clear();
            targets.forEach(t -> cards.put(t, card(t)));
            all.getChildren().setAll(cards.values());
        }
        if (!cards.containsKey(chosen)) {
            choose(Targets.usual().word());
            return;
        }
        cards.forEach((target, card) -> {
            String into = said(target);
            folders.get(target).setText(into.isEmpty() ? about(target) : into);
            folders.get(target).getStyleClass().setAll("label", into.isEmpty() ? "quiet" : "target-folder");
            card.pseudoClassStateChanged(CHOSEN, target.equals(chosen));
        });
        templates.of(chosen);
        if (!folder.isFocused() && !folder().equals(said(chosen))) {
            folder.setText(said(chosen));
        }
    }

    /** What was typed for another design is not for this one. */
    void anew() {
        folder.setText(said(chosen));
        show();
    }

    private String said(String target) {
        return workspace.design().target(target).folder();
    }

    private void choose(String target) {
        if (cards.containsKey(chosen)) {
            keep();
        }
        chosen = target;
        notice.setText("");
        folder.setText(said(target));
        show();
        changed.run();
    }

    /** The folder in the field is the design's from now on. */
    void keep() {
        if (!folder().equals(said(chosen))) {
            workspace.edit(CodeTargetEdits.into(chosen, folder()));
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
