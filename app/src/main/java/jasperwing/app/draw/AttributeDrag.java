package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import jasperwing.model.EntityEdits;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;

/** Takes an attribute by its margin to another place of its card, or to another card. */
final class AttributeDrag implements Drag {
    private final Workspace workspace;
    private final SheetView sheet;
    private final Card from;
    private final int row;
    private final Label carried = new Label();
    private final Line mark = new Line();

    AttributeDrag(Workspace workspace, SheetView sheet, Card from, int row) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.from = from;
        this.row = row;
        carried.setText(name() + "  " + from.rows().get(row).type());
        carried.getStyleClass().addAll("code", "carried");
        carried.setMouseTransparent(true);
        mark.getStyleClass().add("rubber");
        mark.setMouseTransparent(true);
        mark.setVisible(false);
        sheet.overlay().getChildren().addAll(mark, carried);
    }

    private String name() {
        return from.rows().get(row).name();
    }

    /** Where it would be put: on a card, before the line of this number. */
    private record Target(Card card, int line) {}

    private Optional<Target> target(Point at) {
        Point on = sheet.viewport().toSheet(at.x(), at.y());
        return sheet.scene().cards().stream()
                .filter(c -> c.box().grown(6).contains(on))
                .reduce((below, above) -> above)
                .map(c -> new Target(c, line(c, on)));
    }

    private static int line(Card card, Point on) {
        double offset = (on.y() - card.box().y() - Card.HEADER) / Card.ROW;
        return (int) Math.max(0, Math.min(card.attributes(), Math.round(offset)));
    }

    private boolean isTaken(Target target) {
        return !target.card().entity().equals(from.entity())
                && target.card().rows().stream().anyMatch(r -> r.name().equals(name()));
    }

    @Override
    public void to(Point at, boolean free) {
        carried.relocate(at.x() + 14, at.y() + 10);
        Optional<Target> target = target(at);
        boolean taken = target.map(this::isTaken).orElse(false);
        carried.setText(
                taken
                        ? target.get().card().entity() + " has " + name() + " already"
                        : name() + "  " + from.rows().get(row).type());
        mark.setVisible(target.isPresent() && !taken);
        target.ifPresent(this::show);
    }

    private void show(Target target) {
        Box box = target.card().box();
        double y = box.y() + Card.HEADER + target.line() * Card.ROW;
        Point left = sheet.viewport().toScreen(new Point(box.x() + 8, y));
        Point right = sheet.viewport().toScreen(new Point(box.right() - 4, y));
        mark.setStartX(left.x());
        mark.setStartY(left.y());
        mark.setEndX(right.x());
        mark.setEndY(right.y());
    }

    @Override
    public void end(Point at, boolean free) {
        cancel();
        target(at).filter(t -> !isTaken(t)).ifPresent(t -> {
            boolean same = t.card().entity().equals(from.entity());
            int index = same && t.line() > row ? t.line() - 1 : t.line();
            workspace.edit(
                    EntityEdits.moveAttribute(from.entity(), name(), t.card().entity(), index),
                    Selection.of(t.card().entity()));
        });
    }

    @Override
    public void cancel() {
        sheet.overlay().getChildren().removeAll(carried, mark);
    }
}
