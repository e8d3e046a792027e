package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics.Face;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Paints cards: a spine and a cut corner in the area's colour, a name, a line for each attribute. */
final class CardPainter {
    private static final BasicStroke HAIR = new BasicStroke(1.2f);
    private static final BasicStroke STRONG = new BasicStroke(2f);

    static final double TITLE = 16;

    /** How large letters must be at least to be drawn, in pixels. */
    private static final double LEAST = 8;

    private final Graphics2D g;
    private final PaintOptions look;
    private final Palette palette;
    private final DetailLevel detail;
    private final double zoom;
    private final Typefaces faces = Typefaces.get();

    CardPainter(Graphics2D g, PaintOptions look, DetailLevel detail, double zoom) {
        this.g = g;
        this.look = look;
        this.palette = look.palette();
        this.detail = detail;
        this.zoom = zoom;
    }

    void paint(Card card, Emphasis emphasis) {
        boolean chosen = emphasis.entities().contains(card.entity());
        Box box = card.box();
        if (detail == DetailLevel.NAMES && !chosen) {
            block(card);
            return;
        }
        Color strong = palette.area(card.color());
        if (chosen) {
            Color glow = palette.accent();
            g.setColor(new Color(glow.getRed(), glow.getGreen(), glow.getBlue(), 46));
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
        if (!detail.atLeast(DetailLevel.ALL)) {
            fromAfar(card, strong);
            return;
        }
        head(card);
        if (!emphasis.hidden().contains(card.entity())) {
            rows(card, strong, emphasis.pointed());
        }
    }

    private void rows(Card card, Color strong, Set<String> pointed) {
        for (int i = 0; i < card.rows().size(); i++) {
            if (pointed.contains(card.entity() + "." + card.rows().get(i).name())) {
                pointed(card.rowBox(i));
            }
            row(card, i, strong);
        }
    }

    /** The ground of a row that is pointed to. */
    private void pointed(Box row) {
        Color accent = palette.accent();
        g.setColor(new Color(accent.getRed(), accent.getGreen(), accent.getBlue(), 46));
        g.fill(new Rectangle2D.Double(row.x() + Card.SPINE, row.y(), row.width() - Card.SPINE, row.height()));
    }

    /** A card from afar: its ground and its spine. */
    private void block(Card card) {
        Box box = card.box();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
        g.setColor(palette.card());
        g.fill(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()));
        g.setColor(palette.area(card.color()));
        g.fill(new Rectangle2D.Double(box.x(), box.y(), Math.max(Card.SPINE, 2 / zoom), box.height()));
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    }

    /** The cards whose names are not drawn with them. */
    List<Card> nameless(List<Card> cards) {
        return detail == DetailLevel.NAMES
                ? cards
                : cards.stream().filter(c -> !NamesAfar.fits(c, zoom)).toList();
    }

    /** The name, where it can be read within the card, and as many members of the key as can be read. */
    private void fromAfar(Card card, Color strong) {
        Box box = card.box();
        double size = NamesAfar.size(card, zoom);
        if (detail == DetailLevel.NAMES || !NamesAfar.fits(card, zoom)) {
            return;
        }
        g.setColor(palette.ink());
        double x = box.x() + Card.SPINE + 8;
        TextPainter.draw(g, card.entity(), Face.TITLE, size, x, box.y() + 6 + size);
        double small = Math.min(8.5 / zoom, 19);
        if (small * zoom < LEAST) {
            return;
        }
        double base = box.y() + 14 + size;
        for (Card.Row row : card.rows()) {
            if (!isKey(row)) {
                continue;
            }
            base += small * 1.25;
            if (base > box.bottom() - 3) {
                break;
            }
            g.setColor(strong);
            g.fill(new Rectangle2D.Double(x, base - small * 0.6, small * 0.5, small * 0.5));
            g.setColor(palette.quiet());
            TextPainter.draw(g, row.name(), Face.KEY, small, x + small * 0.9, base);
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
        g.setColor(palette.ink());
        TextPainter.draw(g, card.entity(), Face.TITLE, titleSize(card), box.x() + 16, box.y() + 22);
        if (!card.badge().isEmpty()) {
            ending(card.badge(), Face.NOTE, palette.quiet(), box.right() - Card.CUT - 8, box.y() + 22);
        }
    }

    /** A little larger than life where it would be too small to be read, and there is room. */
    private double titleSize(Card card) {
        double room = card.box().width() - 16 - Card.CUT - (card.badge().isEmpty() ? 0 : 60);
        double fits = TITLE * room / faces.width(card.entity(), Face.TITLE);
        return Math.max(TITLE, Math.min(9.5 / zoom, fits));
    }

    private void row(Card card, int index, Color strong) {
        Card.Row row = card.rows().get(index);
        Box box = card.rowBox(index);
        String column = detail == DetailLevel.COLUMNS ? look.columns().of(card.entity(), row.name()) : "";
        double base = box.y() + (column.isEmpty() ? 13.5 : 11);
        boolean key = isKey(row);
        g.setColor(strong);
        if (key) {
            g.fill(new Rectangle2D.Double(box.x() + 13, box.y() + 5.5, 7, 7));
        } else if (row.mark() == Card.Mark.UNIQUE) {
            g.setStroke(new BasicStroke(1.6f));
            g.draw(new Ellipse2D.Double(box.x() + 13, box.y() + 5.5, 7, 7));
        } else if (row.mark() == Card.Mark.COMPUTED) {
            text("=", Face.CODE, palette.quiet(), box.x() + 13, base);
        } else if (row.mark() == Card.Mark.REFERENCE) {
            text("\u2192", Face.CODE, palette.quiet(), box.x() + 12, base);
        } else if (row.mark() == Card.Mark.TRAIT) {
            text("+", Face.CODE, palette.quiet(), box.x() + 13, base);
        }
        boolean aside = row.mark() == Card.Mark.TRAIT || row.mark() == Card.Mark.CONSTRAINT;
        Color ink = aside ? palette.quiet() : palette.ink();
        text(row.name(), key ? Face.KEY : Face.BODY, ink, box.x() + Card.TEXT_LEFT, base);
        ending(row.type(), Face.CODE, palette.quiet(), box.right() - Card.TEXT_RIGHT, base);
        if (!column.isEmpty()) {
            column(column, box);
        }
    }

    private static boolean isKey(Card.Row row) {
        return row.mark() == Card.Mark.KEY || row.mark() == Card.Mark.KEY_ROLE;
    }

    /** How an attribute is stored, small below it. */
    private void column(String column, Box row) {
        double room = row.width() - Card.TEXT_LEFT - Card.TEXT_RIGHT;
        double natural = faces.width(column, Face.CODE);
        g.setColor(palette.area(Optional.empty()));
        double size = Math.min(6.2, 12 * room / natural);
        TextPainter.draw(g, column, Face.CODE, size, row.x() + Card.TEXT_LEFT, row.y() + 17.6);
    }

    private void ending(String text, Face face, Color color, double x, double y) {
        g.setColor(color);
        TextPainter.drawEnding(g, text, face, x, y);
    }

    private void text(String text, Face face, Color color, double x, double y) {
        g.setColor(color);
        TextPainter.draw(g, text, face, x, y);
    }
}
