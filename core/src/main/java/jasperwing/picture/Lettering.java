package jasperwing.picture;

import jasperwing.diagram.Metrics.Face;
import java.awt.Font;
import java.awt.Graphics2D;
import java.util.EnumMap;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import org.jfree.svg.SVGGraphics2D;

/** Draws texts; where the picture carries its fonts, notes which characters of which face it needs. */
final class Lettering {
    private Lettering() {}

    /** Draws a text at the natural size of its face. */
    static void draw(Graphics2D g, String text, Face face, double x, double y) {
        draw(g, text, face, Typefaces.get().size(face), x, y);
    }

    static void draw(Graphics2D g, String text, Face face, double size, double x, double y) {
        Font font = Typefaces.get().font(face, text).deriveFont((float) size);
        g.setFont(font);
        if (g instanceof SVGGraphics2D svg && svg.getFontFunction() instanceof Carried carried) {
            carried.next(face, text, Typefaces.get().has(face, text));
        }
        g.drawString(text, (float) x, (float) y);
    }

    /** How wide a text of another than the natural size is. */
    static double width(String text, Face face, double size) {
        return Typefaces.get().width(text, face) * size / Typefaces.get().size(face);
    }

    /** Gives a picture the names of the faces, which files of one family share, and keeps what is used of them. */
    static final class Carried implements Function<String, String> {
        private final Map<Face, SortedSet<Integer>> used = new EnumMap<>(Face.class);
        private String family = Font.SANS_SERIF;

        private void next(Face face, String text, boolean known) {
            family = known ? Typefaces.get().name(face) : "sans-serif";
            if (known) {
                SortedSet<Integer> glyphs = used.computeIfAbsent(face, f -> new TreeSet<>());
                text.codePoints().forEach(glyphs::add);
            }
        }

        Map<Face, SortedSet<Integer>> used() {
            return used;
        }

        @Override
        public String apply(String ignored) {
            return family;
        }
    }
}
