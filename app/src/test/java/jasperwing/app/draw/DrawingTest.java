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
class DrawingTest {
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
        assertThat(Drawing.freeName(design)).isEqualTo("NewEntity2");
        assertThat(Drawing.freeName(Design.named("X"))).isEqualTo("NewEntity");
    }

    @Test
    void aNewEntityHasAKeyAPlaceAndIsOnItsSheet() {
        Design after = Drawing.entityAt("Tide", "Main", 10.4, -3.6).on(design);
        assertThat(after.entity("Tide").orElseThrow().key().names()).containsExactly("id");
        assertThat(after.place("Tide", "Main")).contains(new Place("Tide", "Main", 10, -4));
        assertThat(after.sheets().get(0).entities()).containsExactly("Dive", "Tide");
        assertThat(Drawing.entityAt("Tide", "", 0, 0).on(design).sheets()).isEqualTo(design.sheets());
    }

    @Test
    void aDragStatesThatTheFirstBelongsToTheSecond() {
        BinaryRelationship tie = Drawing.tie(design, "Dive", "Site");
        assertThat(tie.holder()).isEqualTo("Dive");
        assertThat(tie.forward().must()).isTrue();
        assertThat(tie.shape()).isEqualTo(BinaryRelationship.Shape.ONE_TO_MANY);
    }

    @Test
    void drawingTheSameAgainGivesItARoleOfItsOwn() {
        Design once = Drawing.relate(Drawing.tie(design, "Dive", "Site")).on(design);
        BinaryRelationship again = Drawing.tie(once, "Dive", "Site");
        assertThat(again.forward().role()).isEqualTo("site2");
        Design twice = Drawing.relate(again).on(once);
        assertThat(Report.of(twice, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(Drawing.tie(twice, "Dive", "Site").forward().role()).isEqualTo("site3");
    }

    @Test
    void aDragOntoItselfIsATreeWithAFirstRow() {
        BinaryRelationship tree = Drawing.tie(design, "Site", "Site");
        Design after = Drawing.relate(tree).on(design);
        assertThat(tree.forward().must()).isFalse();
        assertThat(Report.of(after, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(Drawing.tie(after, "Site", "Site").forward().role()).isEqualTo("parent2");
    }
}
