package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.say.Say;
import org.junit.jupiter.api.Test;

/** Formulas, rules, orders and conditions follow what they name to its new name. */
class RenamingTest {
    private static final String[] KENNEL = {
        "value Spot",
        "  lane   int",
        "  cage   int",
        "  rule \"must be somewhere\": lane > 0",
        "value Place",
        "  spot   Spot",
        "  floor  int",
        "  rule \"must be in a cage\": spot.cage > 0",
        "trait Weighed",
        "  weight  decimal(5,2)",
        "  rule \"must weigh something\": weight > 0",
        "entity Kennel",
        "  id       serial  key",
        "  dogs     int     = count(inhabitants where place.spot.lane = 1 and weight > 2)",
        "entity Dog with Weighed",
        "  id       serial  key",
        "  place    Place",
        "  bed      Spot",
        "  far      boolean = place.spot.lane > 7 or bed.lane > 7",
        "  unique (weight, kennel)",
        "  index (bed) where weight > 3",
        "  shown as weight",
        "  rule \"must be light\": weight < 60 and bed.cage = place.spot.cage",
        "each Dog must live in one Kennel, which may have many Dog as inhabitants in order of place.spot.lane, falling weight"
    };

    private static String text(String... renames) {
        String[] lines = KENNEL.clone();
        for (int i = 0; i < lines.length; i++) {
            for (int j = 0; j < renames.length; j += 2) {
                lines[i] = lines[i].replaceAll("\\b" + renames[j] + "\\b", renames[j + 1]);
            }
        }
        return Notation.print(Samples.design(lines));
    }

    private static final Design BEFORE = Samples.design(KENNEL);

    @Test
    void aPartOfAValue() {
        Design after = Renaming.attribute("Spot", "lane", "row").on(BEFORE);
        assertThat(Notation.print(after)).isEqualTo(text("lane", "row"));
        assertThat(Report.of(after, Dialects.H2).findings()).noneMatch(f -> f.level() == Level.ERROR);
    }

    @Test
    void anAttributeOfATrait() {
        Design after = Renaming.attribute("Weighed", "weight", "mass").on(BEFORE);
        assertThat(Notation.print(after)).isEqualTo(text("weight", "mass"));
        assertThat(Report.of(after, Dialects.H2).findings()).noneMatch(f -> f.level() == Level.ERROR);
    }

    @Test
    void anAttributeOfAnEntityByWayOfSpeech() {
        Design after = Say.understand(BEFORE, "rename the bed of a dog to basket")
                .edit()
                .on(BEFORE);
        assertThat(Notation.print(after)).isEqualTo(text("bed", "basket"));
    }

    @Test
    void whatIsTypedAnewIsTakenAsItIsTyped() {
        String typed = text().replace("  lane        int", "  row         int");
        Design after = Renaming.retypedGroup(BEFORE, Notation.parse(typed).value(), "Spot");
        assertThat(Notation.print(after))
                .doesNotContain("lane ")
                .contains("row > 0", "place.spot.row = 1", "bed.row > 7");
    }

    @Test
    void whatIsNotThereChangesNothing() {
        assertThat(Renaming.attribute("Spot", "depth", "row").on(BEFORE)).isEqualTo(BEFORE);
        assertThat(Renaming.attribute("Nowhere", "lane", "row").on(BEFORE)).isEqualTo(BEFORE);
    }
}
