package jasperwing.diagram;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.Samples;
import jasperwing.model.AreaColor;
import jasperwing.model.Design;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Ports, routes and labels between a few cards. */
class GeometryTest {
    private static final Metrics METRICS = (text, face) -> text.length() * 7.0;

    private static Scene scene(String... more) {
        String[] lines = {
            "entity A",
            "  id serial key",
            "entity B",
            "  id serial key",
            "entity C",
            "  id serial key",
            "entity N",
            "  id serial key"
        };
        String[] all = Arrays.copyOf(lines, lines.length + more.length);
        System.arraycopy(more, 0, all, lines.length, more.length);
        return SceneBuilder.build(Samples.design(all), "", METRICS);
    }

    @Test
    void cardsThatFaceEachOtherAreJoinedByAStraightLine() {
        Scene scene = scene("each A must be of one B", "places", "  A 0,0", "  B 400,0", "  C 0,900", "  N 400,900");
        Line line = scene.lines().get(0);
        assertThat(line.points()).hasSize(2);
        assertThat(line.start().side()).isEqualTo(Side.RIGHT);
        assertThat(line.end().side()).isEqualTo(Side.LEFT);
        assertThat(line.points().get(0).y()).isEqualTo(line.points().get(1).y());
    }

    @Test
    void cardsThatTouchOrLieOnEachOtherStillHaveALineWithTwoEnds() {
        double width = scene("places", "  A 0,0").card("A").orElseThrow().box().width();
        for (int left : new int[] {0, (int) width / 2, (int) width}) {
            Scene scene = scene(
                    "each A must be of one B",
                    "each A may see many B as others",
                    "places",
                    "  A 0,0",
                    "  B " + left + ",0",
                    "  C 0,900",
                    "  N 400,900");
            assertThat(scene.lines()).hasSize(2).allMatch(l -> l.points().size() >= 2);
        }
    }

    @Test
    void aCardInBetweenIsGoneAround() {
        Scene scene = scene("each A must be of one B", "places", "  A 0,0", "  C 300,0", "  B 600,0", "  N 0,900");
        Line line = scene.lines().get(0);
        Box between = scene.card("C").orElseThrow().box();
        assertThat(line.points().size()).isGreaterThan(2);
        for (int i = 1; i < line.points().size(); i++) {
            assertThat(between.overlaps(
                            Box.around(line.points().get(i - 1), line.points().get(i))
                                    .grown(0.1)))
                    .isFalse();
        }
    }

    @Test
    void severalRelationshipsOfTwoCardsAreKeptApart() {
        Scene scene = scene(
                "each A must be of one B as first",
                "each A must be of one B as second",
                "each A may be of one B as third",
                "places",
                "  A 0,0",
                "  B 500,0",
                "  C 0,900",
                "  N 400,900");
        List<Double> starts =
                scene.lines().stream().map(l -> l.points().get(0).y()).sorted().toList();
        assertThat(starts).doesNotHaveDuplicates().hasSize(3);
        assertThat(scene.lines()).extracting(Line::label).containsExactly("first", "second", "third");
        assertThat(scene.lines()).extracting(Line::labelAt).doesNotHaveDuplicates();
    }

    @Test
    void aRelationshipWithItselfIsALoopBesideTheCard() {
        Scene scene = scene(
                "each A may be under one A as parent", "places", "  A 0,0", "  B 500,0", "  C 0,900", "  N 400,900");
        Line loop = scene.lines().get(0);
        Box card = scene.card("A").orElseThrow().box();
        assertThat(loop.points().size()).isGreaterThan(2);
        assertThat(loop.points().get(0).x()).isEqualTo(card.right());
        assertThat(loop.points().get(loop.points().size() - 1).y()).isEqualTo(card.bottom());
    }

    @Test
    void aLinkIsDrawnAsTwoHalvesAndWithoutItsCardAsOneLine() {
        String link = "each A may have many B via C, which may have many A";
        Scene both = scene(link, "places", "  A 0,0", "  C 300,0", "  B 600,0", "  N 0,900");
        assertThat(both.lines()).hasSize(2);
        assertThat(both.lines().get(0).start().many()).isFalse();
        assertThat(both.lines().get(0).end().many()).isTrue();
        assertThat(both.card("C").orElseThrow().badge()).isEqualTo("link");
        Scene partly = SceneBuilder.build(
                Samples.design(
                        "entity A", "  id int key", "entity B", "  id int key", "entity C", link, "sheet Main: A, B"),
                "Main",
                METRICS);
        assertThat(partly.lines()).hasSize(1);
    }

    @Test
    void aFanOpensTowardsItsSubjectsWithABranchToEach() {
        Scene scene = scene(
                "each N must be on one of A, B, C as about",
                "places",
                "  N 0,200",
                "  A 600,0",
                "  B 600,200",
                "  C 600,400");
        Fan fan = scene.fans().get(0);
        assertThat(fan.side()).isEqualTo(Side.RIGHT);
        assertThat(fan.branches()).hasSize(3);
        assertThat(fan.branches()).extracting(b -> b.get(0)).doesNotHaveDuplicates();
        for (int i = 0; i < 3; i++) {
            List<Point> branch = fan.branches().get(i);
            Box subject =
                    scene.card(List.of("A", "B", "C").get(i)).orElseThrow().box();
            assertThat(subject.grown(0.5).contains(branch.get(branch.size() - 1)))
                    .isTrue();
        }
        assertThat(scene.bounds().grown(0.1).contains(fan.hub())).isTrue();
    }

    @Test
    void marksTellKeysAndUniquesAndOptionalTypesAreShown() {
        Scene scene = SceneBuilder.build(
                Samples.design(
                        "area Sea sea",
                        "entity A in Sea, outside",
                        "  id int key",
                        "  code text(3) unique",
                        "  note text(9)?",
                        "  tag int",
                        "  unique (tag)"),
                "",
                METRICS);
        Card card = scene.cards().get(0);
        assertThat(card.badge()).isEqualTo("outside");
        assertThat(card.rows())
                .extracting(Card.Row::mark)
                .containsExactly(Card.Mark.KEY, Card.Mark.UNIQUE, Card.Mark.NONE, Card.Mark.UNIQUE);
        assertThat(card.rows().get(2).type()).isEqualTo("text(9)?");
        assertThat(card.color()).contains(AreaColor.SEA);
    }

    @Test
    void boxesGrowUniteAndOverlapByTheirInsides() {
        Box box = new Box(0, 0, 10, 10);
        assertThat(box.overlaps(new Box(10, 0, 5, 5))).isFalse();
        assertThat(box.overlaps(new Box(9.9, 0, 5, 5))).isTrue();
        assertThat(box.grown(5)).isEqualTo(new Box(-5, -5, 20, 20));
        assertThat(box.union(new Box(20, 20, 1, 1))).isEqualTo(new Box(0, 0, 21, 21));
        assertThat(Scene.EMPTY.bounds().width()).isEqualTo(1);
    }

    @Test
    void aRoleInTheKeyHasALineOfItsOwn() {
        Design design = Samples.design(
                "entity Harbour",
                "  id serial key",
                "entity Berth",
                "  number int",
                "  key (harbour, number)",
                "each Berth must lie in one Harbour as harbour");
        Card card = SceneBuilder.build(design, "", METRICS).card("Berth").orElseThrow();
        assertThat(card.rows())
                .extracting(Card.Row::name, Card.Row::mark)
                .containsExactly(tuple("number", Card.Mark.KEY), tuple("harbour", Card.Mark.KEY_ROLE));
        assertThat(card.attributes()).isEqualTo(1);
    }

    @Test
    void aFanOpensWhereThereIsRoomForIt() {
        Scene scene = scene(
                "each N must be on one of A, B as about",
                "places",
                "  N 0,200",
                "  C 0,290",
                "  A 0,600",
                "  B 40,700");
        Fan fan = scene.fans().get(0);
        assertThat(fan.side()).isNotEqualTo(Side.BOTTOM);
        assertThat(scene.cards()).noneMatch(c -> c.box().overlaps(fan.box()));
    }

    @Test
    void moreLinesThanASideHasRoomForLeaveByTheNext() {
        String[] lines = new String[16];
        for (int i = 0; i < 10; i++) {
            lines[i] = "each A must be of one B as role" + i;
        }
        String[] places = {"places", "  A 0,0", "  B 600,0", "  C 0,900", "  N 400,900", "# end"};
        System.arraycopy(places, 0, lines, 10, places.length);
        Scene scene = scene(lines);
        assertThat(scene.lines().stream().map(l -> l.start().side()).distinct()).hasSizeGreaterThan(1);
        assertThat(scene.lines()).extracting(l -> l.start().at()).doesNotHaveDuplicates();
    }

    @Test
    void aLabelThatWouldLieOnSomethingIsLeftOut() {
        Scene scene = scene(
                "each A must be of one B as a_name_that_is_far_longer_than_the_gap_between_both_cards",
                "places",
                "  A 0,0",
                "  B 0,130",
                "  C 210,0",
                "  N 210,130");
        Line line = scene.lines().get(0);
        assertThat(line.label()).startsWith("a_name");
        line.labelAt().ifPresent(at -> assertThat(scene.cards()).noneMatch(c -> c.box()
                .overlaps(new Box(at.x(), at.y() - 10, 7.0 * line.label().length(), 14))));
    }
}
