package jasperwing.app.classes;

import jasperwing.app.controls.InPlace;
import jasperwing.classes.Source;
import jasperwing.naming.Words;
import jasperwing.output.FileLine;
import jasperwing.output.FileLines;
import jasperwing.output.FileState;
import jasperwing.output.MergedFile.Choice;
import jasperwing.output.PlannedFile;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** One file, as it will be or as what will change, and the button that writes them all. */
final class CodeView extends BorderPane {
    private static final double NARROW = 520;

    private final Label name = new Label();
    private final Label state = new Label();
    private final ToggleButton changes = new ToggleButton("What will change");
    private final Button again = new Button("Reset choices");
    private final Button write = new Button("Write files");
    private final ListView<FileLine> lines = new ListView<>();
    private Set<Source> marked = Set.of();
    private Optional<PlannedFile> shown = Optional.empty();
    private List<Optional<Choice>> choices = List.of();

    /**
     * A view without a file.
     *
     * @param chosen told the line that is clicked or gone to with the arrow keys
     * @param settle told which conflict of the file is settled how
     */
    CodeView(Consumer<FileLine> chosen, BiConsumer<Integer, Choice> settle) {
        getStyleClass().add("code-view");
        name.getStyleClass().add("lens-title");
        name.setMinWidth(40);
        setMinWidth(0);
        state.getStyleClass().add("quiet");
        changes.setId("changes");
        changes.getStyleClass().add("pill");
        changes.setMinWidth(Region.USE_PREF_SIZE);
        changes.setSelected(true);
        changes.setOnAction(e -> build());
        again.setId("settle-again");
        again.getStyleClass().add("pill");
        again.setMinWidth(Region.USE_PREF_SIZE);
        write.getStyleClass().add("primary");
        write.setId("write");
        write.setDisable(true);
        write.setMinWidth(Region.USE_PREF_SIZE);
        setTop(head());
        lines.setId("code-lines");
        lines.setAccessibleText("Lines of the file");
        lines.setCellFactory(v -> new LineCell(this::isMarked, settle));
        lines.getStyleClass().add("code-lines");
        lines.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (is != null) {
                chosen.accept(is);
            }
        });
        setCenter(lines);
    }

    private BorderPane head() {
        HBox titles = new HBox(12, name, state);
        titles.setAlignment(Pos.CENTER_LEFT);
        titles.setMinWidth(0);
        HBox buttons = new HBox(12, again, changes, write);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        BorderPane head = new BorderPane();
        head.getStyleClass().add("code-head");
        head.setMinWidth(0);
        widthProperty().addListener((o, was, is) -> arrange(head, titles, buttons));
        arrange(head, titles, buttons);
        return head;
    }

    /** Beside each other, or below where there is little room; the buttons stay at the right. */
    private void arrange(BorderPane head, HBox titles, HBox buttons) {
        boolean narrow = getWidth() > 0 && getWidth() < NARROW;
        head.setTop(null);
        head.setCenter(null);
        head.setRight(null);
        head.setBottom(null);
        head.setTop(narrow ? titles : null);
        head.setCenter(narrow ? null : titles);
        head.setRight(narrow ? null : buttons);
        head.setBottom(narrow ? buttons : null);
    }

    Button write() {
        return write;
    }

    Button again() {
        return again;
    }

    /**
     * What the button says and whether it does anything.
     *
     * @param can whether files can be written now
     * @param unsettled conflicts that are still to be settled; their files are not written
     */
    void canWrite(long files, boolean can, long unsettled) {
        String left = unsettled == 0 ? "" : ", " + Words.count(unsettled, "conflict") + " left";
        write.setText((files == 0 ? "Nothing to write" : "Write " + Words.count(files, "file")) + left);
        write.setDisable(files == 0 || !can);
    }

    /** The file that is shown next is another one than is shown, whatever its path: it is seen from where it begins to matter. */
    void anew() {
        shown = Optional.empty();
    }

    /** @param members what is brought out: the lines that are made of it */
    void show(PlannedFile planned, List<Optional<Choice>> settled, Set<Source> members) {
        boolean same = shown.equals(Optional.of(planned)) && choices.equals(settled) && marked.equals(members);
        boolean remarked = !marked.equals(members) || !choices.equals(settled);
        boolean other = !shown.map(PlannedFile::path).equals(Optional.of(planned.path()))
                || !shown.map(PlannedFile::state).equals(Optional.of(planned.state()));
        shown = Optional.of(planned);
        choices = settled;
        marked = members;
        name.setText(planned.path().substring(planned.path().lastIndexOf('/') + 1));
        state.setText(words(planned, settled));
        boolean settledOnce = settled.stream().anyMatch(Optional::isPresent);
        again.setVisible(settledOnce);
        again.setManaged(settledOnce);
        if (!same) {
            build();
        }
        if (remarked) {
            lines.refresh();
        }
        if (other || !same && !members.isEmpty()) {
            lines.scrollTo(Math.max(0, start() - 2));
        }
    }

    private void build() {
        shown.ifPresent(p -> InPlace.replace(
                lines.getItems(), changes.isSelected() ? FileLines.changes(p, choices) : FileLines.whole(p, choices)));
    }

    /** The first line that matters: one brought out, one that asks or changes, or the first below package and imports. */
    private int start() {
        List<FileLine> all = lines.getItems();
        for (int i = 0; i < all.size(); i++) {
            FileLine line = all.get(i);
            boolean matters = !marked.isEmpty()
                    ? isMarked(line)
                    : switch (line.kind()) {
                        case ASKS, GOES -> true;
                        case COMES -> shown.orElseThrow().state() != FileState.NEW;
                        default -> false;
                    };
            if (matters) {
                return i;
            }
        }
        int index = 0;
        while (index < all.size() && all.get(index).text().matches("(//|package|import).*|")) {
            index++;
        }
        return index;
    }

    private boolean isMarked(FileLine line) {
        return shown.flatMap(PlannedFile::file)
                .map(f -> line.source() >= 0 && marked.contains(f.source(line.source())))
                .orElse(false);
    }

    private static String words(PlannedFile planned, List<Optional<Choice>> settled) {
        String moved = planned.isMoved() ? "moves from " + planned.from() + "; " : "";
        int conflicts = planned.conflicts().size();
        return moved
                + switch (planned.state()) {
                    case NEW -> "new";
                    case SAME -> "same as in the folder";
                    case DIFFERS -> "differs from the folder";
                    case EDITED -> "edited by hand";
                    case MERGES -> "edited by hand, and kept";
                    case CONFLICT -> planned.result(settled).isPresent()
                            ? "settled"
                            : conflicts + (conflicts == 1 ? " place" : " places") + " to settle";
                    case FOREIGN -> "not ours, never touched";
                    case UNNEEDED -> "no longer needed, goes";
                    case LEFT -> "not needed, but edited: stays";
                };
    }

    /** @param hint what there would have to be first */
    void nothing(String hint) {
        shown = Optional.empty();
        name.setText("No classes yet");
        state.setText(hint);
        again.setVisible(false);
        lines.getItems().clear();
    }
}
