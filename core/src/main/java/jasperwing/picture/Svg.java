package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** A scene as SVG: text stays text, set in fonts that travel with it, cut down to the glyphs it needs. */
final class Svg {
    private Svg() {}

    static byte[] draw(Scene scene, String title, PaintOptions look) {
        Box box = Pictures.area(scene);
        SvgGraphics g = new SvgGraphics();
        Pictures.paint(g, scene, look);
        String width = SvgGraphics.number(box.width());
        String height = SvgGraphics.number(box.height());
        String head = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width + "\" height=\"" + height
                + "\" viewBox=\"0 0 " + width + " " + height + "\">\n";
        String named = title.isEmpty() ? "" : "<title>" + SvgGraphics.xml(title) + "</title>\n";
        return (head + named + style(g) + g.elements() + "</svg>\n").getBytes(StandardCharsets.UTF_8);
    }

    private static String style(SvgGraphics g) {
        StringBuilder style = new StringBuilder("<style>\n");
        g.used().forEach((face, glyphs) -> style.append("@font-face{font-family:\"")
                .append(Typefaces.get().name(face))
                .append("\";src:url(data:font/ttf;base64,")
                .append(Base64.getEncoder().encodeToString(Typefaces.get().subset(face, glyphs)))
                .append(")}\n"));
        return style.append("text{white-space:pre}\n</style>\n").toString();
    }
}
