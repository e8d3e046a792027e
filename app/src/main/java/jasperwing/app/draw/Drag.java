package jasperwing.app.draw;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Point;
import java.util.LinkedHashSet;
import java.util.Set;
import javafx.scene.shape.Rectangle;

/** A mouse movement with the button down. Points are in the sheet view's pixels. */
interface Drag {
    /** @param free whether it is not to be snapped to anything: Alt is held */
    void to(Point at, boolean free);

    void end(Point at, boolean free);

    void cancel();

    /** Moves what is seen. */
    final class Pan implements Drag {
        private final SheetView sheet;
        private Point last;

        Pan(SheetView sheet, Point from) {
            this.sheet = sheet;
            this.last = from;
        }

        @Override
        public void to(Point at, boolean free) {
            sheet.viewport().pan(at.x() - last.x(), at.y() - last.y());
            last = at;
        }

        @Override
        public void end(Point at, boolean free) {
            to(at, free);
        }

        @Override
        public void cancel() {
            // what is seen is no edit
        }
    }

    /** Selects the cards it is drawn around. */
    final class Band implements Drag {
        private final Workspace workspace;
        private final SheetView sheet;
        private final Point from;
        private final Rectangle band = new Rectangle();

        Band(Workspace workspace, SheetView sheet, Point from) {
            this.workspace = workspace;
            this.sheet = sheet;
            this.from = from;
            band.getStyleClass().add("band");
            band.setMouseTransparent(true);
            sheet.overlay().getChildren().add(band);
        }

        @Override
        public void to(Point at, boolean free) {
            Box box = Box.around(from, at);
            band.setX(box.x());
            band.setY(box.y());
            band.setWidth(box.width());
            band.setHeight(box.height());
        }

        @Override
        public void end(Point at, boolean free) {
            cancel();
            Point a = sheet.viewport().toSheet(from.x(), from.y());
            Point b = sheet.viewport().toSheet(at.x(), at.y());
            Box box = Box.around(a, b);
            Set<String> inside = new LinkedHashSet<>();
            sheet.scene().cards().stream()
                    .filter(c -> c.box().overlaps(box))
                    .map(Card::entity)
                    .forEach(inside::add);
            workspace.selection().set(Selection.of(inside));
        }

        @Override
        public void cancel() {
            sheet.overlay().getChildren().remove(band);
        }
    }
}
