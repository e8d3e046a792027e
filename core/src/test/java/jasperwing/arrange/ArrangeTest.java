package jasperwing.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Line;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Point;
import jasperwing.diagram.Region;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SheetEdits;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ArrangeTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    private static Design arranged(Design design) {
        return SheetEdits.place(
                        Arrange.all(design, "", METRICS, Progress.UNWATCHED).orElseThrow())
                .on(design);
    }

    private static void assertTidy(Design design) {
        Scene scene = SceneBuilder.build(design, "", METRICS);
        for (Card card : scene.cards()) {
            assertThat(scene.cards()).noneMatch(c -> c != card && c.box().overlaps(card.box()));
        }
        List<List<Point>> routes = new ArrayList<>();
        scene.lines().stream().map(Line::points).forEach(routes::add);
        scene.fans().forEach(f -> routes.addAll(f.branches()));
        for (List<Point> route : routes) {
            for (int i = 1; i < route.size(); i++) {
                Box segment = Box.around(route.get(i - 1), route.get(i)).grown(0.1);
                assertThat(scene.cards()).noneMatch(c -> c.box().grown(-1).overlaps(segment));
            }
        }
    }

    /** Entities in areas of ten, each tied to an earlier one of its area and the first of each area to one elsewhere. */
    private static Design large(int entities) {
        StringBuilder text = new StringBuilder("design \"Large\"\n");
        for (int i = 0; i < entities / 10; i++) {
            text.append("area Area").append(i).append(" moss\n");
        }
        for (int i = 0; i < entities; i++) {
            text.append("entity Thing")
                    .append(i)
                    .append(" in Area")
                    .append(i / 10)
                    .append("\n  id serial key\n");
        }
        for (int i = 1; i < entities; i++) {
            int to = i % 10 == 0 ? i * 7 % i : i / 10 * 10 + i % 10 / 2;
            text.append("each Thing%d must belong to one Thing%d as up%d, which may have many Thing%d as downs%d%n"
                    .formatted(i, to, i, i, i));
        }
        return Notation.parse(text.toString().replace("\r", "")).value();
    }

    @Test
    void everythingIsArrangedWithoutACardOnACardOrALineThroughOne() {
        Design demo = Samples.demo();
        List<Place> places = Arrange.all(demo, "", METRICS, Progress.UNWATCHED).orElseThrow();
        assertThat(places).hasSize(15).allMatch(p -> p.x() >= 0 && p.y() >= 0);
        assertTidy(SheetEdits.place(places).on(demo));
        assertThat(Arrange.all(demo, "", METRICS, Progress.UNWATCHED)).contains(places);
    }

    @Test
    void onALargeSheetTheCardsOfAnAreaStandTogether() {
        Design large = large(120);
        Design arranged = arranged(large);
        assertTidy(arranged);
        Scene scene = SceneBuilder.build(arranged, "", METRICS);
        for (int area = 0; area < 12; area++) {
            String name = "Area" + area;
            Box bounds = scene.cards().stream()
                    .filter(c ->
                            arranged.entity(c.entity()).orElseThrow().area().equals(name))
                    .map(Card::box)
                    .reduce(Box::union)
                    .orElseThrow();
            assertThat(scene.cards())
                    .filteredOn(c -> c.box().overlaps(bounds))
                    .allMatch(c ->
                            arranged.entity(c.entity()).orElseThrow().area().equals(name));
        }
    }

    @Test
    void someAreArrangedClearOfTheRestWhichStayWhereTheyAre() {
        Design demo = Samples.demo();
        Set<String> some = Set.of("Dive", "Specimen", "Taxon");
        List<Place> places =
                Arrange.some(demo, "", some, METRICS, Progress.UNWATCHED).orElseThrow();
        assertThat(places).extracting(Place::entity).containsExactlyInAnyOrderElementsOf(some);
        assertTidy(SheetEdits.place(places).on(demo));
    }

    @Test
    void whatIsNewIsPutBesideWhatItIsTiedTo() {
        Design demo = Samples.demo();
        Design more = EntityEdits.add(Entity.keyed("Photo"))
                .then(EntityEdits.add(Entity.keyed("Loner")))
                .then(RelationshipEdits.add(
                        Notation.sentence("each Photo must show one Dive, which may have many Photo")
                                .value()
                                .orElseThrow()))
                .on(demo);
        List<Place> places =
                Arrange.unplaced(more, "", METRICS, Progress.UNWATCHED).orElseThrow();
        assertThat(places).extracting(Place::entity).containsExactly("Photo", "Loner");
        Design arranged = SheetEdits.place(places).on(more);
        assertThat(arranged.places()).containsAll(demo.places());
        assertTidy(arranged);
        Scene scene = SceneBuilder.build(arranged, "", METRICS);
        Point photo = scene.card("Photo").orElseThrow().box().center();
        Point dive = scene.card("Dive").orElseThrow().box().center();
        assertThat(photo.distance(dive)).isLessThan(500);
    }

    @Test
    void whatIsCancelledLeavesNothing() {
        Progress cancelled = new Progress() {
            @Override
            public void at(double share) {
                assertThat(share).isBetween(0.0, 1.0);
            }

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThat(Arrange.all(large(120), "", METRICS, cancelled)).isEmpty();
        assertThat(Arrange.some(Samples.demo(), "", Set.of("Dive"), METRICS, cancelled))
                .isEmpty();
    }

    @Test
    void anEmptySheetIsArrangedAtOnce() {
        assertThat(Arrange.all(Design.named("Empty"), "", METRICS, Progress.UNWATCHED))
                .contains(List.of());
        assertThat(Arrange.unplaced(Design.named("Empty"), "", METRICS, Progress.UNWATCHED))
                .contains(List.of());
    }

    @Test
    void areasOfASmallSheetAreKeptApartEachInOnePart() {
        Design design = large(30);
        Design placed = arranged(design);
        List<Region> regions = SceneBuilder.build(placed, "", METRICS).regions();
        assertThat(regions).hasSize(3).allMatch(r -> r.boxes().size() == 1);
        for (Region region : regions) {
            assertThat(regions)
                    .noneMatch(r -> r != region
                            && r.boxes().get(0).overlaps(region.boxes().get(0)));
        }
        assertTidy(placed);
    }
}
