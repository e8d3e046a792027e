package jasperwing.app.sheet;

import jasperwing.diagram.Scene;
import jasperwing.picture.Emphasis;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Painter;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.util.Optional;
import javafx.scene.Node;

/** The painted picture of a sheet. Where it only moves, what is there is moved and its edges are painted. */
public final class Picture {
    /** How far from a whole pixel a move may end and still be taken for one. */
    private static final double WHOLE = 0.01;

    private final PixelSurface paper = new PixelSurface();
    private Content last;
    private Painter.View lastView;

    /**
     * What is painted.
     *
     * @param columns what {@code look} says of columns follows from; empty when nothing is said of them
     */
    public record Content(Scene scene, Emphasis emphasis, PaintOptions look, Optional<Object> columns) {
        private boolean isSame(Content other) {
            return other != null
                    && scene == other.scene
                    && columns.equals(other.columns)
                    && emphasis.equals(other.emphasis)
                    && look.isAs(other.look);
        }
    }

    public Node node() {
        return paper.node();
    }

    /** @param scale pixels of the screen a unit of width and height */
    public void show(Content content, Painter.View view, double width, double height, double scale) {
        boolean fresh = paper.resize(width, height, scale) || !content.isSame(last) || view.zoom() != lastView.zoom();
        double dx = fresh ? 0 : (lastView.x() - view.x()) * view.zoom() * scale;
        double dy = fresh ? 0 : (lastView.y() - view.y()) * view.zoom() * scale;
        last = content;
        lastView = view;
        if (fresh || !isScroll(dx, paper.width()) || !isScroll(dy, paper.height())) {
            paper.paint(g -> paint(g, content, view, scale));
        } else if (dx != 0 || dy != 0) {
            paper.scroll((int) Math.rint(dx), (int) Math.rint(dy), g -> paint(g, content, view, scale));
        }
    }

    private static boolean isScroll(double by, int size) {
        return Math.abs(by - Math.rint(by)) < WHOLE && Math.abs(by) < size / 2.0;
    }

    /** Paints what lies within the clip. */
    private static void paint(Graphics2D g, Content content, Painter.View view, double scale) {
        Rectangle clip = g.getClipBounds();
        double left = clip.x / scale;
        double top = clip.y / scale;
        double width = clip.width / scale;
        double height = clip.height / scale;
        Painter.View seen = new Painter.View(view.x() + left / view.zoom(), view.y() + top / view.zoom(), view.zoom());
        g.translate(clip.x, clip.y);
        g.scale(scale, scale);
        Painter painter = new Painter(content.look());
        painter.paper(g, seen, width, height);
        painter.paint(g, content.scene(), content.emphasis(), seen, width, height);
    }
}
