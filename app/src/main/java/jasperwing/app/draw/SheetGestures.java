package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Card;
import jasperwing.diagram.Hit;
import jasperwing.diagram.Point;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** Tells what a mouse movement on the sheet means and hands it to the drag that carries it out. */
final class SheetGestures {
    private static final double REACH = 6;
    private static final double STILL = 4;

    private final Workspace workspace;
    private final SheetView sheet;
    private final CardEditing editing;
    private final ReadingNote note;
    private Point pressedAt = new Point(0, 0);
    private Hit pressedOn = new Hit.Paper();
    private Optional<Drag> drag = Optional.empty();
    private boolean spaceDown;
    private boolean ours;
    private final SheetMenu menu;

    SheetGestures(Workspace workspace, SheetView sheet, CardEditing editing, ReadingNote note, SheetMenu menu) {
        this.note = note;
        this.menu = menu;
        this.workspace = workspace;
        this.sheet = sheet;
        this.editing = editing;
        sheet.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        sheet.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        sheet.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        sheet.addEventHandler(MouseEvent.MOUSE_CLICKED, this::clicked);
        sheet.addEventHandler(MouseEvent.MOUSE_MOVED, this::moved);
        sheet.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        sheet.addEventHandler(KeyEvent.KEY_PRESSED, e -> spaceDown |= e.getCode() == KeyCode.SPACE);
        sheet.addEventHandler(KeyEvent.KEY_RELEASED, e -> spaceDown &= e.getCode() != KeyCode.SPACE);
    }

    private Hit hit(Point at) {
        return Hit.at(sheet.scene(), at, REACH / sheet.viewport().zoom());
    }

    /** Whether the event is for the paper, and not for something typed or read above it. */
    private boolean isOurs(MouseEvent e) {
        return e.getTarget() == sheet || e.getTarget() == sheet.overlay() || e.getTarget() == sheet.picture();
    }

    private void pressed(MouseEvent e) {
        ours = isOurs(e) && editing.leave();
        if (!ours) {
            return;
        }
        sheet.requestFocus();
        pressedAt = new Point(e.getX(), e.getY());
        pressedOn = hit(sheet.viewport().toSheet(e.getX(), e.getY()));
        drag = Optional.empty();
        if (e.getButton() == MouseButton.PRIMARY) {
            select(e.isShiftDown() || e.isShortcutDown());
        } else if (e.getButton() == MouseButton.SECONDARY && !(pressedOn instanceof Hit.Paper)) {
            select(false);
        }
    }

    private void select(boolean more) {
        if (pressedOn instanceof Hit.OnCard card) {
            selectEntity(card.card().entity(), more);
        } else if (pressedOn instanceof Hit.OnEdge edge) {
            selectEntity(edge.card().entity(), more);
        } else if (pressedOn instanceof Hit.OnRelationship on) {
            workspace.selection().set(Selection.of(on.relationship()));
        } else if (pressedOn instanceof Hit.OnKind on) {
            selectEntity(on.kind(), more);
        } else if (!more) {
            workspace.selection().set(Selection.NONE);
        }
    }

    private void selectEntity(String entity, boolean more) {
        Set<String> now = workspace.selection().get().entities();
        if (more) {
            Set<String> changed = new LinkedHashSet<>(now);
            if (!changed.add(entity)) {
                changed.remove(entity);
            }
            workspace.selection().set(Selection.of(changed));
        } else if (!now.contains(entity)) {
            workspace.selection().set(Selection.of(entity));
        }
    }

    private void dragged(MouseEvent e) {
        Point at = new Point(e.getX(), e.getY());
        if (!ours) {
            return;
        }
        if (drag.isEmpty() && at.distance(pressedAt) >= STILL) {
            drag = Optional.of(begin(e));
        }
        drag.ifPresent(d -> d.to(at, e.isAltDown()));
    }

    private Drag begin(MouseEvent e) {
        boolean panning = e.getButton() != MouseButton.PRIMARY || spaceDown;
        if (panning) {
            return new Drag.Pan(sheet, pressedAt);
        }
        if (pressedOn instanceof Hit.OnEdge edge) {
            return new RelateDrag(workspace, sheet, edge.card().entity(), note::open, editing::openName);
        }
        if (pressedOn instanceof Hit.OnRelationship on
                && !on.relationship().forward().many()) {
            return new SubjectDrag(workspace, sheet, on.relationship(), pressedAt, note::open);
        }
        if (pressedOn instanceof Hit.OnCard card && isMargin(card, pressedAt)) {
            return new AttributeDrag(workspace, sheet, card.card(), card.row());
        }
        if (pressedOn instanceof Hit.OnCard) {
            return new MoveDrag(workspace, sheet, pressedAt);
        }
        return new Drag.Band(workspace, sheet, pressedAt);
    }

    /** Whether a point of the view lies left of an attribute's name, where the attribute is taken by. */
    private boolean isMargin(Hit.OnCard on, Point at) {
        double x = sheet.viewport().toSheet(at.x(), at.y()).x();
        return on.row() >= 0 && x - on.card().box().x() < Card.TEXT_LEFT - 2;
    }

    private void released(MouseEvent e) {
        boolean still = drag.isEmpty();
        drag.ifPresent(d -> d.end(new Point(e.getX(), e.getY()), e.isAltDown()));
        drag = Optional.empty();
        if (ours && still && e.getButton() == MouseButton.SECONDARY) {
            menu.show(pressedOn, sheet.viewport().toSheet(e.getX(), e.getY()), e.getScreenX(), e.getScreenY());
        }
    }

    /** Ends a drag without carrying it out. @return whether there was one */
    boolean cancel() {
        boolean dragging = drag.isPresent();
        drag.ifPresent(Drag::cancel);
        drag = Optional.empty();
        return dragging;
    }

    private void clicked(MouseEvent e) {
        if (e.getButton() != MouseButton.PRIMARY || e.getClickCount() != 2 || !e.isStillSincePress() || !isOurs(e)) {
            return;
        }
        Point at = sheet.viewport().toSheet(e.getX(), e.getY());
        Hit hit = hit(at);
        if (hit instanceof Hit.OnCard card) {
            editing.open(card.card().entity(), card.row());
        } else if (hit instanceof Hit.Paper) {
            String name = GestureEdits.freeName(workspace.design());
            workspace.edit(
                    GestureEdits.entityAt(name, sheet.sheet().get(), at.x() - 20, at.y() - 17), Selection.of(name));
            editing.openName(name);
        }
    }

    private void moved(MouseEvent e) {
        Hit hit = hit(sheet.viewport().toSheet(e.getX(), e.getY()));
        if (hit instanceof Hit.OnEdge) {
            sheet.setCursor(Cursor.CROSSHAIR);
        } else {
            boolean margin = hit instanceof Hit.OnCard card && isMargin(card, new Point(e.getX(), e.getY()));
            sheet.setCursor(hit instanceof Hit.Paper ? Cursor.DEFAULT : margin ? Cursor.OPEN_HAND : Cursor.HAND);
        }
    }

    private void scrolled(ScrollEvent e) {
        if (e.isShortcutDown()) {
            sheet.viewport().zoom(e.getDeltaY() > 0 ? 1.12 : 1 / 1.12, e.getX(), e.getY());
        } else {
            sheet.viewport().pan(e.getDeltaX(), e.getDeltaY());
        }
        editing.follow();
        e.consume();
    }
}
