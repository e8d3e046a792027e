package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Shows a line of the roster, and whether its entity is selected. */
final class RosterCell extends ListCell<RosterLine> {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Region swatch = new Region();
    private final Label name = new Label();
    private final Label note = new Label();
    private final HBox face;
    private final ObservableValue<Selection> selection;
    private RosterLine shown;

    /** Held here, since the selection holds it weakly: cells come and go. */
    private final InvalidationListener marking = o -> mark();

    RosterCell(ObservableValue<Selection> selection) {
        this.selection = selection;
        note.getStyleClass().add("faint");
        note.setMinWidth(USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        face = new HBox(6, swatch, name, space, note);
        setPrefWidth(0);
        selection.addListener(new WeakInvalidationListener(marking));
    }

    @Override
    protected void updateItem(RosterLine line, boolean empty) {
        super.updateItem(line, empty);
        boolean shows = line != null && !empty;
        if (shows && line.equals(shown)) {
            mark();
            return;
        }
        if (!shows) {
            setGraphic(null);
            setAccessibleText(null);
            name.setId(null);
        } else {
            if (shown == null || line.kind() != shown.kind() || !line.color().equals(shown.color())) {
                dress(line);
            }
            setAccessibleText(line.name());
            name.setId(line.kind() == RosterLine.Kind.HEAD ? null : "roster-" + line.name());
            name.setText(line.name());
            note.setText(line.note());
        }
        shown = shows ? line : null;
        setMouseTransparent(!shows || line.kind() == RosterLine.Kind.HEAD);
        mark();
    }

    /** What lines of one kind have in common: styles are dear to set anew. */
    private void dress(RosterLine line) {
        boolean head = line.kind() == RosterLine.Kind.HEAD;
        face.getStyleClass().setAll(head ? "roster-head" : "roster-line");
        name.getStyleClass().setAll("label", head ? "section" : "roster-name");
        swatch.getStyleClass().setAll("swatch", line.color());
        swatch.setVisible(!line.color().isEmpty());
        swatch.setManaged(!line.color().isEmpty());
        setGraphic(face);
    }

    private void mark() {
        RosterLine line = getItem();
        pseudoClassStateChanged(
                CHOSEN,
                line != null
                        && line.kind() == RosterLine.Kind.ENTITY
                        && selection.getValue().entities().contains(line.name()));
    }
}
