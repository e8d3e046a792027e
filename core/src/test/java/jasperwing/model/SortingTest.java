package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.notation.Notation;
import jasperwing.reading.Option;
import jasperwing.reading.Phrase;
import jasperwing.reading.Readings;
import jasperwing.reading.Slot;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The order in which many are read: said, kept through edits, chosen, and found to be impossible. */
class SortingTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive",
            "  id serial key",
            "entity Photo",
            "  id serial key",
            "  takenAt timestamp",
            "  raw binary?",
            "each Dive may have many Photo in falling order of takenAt, which must belong to one Dive");

    private static Optional<Sorting> sorting(Design design) {
        return design.relationships().get(0).forward().sorting();
    }

    @Test
    void anOrderIsSaidAsItIsRead() {
        assertThat(sorting(DESIGN)).contains(new Sorting("takenAt", true));
        String sentence = "each Dive may have many Photo in order of takenAt, which must belong to one Dive";
        assertThat(Notation.print(Notation.sentence(sentence).value().orElseThrow()))
                .isEqualTo(sentence);
        assertThat(Notation.sentence("each Dive may have one Photo in order of takenAt")
                        .problems())
                .extracting(p -> p.message())
                .containsExactly("only many have an order");
        assertThat(Readings.text(Readings.whole(DESIGN, DESIGN.relationships().get(0))))
                .contains("Photos come in falling order of takenAt.");
    }

    @Test
    void anOrderFollowsItsAttribute() {
        Edit rename = EntityEdits.changeAttribute("Photo", "takenAt", a -> a.withName("shotAt"));
        assertThat(sorting(rename.on(DESIGN))).contains(new Sorting("shotAt", true));
        assertThat(sorting(EntityEdits.removeAttribute("Photo", "takenAt").on(DESIGN)))
                .isEmpty();
        List<Attribute> typed = DESIGN.entity("Photo").orElseThrow().attributes().stream()
                .map(a -> a.name().equals("takenAt") ? a.withName("seenAt") : a)
                .toList();
        assertThat(sorting(EntityEdits.retype("Photo", typed, List.of("id")).on(DESIGN)))
                .contains(new Sorting("seenAt", true));
        assertThat(sorting(EntityEdits.retype("Photo", typed.subList(0, 1), List.of("id"))
                        .on(DESIGN)))
                .isEmpty();
        Relationship one = DESIGN.relationships().get(0);
        assertThat(one.withForward(one.forward().withMany(false)).forward().sorting())
                .isEmpty();
    }

    @Test
    void anOrderIsChosenAmongTheAttributesThatGiveOne() {
        Relationship photos = DESIGN.relationships().get(0);
        List<Option> options = Readings.options(DESIGN, photos, new Phrase("", Slot.SORTING, "Photo"));
        assertThat(options)
                .extracting(Option::words)
                .containsExactly(
                        "in any order",
                        "in order of id",
                        "in falling order of id",
                        "in order of takenAt",
                        "in falling order of takenAt");
        assertThat(options)
                .filteredOn(Option::chosen)
                .extracting(Option::words)
                .containsExactly("in falling order of takenAt");
    }

    @Test
    void anOrderByWhatIsNotThereIsFoundAndMended() {
        Relationship photos = DESIGN.relationships().get(0);
        Design wrong = RelationshipEdits.replace(
                        photos,
                        photos.withForward(photos.forward().withSorting(Optional.of(new Sorting("raw", false)))))
                .on(DESIGN);
        var findings = Report.of(wrong, Dialects.POSTGRESQL).of(Level.ERROR);
        assertThat(findings).extracting(f -> f.rule()).containsExactly(Rule.UNKNOWN_NAME);
        Design mended = findings.get(0).fixes().get(0).edit().on(wrong);
        assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(sorting(mended)).isEmpty();
    }
}
