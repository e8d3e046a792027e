package jasperwing.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.picture.Emphasis;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Painter;
import jasperwing.picture.Typefaces;
import java.util.Optional;
import java.util.Set;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;

/** A picture that was moved is the picture that would be painted there. */
class PictureTest extends ApplicationTest {
    private static final int WIDTH = 500;
    private static final int HEIGHT = 300;

    private static Design design() {
        String text = String.join(
                "\n",
                "area Field moss",
                "entity Dive in Field",
                "  id serial key",
                "  depth decimal(5,1)",
                "entity Site in Field",
                "  id serial key",
                "each Dive must be made at one Site, which may have many Dive",
                "places",
                "  Dive 0,0",
                "  Site 330,90");
        return Notation.parse(text).value();
    }

    private final Scene scene = SceneBuilder.build(design(), "", Typefaces.get());
    private final Picture.Content content = new Picture.Content(
            scene, new Emphasis(Set.of("Dive"), Set.of(), Set.of(), Set.of()), PaintOptions.LIGHT, Optional.empty());

    private static int[] pixels(Picture picture) {
        Image image = ((ImageView) picture.node()).getImage();
        int[] all = new int[WIDTH * HEIGHT];
        image.getPixelReader().getPixels(0, 0, WIDTH, HEIGHT, PixelFormat.getIntArgbPreInstance(), all, 0, WIDTH);
        return all;
    }

    private void show(Picture picture, double x, double y, double zoom) {
        interact(() -> picture.show(content, new Painter.View(x, y, zoom), WIDTH, HEIGHT, 1));
    }

    @Test
    void scrollingPaintsWhatPaintingAnewWould() {
        for (double zoom : new double[] {1, 0.5, 2}) {
            Picture scrolled = new Picture();
            Picture anew = new Picture();
            show(scrolled, -40, -40, zoom);
            int[][] steps = {{-37, -22}, {-60, 11}, {9, 40}, {14, 0}, {0, -8}};
            double x = -40;
            double y = -40;
            for (int[] step : steps) {
                x += step[0] / zoom;
                y += step[1] / zoom;
                show(scrolled, x, y, zoom);
            }
            show(anew, x, y, zoom);
            assertThat(differing(pixels(scrolled), pixels(anew)))
                    .as("pixels that differ at zoom " + zoom)
                    .isZero();
        }
    }

    private static long differing(int[] first, int[] second) {
        long count = 0;
        for (int i = 0; i < first.length; i++) {
            count += first[i] == second[i] ? 0 : 1;
        }
        return count;
    }
}
