package jasperwing.picture;

import jasperwing.diagram.Metrics.Face;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;

/** Writes what is painted as SVG 1.1: shapes as paths, texts as texts. Numbers have two decimals; colours are {@code rgb(r,g,b)}. */
final class SvgGraphics extends VectorGraphics {
    private final StringBuilder out = new StringBuilder();

    /** The characters of each face that the picture needs. */
    private final Map<Face, SortedSet<Integer>> used = new EnumMap<>(Face.class);

    Map<Face, SortedSet<Integer>> used() {
        return used;
    }

    /** What was painted, an element a line, in the order it was painted. */
    String elements() {
        return out.toString();
    }

    @Override
    public void draw(Shape shape) {
        path(shape, "fill=\"none\" stroke=\"" + color() + "\"" + opacity("stroke-opacity") + stroke());
    }

    @Override
    public void fill(Shape shape) {
        path(shape, "fill=\"" + color() + "\"" + opacity("fill-opacity"));
    }

    private void path(Shape shape, String style) {
        out.append("<path d=\"")
                .append(data(shape.getPathIterator(getTransform())))
                .append("\" ");
        out.append(style).append("/>\n");
    }

    private static String data(PathIterator path) {
        StringBuilder data = new StringBuilder();
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int points =
                    switch (path.currentSegment(at)) {
                        case PathIterator.SEG_MOVETO -> segment(data, 'M', 1);
                        case PathIterator.SEG_LINETO -> segment(data, 'L', 1);
                        case PathIterator.SEG_QUADTO -> segment(data, 'Q', 2);
                        case PathIterator.SEG_CUBICTO -> segment(data, 'C', 3);
                        default -> segment(data, 'Z', 0);
                    };
            for (int i = 0; i < 2 * points; i++) {
                data.append(i == 0 ? "" : i % 2 == 0 ? " " : ",").append(number(at[i]));
            }
        }
        return data.toString();
    }

    private static int segment(StringBuilder data, char letter, int points) {
        data.append(letter);
        return points;
    }

    @Override
    public void drawString(String text, float x, float y) {
        text(text, getFont().getFamily(Locale.ROOT), x, y, "");
    }

    /** Writes a text in the font of a face, which travels with the picture; its end stands at {@code x} where {@code ending}. */
    void text(String text, Face face, double x, double y, boolean ending) {
        boolean known = Typefaces.get().has(face, text);
        if (known) {
            SortedSet<Integer> characters = used.computeIfAbsent(face, f -> new TreeSet<>());
            text.codePoints().forEach(characters::add);
        }
        String family = known ? Typefaces.get().name(face) : "sans-serif";
        text(text, family, x, y, ending ? " text-anchor=\"end\"" : "");
    }

    private void text(String text, String family, double x, double y, String more) {
        AffineTransform to = getTransform();
        double scale = Math.sqrt(Math.abs(to.getDeterminant()));
        double[] at = {x, y};
        to.transform(at, 0, at, 0, 1);
        out.append("<text x=\"")
                .append(number(at[0]))
                .append("\" y=\"")
                .append(number(at[1]))
                .append("\" style=\"font-family: ")
                .append(xml(family))
                .append("; font-size: ")
                .append(number(getFont().getSize2D() * scale))
                .append("px\" fill=\"")
                .append(color())
                .append('"')
                .append(opacity("fill-opacity"))
                .append(more)
                .append('>')
                .append(xml(text))
                .append("</text>\n");
    }

    private String color() {
        Color color = getColor();
        return "rgb(" + color.getRed() + "," + color.getGreen() + "," + color.getBlue() + ")";
    }

    private String opacity(String attribute) {
        int alpha = getColor().getAlpha();
        return alpha == 255 ? "" : " " + attribute + "=\"" + number(alpha / 255.0) + "\"";
    }

    private String stroke() {
        if (!(getStroke() instanceof BasicStroke stroke)) {
            return "";
        }
        double scale = Math.sqrt(Math.abs(getTransform().getDeterminant()));
        StringBuilder said = new StringBuilder(" stroke-width=\"" + number(stroke.getLineWidth() * scale) + "\"");
        said.append(stroke.getEndCap() == BasicStroke.CAP_ROUND ? " stroke-linecap=\"round\"" : "");
        said.append(stroke.getLineJoin() == BasicStroke.JOIN_ROUND ? " stroke-linejoin=\"round\"" : "");
        if (stroke.getDashArray() != null) {
            said.append(" stroke-dasharray=\"");
            for (int i = 0; i < stroke.getDashArray().length; i++) {
                said.append(i == 0 ? "" : ",").append(number(stroke.getDashArray()[i] * scale));
            }
            said.append('"');
        }
        return said.toString();
    }

    static String number(double value) {
        BigDecimal rounded =
                BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.signum() == 0 ? "0" : rounded.toPlainString();
    }

    /** A text that can stand in an element or an attribute; what XML has no character for becomes the one that stands for such. */
    static String xml(String text) {
        StringBuilder safe = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> safe.appendCodePoint(isInXml(c) ? c : 0xFFFD);
            }
        });
        return safe.toString();
    }

    private static boolean isInXml(int c) {
        return c == '\t' || c == '\n' || c >= 0x20 && c <= 0xD7FF || c >= 0xE000 && c <= 0xFFFD || c >= 0x10000;
    }
}
