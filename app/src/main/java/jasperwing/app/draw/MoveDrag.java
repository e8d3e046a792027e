package jasperwing.app.draw;

import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import jasperwing.model.Place;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.Line;

/** Moves the selected cards, snapping them to what stays; one edit when let go. */
final class MoveDrag implements Drag {
    private static final double REACH = 7;

    private final Workspace workspace;
    private final SheetView sheet;
    private final Point from;
    private final List<Card> cards = new ArrayList<>();
    private final List<Box> others = new ArrayList<>();
    private final List<Line> lines = new ArrayList<>();

    MoveDrag(Workspace workspace, SheetView sheet, Point from) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.from = from;
        var selected = workspace.selection().get().entities();
        for (Card card : sheet.scene().cards()) {
            if (selected.contains(card.entity())) {
                cards.add(card);
            } else {
                others.add(card.box());
            }
        }
    }

    @Override
    public void to(Point at, boolean free) {
        Guides.Snap snap = snap(at, free);
        sheet.preview(SheetEdits.place(places(at, snap)).on(workspace.design()));
        show(snap.guides());
    }

    @Override
    public void end(Point at, boolean free) {
        Guides.Snap snap = snap(at, free);
        cancel();
        workspace.edit(SheetEdits.place(places(at, snap)));
    }

    @Override
    public void cancel() {
        sheet.overlay().getChildren().removeAll(lines);
        sheet.endPreview();
    }

    private Guides.Snap snap(Point at, boolean free) {
        double zoom = sheet.viewport().zoom();
        Box all = cards.stream().map(Card::box).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
        Box moved = new Box(
                all.x() + (at.x() - from.x()) / zoom, all.y() + (at.y() - from.y()) / zoom, all.width(), all.height());
        Box near = moved.grown(600);
        return free
                ? new Guides.Snap(0, 0, List.of())
                : Guides.snap(moved, others.stream().filter(near::overlaps).toList(), REACH / zoom);
    }

    private List<Place> places(Point at, Guides.Snap snap) {
        double zoom = sheet.viewport().zoom();
        double dx = (at.x() - from.x()) / zoom + snap.dx();
        double dy = (at.y() - from.y()) / zoom + snap.dy();
        return cards.stream()
                .map(c -> new Place(
                        c.entity(),
                        sheet.sheet().get(),
                        (int) Math.round(c.box().x() + dx),
                        (int) Math.round(c.box().y() + dy)))
                .toList();
    }

    private void show(List<Guides.Guide> guides) {
        sheet.overlay().getChildren().removeAll(lines);
        lines.clear();
        for (Guides.Guide guide : guides) {
            Point on = sheet.viewport().toScreen(new Point(guide.at(), guide.at()));
            Line line = guide.upright()
                    ? new Line(on.x(), 0, on.x(), sheet.getHeight())
                    : new Line(0, on.y(), sheet.getWidth(), on.y());
            line.getStyleClass().add("guide");
            line.setMouseTransparent(true);
            lines.add(line);
        }
        sheet.overlay().getChildren().addAll(lines);
    }
}
