package jasperwing.picture;

import jasperwing.diagram.Metrics;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TTFSubsetter;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** The bundled fonts, and how wide texts set in them are. Safe for use by several threads. */
public final class Typefaces implements Metrics {
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
    private static final Typefaces ONLY = new Typefaces();

    /** What is needed to show glyphs; not what joins them, which names glyphs that may be cut away. */
    private static final List<String> TABLES =
            List.of("OS/2", "cmap", "glyf", "head", "hhea", "hmtx", "loca", "maxp", "name", "post");

    private final Map<Face, Font> fonts = new EnumMap<>(Face.class);
    private final Map<Face, byte[]> files = new EnumMap<>(Face.class);
    private final Map<Face, Map<String, Double>> widths = new EnumMap<>(Face.class);

    private Typefaces() {
        put(Face.TITLE, "Bitter_600SemiBold.ttf", 16f);
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
            byte[] bytes = in.readAllBytes();
            files.put(face, bytes);
            fonts.put(
                    face,
                    Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes))
                            .deriveFont(size));
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
        return has(face, text) ? font : new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont(font.getSize2D());
    }

    /** The full name of a face's font; no two faces share one, except those that share the file. */
    String name(Face face) {
        return fonts.get(face).getFontName(Locale.ROOT);
    }

    float size(Face face) {
        return fonts.get(face).getSize2D();
    }

    /** Whether a face has all glyphs of a text. */
    boolean has(Face face, String text) {
        return fonts.get(face).canDisplayUpTo(text) < 0;
    }

    InputStream file(Face face) {
        return new ByteArrayInputStream(files.get(face));
    }

    /** The font's file, cut down to the glyphs of some characters. */
    byte[] subset(Face face, Collection<Integer> characters) {
        try (TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(files.get(face)))) {
            TTFSubsetter subsetter = new TTFSubsetter(font, TABLES);
            characters.forEach(subsetter::add);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            subsetter.writeToStream(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
