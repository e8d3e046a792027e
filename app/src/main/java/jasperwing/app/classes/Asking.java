package jasperwing.app.classes;

import jasperwing.storage.TargetFolder.Entry;
import java.util.List;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The files that are replaced only when that is agreed to, each with a box to tick. */
final class Asking extends VBox {
    private final Set<String> agreed;
    private final Runnable changed;

    Asking(Set<String> agreed, Runnable changed) {
        super(6);
        this.agreed = agreed;
        this.changed = changed;
        getStyleClass().add("asking");
    }

    void show(List<Entry> entries) {
        getChildren().clear();
        List<Entry> asked =
                entries.stream().filter(e -> e.state().needsAsking()).toList();
        setVisible(!asked.isEmpty());
        setManaged(!asked.isEmpty());
        if (asked.isEmpty()) {
            return;
        }
        Label why = new Label("These files have lines Jasperwing did not write. They stay as they are unless ticked.");
        why.setWrapText(true);
        getChildren().add(why);
        for (Entry entry : asked) {
            String path = entry.file().path();
            CheckBox box = new CheckBox("Replace " + path.substring(path.lastIndexOf('/') + 1));
            box.setMnemonicParsing(false);
            box.setId("replace-" + path.substring(path.lastIndexOf('/') + 1));
            box.setSelected(agreed.contains(path));
            box.setOnAction(e -> {
                if (box.isSelected()) {
                    agreed.add(path);
                } else {
                    agreed.remove(path);
                }
                changed.run();
            });
            getChildren().add(box);
        }
    }
}
