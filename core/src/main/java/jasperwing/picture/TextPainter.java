package jasperwing.picture;

import jasperwing.diagram.Metrics.Face;
import java.awt.Graphics2D;

/** Draws texts. */
final class TextPainter {
    private TextPainter() {}

    /** Draws a text at the natural size of its face. */
    static void draw(Graphics2D g, String text, Face face, double x, double y) {
        draw(g, text, face, Typefaces.get().size(face), x, y);
    }

    static void draw(Graphics2D g, String text, Face face, double size, double x, double y) {
        g.setFont(Typefaces.get().font(face, text).deriveFont((float) size));
        if (g instanceof SvgGraphics svg) {
            svg.text(text, face, x, y, false);
        } else {
            g.drawString(text, (float) x, (float) y);
        }
    }

    /** Draws a text at the natural size of its face, to end at {@code x}, whatever font a viewer sets it in. */
    static void drawEnding(Graphics2D g, String text, Face face, double x, double y) {
        if (g instanceof SvgGraphics svg) {
            g.setFont(Typefaces.get().font(face, text));
            svg.text(text, face, x, y, true);
        } else {
            draw(g, text, face, x - Typefaces.get().width(text, face), y);
        }
    }

    /** How wide a text of another than the natural size is. */
    static double width(String text, Face face, double size) {
        return Typefaces.get().width(text, face) * size / Typefaces.get().size(face);
    }
}
