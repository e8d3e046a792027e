package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.ReadingFlow;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Box;
import jasperwing.diagram.Fan;
import jasperwing.diagram.Line;
import jasperwing.diagram.Point;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.reading.Readings;
import jasperwing.say.DesignAdditions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Stands by a relationship that was just drawn: what it states, with words to click, and what it adds. */
final class ReadingNote {
    private static final double WIDTH = 290;

    /** How much room a line takes at either side. */
    private static final double LINE = 8;

    /** What the bar at the foot of the sheet takes. */
    private static final double FOOT = 64;

    private static final double STEP = 28;

    /** As bad as a pixel further away, in covered square pixels. */
    private static final double FAR = 12;

    private final Workspace workspace;
    private final SheetView sheet;
    private final VBox box = new VBox(6);
    private boolean open;

    ReadingNote(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
        box.getStyleClass().add("drag-says");
        box.setId("reading-note");
        box.setPrefWidth(WIDTH);
        box.setVisible(false);
        sheet.overlay().getChildren().add(box);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> refresh());
        sheet.viewport().view().addListener((o, was, is) -> place());
    }

    /** Shows the relationship that is selected now, until something else is. */
    void open() {
        open = true;
        refresh();
    }

    private void refresh() {
        Optional<Relationship> selected = workspace.selection().get().relationship();
        open &= selected.isPresent();
        box.setVisible(open);
        if (!open) {
            return;
        }
        Relationship relationship = selected.get();
        ReadingFlow reading = new ReadingFlow(
                workspace::design,
                relationship,
                Readings.whole(workspace.design(), relationship),
                now -> workspace.edit(RelationshipEdits.restate(relationship, now)));
        Label adds = new Label(String.join("\n", adds(relationship)));
        adds.getStyleClass().addAll("code", "quiet-code");
        adds.setWrapText(true);
        Focus.keep(box, () -> box.getChildren().setAll(reading, adds));
        place();
    }

    private List<String> adds(Relationship relationship) {
        return DesignAdditions.of(RelationshipEdits.remove(relationship).on(workspace.design()), workspace.design());
    }

    private void place() {
        if (open) {
            workspace.selection().get().relationship().ifPresent(r -> anchor(r).ifPresent(at -> place(r, at)));
        }
    }

    private void place(Relationship relationship, Point anchor) {
        Point at = sheet.viewport().toScreen(anchor);
        box.applyCss();
        double height = box.prefHeight(WIDTH);
        List<Box> minded = new ArrayList<>(line(relationship));
        sheet.scene().cards().stream().map(sheet::onScreen).forEach(minded::add);
        Point best = places(height).stream()
                .min(Comparator.comparingDouble(c -> dislike(minded, at, new Box(c.x(), c.y(), WIDTH, height))))
                .orElse(at);
        box.relocate(best.x(), best.y());
    }

    /** Places all over the sheet, above the bar at its foot. */
    private List<Point> places(double height) {
        List<Point> places = new ArrayList<>();
        for (double y = 8; y + height < sheet.getHeight() - FOOT; y += STEP) {
            for (double x = 8; x + WIDTH < sheet.getWidth() - 8; x += STEP) {
                places.add(new Point(x, y));
            }
        }
        return places;
    }

    /** Covering what is minded is worse than standing far away. */
    private static double dislike(List<Box> minded, Point anchor, Box note) {
        return covered(minded, note) + FAR * note.center().distance(anchor);
    }

    /** The relationship's own line or fan, in pixels; it may be wanted for a drag. */
    private List<Box> line(Relationship relationship) {
        List<Box> boxes = new ArrayList<>();
        for (Line line : sheet.scene().lines()) {
            if (line.relationship().equals(relationship)) {
                along(line.points(), boxes);
            }
        }
        for (Fan fan : sheet.scene().fans()) {
            if (fan.relationship().equals(relationship)) {
                along(List.of(fan.start().at(), fan.hub()), boxes);
                boxes.add(onScreen(fan.box()).grown(2 * LINE));
                fan.branches().forEach(b -> along(b, boxes));
            }
        }
        return boxes;
    }

    private void along(List<Point> route, List<Box> boxes) {
        for (int i = 1; i < route.size(); i++) {
            boxes.add(onScreen(Box.around(route.get(i - 1), route.get(i))).grown(LINE));
        }
    }

    private Box onScreen(Box box) {
        Point corner = sheet.viewport().toScreen(new Point(box.x(), box.y()));
        double zoom = sheet.viewport().zoom();
        return new Box(corner.x(), corner.y(), box.width() * zoom, box.height() * zoom);
    }

    /** How much of what is minded lies under a box, in square pixels. */
    private static double covered(List<Box> minded, Box note) {
        double covered = 0;
        for (Box b : minded) {
            double width = Math.min(b.right(), note.right()) - Math.max(b.x(), note.x());
            double height = Math.min(b.bottom(), note.bottom()) - Math.max(b.y(), note.y());
            covered += Math.max(0, width) * Math.max(0, height);
        }
        return covered;
    }

    private Optional<Point> anchor(Relationship relationship) {
        Optional<Point> fan = sheet.scene().fans().stream()
                .filter(f -> f.relationship().equals(relationship))
                .map(f -> f.box().center())
                .findFirst();
        return fan.or(() -> sheet.scene().lines().stream()
                .filter(l -> l.relationship().equals(relationship))
                .map(Line::middle)
                .findFirst());
    }
}
