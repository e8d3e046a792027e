package jasperwing.picture;

import jasperwing.diagram.LineEnd;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Point;
import jasperwing.diagram.Side;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;

/** Paints the signs at the ends of relationships, in one of three notations. */
final class EndPainter {
    private final Graphics2D g;
    private final Palette palette;
    private final LineEnds ends;
    private final BasicStroke stroke;

    EndPainter(Graphics2D g, PaintOptions look, BasicStroke stroke) {
        this.g = g;
        this.palette = look.palette();
        this.ends = look.ends();
        this.stroke = stroke;
    }

    void paint(LineEnd end, Color color) {
        g.setColor(color);
        g.setStroke(stroke);
        if (ends == LineEnds.CROWS_FOOT) {
            crowsFoot(end, color);
        } else if (ends == LineEnds.MULTIPLICITIES) {
            multiplicity(end);
        } else {
            idef1x(end, color);
        }
    }

    /** How many at most next to the card, how many at least behind it. */
    private void crowsFoot(LineEnd end, Color color) {
        Side side = end.side();
        if (end.many()) {
            Point apex = side.out(end.at(), 12);
            for (int spread : new int[] {-6, 6}) {
                Point foot = across(end.at(), side, spread);
                g.draw(new Line2D.Double(apex.x(), apex.y(), foot.x(), foot.y()));
            }
        } else {
            bar(end, 8);
        }
        if (end.must()) {
            bar(end, end.many() ? 15 : 13);
        } else {
            Point middle = side.out(end.at(), end.many() ? 16 : 15);
            Ellipse2D ring = new Ellipse2D.Double(middle.x() - 4, middle.y() - 4, 8, 8);
            g.setColor(palette.paper());
            g.fill(ring);
            g.setColor(color);
            g.draw(ring);
        }
    }

    private void bar(LineEnd end, double distance) {
        Point middle = end.side().out(end.at(), distance);
        Point a = across(middle, end.side(), -5.5);
        Point b = across(middle, end.side(), 5.5);
        g.draw(new Line2D.Double(a.x(), a.y(), b.x(), b.y()));
    }

    private static Point across(Point p, Side side, double by) {
        return side.isHorizontal() ? p.plus(0, by) : p.plus(by, 0);
    }

    private void multiplicity(LineEnd end) {
        String text = (end.must() ? "1" : "0")
                + (end.many() ? ".." + (end.most() > 0 ? end.most() : "*") : end.must() ? "" : "..1");
        beside(end, text, 10f);
    }

    /** A small text beside the line, clear of the card. */
    private void beside(LineEnd end, String text, float size) {
        double width = TextPainter.width(text, Face.CODE, size);
        Point at = end.at();
        Point corner =
                switch (end.side()) {
                    case RIGHT -> at.plus(5, -4);
                    case LEFT -> at.plus(-5 - width, -4);
                    case TOP -> at.plus(4, -5);
                    case BOTTOM -> at.plus(4, 5 + size * 0.8);
                };
        TextPainter.draw(g, text, Face.CODE, size, corner.x(), corner.y());
    }

    /** A dot where the key is held, with P for at least one and Z for at most one; a diamond where there may be none to point to. */
    private void idef1x(LineEnd end, Color color) {
        if (end.many() || end.holds()) {
            Point middle = end.side().out(end.at(), 5);
            g.fill(new Ellipse2D.Double(middle.x() - 4.5, middle.y() - 4.5, 9, 9));
            if (!end.many()) {
                beside(end, end.must() ? "1" : "Z", 9f);
            } else if (end.must()) {
                beside(end, "P", 9f);
            }
        } else if (!end.must()) {
            Path2D diamond = diamond(end);
            g.setColor(palette.paper());
            g.fill(diamond);
            g.setColor(color);
            g.draw(diamond);
        }
    }

    private static Path2D diamond(LineEnd end) {
        Point far = end.side().out(end.at(), 12);
        Point middle = end.side().out(end.at(), 6);
        Point one = across(middle, end.side(), 5);
        Point other = across(middle, end.side(), -5);
        Path2D path = new Path2D.Double();
        path.moveTo(end.at().x(), end.at().y());
        path.lineTo(one.x(), one.y());
        path.lineTo(far.x(), far.y());
        path.lineTo(other.x(), other.y());
        path.closePath();
        return path;
    }
}
