package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RegionsTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    @Test
    void theGroundOfAnAreaHoldsAllItsCardsAndNoOther() {
        Design demo = Samples.demo();
        Scene scene = SceneBuilder.build(demo, "", METRICS);
        assertThat(scene.regions())
                .extracting(Region::name)
                .containsExactly("Fieldwork", "Collection", "People", "Equipment", "Shared");
        for (Region region : scene.regions()) {
            for (Card card : scene.cards()) {
                boolean own = demo.entity(card.entity()).orElseThrow().area().equals(region.name());
                boolean inside = region.boxes().stream().anyMatch(b -> b.overlaps(card.box()));
                assertThat(inside).as("%s on %s", card.entity(), region.name()).isEqualTo(own);
            }
        }
    }

    @Test
    void noLineRunsThroughTheNameOfAGround() {
        Scene scene = SceneBuilder.build(Samples.demo(), "", METRICS);
        for (Region region : scene.regions()) {
            Box name = new Box(
                    region.namesAt().get(0).x(),
                    region.namesAt().get(0).y() - 10,
                    region.name().length() * 7.0,
                    12);
            for (Line line : scene.lines()) {
                for (int i = 1; i < line.points().size(); i++) {
                    Box segment =
                            Box.around(line.points().get(i - 1), line.points().get(i));
                    assertThat(segment.overlaps(name))
                            .as("%s through %s", line.relationship(), region.name())
                            .isFalse();
                }
            }
        }
    }

    @Property(tries = 200, seed = "20261126")
    void whatIsInAnAreaIsWhatTouchesIt(
            @ForAll @Size(40) List<@IntRange(min = 0, max = 3000) Integer> places,
            @ForAll @IntRange(min = 1, max = 900) int size) {
        BoxIndex index = new BoxIndex();
        List<Box> all = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i += 2) {
            Box box = new Box(places.get(i), places.get(i + 1), 1 + size * (i % 3), 1 + size * (i % 2));
            all.add(box);
            index.add(box);
        }
        Box area = new Box(places.get(0) - 200.0, places.get(1) - 100.0, size, size * 2.0);
        List<Box> expected = all.stream().filter(area::overlaps).toList();
        assertThat(index.in(area)).containsExactlyElementsOf(expected);
        assertThat(index.count(area)).isEqualTo(expected.size());
        assertThat(index.anyIn(area)).isEqualTo(!expected.isEmpty());
    }

    @Property(tries = 100, seed = "20261127")
    void statesComeOutTheCheapestFirst(@ForAll @Size(300) List<@IntRange(min = 0, max = 1000) Integer> costs) {
        StepQueue queue = new StepQueue();
        for (int i = 0; i < costs.size(); i++) {
            queue.add(i, costs.get(i));
        }
        List<Integer> taken = new ArrayList<>();
        while (!queue.isEmpty()) {
            double least = queue.least();
            int state = queue.take();
            assertThat((double) costs.get(state)).isEqualTo(least);
            taken.add(costs.get(state));
        }
        assertThat(taken).isSorted().hasSize(costs.size());
    }
}
