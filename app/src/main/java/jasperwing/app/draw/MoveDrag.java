package jasperwing.app.draw;

import jasperwing.app.shell.Workspace;
import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import jasperwing.model.Place;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.List;

/** Moves the selected cards; one edit when let go. */
final class MoveDrag implements Drag {
    private final Workspace workspace;
    private final SheetView sheet;
    private final Point from;
    private final List<Card> cards = new ArrayList<>();

    MoveDrag(Workspace workspace, SheetView sheet, Point from) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.from = from;
        workspace.selection().get().entities().forEach(e -> sheet.scene()
                .card(e)
                .ifPresent(cards::add));
    }

    @Override
    public void to(Point at) {
        sheet.preview(SheetEdits.place(places(at)).on(workspace.design()));
    }

    @Override
    public void end(Point at) {
        sheet.endPreview();
        workspace.edit(SheetEdits.place(places(at)));
    }

    @Override
    public void cancel() {
        sheet.endPreview();
    }

    private List<Place> places(Point at) {
        double zoom = sheet.viewport().zoom();
        int dx = (int) Math.round((at.x() - from.x()) / zoom);
        int dy = (int) Math.round((at.y() - from.y()) / zoom);
        return cards.stream()
                .map(c -> new Place(
                        c.entity(),
                        sheet.sheet().get(),
                        (int) Math.round(c.box().x()) + dx,
                        (int) Math.round(c.box().y()) + dy))
                .toList();
    }
}
