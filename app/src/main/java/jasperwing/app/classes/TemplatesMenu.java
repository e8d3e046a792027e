package jasperwing.app.classes;

import jasperwing.app.workspace.Workspace;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.model.CodeTargetEdits;
import jasperwing.output.TemplateCopy;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.stage.DirectoryChooser;

/** Brings targets made by templates of one's own: copied from one of ours beside the design, or in a folder that is there. */
final class TemplatesMenu extends MenuButton {
    private final Workspace workspace;
    private final Consumer<String> choose;
    private final Consumer<String> say;
    private final MenuItem away = new MenuItem();

    /**
     * A menu.
     *
     * @param choose told the target that is to be looked at
     * @param say told what was done, or what kept it from being done
     */
    TemplatesMenu(Workspace workspace, Consumer<String> choose, Consumer<String> say) {
        super("Add");
        this.workspace = workspace;
        this.choose = choose;
        this.say = say;
        setId("templates");
        setAccessibleText("Templates of your own");
        setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("pill");
        Targets.all()
                .forEach(t -> getItems().add(item("Copy those of " + t.title(), "copy-" + t.word(), () -> copy(t))));
        getItems().add(item("Use a folder\u2026", "use-templates", this::ask));
        away.setId("templates-away");
        getItems().add(away);
    }

    private static MenuItem item(String text, String id, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setMnemonicParsing(false);
        item.setId(id);
        item.setOnAction(e -> action.run());
        return item;
    }

    /** Offers to take the target that is looked at out of the design, where it is none of ours; its files stay. */
    void of(String target) {
        boolean own = Targets.find(target).isEmpty();
        away.setVisible(own);
        away.setMnemonicParsing(false);
        away.setText("Leave out " + target);
        away.setOnAction(e -> workspace.edit(CodeTargetEdits.remove(target)));
    }

    private void copy(Target target) {
        Optional<Path> design = workspace.path().get();
        if (design.isEmpty()) {
            say.accept("Save the design first: the templates go beside it.");
            return;
        }
        Path folder = TemplateCopy.free(design.get().getParent(), "my-" + target.word());
        try {
            int templates = TemplateCopy.copy(target, folder);
            use(folder);
            say.accept("Copied " + templates + " templates to " + folder.getFileName() + ", beside the design.");
        } catch (IOException e) {
            say.accept("The templates cannot be copied: " + e.getMessage());
        }
    }

    private void ask() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("The folder of templates");
        File found = chooser.showDialog(getScene().getWindow());
        if (found != null) {
            use(found.toPath());
        }
    }

    /** The design names a folder from where it lies itself, where it can. */
    void use(Path folder) {
        Optional<Path> home = workspace.path().get().map(Path::getParent);
        String said = home.filter(folder::startsWith)
                .map(h -> h.relativize(folder))
                .orElse(folder)
                .toString()
                .replace(File.separatorChar, '/');
        workspace.edit(CodeTargetEdits.add(said));
        choose.accept(said);
    }
}
