package jasperwing.app.sheet;

import java.awt.Graphics2D;
import java.awt.Point;
import java.awt.Rectangle;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.DirectColorModel;
import java.awt.image.Raster;
import java.awt.image.SinglePixelPackedSampleModel;
import java.awt.image.WritableRaster;
import java.nio.IntBuffer;
import java.util.function.Consumer;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Pixels that Java2D paints and JavaFX shows, without a copy between them. Sizes are in pixels of the screen. */
final class PixelSurface {
    private static final int[] MASKS = {0x00ff0000, 0x0000ff00, 0x000000ff, 0xff000000};

    private final ImageView node = new ImageView();
    private PixelBuffer<IntBuffer> pixels;
    private BufferedImage image;
    private int[] data = {};

    ImageView node() {
        return node;
    }

    /**
     * Makes room for a picture of this size, at the scale of the screen it is shown on.
     *
     * @return whether that is another size than before, so that nothing of the picture is left
     */
    boolean resize(double width, double height, double scale) {
        int w = Math.max(1, (int) Math.ceil(width * scale));
        int h = Math.max(1, (int) Math.ceil(height * scale));
        node.setFitWidth(w / scale);
        node.setFitHeight(h / scale);
        if (image != null && image.getWidth() == w && image.getHeight() == h) {
            return false;
        }
        data = new int[w * h];
        ColorModel colors = new DirectColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB),
                32,
                MASKS[0],
                MASKS[1],
                MASKS[2],
                MASKS[3],
                true,
                DataBuffer.TYPE_INT);
        WritableRaster raster = Raster.createWritableRaster(
                new SinglePixelPackedSampleModel(DataBuffer.TYPE_INT, w, h, MASKS),
                new DataBufferInt(data, data.length),
                new Point(0, 0));
        image = new BufferedImage(colors, raster, true, null);
        pixels = new PixelBuffer<>(w, h, IntBuffer.wrap(data), PixelFormat.getIntArgbPreInstance());
        node.setImage(new WritableImage(pixels));
        return true;
    }

    int width() {
        return image.getWidth();
    }

    int height() {
        return image.getHeight();
    }

    /** Paints everything anew. */
    void paint(Consumer<Graphics2D> painter) {
        pixels.updateBuffer(b -> {
            painted(new Rectangle(0, 0, width(), height()), painter);
            return null;
        });
    }

    /**
     * Moves the picture and paints what comes to be seen at its edges.
     *
     * @param painter told to paint all of the picture, clipped to a strip of it; at most twice
     */
    void scroll(int dx, int dy, Consumer<Graphics2D> painter) {
        pixels.updateBuffer(b -> {
            shift(dx, dy);
            if (dy != 0) {
                painted(new Rectangle(0, dy > 0 ? 0 : height() + dy, width(), Math.abs(dy)), painter);
            }
            if (dx != 0) {
                painted(new Rectangle(dx > 0 ? 0 : width() + dx, 0, Math.abs(dx), height()), painter);
            }
            return null;
        });
    }

    private void painted(Rectangle area, Consumer<Graphics2D> painter) {
        Graphics2D g = image.createGraphics();
        g.clip(area);
        painter.accept(g);
        g.dispose();
    }

    private void shift(int dx, int dy) {
        int w = width();
        int length = w - Math.abs(dx);
        for (int i = 0; i < height() - Math.abs(dy); i++) {
            int to = dy > 0 ? height() - 1 - i : i;
            System.arraycopy(data, (to - dy) * w + Math.max(0, -dx), data, to * w + Math.max(0, dx), length);
        }
    }
}
