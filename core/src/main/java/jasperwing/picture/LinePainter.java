package jasperwing.picture;

import jasperwing.diagram.Fan;
import jasperwing.diagram.Line;
import jasperwing.diagram.LineEnd;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Point;
import jasperwing.diagram.Side;
import jasperwing.model.AreaColor;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;

/** Paints relationships: rounded lines, crow's feet, fans and their labels. */
final class LinePainter {
    private static final double ROUND = 8;
    private static final BasicStroke PLAIN = new BasicStroke(1.5f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final BasicStroke CHOSEN = new BasicStroke(2.2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final float[] DASHES = {5f, 4f};

    private final Graphics2D g;
    private final Palette palette;

    LinePainter(Graphics2D g, Palette palette) {
        this.g = g;
        this.palette = palette;
    }

    void line(Line line, boolean chosen) {
        Color color = chosen ? palette.accent() : palette.line();
        g.setStroke(chosen ? CHOSEN : PLAIN);
        g.setColor(color);
        g.draw(rounded(line.points()));
        end(line.start(), color);
        end(line.end(), color);
        label(line.label(), line.labelAt(), chosen ? palette.accent() : palette.quiet());
    }

    private static Path2D rounded(List<Point> points) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.get(0).x(), points.get(0).y());
        for (int i = 1; i < points.size() - 1; i++) {
            Point corner = points.get(i);
            Point in = towards(corner, points.get(i - 1));
            Point out = towards(corner, points.get(i + 1));
            path.lineTo(in.x(), in.y());
            path.quadTo(corner.x(), corner.y(), out.x(), out.y());
        }
        Point last = points.get(points.size() - 1);
        path.lineTo(last.x(), last.y());
        return path;
    }

    private static Point towards(Point corner, Point other) {
        double distance = corner.distance(other);
        double step = Math.min(ROUND, distance / 2) / Math.max(distance, 0.001);
        return corner.plus((other.x() - corner.x()) * step, (other.y() - corner.y()) * step);
    }

    /** The sign at a line's end: how many at most next to the card, how many at least behind it. */
    private void end(LineEnd end, Color color) {
        g.setColor(color);
        g.setStroke(PLAIN);
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

    void fan(Fan fan, boolean chosen) {
        Color color = chosen ? palette.accent() : palette.area(Optional.of(AreaColor.PLUM));
        g.setColor(color);
        g.setStroke(
                new BasicStroke(chosen ? 2.2f : 1.5f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10f, DASHES, 0f));
        fan.branches().forEach(b -> g.draw(rounded(b)));
        fan.branches().forEach(b -> dot(b.get(b.size() - 1)));
        g.setStroke(PLAIN);
        g.draw(new Line2D.Double(
                fan.start().at().x(),
                fan.start().at().y(),
                fan.hub().x(),
                fan.hub().y()));
        half(fan, color);
        end(fan.start(), color);
        label(fan.label(), fan.labelAt(), chosen ? palette.accent() : palette.quiet());
    }

    private void dot(Point at) {
        g.fill(new Ellipse2D.Double(at.x() - 3, at.y() - 3, 6, 6));
    }

    private void half(Fan fan, Color color) {
        double start =
                switch (fan.side()) {
                    case RIGHT -> -90;
                    case LEFT -> 90;
                    case TOP -> 0;
                    case BOTTOM -> 180;
                };
        Arc2D half = new Arc2D.Double(
                fan.hub().x() - Fan.RADIUS,
                fan.hub().y() - Fan.RADIUS,
                2 * Fan.RADIUS,
                2 * Fan.RADIUS,
                start,
                180,
                Arc2D.CHORD);
        g.setColor(palette.fan());
        g.fill(half);
        g.setColor(color);
        g.draw(half);
        String count = fan.relationship().forward().must() ? "1" : "0..1";
        g.setFont(Typefaces.get().font(Face.CODE, count).deriveFont(count.length() > 1 ? 7.5f : 11f));
        Point middle = fan.side().out(fan.hub(), Fan.RADIUS / 2 - 1);
        double width = g.getFontMetrics().stringWidth(count);
        g.drawString(count, (float) (middle.x() - width / 2), (float) middle.y() + 4);
    }

    private void label(String text, Point at, Color color) {
        if (!text.isEmpty()) {
            g.setColor(color);
            g.setFont(Typefaces.get().font(Face.NOTE, text));
            g.drawString(text, (float) at.x(), (float) at.y());
        }
    }
}
