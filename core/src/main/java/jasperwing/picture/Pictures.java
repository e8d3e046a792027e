package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.jfree.svg.SVGGraphics2D;

/** Pictures as files. */
public final class Pictures {
    private static final double MARGIN = 40;
    private static final double PNG_SCALE = 2;

    /** The most pixels a side of a PNG may have; a larger scene is scaled down to it. */
    private static final double MOST_PIXELS = 12_000;

    private Pictures() {}

    /** The kinds of pictures that can be drawn. */
    public enum Format {
        SVG,
        PNG;

        /** The format a file's name asks for by its ending. */
        public static Optional<Format> of(String fileName) {
            String lower = fileName.toLowerCase(Locale.ROOT);
            if (lower.endsWith(".svg")) {
                return Optional.of(SVG);
            }
            return lower.endsWith(".png") ? Optional.of(PNG) : Optional.empty();
        }
    }

    /** The whole scene with a margin around it. */
    public static byte[] draw(Scene scene, Format format) {
        Box box = scene.bounds().grown(MARGIN);
        return format == Format.SVG ? svg(scene, box) : png(scene, box);
    }

    /** A small picture of the scene, as pixels. */
    public static BufferedImage preview(Scene scene) {
        Box box = scene.bounds().grown(MARGIN);
        BufferedImage image = new BufferedImage(320, 200, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        double zoom = Math.min(image.getWidth() / box.width(), image.getHeight() / box.height());
        paint(g, scene, new Painter.View(box.x(), box.y(), zoom), image.getWidth(), image.getHeight());
        g.dispose();
        return image;
    }

    private static byte[] svg(Scene scene, Box box) {
        SVGGraphics2D g = new SVGGraphics2D(box.width(), box.height());
        g.setDefsKeyPrefix("w");
        paint(g, scene, new Painter.View(box.x(), box.y(), 1), box.width(), box.height());
        return g.getSVGDocument().getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] png(Scene scene, Box box) {
        double scale = Math.min(PNG_SCALE, MOST_PIXELS / Math.max(box.width(), box.height()));
        int width = (int) Math.ceil(box.width() * scale);
        int height = (int) Math.ceil(box.height() * scale);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        paint(g, scene, new Painter.View(box.x(), box.y(), scale), width, height);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.setUseCache(false);
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void paint(Graphics2D g, Scene scene, Painter.View view, double width, double height) {
        Painter painter = new Painter(Palette.LIGHT);
        painter.paper(g, view, width, height);
        painter.paint(g, scene, Emphasis.NONE, view, width, height);
    }
}
