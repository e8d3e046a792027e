package jasperwing.picture;

import jasperwing.diagram.Box;
import jasperwing.diagram.Scene;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;

/** Pictures as files, painted as on the screen. */
public final class Pictures {
    static final double MARGIN = 40;

    /** The most pixels a side of a PNG may have; a larger scene is scaled down to it. */
    private static final double MOST_PIXELS = 12_000;

    private Pictures() {}

    /** The kinds of pictures that can be drawn. */
    public enum Format {
        SVG,
        PNG,
        PDF;

        /** The format a file's name asks for by its ending. */
        public static Optional<Format> of(String fileName) {
            String lower = fileName.toLowerCase(Locale.ROOT);
            for (Format format : values()) {
                if (lower.endsWith("." + format.name().toLowerCase(Locale.ROOT))) {
                    return Optional.of(format);
                }
            }
            return Optional.empty();
        }
    }

    /** The whole scene with a margin around it, on light paper; a PNG has two pixels a unit. */
    public static byte[] draw(Scene scene, Format format) {
        return draw(scene, "", format, PaintOptions.LIGHT, 2);
    }

    /**
     * The whole scene with a margin around it.
     *
     * @param title the title of an SVG or PDF document; may be empty
     * @param scale pixels a unit of a PNG, from 1 to 4; the other formats have no pixels
     */
    public static byte[] draw(Scene scene, String title, Format format, PaintOptions look, double scale) {
        if (scale < 1 || scale > 4) {
            throw new IllegalArgumentException("a picture's scale is from 1 to 4, but was " + scale);
        }
        return switch (format) {
            case SVG -> Svg.draw(scene, title, look);
            case PDF -> Pdf.draw(scene, title, look);
            case PNG -> png(image(scene, look, scale));
        };
    }

    /** The scene as opaque pixels. */
    public static BufferedImage image(Scene scene, PaintOptions look, double wanted) {
        Box box = area(scene);
        double scale = Math.min(wanted, MOST_PIXELS / Math.max(box.width(), box.height()));
        int width = (int) Math.ceil(box.width() * scale);
        int height = (int) Math.ceil(box.height() * scale);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        paint(image.createGraphics(), scene, look, scale, width, height);
        return image;
    }

    /** A small picture of the scene, as pixels. */
    public static BufferedImage preview(Scene scene) {
        Box box = area(scene);
        BufferedImage image = new BufferedImage(320, 200, BufferedImage.TYPE_INT_ARGB_PRE);
        double zoom = Math.min(image.getWidth() / box.width(), image.getHeight() / box.height());
        paint(image.createGraphics(), scene, PaintOptions.LIGHT, zoom, image.getWidth(), image.getHeight());
        return image;
    }

    static Box area(Scene scene) {
        return scene.bounds().grown(MARGIN);
    }

    private static byte[] png(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.setUseCache(false);
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void paint(Graphics2D g, Scene scene, PaintOptions look, double scale, double width, double height) {
        Box box = area(scene);
        Painter.View view = new Painter.View(box.x(), box.y(), scale);
        Painter painter = new Painter(look);
        painter.paper(g, view, width, height);
        painter.paint(g, scene, Emphasis.NONE, view, width, height);
        g.dispose();
    }

    /** Paints the scene at its natural size. */
    static void paint(Graphics2D g, Scene scene, PaintOptions look) {
        paint(g, scene, look, 1, area(scene).width(), area(scene).height());
    }
}
