package jasperwing.picture;

import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.GraphicsConfiguration;
import java.awt.Image;
import java.awt.Paint;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.BufferedImageOp;
import java.awt.image.ImageObserver;
import java.awt.image.RenderedImage;
import java.awt.image.renderable.RenderableImage;
import java.text.AttributedCharacterIterator;
import java.util.Map;

/**
 * What a picture file has of {@link Graphics2D}: colour, stroke, font and transform; shapes and texts are for the subclass. Everything the painter
 * does not use throws {@link UnsupportedOperationException}, so that a painter that comes to use it is noticed by its tests.
 */
abstract class VectorGraphics extends Graphics2D {
    private Color color = Color.BLACK;
    private Stroke stroke;
    private Font font;
    private AffineTransform transform = new AffineTransform();
    private final RenderingHints hints = new RenderingHints(Map.of());

    private static UnsupportedOperationException none() {
        return new UnsupportedOperationException("a picture file has no place for this");
    }

    @Override
    public Color getColor() {
        return color;
    }

    @Override
    public void setColor(Color now) {
        color = now;
    }

    @Override
    public Paint getPaint() {
        return color;
    }

    @Override
    public Stroke getStroke() {
        return stroke;
    }

    @Override
    public void setStroke(Stroke now) {
        stroke = now;
    }

    @Override
    public Font getFont() {
        return font;
    }

    @Override
    public void setFont(Font now) {
        font = now;
    }

    @Override
    public AffineTransform getTransform() {
        return new AffineTransform(transform);
    }

    @Override
    public void setTransform(AffineTransform now) {
        transform = new AffineTransform(now);
    }

    @Override
    public void transform(AffineTransform further) {
        transform.concatenate(further);
    }

    @Override
    public void translate(int x, int y) {
        transform.translate(x, y);
    }

    @Override
    public void translate(double x, double y) {
        transform.translate(x, y);
    }

    @Override
    public void scale(double x, double y) {
        transform.scale(x, y);
    }

    @Override
    public void rotate(double angle) {
        transform.rotate(angle);
    }

    @Override
    public void rotate(double angle, double x, double y) {
        transform.rotate(angle, x, y);
    }

    @Override
    public void shear(double x, double y) {
        transform.shear(x, y);
    }

    @Override
    public Object getRenderingHint(RenderingHints.Key key) {
        return hints.get(key);
    }

    @Override
    public void setRenderingHint(RenderingHints.Key key, Object value) {
        hints.put(key, value);
    }

    @Override
    public RenderingHints getRenderingHints() {
        return (RenderingHints) hints.clone();
    }

    @Override
    public FontRenderContext getFontRenderContext() {
        return new FontRenderContext(null, true, true);
    }

    @Override
    public void drawLine(int x, int y, int toX, int toY) {
        draw(new Line2D.Double(x, y, toX, toY));
    }

    @Override
    public void fillRect(int x, int y, int width, int height) {
        fill(new Rectangle(x, y, width, height));
    }

    @Override
    public void drawString(String text, int x, int y) {
        drawString(text, (float) x, (float) y);
    }

    @Override
    public void drawPolyline(int[] xs, int[] ys, int count) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < count; i++) {
            if (i == 0) {
                path.moveTo(xs[i], ys[i]);
            } else {
                path.lineTo(xs[i], ys[i]);
            }
        }
        draw(path);
    }

    @Override
    public void dispose() {
        // nothing is held
    }

    @Override
    public void addRenderingHints(Map<?, ?> more) {
        throw none();
    }

    @Override
    public void setRenderingHints(Map<?, ?> all) {
        throw none();
    }

    @Override
    public void setPaint(Paint paint) {
        throw none();
    }

    @Override
    public void setComposite(Composite composite) {
        throw none();
    }

    @Override
    public Composite getComposite() {
        throw none();
    }

    @Override
    public void setBackground(Color background) {
        throw none();
    }

    @Override
    public Color getBackground() {
        throw none();
    }

    @Override
    public void clip(Shape shape) {
        throw none();
    }

    @Override
    public Shape getClip() {
        throw none();
    }

    @Override
    public void setClip(Shape shape) {
        throw none();
    }

    @Override
    public void setClip(int x, int y, int width, int height) {
        throw none();
    }

    @Override
    public void clipRect(int x, int y, int width, int height) {
        throw none();
    }

    @Override
    public Rectangle getClipBounds() {
        throw none();
    }

    @Override
    public boolean hit(Rectangle area, Shape shape, boolean outline) {
        throw none();
    }

    @Override
    public GraphicsConfiguration getDeviceConfiguration() {
        throw none();
    }

    @Override
    public Graphics create() {
        throw none();
    }

    @Override
    public void setPaintMode() {
        throw none();
    }

    @Override
    public void setXORMode(Color other) {
        throw none();
    }

    @Override
    public FontMetrics getFontMetrics(Font of) {
        throw none();
    }

    @Override
    public void copyArea(int x, int y, int width, int height, int dx, int dy) {
        throw none();
    }

    @Override
    public void clearRect(int x, int y, int width, int height) {
        throw none();
    }

    @Override
    public void drawRoundRect(int x, int y, int width, int height, int arcWidth, int arcHeight) {
        throw none();
    }

    @Override
    public void fillRoundRect(int x, int y, int width, int height, int arcWidth, int arcHeight) {
        throw none();
    }

    @Override
    public void drawOval(int x, int y, int width, int height) {
        throw none();
    }

    @Override
    public void fillOval(int x, int y, int width, int height) {
        throw none();
    }

    @Override
    public void drawArc(int x, int y, int width, int height, int start, int angle) {
        throw none();
    }

    @Override
    public void fillArc(int x, int y, int width, int height, int start, int angle) {
        throw none();
    }

    @Override
    public void drawPolygon(int[] xs, int[] ys, int count) {
        throw none();
    }

    @Override
    public void fillPolygon(int[] xs, int[] ys, int count) {
        throw none();
    }

    @Override
    public void drawString(AttributedCharacterIterator text, int x, int y) {
        throw none();
    }

    @Override
    public void drawString(AttributedCharacterIterator text, float x, float y) {
        throw none();
    }

    @Override
    public void drawGlyphVector(GlyphVector glyphs, float x, float y) {
        throw none();
    }

    @Override
    public boolean drawImage(Image image, AffineTransform by, ImageObserver observer) {
        throw none();
    }

    @Override
    public void drawImage(BufferedImage image, BufferedImageOp by, int x, int y) {
        throw none();
    }

    @Override
    public void drawRenderedImage(RenderedImage image, AffineTransform by) {
        throw none();
    }

    @Override
    public void drawRenderableImage(RenderableImage image, AffineTransform by) {
        throw none();
    }

    @Override
    public boolean drawImage(Image image, int x, int y, ImageObserver observer) {
        throw none();
    }

    @Override
    public boolean drawImage(Image image, int x, int y, int width, int height, ImageObserver observer) {
        throw none();
    }

    @Override
    public boolean drawImage(Image image, int x, int y, Color ground, ImageObserver observer) {
        throw none();
    }

    @Override
    public boolean drawImage(Image image, int x, int y, int width, int height, Color ground, ImageObserver observer) {
        throw none();
    }

    @Override
    public boolean drawImage(
            Image image, int x, int y, int toX, int toY, int a, int b, int c, int d, ImageObserver observer) {
        throw none();
    }

    @Override
    public boolean drawImage(
            Image image,
            int x,
            int y,
            int toX,
            int toY,
            int a,
            int b,
            int c,
            int d,
            Color ground,
            ImageObserver observer) {
        throw none();
    }
}
