package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Fan;
import jasperwing.diagram.KindLine;
import jasperwing.diagram.Line;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Region;
import jasperwing.diagram.Scene;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;

/** Paints scenes. */
public final class Painter {
    private static final double DOTS = 24;

    /** How round the corners of an area's ground are. */
    private static final double ROUND = 28;

    private final PaintOptions look;

    public Painter(PaintOptions look) {
        this.look = look;
    }

    /** Where a scene stands on a picture: sheet point {@code (x, y)} at its upper left corner, {@code zoom} pixels a unit. */
    public record View(double x, double y, double zoom) {

        @Override
        public boolean equals(Object other) {
            return other == this
                    || other instanceof View o
                            && Double.compare(x, o.x) == 0
                            && Double.compare(y, o.y) == 0
                            && Double.compare(zoom, o.zoom) == 0;
        }

        @Override
        public int hashCode() {
            return 31 * (31 * Double.hashCode(x) + Double.hashCode(y)) + Double.hashCode(zoom);
        }
    }

    /** Whether a picture is so near that columns are told of below the attributes. */
    public static boolean tellsColumns(double zoom) {
        return DetailLevel.at(zoom) == DetailLevel.COLUMNS;
    }

    /** Fills the picture with paper and the dots on it. */
    public void paper(Graphics2D g, View view, double width, double height) {
        g.setColor(look.palette().paper());
        g.fill(new Rectangle2D.Double(0, 0, width, height));
        if (view.zoom() < 0.45) {
            return;
        }
        g.setColor(look.palette().dot());
        double firstX = Math.floor(view.x() / DOTS) * DOTS;
        double firstY = Math.floor(view.y() / DOTS) * DOTS;
        for (double x = firstX; (x - view.x()) * view.zoom() < width; x += DOTS) {
            for (double y = firstY; (y - view.y()) * view.zoom() < height; y += DOTS) {
                int px = (int) Math.round((x - view.x()) * view.zoom());
                int py = (int) Math.round((y - view.y()) * view.zoom());
                g.fillRect(px, py, 2, 2);
            }
        }
    }

    /** Paints what of the scene lies on a picture of the given size. */
    public void paint(Graphics2D g, Scene scene, Emphasis emphasis, View view, double width, double height) {
        hints(g);
        AffineTransform before = g.getTransform();
        g.scale(view.zoom(), view.zoom());
        g.translate(-view.x(), -view.y());
        Box shown = new Box(view.x(), view.y(), width / view.zoom(), height / view.zoom());
        Box seen = shown.grown(40);
        DetailLevel detail = DetailLevel.at(view.zoom());
        NamesAfar names = new NamesAfar(g, look, view.zoom(), shown);
        if (look.regions()) {
            regions(g, scene, seen, view.zoom());
            if (!detail.atLeast(DetailLevel.ALL)) {
                names.areas(scene.regions());
            }
        }
        lines(new LinePainter(g, look, detail), scene, emphasis, seen);
        CardPainter cards = new CardPainter(g, look, detail, view.zoom());
        List<Card> visible =
                scene.cards().stream().filter(c -> c.box().overlaps(seen)).toList();
        visible.forEach(c -> cards.paint(c, emphasis));
        if (!detail.atLeast(DetailLevel.ALL)) {
            names.cards(scene, cards.nameless(visible), emphasis.entities());
        }
        g.setTransform(before);
    }

    private static void lines(LinePainter lines, Scene scene, Emphasis emphasis, Box seen) {
        for (Line line : scene.linesIn(seen)) {
            lines.line(line, emphasis.relationships().contains(line.relationship()));
        }
        for (KindLine kind : scene.kinds()) {
            if (kind.bounds().overlaps(seen)) {
                lines.kind(kind, emphasis.entities().contains(kind.kind()));
            }
        }
        for (Fan fan : scene.fans()) {
            lines.fan(fan, emphasis.relationships().contains(fan.relationship()));
        }
    }

    private static void hints(Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    }

    private void regions(Graphics2D g, Scene scene, Box seen, double zoom) {
        for (Region region : scene.regions()) {
            g.setColor(look.palette().ground(region.color()));
            for (Box box : region.boxes()) {
                if (box.overlaps(seen)) {
                    ground(g, box, zoom);
                }
            }
            if (DetailLevel.at(zoom).atLeast(DetailLevel.ALL)) {
                g.setColor(look.palette().areaName(region.color()));
                region.namesAt()
                        .forEach(at -> TextPainter.draw(g, region.name(), Metrics.Face.KEY, 12, at.x(), at.y()));
            }
        }
    }

    /** From afar nobody sees that the corners are round. */
    private static void ground(Graphics2D g, Box box, double zoom) {
        g.fill(
                ROUND * zoom < 5
                        ? new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height())
                        : new RoundRectangle2D.Double(box.x(), box.y(), box.width(), box.height(), ROUND, ROUND));
    }
}
