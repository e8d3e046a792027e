package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Fan;
import jasperwing.diagram.Line;
import jasperwing.diagram.Scene;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;

/** Paints scenes. */
public final class Painter {
    private static final double DOTS = 24;

    private final Palette palette;

    public Painter(Palette palette) {
        this.palette = palette;
    }

    /** Where a scene stands on a picture: sheet point {@code (x, y)} at its upper left corner, {@code zoom} pixels a unit. */
    public record View(double x, double y, double zoom) {}

    /** Fills the picture with paper and the dots on it. */
    public void paper(Graphics2D g, View view, double width, double height) {
        g.setColor(palette.paper());
        g.fill(new Rectangle2D.Double(0, 0, width, height));
        if (view.zoom() < 0.45) {
            return;
        }
        g.setColor(palette.dot());
        double firstX = Math.ceil(view.x() / DOTS) * DOTS;
        double firstY = Math.ceil(view.y() / DOTS) * DOTS;
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
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        AffineTransform before = g.getTransform();
        g.scale(view.zoom(), view.zoom());
        g.translate(-view.x(), -view.y());
        Box seen = new Box(view.x(), view.y(), width / view.zoom(), height / view.zoom()).grown(40);
        LinePainter lines = new LinePainter(g, palette);
        for (Line line : scene.lines()) {
            lines.line(line, emphasis.relationships().contains(line.relationship()));
        }
        for (Fan fan : scene.fans()) {
            lines.fan(fan, emphasis.relationships().contains(fan.relationship()));
        }
        CardPainter cards = new CardPainter(g, palette);
        for (Card card : scene.cards()) {
            if (card.box().overlaps(seen)) {
                cards.paint(
                        card,
                        emphasis.entities().contains(card.entity()),
                        emphasis.hidden().contains(card.entity()));
            }
        }
        g.setTransform(before);
    }
}
