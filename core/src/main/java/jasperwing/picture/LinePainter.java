package jasperwing.picture;

import jasperwing.diagram.Fan;
import jasperwing.diagram.KindLine;
import jasperwing.diagram.Line;
import jasperwing.diagram.LineEnd;
import jasperwing.diagram.Metrics.Face;
import jasperwing.diagram.Point;
import jasperwing.diagram.Side;
import jasperwing.model.AreaColor;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.List;
import java.util.Optional;

/** Paints what runs between cards: rounded lines, crow's feet, fans and their labels, and the lines of kinds. */
final class LinePainter {
    private static final double ROUND = 8;
    private static final BasicStroke PLAIN = new BasicStroke(1.5f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final BasicStroke CHOSEN = new BasicStroke(2.2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final BasicStroke THIN = new BasicStroke(1f);
    private static final float[] DASHES = {5f, 4f};

    private final Graphics2D g;
    private final Palette palette;
    private final DetailLevel detail;
    private final boolean dashes;
    private final EndPainter ends;

    LinePainter(Graphics2D g, PaintOptions look, DetailLevel detail) {
        this.g = g;
        this.palette = look.palette();
        this.detail = detail;
        this.dashes = look.ends() == LineEnds.IDEF1X;
        this.ends = new EndPainter(g, look, PLAIN);
    }

    void line(Line line, boolean chosen) {
        Color color = chosen ? palette.accent() : palette.line();
        g.setStroke(stroke(chosen, dashes && !line.identifying()));
        g.setColor(color);
        if (detail == DetailLevel.NAMES) {
            g.setColor(chosen ? color : palette.faintLine());
            straight(line.points());
            return;
        }
        g.draw(rounded(line.points()));
        end(line.start(), color);
        end(line.end(), color);
        label(line.label(), line.labelAt(), chosen ? palette.accent() : palette.quiet());
    }

    /** A thin line with a hollow triangle that points to what the kind is a kind of. */
    void kind(KindLine line, boolean chosen) {
        Color color = chosen ? palette.accent() : palette.line();
        if (detail == DetailLevel.NAMES) {
            g.setColor(chosen ? color : palette.faintLine());
            straight(line.points());
            return;
        }
        g.setStroke(stroke(chosen, false));
        g.setColor(color);
        g.draw(rounded(line.points()));
        Path2D triangle = triangle(line.tip(), line.side());
        g.setColor(palette.paper());
        g.fill(triangle);
        g.setColor(color);
        g.draw(triangle);
    }

    private static Path2D triangle(Point tip, Side side) {
        Point base = side.out(tip, 12);
        double dx = side.isHorizontal() ? 0 : 7;
        double dy = side.isHorizontal() ? 7 : 0;
        Path2D path = new Path2D.Double();
        path.moveTo(tip.x(), tip.y());
        path.lineTo(base.x() + dx, base.y() + dy);
        path.lineTo(base.x() - dx, base.y() - dy);
        path.closePath();
        return path;
    }

    /** As many lines are seen from afar, in whole pixels and without smoothing. */
    private void straight(List<Point> points) {
        AffineTransform sheet = g.getTransform();
        int[] xs = new int[points.size()];
        int[] ys = new int[points.size()];
        Point2D at = new Point2D.Double();
        for (int i = 0; i < xs.length; i++) {
            sheet.transform(new Point2D.Double(points.get(i).x(), points.get(i).y()), at);
            xs[i] = (int) at.getX();
            ys[i] = (int) at.getY();
        }
        g.setTransform(new AffineTransform());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
        g.setStroke(THIN);
        g.drawPolyline(xs, ys, xs.length);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setTransform(sheet);
    }

    private static BasicStroke stroke(boolean chosen, boolean dashed) {
        BasicStroke plain = chosen ? CHOSEN : PLAIN;
        return dashed
                ? new BasicStroke(plain.getLineWidth(), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 10f, DASHES, 0f)
                : plain;
    }

    private void end(LineEnd end, Color color) {
        if (detail.atLeast(DetailLevel.KEYS)) {
            ends.paint(end, color);
        }
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

    void fan(Fan fan, boolean chosen) {
        Color color = chosen ? palette.accent() : palette.area(Optional.of(AreaColor.PLUM));
        g.setColor(color);
        g.setStroke(stroke(chosen, true));
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
        double size = count.length() > 1 ? 8 : 11;
        Point middle = fan.side().out(fan.hub(), Fan.RADIUS / 2 - 1);
        double width = TextPainter.width(count, Face.CODE, size);
        TextPainter.draw(g, count, Face.CODE, size, middle.x() - width / 2, middle.y() + 4);
    }

    private void label(String text, Optional<Point> at, Color color) {
        if (at.isPresent() && detail.atLeast(DetailLevel.ALL)) {
            g.setColor(color);
            TextPainter.draw(g, text, Face.NOTE, at.get().x(), at.get().y());
        }
    }
}
