package jasperwing.picture;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class NamesAfarTest {
    private static final Scene SCENE = SceneBuilder.build(Samples.demo(), "", Typefaces.get());

    private static List<Box> drawn(double zoom, Set<String> chosen) {
        BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_ARGB);
        NamesAfar names = new NamesAfar(
                image.createGraphics(), PaintOptions.LIGHT, zoom, SCENE.bounds().grown(40));
        names.areas(SCENE.regions());
        names.cards(SCENE, SCENE.cards(), chosen);
        return names.drawn();
    }

    @Test
    void namesCanBeReadAndDoNotLieOnEachOther() {
        for (double zoom : new double[] {0.03, 0.08, 0.2, 0.29}) {
            List<Box> boxes = drawn(zoom, Set.of());
            assertThat(boxes).isNotEmpty().allMatch(b -> b.height() * zoom >= 9);
            for (Box box : boxes) {
                assertThat(boxes).noneMatch(b -> b != box && b.overlaps(box));
            }
        }
    }

    @Test
    void fewerAreShownFromFartherAndTheSelectedOneFirst() {
        assertThat(drawn(0.05, Set.of()).size())
                .isLessThan(drawn(0.29, Set.of()).size());
        Card least = SCENE.card("Camera").orElseThrow();
        assertThat(drawn(0.12, Set.of("Camera")))
                .anyMatch(b -> b.contains(least.box().center()));
    }
}
