package jasperwing.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Place;
import org.junit.jupiter.api.Test;

/** What gestures mean, as edits. */
class GestureEditsTest {
    private final Design design = Samples.design(
            "entity Dive",
            "  id serial key",
            "entity newentity",
            "  id serial key",
            "entity Site",
            "  id serial key",
            "sheet Main: Dive");

    @Test
    void aFreeNameIsFreeWhateverTheCase() {
        assertThat(GestureEdits.freeName(design)).isEqualTo("NewEntity2");
        assertThat(GestureEdits.freeName(Design.named("X"))).isEqualTo("NewEntity");
    }

    @Test
    void aNewEntityHasAKeyAPlaceAndIsOnItsSheet() {
        Design after = GestureEdits.entityAt("Tide", "Main", 10.4, -3.6).on(design);
        assertThat(after.entity("Tide").orElseThrow().key().names()).containsExactly("id");
        assertThat(after.place("Tide", "Main")).contains(new Place("Tide", "Main", 10, -4));
        assertThat(after.sheets().get(0).entities()).containsExactly("Dive", "Tide");
        assertThat(GestureEdits.entityAt("Tide", "", 0, 0).on(design).sheets()).isEqualTo(design.sheets());
    }

    @Test
    void aDragStatesThatTheFirstBelongsToTheSecond() {
        BinaryRelationship binary = GestureEdits.binary(design, "Dive", "Site");
        assertThat(binary.holder()).isEqualTo("Dive");
        assertThat(binary.forward().must()).isTrue();
        assertThat(binary.shape()).isEqualTo(BinaryRelationship.Shape.ONE_TO_MANY);
    }

    @Test
    void drawingTheSameAgainGivesItARoleOfItsOwn() {
        Design once =
                GestureEdits.relate(GestureEdits.binary(design, "Dive", "Site")).on(design);
        BinaryRelationship again = GestureEdits.binary(once, "Dive", "Site");
        assertThat(again.forward().role()).isEqualTo("site2");
        Design twice = GestureEdits.relate(again).on(once);
        assertThat(Report.of(twice, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(GestureEdits.binary(twice, "Dive", "Site").forward().role()).isEqualTo("site3");
    }

    @Test
    void aDragOntoItselfIsATreeWithAFirstRow() {
        BinaryRelationship tree = GestureEdits.binary(design, "Site", "Site");
        Design after = GestureEdits.relate(tree).on(design);
        assertThat(tree.forward().must()).isFalse();
        assertThat(Report.of(after, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(GestureEdits.binary(after, "Site", "Site").forward().role()).isEqualTo("parent2");
    }
}
