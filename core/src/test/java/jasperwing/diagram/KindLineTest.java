package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Neighbours;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The lines from kinds to what they are kinds of. */
class KindLineTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    private final Design demo = Samples.demo();
    private final Scene scene = SceneBuilder.build(demo, "", METRICS);

    @Test
    void everyKindHasALineThatEndsAtTheCardOfWhatItIsAKindOf() {
        assertThat(scene.kinds())
                .extracting(k -> k.kind() + " " + k.of())
                .containsExactly("Sonde Instrument", "Camera Instrument");
        for (KindLine line : scene.kinds()) {
            Box of = scene.card(line.of()).orElseThrow().box();
            assertThat(of.grown(1).contains(line.tip())).isTrue();
            assertThat(of.grown(-1).contains(line.tip())).isFalse();
            assertThat(line.bounds().contains(line.points().get(0))).isTrue();
        }
    }

    @Test
    void aLineIsHitAndMeansItsKind() {
        KindLine line = scene.kinds().get(0);
        Point a = line.points().get(0);
        Point b = line.points().get(1);
        Point middle = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
        assertThat(line.distance(middle)).isZero();
        assertThat(Hit.at(scene, middle, 5)).isEqualTo(new Hit.OnKind("Sonde"));
    }

    @Test
    void aPartOfTheSceneHasTheLinesBetweenItsCards() {
        assertThat(scene.only(Set.of("Sonde", "Instrument")).kinds()).hasSize(1);
        assertThat(scene.only(Set.of("Sonde", "Camera")).kinds()).isEmpty();
    }

    @Test
    void aSheetWithoutWhatItIsAKindOfHasNoLine() {
        assertThat(SceneBuilder.build(demo, "Fieldwork", METRICS).kinds()).isEmpty();
    }

    @Test
    void kindsAreNeighboursAndOnlyKindsIsSaidOnTheCard() {
        assertThat(Neighbours.within(demo, "Sonde", 1)).containsExactly("Instrument", "Sonde");
        assertThat(Neighbours.within(demo, "Sonde", 2)).contains("Camera", "Dive");
        Design gear = Samples.design("entity Gear, only its kinds", "  id serial key", "entity Net is a kind of Gear");
        assertThat(SceneBuilder.build(gear, "", METRICS)
                        .card("Gear")
                        .orElseThrow()
                        .badge())
                .isEqualTo("only kinds");
    }
}
