package jasperwing.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.SheetEdits;
import jasperwing.picture.Typefaces;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where cards go: guides, aligning, spacing, the next card by the arrow keys, new cards. */
class PlacingTest {
    private static Card card(String name, double x, double y, double width, double height) {
        return new Card(name, new Box(x, y, width, height), Optional.empty(), "", List.of(), 0);
    }

    private static final List<Card> CARDS =
            List.of(card("A", 0, 0, 100, 50), card("B", 300, 40, 100, 80), card("C", 180, 200, 60, 50));

    @Test
    void aMovedBoxSnapsToTheNearestEdgeOrMiddle() {
        Guides.Snap snap =
                Guides.snap(new Box(304, 300, 50, 50), List.of(CARDS.get(1).box()), 7);
        assertThat(snap.dx()).isEqualTo(-4);
        assertThat(snap.dy()).isZero();
        assertThat(snap.guides()).containsExactly(new Guides.Guide(true, 300));
        Guides.Snap both =
                Guides.snap(new Box(322, 77, 50, 10), List.of(CARDS.get(1).box()), 7);
        assertThat(both.dx()).isEqualTo(3);
        assertThat(both.dy()).isEqualTo(-2);
        assertThat(both.guides()).hasSize(2);
        assertThat(Guides.snap(new Box(1000, 1000, 50, 50), List.of(CARDS.get(1).box()), 7)
                        .guides())
                .isEmpty();
    }

    @Test
    void cardsAreAlignedAtTheOutermostEdge() {
        assertThat(CardAlignment.left(CARDS, "")).extracting(Place::x).containsOnly(0);
        assertThat(CardAlignment.top(CARDS, "")).extracting(Place::y).containsOnly(0);
    }

    @Test
    void cardsAreSpacedEvenlyBetweenTheOutermost() {
        assertThat(CardAlignment.across(CARDS, ""))
                .containsExactly(new Place("A", "", 0, 0), new Place("C", "", 170, 200), new Place("B", "", 300, 40));
        List<Place> down = CardAlignment.down(CARDS, "");
        assertThat(down).extracting(Place::entity).containsExactly("A", "B", "C");
        assertThat(down.get(0).y()).isZero();
        assertThat(down.get(2).y()).isEqualTo(200);
    }

    @Test
    void theNextCardIsTheNearestThatWay() {
        Scene scene = Scene.of(CARDS);
        assertThat(NearestCard.card(scene, CARDS.get(0), 1, 0).map(Card::entity))
                .contains("B");
        assertThat(NearestCard.card(scene, CARDS.get(0), 0, 1).map(Card::entity))
                .contains("C");
        assertThat(NearestCard.card(scene, CARDS.get(0), -1, 0)).isEmpty();
    }

    @Test
    void aNewCardStaysWhereItIsFirstDrawn() {
        Design demo = Samples.demo();
        Design more = GestureEdits.placing()
                .apply(demo, EntityEdits.add(Entity.keyed("Boat")).on(demo));
        Place place = more.place("Boat", "").orElseThrow();
        Card drawn = SceneBuilder.build(more, "", Typefaces.get()).card("Boat").orElseThrow();
        assertThat(drawn.box().x()).isEqualTo(place.x());
        assertThat(SceneBuilder.build(more, "", Typefaces.get()).cards())
                .noneMatch(c -> !c.entity().equals("Boat") && c.box().overlaps(drawn.box()));
        Design placed = EntityEdits.add(Entity.keyed("Ship"))
                .then(SheetEdits.place("Ship", "", 5, 6))
                .on(demo);
        assertThat(GestureEdits.placing().apply(demo, placed)).isSameAs(placed);
        assertThat(GestureEdits.placing().apply(demo, demo)).isSameAs(demo);
    }

    @Test
    void aNewSheetGetsAFreeName() {
        Design demo = Samples.demo();
        assertThat(SheetNames.free(demo, "Fieldwork")).isEqualTo("Fieldwork 2");
        assertThat(SheetNames.free(demo, "Shore")).isEqualTo("Shore");
        assertThat(SheetNames.around("Dive")).isEqualTo("Around Dive");
    }
}
