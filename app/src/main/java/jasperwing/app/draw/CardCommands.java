package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Card;
import jasperwing.diagram.CardPlacement;
import jasperwing.diagram.Point;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SheetEdits;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

/** What keys and menus do to the cards of the sheet: add, remove, select, move and go from one to another. */
final class CardCommands {
    /** About the size of a card with a name and a key, in sheet units. */
    private static final double NEW_WIDTH = 180;

    private static final double NEW_HEIGHT = 60;

    private final Workspace workspace;
    private final SheetView sheet;
    private final CardEditing editing;

    CardCommands(Workspace workspace, SheetView sheet, CardEditing editing) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.editing = editing;
    }

    /** The ways a card can be moved, and gone to, by the arrow keys. */
    enum Step {
        LEFT(KeyCode.LEFT, -1, 0),
        RIGHT(KeyCode.RIGHT, 1, 0),
        UP(KeyCode.UP, 0, -1),
        DOWN(KeyCode.DOWN, 0, 1);

        private final KeyCode code;
        private final int dx;
        private final int dy;

        Step(KeyCode code, int dx, int dy) {
            this.code = code;
            this.dx = dx;
            this.dy = dy;
        }

        KeyCode code() {
            return code;
        }

        int dx() {
            return dx;
        }

        int dy() {
            return dy;
        }
    }

    /** Selects the next card that way; without a selected one, the first. */
    void walk(Step step) {
        Optional<Card> from = workspace.selection().get().single().flatMap(sheet.scene()::card);
        Optional<Card> next = from.isEmpty()
                ? sheet.scene().cards().stream().findFirst()
                : NearestCard.card(sheet.scene(), from.get(), step.dx(), step.dy());
        next.ifPresent(c -> workspace.selection().set(Selection.of(c.entity())));
    }

    void remove() {
        Selection selection = workspace.selection().get();
        Edit edit = Edit.NOTHING;
        for (String entity : selection.entities()) {
            edit = edit.then(EntityEdits.remove(entity));
        }
        if (selection.relationship().isPresent()) {
            edit = edit.then(RelationshipEdits.remove(selection.relationship().get()));
        }
        workspace.edit(edit, Selection.NONE);
    }

    void selectAll() {
        Set<String> all = new LinkedHashSet<>();
        sheet.scene().cards().stream().map(Card::entity).forEach(all::add);
        workspace.selection().set(Selection.of(all));
    }

    /** In the middle of what is seen, or as near to it as nothing is covered. */
    void addEntity() {
        Point middle = sheet.viewport().toSheet(sheet.getWidth() / 2, sheet.getHeight() / 2);
        addEntityAt(CardPlacement.near(sheet.scene(), middle, NEW_WIDTH, NEW_HEIGHT));
    }

    void addEntityAt(Point at) {
        String name = GestureEdits.freeName(workspace.design());
        workspace.edit(GestureEdits.entityAt(name, sheet.sheet().get(), at.x(), at.y()), Selection.of(name));
        editing.openName(name);
    }

    void nudge(int dx, int dy) {
        List<Place> places = workspace.selection().get().entities().stream()
                .flatMap(e -> sheet.scene().card(e).stream())
                .map(c -> new Place(
                        c.entity(),
                        sheet.sheet().get(),
                        (int) c.box().x() + dx,
                        (int) c.box().y() + dy))
                .toList();
        if (!places.isEmpty()) {
            workspace.edit(SheetEdits.place(places));
        }
    }
}
