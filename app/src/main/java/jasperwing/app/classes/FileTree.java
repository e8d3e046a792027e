package jasperwing.app.classes;

import jasperwing.app.controls.InPlace;
import jasperwing.output.PlannedFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The files by package, each with how it stands to the folder. */
final class FileTree extends ListView<FileTree.Row> {
    private boolean showing;

    /**
     * The head of a package, or a file of it.
     *
     * @param settled whether nothing in it is left to settle
     */
    record Row(String home, Optional<PlannedFile> file, boolean settled) {
        String name() {
            return file.map(f -> f.path().substring(f.path().lastIndexOf('/') + 1))
                    .orElse(home);
        }
    }

    FileTree(Consumer<String> choose) {
        getStyleClass().add("file-tree");
        setId("files");
        setAccessibleText("Files");
        setCellFactory(v -> new Cell());
        getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null && !showing) {
                is.file().ifPresent(f -> choose.accept(f.path()));
            }
        });
    }

    /** @param settled whether nothing in a file is left to settle */
    void show(List<PlannedFile> files, Predicate<PlannedFile> settled, String chosen) {
        showing = true;
        List<Row> rows = rows(files, settled);
        InPlace.replace(getItems(), rows);
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).file().map(PlannedFile::path).equals(Optional.of(chosen))
                    && getSelectionModel().getSelectedIndex() != i) {
                getSelectionModel().select(i);
                scrollTo(Math.max(0, i - 6));
            }
        }
        showing = false;
    }

    private static List<Row> rows(List<PlannedFile> files, Predicate<PlannedFile> settled) {
        List<Row> rows = new ArrayList<>();
        String home = null;
        for (PlannedFile file : files) {
            int slash = file.path().lastIndexOf('/');
            String here = slash < 0 ? "" : file.path().substring(0, slash).replace('/', '.');
            if (!here.equals(home)) {
                home = here;
                rows.add(new Row(home, Optional.empty(), true));
            }
            rows.add(new Row(home, Optional.of(file), settled.test(file)));
        }
        return rows;
    }

    private static final class Cell extends ListCell<Row> {
        @Override
        protected void updateItem(Row row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            boolean shows = !empty && row != null;
            setGraphic(shows ? face(row) : null);
            setId(shows && row.file().isPresent() ? "file-" + row.name() : null);
            setMouseTransparent(!shows || row.file().isEmpty());
        }

        private HBox face(Row row) {
            Label name = new Label(row.name());
            if (row.file().isEmpty()) {
                name.getStyleClass().addAll("section", "package");
                return new HBox(name);
            }
            PlannedFile file = row.file().get();
            String words = file.isMoved()
                    ? "moves, " + file.state().words()
                    : file.state().words();
            setAccessibleText(row.name() + ", " + words);
            Label note = new Label(words);
            note.getStyleClass()
                    .addAll("file-state", "state-" + file.state().name().toLowerCase(Locale.ROOT));
            note.setMinWidth(Region.USE_PREF_SIZE);
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            name.setMinWidth(0);
            HBox face = new HBox(6, name, space, note);
            face.getStyleClass().add("file-row");
            return face;
        }
    }
}
