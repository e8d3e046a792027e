package jasperwing.app.classes;

import jasperwing.app.shell.CodeLine;
import jasperwing.storage.TargetFolder.Entry;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** One generated file, with line numbers and highlighting, and the button that writes them all. */
final class CodeView extends BorderPane {
    private final Label name = new Label();
    private final Label state = new Label();
    private final Button write = new Button();
    private final ListView<String> lines = new ListView<>();

    CodeView() {
        getStyleClass().add("code-view");
        name.getStyleClass().add("lens-title");
        state.getStyleClass().add("quiet");
        write.getStyleClass().add("primary");
        write.setId("write");
        write.setMinWidth(Region.USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(12, name, state, space, write);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("code-head");
        lines.setCellFactory(v -> new LineCell());
        lines.getStyleClass().add("code-lines");
        setTop(head);
        setCenter(lines);
    }

    Button write() {
        return write;
    }

    void canWrite(long files, boolean folder) {
        write.setText(files == 0 ? "Nothing to write" : "Write " + files + (files == 1 ? " file" : " files"));
        write.setDisable(files == 0 || !folder);
    }

    void show(Entry entry) {
        String path = entry.file().path();
        String fileName = path.substring(path.lastIndexOf('/') + 1);
        boolean other = !fileName.equals(name.getText());
        name.setText(fileName);
        state.setText(
                switch (entry.state()) {
                    case NEW -> "new";
                    case SAME -> "same as in the folder";
                    case DIFFERS -> "differs from the folder";
                    case EDITED -> "edited by hand in the folder";
                    case FOREIGN -> "a file of this name was not written by Jasperwing";
                });
        lines.getItems().setAll(entry.file().text().lines().toList());
        if (other) {
            lines.scrollTo(Math.max(0, firstDeclaration() - 1));
        }
    }

    /** The first line below package and imports. */
    private int firstDeclaration() {
        int index = 0;
        while (index < lines.getItems().size() && lines.getItems().get(index).matches("(//|package|import).*|")) {
            index++;
        }
        return index;
    }

    void nothing() {
        name.setText("No classes yet");
        state.setText("Draw an entity first");
        lines.getItems().clear();
    }

    private static final class LineCell extends ListCell<String> {
        @Override
        protected void updateItem(String line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            if (empty || line == null) {
                setGraphic(null);
                return;
            }
            Label number = new Label(String.valueOf(getIndex() + 1));
            number.getStyleClass().add("line-number");
            setGraphic(new HBox(14, number, CodeLine.of(line, false)));
        }
    }
}
