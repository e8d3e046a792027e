package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.List;
import org.junit.jupiter.api.Test;

class SayTest {
    private final Design design = Samples.design("entity Dive", "  id serial key", "entity Diver", "  id serial key");

    @Test
    void aSentenceAddsWhatIsMissingAndShowsItBeforehand() {
        Understanding said = Say.understand(design, "each dive may have many Photo, which must belong to one Dive.");
        assertThat(said.additions()).containsExactly("+ Photo", "+ photos.dive_id \u2192 dives.id");
        Design after = said.edit().on(design);
        assertThat(after.entities()).extracting(Entity::name).containsExactly("Dive", "Diver", "Photo");
        assertThat(Notation.print(after.relationships().get(0)))
                .isEqualTo("each Dive may have many Photo, which must belong to one Dive");
    }

    @Test
    void aLinkEntityIsAddedWithoutAKeyOfItsOwn() {
        Understanding said =
                Say.understand(design, "each Dive may have many Divers via Duty, which may have many Dives");
        Design after = said.edit().on(design);
        assertThat(after.entity("Duty").orElseThrow().key().isEmpty()).isTrue();
        assertThat(said.additions())
                .containsExactly("+ Duty", "+ duties.dive_id \u2192 dives.id", "+ duties.diver_id \u2192 divers.id");
    }

    @Test
    void areasEnumsAndSheetsCanBeSaidToo() {
        Say.Result said = Say.all(design, List.of("area Shore sea", "enum Duty: leader, recorder", "sheet Main: Dive"));
        assertThat(said.problems()).isEmpty();
        assertThat(said.design().area("Shore")).isPresent();
        assertThat(said.design().enumType("Duty").orElseThrow().has("recorder")).isTrue();
        assertThat(said.design().sheets().get(0).entities()).containsExactly("Dive");
        assertThat(Say.understand(design, "area Shore blue").problem()).contains("expected a colour");
    }

    @Test
    void theBeginningOfANameIsSomewhereToGo() {
        assertThat(Say.understand(design, "div").goTo()).containsExactly("Dive", "Diver");
        assertThat(Say.understand(design, "diver").edit()).isSameAs(Edit.NOTHING);
    }

    @Test
    void whatIsNotUnderstoodIsSaidToBeSoAndNothingIsGuessed() {
        assertThat(Say.understand(design, "colourless ideas sleep").problem())
                .isEqualTo("Not understood. Say what something has, is, consists of or belongs to.");
        assertThat(Say.understand(design, "each Dive wobble Photo").problem())
                .isEqualTo("Not understood: \"wobble\"; expected 'must' or 'may'.");
        assertThat(Say.understand(design, "entity Dive").problem()).isEqualTo("There is an entity Dive already.");
        assertThat(Say.understand(design, "  ").problem()).isEmpty();
    }

    @Test
    void severalSentencesBuildOnEachOtherAndOneThatFailsIsNamed() {
        Say.Result good = Say.all(design, List.of("entity Site in Shore", "each Dive must be at one Site"));
        assertThat(good.problems()).isEmpty();
        assertThat(good.design().entity("Site").orElseThrow().area()).isEqualTo("Shore");
        Say.Result bad = Say.all(design, List.of("entity Site", "hello there"));
        assertThat(bad.problems()).hasSize(1).allMatch(p -> p.startsWith("\"hello there\": Not understood"));
    }

    @Test
    void anAttributeThereIsGetsTheTypeThatIsSaidAndKeepsItsRules() {
        Design design = Samples.design("entity Firm", "  id serial key", "  motto text(60) unique \"What it says.\"");
        Understanding wider = Say.understand(design, "a firm has a motto text(90)");
        assertThat(wider.sentences()).containsExactly("Firm: motto text(90)");
        assertThat(Notation.print(wider.edit().on(design)))
                .contains("  motto       text(90)       unique \"What it says.\"");
        Understanding same = Say.understand(design, "a firm has a motto");
        assertThat(same.changes()).isFalse();
        assertThat(same.problem()).contains("says so already");
    }

    @Test
    void aKeyThatIsSaidIsTheKey() {
        Design design = Samples.design("entity Firm", "  id serial key");
        Understanding shelf = Say.understand(design, "a shelf has a code text(20) key");
        assertThat(shelf.sentences()).containsExactly("Shelf: code text(20) key");
        assertThat(Notation.print(shelf.edit().on(design)))
                .contains("entity Shelf\n  code        text(20)       key\n");
    }
}
