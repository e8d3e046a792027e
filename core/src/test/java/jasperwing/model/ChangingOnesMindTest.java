package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Attributes on other cards, link entities and back, sheets. */
class ChangingOnesMindTest {
    private final Design demo = Samples.demo();

    private static List<String> attributes(Design design, String entity) {
        return design.entity(entity).orElseThrow().attributes().stream()
                .map(Attribute::name)
                .toList();
    }

    @Test
    void anAttributeMovesWithinItsEntity() {
        Design moved =
                EntityEdits.moveAttribute("Keyword", "word", "Keyword", 0).on(demo);
        assertThat(attributes(moved, "Keyword")).containsExactly("word", "id");
        assertThat(moved.entity("Keyword").orElseThrow().key())
                .isEqualTo(demo.entity("Keyword").orElseThrow().key());
        Design far = EntityEdits.moveAttribute("Keyword", "id", "Keyword", 99).on(demo);
        assertThat(attributes(far, "Keyword")).containsExactly("word", "id");
    }

    @Test
    void anAttributeMovesToAnotherEntityAndOutOfWhatNamedIt() {
        Design moved =
                EntityEdits.moveAttribute("Site", "name", "Instrument", 1).on(demo);
        assertThat(attributes(moved, "Site")).doesNotContain("name");
        assertThat(moved.entity("Site").orElseThrow().uniques()).isEmpty();
        assertThat(moved.entity("Site").orElseThrow().shown().isEmpty()).isTrue();
        assertThat(attributes(moved, "Instrument")).containsExactly("serial", "name", "model", "settings");
    }

    @Test
    void anAttributeDoesNotMoveWhereItsNameIsTaken() {
        assertThat(EntityEdits.moveAttribute("Dive", "number", "Calibration", 0).on(demo))
                .isSameAs(demo);
        assertThat(EntityEdits.moveAttribute("Dive", "nothing", "Site", 0).on(demo))
                .isSameAs(demo);
        assertThat(EntityEdits.moveAttribute("Dive", "number", "Nowhere", 0).on(demo))
                .isSameAs(demo);
    }

    private BinaryRelationship keywords() {
        return (BinaryRelationship) demo.relationships().stream()
                .filter(r -> r.mentions("Keyword"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPlainManyToManyGetsALinkEntityAndGivesItUpAgain() {
        BinaryRelationship plain = keywords();
        Design linked =
                RelationshipEdits.restate(plain, plain.withVia("Tagging")).on(demo);
        assertThat(linked.isLink("Tagging")).isTrue();
        assertThat(linked.entity("Tagging").orElseThrow().area()).isEqualTo("Collection");
        assertThat(RelationshipEdits.isBareLink(linked, "Tagging")).isTrue();
        Design back = RelationshipEdits.restate(plain.withVia("Tagging"), plain).on(linked);
        assertThat(back).isEqualTo(demo);
    }

    @Test
    void aLinkEntityOfATakenNameIsNumberedAndOneWithThingsOfItsOwnStays() {
        BinaryRelationship plain = keywords();
        Design numbered =
                RelationshipEdits.restate(plain, plain.withVia("Dive")).on(demo);
        assertThat(numbered.entity("Dive2")).isPresent();
        assertThat(RelationshipEdits.isBareLink(demo, "Assignment")).isFalse();
        assertThat(RelationshipEdits.isBareLink(demo, "Dive")).isFalse();
    }

    @Test
    void neighboursAreFoundStepByStep() {
        assertThat(Neighbours.within(demo, "Account", 0)).containsExactly("Account");
        assertThat(Neighbours.within(demo, "Account", 1)).containsExactly("Researcher", "Account");
        assertThat(Neighbours.within(demo, "Account", 2))
                .containsExactly("Dive", "Assignment", "Researcher", "Account");
        assertThat(Neighbours.within(demo, "Expedition", 9)).hasSize(15);
    }

    @Test
    void sheetsAreMadeFilledRenamedAndRemoved() {
        Design made = SheetEdits.show("Mine", List.of("Dive"))
                .then(SheetEdits.place("Dive", "Mine", 10, 20))
                .then(SheetEdits.add("Mine", Set.of("Site")))
                .on(demo);
        assertThat(made.sheets()).hasSize(3);
        assertThat(made.sheets().get(2).entities()).containsExactly("Dive", "Site");
        Design renamed = SheetEdits.rename("Mine", "Ours").on(made);
        assertThat(renamed.place("Dive", "Ours")).contains(new Place("Dive", "Ours", 10, 20));
        assertThat(renamed.place("Dive", "Mine")).isEmpty();
        Design less = SheetEdits.takeOff("Ours", Set.of("Dive")).on(renamed);
        assertThat(less.sheets().get(2).entities()).containsExactly("Site");
        assertThat(less.place("Dive", "Ours")).isEmpty();
        assertThat(less.place("Dive", "")).isPresent();
        assertThat(SheetEdits.remove("Ours").on(renamed)).isEqualTo(demo);
        Design again = SheetEdits.show("Mine", List.of("Note")).on(made);
        assertThat(again.sheets().get(2).entities()).containsExactly("Note");
    }
}
