package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SheetEdits;
import jasperwing.moves.SplitOff;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** What an edit does not concern is kept, and what it does is drawn as it would be anew. */
class ScenePatchTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    /** The demo with its cards far apart. */
    private static Design spread() {
        Design demo = Samples.demo();
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < demo.entities().size(); i++) {
            places.add(new Place(demo.entities().get(i).name(), "", i % 4 * 420, i / 4 * 330));
        }
        return demo.withPlaces(places);
    }

    private static Scene patched(Scene last, Design design, SceneCache memory) {
        List<Card> cards = SceneBuilder.cards(design, "", METRICS, memory);
        return SceneBuilder.patched(last, design, cards, METRICS, memory).orElseThrow();
    }

    private static void assertRight(Scene patched, Design design) {
        Scene whole = SceneBuilder.build(design, "", METRICS);
        assertThat(patched.cards()).isEqualTo(whole.cards());
        assertThat(patched.lines())
                .extracting(Line::relationship)
                .containsExactlyElementsOf(
                        whole.lines().stream().map(Line::relationship).toList());
        assertThat(patched.kinds())
                .extracting(KindLine::kind)
                .containsExactlyElementsOf(
                        whole.kinds().stream().map(KindLine::kind).toList());
        assertThat(patched.fans())
                .extracting(Fan::relationship)
                .containsExactlyElementsOf(
                        whole.fans().stream().map(Fan::relationship).toList());
        Stream.of(
                        patched.lines().stream().map(Line::points),
                        patched.kinds().stream().map(KindLine::points),
                        patched.fans().stream().flatMap(f -> f.branches().stream()))
                .flatMap(s -> s)
                .forEach(route -> assertClear(patched, route));
        for (Line line : patched.lines()) {
            assertTouches(patched, line.fromEntity(), line.points().get(0));
            assertTouches(
                    patched, line.toEntity(), line.points().get(line.points().size() - 1));
        }
    }

    private static void assertClear(Scene scene, List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            Box segment = Box.around(route.get(i - 1), route.get(i)).grown(0.1);
            assertThat(scene.cards()).noneMatch(c -> c.box().grown(-1).overlaps(segment));
        }
    }

    private static void assertTouches(Scene scene, String entity, Point end) {
        assertThat(scene.card(entity).orElseThrow().box().grown(1).contains(end))
                .isTrue();
    }

    @Property(tries = 60, seed = "20261231")
    void everyPatchedSceneIsRight(
            @ForAll @Size(6) List<@IntRange(min = 0, max = 200) Integer> moves,
            @ForAll @Size(6) List<@IntRange(min = 0, max = 5) Integer> kinds) {
        Design design = spread();
        SceneCache memory = new SceneCache();
        Scene scene = SceneBuilder.build(design, "", METRICS, memory);
        for (int i = 0; i < moves.size(); i++) {
            int which = moves.get(i);
            String entity =
                    design.entities().get(which % design.entities().size()).name();
            Place at = design.place(entity, "").orElse(new Place(entity, "", 0, 0));
            design = switch (kinds.get(i)) {
                case 0 -> RelationshipEdits.remove(design.relationships()
                                .get(which % design.relationships().size()))
                        .on(design);
                case 1 -> EntityEdits.remove(entity).on(design);
                case 2 -> EntityEdits.rename(entity, "Renamed" + i).on(design);
                default -> SheetEdits.place(entity, "", at.x() + which % 60 - 30, at.y() + which % 50 - 25)
                        .on(design);
            };
            scene = patched(scene, design, memory);
            assertRight(scene, design);
        }
    }

    @Test
    void linesAnEditDoesNotConcernAreTheSameAsBefore() {
        Design design = spread();
        SceneCache memory = new SceneCache();
        Scene before = SceneBuilder.build(design, "", METRICS, memory);
        Design split = new SplitOff("Taxon", List.of("rank", "group"), "Detail", false)
                .then(SheetEdits.place("Detail", "", 900, 1400))
                .on(design);
        Scene after = patched(before, split, memory);
        assertRight(after, split);
        List<Line> elsewhere = before.lines().stream()
                .filter(l -> !l.fromEntity().equals("Taxon") && !l.toEntity().equals("Taxon"))
                .toList();
        assertThat(elsewhere).hasSizeGreaterThan(5).allMatch(line -> after.lines().stream()
                .anyMatch(l -> l == line));
        assertThat(after.lines()).hasSize(before.lines().size() + 1);
    }

    @Test
    void whereMuchIsNewNothingIsPatched() {
        StringBuilder text = new StringBuilder("entity Hub\n  id serial key\n");
        for (int i = 0; i < 70; i++) {
            text.append("entity Thing%d\n  id serial key\neach Thing%d must have one Hub as hub\n".formatted(i, i));
        }
        Design design = Samples.design(text.toString());
        SceneCache memory = new SceneCache();
        Scene before = SceneBuilder.build(design, "", METRICS, memory);
        Design moved = SheetEdits.place("Hub", "", 5000, 5000).on(design);
        List<Card> cards = SceneBuilder.cards(moved, "", METRICS, memory);
        assertThat(SceneBuilder.patched(before, moved, cards, METRICS, memory)).isEmpty();
    }
}
