package jasperwing.app.classes;

import jasperwing.app.shell.Focus;
import jasperwing.storage.TargetFolder.Entry;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The generated files by package, each with how it compares with the folder. */
final class FileTree extends ScrollPane {
    private final VBox list = new VBox();
    private final Consumer<String> choose;

    FileTree(Consumer<String> choose) {
        super();
        this.choose = choose;
        list.getStyleClass().add("roster-list");
        setContent(list);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    void show(List<Entry> entries, String chosen) {
        Focus.keep(list, () -> build(entries, chosen));
    }

    private void build(List<Entry> entries, String chosen) {
        list.getChildren().clear();
        String home = "";
        for (Entry entry : entries) {
            String path = entry.file().path();
            int slash = path.lastIndexOf('/');
            String here = slash < 0 ? "" : path.substring(0, slash).replace('/', '.');
            if (!here.equals(home)) {
                home = here;
                Label label = new Label(home);
                label.getStyleClass().addAll("section", "package");
                list.getChildren().add(label);
            }
            list.getChildren().add(row(entry, path.substring(slash + 1), path.equals(chosen)));
        }
    }

    private Button row(Entry entry, String name, boolean chosen) {
        Label state = new Label(entry.state().words());
        state.getStyleClass()
                .addAll("file-state", "state-" + entry.state().name().toLowerCase(Locale.ROOT));
        state.setMinWidth(Region.USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Button row = new Button(null, new HBox(6, new Label(name), space, state));
        row.getStyleClass().add("roster-row");
        if (chosen) {
            row.getStyleClass().add("chosen");
        }
        row.setId("file-" + name);
        row.setAccessibleText(name + ", " + entry.state().words());
        row.setMaxWidth(Double.MAX_VALUE);
        row.setOnAction(e -> choose.accept(entry.file().path()));
        return row;
    }
}
