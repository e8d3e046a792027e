package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.jfree.svg.SVGGraphics2D;

/** A scene as SVG: text stays text, set in fonts that travel with it, cut down to the glyphs it needs. */
final class Svg {
    private Svg() {}

    static byte[] draw(Scene scene, Look look) {
        Box box = Pictures.area(scene);
        SVGGraphics2D g = new SVGGraphics2D(box.width(), box.height());
        Lettering.Carried fonts = new Lettering.Carried();
        g.setDefsKeyPrefix("w");
        g.setFontFunction(fonts);
        Pictures.paint(g, scene, look);
        String text = g.getSVGDocument();
        int body = text.indexOf('>', text.indexOf("<svg")) + 1;
        return (text.substring(0, body) + "\n" + style(fonts) + text.substring(body)).getBytes(StandardCharsets.UTF_8);
    }

    private static String style(Lettering.Carried fonts) {
        StringBuilder style = new StringBuilder("<style>\n");
        fonts.used().forEach((face, glyphs) -> style.append("@font-face{font-family:\"")
                .append(Typefaces.get().name(face))
                .append("\";src:url(data:font/ttf;base64,")
                .append(Base64.getEncoder().encodeToString(Typefaces.get().subset(face, glyphs)))
                .append(")}\n"));
        return style.append("</style>\n").toString();
    }
}
