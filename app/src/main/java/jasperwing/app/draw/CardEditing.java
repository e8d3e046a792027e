package jasperwing.app.draw;

import jasperwing.app.shell.Workspace;
import java.util.Optional;

/** Opens and closes the one card that is being typed on. */
final class CardEditing {
    private final Workspace workspace;
    private final SheetView sheet;
    private Optional<CardEditor> open = Optional.empty();

    CardEditing(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
    }

    /** Opens a card at one of its lines; -1 for its name. */
    void open(String entity, int row) {
        show(entity).ifPresent(editor -> {
            if (row < 0) {
                editor.startAtName();
            } else {
                editor.startAtLine(row);
            }
        });
    }

    void openName(String entity) {
        show(entity).ifPresent(CardEditor::startAtName);
    }

    /** Opens a card behind its last line. */
    void openEnd(String entity) {
        show(entity).ifPresent(e -> e.startAtLine(Integer.MAX_VALUE));
    }

    private Optional<CardEditor> show(String name) {
        if (!leave()) {
            return Optional.empty();
        }
        return workspace.design().entity(name).map(entity -> {
            CardEditor editor = new CardEditor(workspace, entity, this::closed);
            open = Optional.of(editor);
            sheet.edited().set(Optional.of(name));
            sheet.overlay().getChildren().add(editor);
            follow();
            return editor;
        });
    }

    /** Keeps the open card over the place it stands at. */
    void follow() {
        open.ifPresent(e -> sheet.onScreen(e.entityName()).ifPresent(e::place));
    }

    private void closed() {
        open.ifPresent(e -> sheet.overlay().getChildren().remove(e));
        open = Optional.empty();
        sheet.edited().set(Optional.empty());
        sheet.requestFocus();
    }

    /** Leaves the open card, if there is one. @return false when it has a line that does not parse and stays open */
    boolean leave() {
        return open.map(e -> e.leave(false)).orElse(true);
    }
}
