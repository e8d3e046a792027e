package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class SceneTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    @Test
    void noLineOfTheDemoRunsThroughACardAndEveryOneIsUpright() {
        Scene scene = SceneBuilder.build(Samples.demo(), "", METRICS);
        assertThat(scene.cards()).hasSize(15);
        assertThat(scene.fans()).hasSize(1);
        assertThat(scene.fans().get(0).branches()).hasSize(3);
        for (List<Point> route : routes(scene)) {
            for (int i = 1; i < route.size(); i++) {
                Point a = route.get(i - 1);
                Point b = route.get(i);
                assertThat(Math.abs(a.x() - b.x()) < 0.01 || Math.abs(a.y() - b.y()) < 0.01)
                        .isTrue();
                assertThat(scene.cards())
                        .noneMatch(
                                c -> c.box().grown(-1).overlaps(Box.around(a, b).grown(0.1)));
            }
        }
    }

    private static List<List<Point>> routes(Scene scene) {
        List<List<Point>> routes = new ArrayList<>();
        scene.lines().forEach(l -> routes.add(l.points()));
        scene.fans().forEach(f -> routes.addAll(f.branches()));
        return routes;
    }

    @Property(tries = 40, seed = "20260303")
    void wheneverCardsStandApartNoLineRunsThroughOne(
            @ForAll @Size(13) List<@IntRange(min = 0, max = 60) Integer> jitter) {
        Design demo = Samples.demo();
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < 13; i++) {
            String entity = demo.entities().get(i).name();
            places.add(new Place(entity, "", i % 4 * 420 + jitter.get(i), i / 4 * 330 + jitter.get(12 - i)));
        }
        Scene scene = SceneBuilder.build(demo.withPlaces(places), "", METRICS);
        for (List<Point> route : routes(scene)) {
            for (int i = 1; i < route.size(); i++) {
                Box segment = Box.around(route.get(i - 1), route.get(i)).grown(0.1);
                assertThat(scene.cards()).noneMatch(c -> c.box().grown(-1).overlaps(segment));
            }
        }
    }

    @Property(tries = 25, seed = "20260404")
    void whatIsRecalledIsWhatWouldBeFoundAnew(@ForAll @Size(12) List<@IntRange(min = 0, max = 900) Integer> moves) {
        recalledIsFoundAnew(moves);
    }

    private static void recalledIsFoundAnew(List<Integer> moves) {
        SceneCache memory = new SceneCache();
        Design design = Samples.demo();
        for (int i = 0; i + 1 < moves.size(); i += 2) {
            String entity = design.entities().get(moves.get(i) % 13).name();
            design =
                    SheetEdits.place(entity, "", moves.get(i), moves.get(i + 1)).on(design);
            if (i % 4 == 0) {
                design = RelationshipEdits.remove(design.relationships().get(0)).on(design);
            }
            assertThat(SceneBuilder.build(design, "", METRICS, memory))
                    .isEqualTo(SceneBuilder.build(design, "", METRICS));
        }
    }

    /** A label may stand no farther beyond the sheet than others reach, which a card far away decides. */
    @Test
    void aLabelIsNotRecalledWhereTheSheetHasGrown() {
        recalledIsFoundAnew(List.of(326, 71, 54, 12, 335, 29, 292, 218, 17, 899));
    }

    /** Cards in rows, each related to the next; more than a scene that is wanted soon looks at anew. */
    private static Design rows(int count) {
        List<String> lines = new ArrayList<>();
        List<String> binaries = new ArrayList<>();
        List<String> places = new ArrayList<>(List.of("places"));
        for (int i = 0; i < count; i++) {
            lines.add("entity E" + i);
            lines.add("  id serial key");
            places.add("  E" + i + " " + i % 20 * 300 + "," + i / 20 * 160);
            binaries.add("each E" + i + " may have one E" + (i + 1) % count + " as next");
        }
        lines.addAll(binaries);
        lines.addAll(places);
        return Samples.design(lines.toArray(String[]::new));
    }

    @Test
    void aSceneWantedSoonKeepsWhatIsClearAndRunsThroughNoCard() {
        Design design = rows(420);
        SceneCache memory = new SceneCache();
        SceneBuilder.build(design, SceneBuilder.cards(design, "", METRICS, memory), METRICS, memory);
        Design moved = SheetEdits.place("E30", "", 10 * 300 - 130, 160 + 70).on(design);
        List<Card> cards = SceneBuilder.cards(moved, "", METRICS, memory);
        SceneCache exact = memory.copy();
        Scene soon = SceneBuilder.soon(moved, cards, METRICS, memory);
        assertThat(memory.hasty()).isPositive();
        assertThat(memory.searched()).isPositive().isLessThan(40);
        noLineRunsThroughACard(soon);
        assertThat(SceneBuilder.build(moved, cards, METRICS, exact)).isEqualTo(SceneBuilder.build(moved, "", METRICS));
    }

    private static void noLineRunsThroughACard(Scene scene) {
        for (Line line : scene.lines()) {
            for (int i = 1; i < line.points().size(); i++) {
                Box segment = Box.around(line.points().get(i - 1), line.points().get(i))
                        .grown(0.1);
                assertThat(scene.cards()).noneMatch(c -> c.box().grown(-1).overlaps(segment));
            }
        }
    }

    @Test
    void anEditFarAwaySearchesForNoRoute() {
        SceneCache memory = new SceneCache();
        Design design = Samples.demo();
        SceneBuilder.build(design, "", METRICS, memory);
        assertThat(memory.searched()).isPositive();
        Edit far = EntityEdits.add(Entity.keyed("Boat")).then(SheetEdits.place("Boat", "", 4000, 4000));
        SceneBuilder.build(far.on(design), "", METRICS, memory);
        assertThat(memory.searched()).isZero();
    }

    @Test
    void linesEndAtTheirCardsWithTheSignsOfTheirReadings() {
        Scene scene = SceneBuilder.build(
                Samples.design(
                        "entity Dive",
                        "  id serial key",
                        "entity Photo",
                        "  id serial key",
                        "each Dive may have many Photo, which must belong to one Dive",
                        "places",
                        "  Dive 0,0",
                        "  Photo 400,0"),
                "",
                METRICS);
        Line line = scene.lines().get(0);
        assertThat(line.points()).hasSize(2);
        assertThat(line.start().many()).isFalse();
        assertThat(line.start().must()).isTrue();
        assertThat(line.end().many()).isTrue();
        assertThat(line.end().must()).isFalse();
        assertThat(line.label()).isEqualTo("photos");
    }

    @Test
    void cardsWithoutAPlaceFindOneWhereNothingStands() {
        Scene scene = SceneBuilder.build(Samples.demo().withPlaces(List.of()), "", METRICS);
        for (Card card : scene.cards()) {
            assertThat(scene.cards()).noneMatch(c -> c != card && c.box().overlaps(card.box()));
        }
    }

    @Test
    void aSheetShowsItsEntitiesOnly() {
        Scene scene = SceneBuilder.build(Samples.demo(), "Collection", METRICS);
        assertThat(scene.cards())
                .extracting(Card::entity)
                .containsExactly("Specimen", "SequenceRecord", "Taxon", "Keyword");
        assertThat(scene.fans()).isEmpty();
    }

    @Test
    void whatLiesUnderAPointIsFound() {
        Scene scene = SceneBuilder.build(Samples.demo(), "", METRICS);
        Card dive = scene.card("Dive").orElseThrow();
        Point head = new Point(dive.box().x() + 30, dive.box().y() + 15);
        Point third = dive.rowBox(2).center();
        Point edge = new Point(dive.box().right(), dive.box().center().y());
        assertThat(Hit.at(scene, head, 6)).isEqualTo(new Hit.OnCard(dive, -1));
        assertThat(Hit.at(scene, third, 6)).isEqualTo(new Hit.OnCard(dive, 2));
        assertThat(Hit.at(scene, edge, 6)).isEqualTo(new Hit.OnEdge(dive));
        assertThat(Hit.at(scene, new Point(-500, -500), 6)).isEqualTo(new Hit.Paper());
        Line line = scene.lines().get(0);
        assertThat(Hit.at(scene, line.middle(), 6)).isEqualTo(new Hit.OnRelationship(line.relationship(), false));
        Fan fan = scene.fans().get(0);
        assertThat(Hit.at(scene, fan.box().center(), 6)).isEqualTo(new Hit.OnRelationship(fan.relationship(), true));
    }

    private static List<String> rows(Metrics metrics, String... lines) {
        return SceneBuilder.cards(Samples.design(lines), "", metrics).get(0).rows().stream()
                .map(r -> (r.name() + " " + r.type()).strip())
                .toList();
    }

    @Test
    void cardsTellMoreOrLess() {
        Metrics texts = (text, face) -> text.length() * 7.0;
        String[] lines = {
            "entity Bird",
            "  name text(40)",
            "  state text(9) default \"seen\"",
            "  seenAt timestamp set on insert",
            "  key (name, flock)",
            "  unique (state, seenAt)",
            "  index (seenAt)",
            "entity Flock",
            "  id serial key",
            "each Bird must be in one Flock",
            "each Bird may be ringed by one Flock as ringers"
        };
        assertThat(rows(texts.showing(CardDetail.KEY), lines)).containsExactly("name text(40)", "flock foreign key");
        assertThat(rows(texts, lines))
                .containsExactly("name text(40)", "state text(9)", "seenAt timestamp", "flock foreign key");
        assertThat(rows(texts.showing(CardDetail.ALL), lines))
                .containsExactly(
                        "name text(40)",
                        "state text(9) = seen",
                        "seenAt timestamp on insert",
                        "flock foreign key",
                        "ringers Flock?",
                        "unique (state, seenAt)",
                        "index (seenAt)");
    }
}
