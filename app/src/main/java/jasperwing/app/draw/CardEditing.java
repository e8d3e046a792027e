package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Card;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;

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

    /** Opens a card at a new line for a rule. */
    void openRule(String entity) {
        show(entity).ifPresent(CardEditor::startRule);
    }

    /** Opens a card at the end of its last line. */
    void openLast(String entity) {
        show(entity)
                .ifPresent(e -> e.startAtLine(Math.max(
                        0,
                        workspace
                                        .design()
                                        .entity(entity)
                                        .orElseThrow()
                                        .attributes()
                                        .size()
                                - 1)));
    }

    private Optional<CardEditor> show(String name) {
        if (!leave()) {
            return Optional.empty();
        }
        return workspace.design().entity(name).map(entity -> {
            CardEditor editor = new CardEditor(workspace, entity, sheet, new Around(), this::closed);
            open = Optional.of(editor);
            editor.whenGrown(this::follow);
            editor.whenRenamed(n -> sheet.edited().set(Optional.of(n)));
            sheet.edited().set(Optional.of(name));
            sheet.overlay().getChildren().add(editor);
            follow();
            editor.heightProperty().addListener((o, was, is) -> follow());
            return editor;
        });
    }

    /** Keeps the open card over the place it stands at. */
    void follow() {
        open.ifPresent(e ->
                sheet.onScreen(e.entityName()).ifPresent(box -> e.place(box, sheet.getWidth(), sheet.getHeight())));
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

    /** Leads from the open card to others of the sheet. */
    private final class Around implements CardEditor.Neighbours {
        @Override
        public void step(String entity, int by) {
            List<Card> cards = sheet.scene().cards();
            int index = indexOf(cards, entity);
            if (leave() && !cards.isEmpty()) {
                String next = cards.get(Math.floorMod(index + by, cards.size())).entity();
                go(next, by > 0);
            }
        }

        @Override
        public void towards(String entity, int dy) {
            Optional<Card> next = sheet.scene().card(entity).flatMap(c -> NearestCard.card(sheet.scene(), c, 0, dy));
            if (next.isPresent() && leave()) {
                go(next.get().entity(), dy > 0);
            }
        }

        private static int indexOf(List<Card> cards, String entity) {
            return cards.stream().map(Card::entity).toList().indexOf(entity);
        }

        private void go(String entity, boolean atStart) {
            workspace.selection().set(Selection.of(entity));
            Platform.runLater(() -> {
                if (atStart) {
                    openName(entity);
                } else {
                    openLast(entity);
                }
            });
        }
    }
}
