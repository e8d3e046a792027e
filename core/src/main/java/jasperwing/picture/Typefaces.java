package jasperwing.picture;

import jasperwing.diagram.Metrics;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The bundled fonts, and how wide texts set in them are. Safe for use by several threads. */
public final class Typefaces implements Metrics {
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
    private static final Typefaces ONLY = new Typefaces();

    private final Map<Face, Font> fonts = new EnumMap<>(Face.class);
    private final Map<Face, Map<String, Double>> widths = new EnumMap<>(Face.class);

    private Typefaces() {
        put(Face.TITLE, "Bitter_600SemiBold.ttf", 15.5f);
        put(Face.BODY, "Figtree_400Regular.ttf", 13f);
        put(Face.KEY, "Figtree_600SemiBold.ttf", 13f);
        put(Face.CODE, "IBMPlexMono_400Regular.ttf", 12f);
        put(Face.NOTE, "Figtree_400Regular_Italic.ttf", 12f);
    }

    public static Typefaces get() {
        return ONLY;
    }

    private void put(Face face, String file, float size) {
        try (InputStream in = Typefaces.class.getResourceAsStream("/jasperwing/fonts/" + file)) {
            fonts.put(face, Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(size));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the bundled font " + file + " is damaged", e);
        }
        widths.put(face, new ConcurrentHashMap<>());
    }

    /** The font of a face; for a text it has no glyphs for, the system's fallback of the same size. */
    Font font(Face face, String text) {
        Font font = fonts.get(face);
        return font.canDisplayUpTo(text) < 0
                ? font
                : new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(font.getSize2D());
    }

    @Override
    public double width(String text, Face face) {
        Map<String, Double> known = widths.get(face);
        if (known.size() > 50_000) {
            known.clear();
        }
        return known.computeIfAbsent(
                text, t -> font(face, t).getStringBounds(t, CONTEXT).getWidth());
    }
}
