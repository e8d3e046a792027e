package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics.Face;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** Paints cards: a spine and a cut corner in the area's colour, a name, a line for each attribute. */
final class CardPainter {
    private static final BasicStroke HAIR = new BasicStroke(1.2f);
    private static final BasicStroke STRONG = new BasicStroke(2f);

    private final Graphics2D g;
    private final Palette palette;
    private final Typefaces faces = Typefaces.get();

    CardPainter(Graphics2D g, Palette palette) {
        this.g = g;
        this.palette = palette;
    }

    void paint(Card card, boolean chosen, boolean rowsHidden) {
        Box box = card.box();
        Color strong = palette.area(card.color());
        if (chosen) {
            g.setColor(new Color(
                    palette.accent().getRed(),
                    palette.accent().getGreen(),
                    palette.accent().getBlue(),
                    46));
            g.fill(outline(box.grown(4)));
        }
        g.setColor(palette.card());
        g.fill(outline(box));
        g.setColor(strong);
        g.fill(new Rectangle2D.Double(box.x(), box.y(), Card.SPINE, box.height()));
        g.setColor(palette.tint(card.color()));
        g.fill(corner(box));
        g.setStroke(chosen ? STRONG : HAIR);
        g.setColor(chosen ? palette.accent() : palette.cardEdge());
        g.draw(outline(box));
        head(card);
        for (int i = 0; i < card.rows().size() && !rowsHidden; i++) {
            row(card, i, strong);
        }
    }

    private static Path2D outline(Box box) {
        Path2D path = new Path2D.Double();
        path.moveTo(box.x(), box.y());
        path.lineTo(box.right() - Card.CUT, box.y());
        path.lineTo(box.right(), box.y() + Card.CUT);
        path.lineTo(box.right(), box.bottom());
        path.lineTo(box.x(), box.bottom());
        path.closePath();
        return path;
    }

    private static Path2D corner(Box box) {
        Path2D path = new Path2D.Double();
        path.moveTo(box.right() - Card.CUT, box.y());
        path.lineTo(box.right(), box.y() + Card.CUT);
        path.lineTo(box.right() - Card.CUT, box.y() + Card.CUT);
        path.closePath();
        return path;
    }

    private void head(Card card) {
        Box box = card.box();
        text(card.entity(), Face.TITLE, palette.ink(), box.x() + 16, box.y() + 22);
        if (!card.badge().isEmpty()) {
            double width = faces.width(card.badge(), Face.NOTE);
            text(card.badge(), Face.NOTE, palette.quiet(), box.right() - Card.CUT - 8 - width, box.y() + 22);
        }
    }

    private void row(Card card, int index, Color strong) {
        Card.Row row = card.rows().get(index);
        Box box = card.rowBox(index);
        double base = box.y() + 13.5;
        boolean key = row.mark() == Card.Mark.KEY;
        g.setColor(strong);
        if (key) {
            g.fill(new Rectangle2D.Double(box.x() + 13, box.y() + 5.5, 7, 7));
        } else if (row.mark() == Card.Mark.UNIQUE) {
            g.setStroke(new BasicStroke(1.6f));
            g.draw(new Ellipse2D.Double(box.x() + 13, box.y() + 5.5, 7, 7));
        }
        text(row.name(), key ? Face.KEY : Face.BODY, palette.ink(), box.x() + Card.TEXT_LEFT, base);
        double width = faces.width(row.type(), Face.CODE);
        text(row.type(), Face.CODE, palette.quiet(), box.right() - Card.TEXT_RIGHT - width, base);
    }

    private void text(String text, Face face, Color color, double x, double y) {
        g.setColor(color);
        g.setFont(faces.font(face, text));
        g.drawString(text, (float) x, (float) y);
    }
}
