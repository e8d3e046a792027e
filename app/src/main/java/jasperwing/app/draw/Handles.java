package jasperwing.app.draw;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Fan;
import jasperwing.diagram.KindLine;
import jasperwing.diagram.Line;
import jasperwing.diagram.Point;
import jasperwing.diagram.Scene;
import jasperwing.picture.Painter;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import javafx.scene.transform.Translate;

/**
 * Invisible nodes where cards, lines and fans are painted: for screen readers, and to find them by name. They stand in sheet units
 * and are moved with the view as one.
 */
final class Handles extends Pane {
    private static final int MOST = 400;

    private final Scale scale = new Scale();
    private final Translate translate = new Translate();
    private Scene shown = Scene.EMPTY;
    private int used;

    Handles() {
        setMouseTransparent(true);
        getTransforms().addAll(scale, translate);
    }

    void show(Scene scene, Painter.View view) {
        scale.setX(view.zoom());
        scale.setY(view.zoom());
        translate.setX(-view.x());
        translate.setY(-view.y());
        if (scene != shown) {
            shown = scene;
            rebuild();
        }
    }

    private void rebuild() {
        used = 0;
        for (Card card : shown.cards().subList(0, Math.min(shown.cards().size(), MOST))) {
            handle("card-" + card.entity(), card.entity() + ", " + card.attributes() + " attributes", card.box());
        }
        for (Line line : shown.lines().subList(0, Math.min(shown.lines().size(), MOST - used))) {
            Point middle = line.middle();
            handle(
                    "line-" + line.fromEntity() + "-" + line.toEntity(),
                    line.relationship().from() + " " + line.label(),
                    new Box(middle.x() - 3, middle.y() - 3, 6, 6));
        }
        for (KindLine kind : shown.kinds()) {
            Point middle = kind.points().get(kind.points().size() / 2);
            handle(
                    "kind-" + kind.kind(),
                    kind.kind() + " is a kind of " + kind.of(),
                    new Box(middle.x() - 3, middle.y() - 3, 6, 6));
        }
        for (Fan fan : shown.fans()) {
            handle("fan-" + fan.relationship().from(), fan.relationship().from() + " " + fan.label(), fan.box());
        }
        getChildren().remove(used, getChildren().size());
    }

    /** Nodes are used again, since new ones are dear. */
    private void handle(String id, String text, Box box) {
        if (used >= MOST) {
            return;
        }
        if (used == getChildren().size()) {
            Region region = new Region();
            region.setManaged(false);
            getChildren().add(region);
        }
        Region region = (Region) getChildren().get(used++);
        if (!id.equals(region.getId())) {
            region.setId(id);
        }
        region.setAccessibleText(text);
        region.resizeRelocate(box.x(), box.y(), box.width(), box.height());
    }
}
