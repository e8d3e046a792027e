package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.SortingDesign;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
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
        assertThat(sorting(DESIGN)).contains(Sorting.by(SortKey.by("takenAt").withFalling(true)));
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
        assertThat(sorting(rename.on(DESIGN)))
                .contains(Sorting.by(SortKey.by("shotAt").withFalling(true)));
        assertThat(sorting(EntityEdits.removeAttribute("Photo", "takenAt").on(DESIGN)))
                .isEmpty();
        List<Attribute> typed = DESIGN.entity("Photo").orElseThrow().attributes().stream()
                .map(a -> a.name().equals("takenAt") ? a.withName("seenAt") : a)
                .toList();
        assertThat(sorting(EntityEdits.retype("Photo", typed, List.of("id")).on(DESIGN)))
                .contains(Sorting.by(SortKey.by("seenAt").withFalling(true)));
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
                        "in falling order of takenAt",
                        "in order of id",
                        "in falling order of id",
                        "in order of takenAt",
                        "in falling order of takenAt, rising id",
                        "in falling order of takenAt, id");
        assertThat(options)
                .extracting(o -> o.group() + ": " + o.item())
                .contains(
                        ": in any order",
                        "in falling order of: id",
                        "in order of: takenAt",
                        "and then by: id",
                        "and then by: falling id");
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
                        photos.withForward(photos.forward().withSorting(Optional.of(Sorting.by(SortKey.by("raw"))))))
                .on(DESIGN);
        var findings = Report.of(wrong, Dialects.POSTGRESQL).of(Level.ERROR);
        assertThat(findings).extracting(f -> f.rule()).containsExactly(Rule.UNKNOWN_NAME);
        Design mended = findings.get(0).fixes().get(0).edit().on(wrong);
        assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(sorting(mended)).isEmpty();
    }

    private static final Design CHOIR = SortingDesign.CHOIR;

    private static List<String> orders(Design design) {
        return SortedReading.of(design).stream()
                .map(s -> s.sorting().words(n -> n))
                .toList();
    }

    @Test
    void anOrderIsBySeveralAttributesPartsAndThoseOfALink() {
        assertThat(orders(CHOIR))
                .containsExactly(
                        "in order of familyName, falling joined",
                        "in falling order of home.town, rising joined",
                        "in an order kept in place",
                        "in order of encore, falling id",
                        "in an order kept in number");
        assertThat(Report.of(CHOIR, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(Notation.parse(Notation.print(CHOIR)).value()).isEqualTo(CHOIR);
        assertThat(Readings.text(Readings.whole(CHOIR, CHOIR.relationships().get(2))))
                .contains("Songs come in an order kept in place. Concerts come in order of encore, falling id.");
    }

    @Test
    void anOrderFollowsWhatIsInheritedAndWhatTheLinkHas() {
        Edit names = EntityEdits.changeAttribute("Person", "familyName", a -> a.withName("surname"));
        Edit places = EntityEdits.changeAttribute("Slot", "place", a -> a.withName("position"));
        Edit homes = EntityEdits.changeAttribute("Singer", "home", a -> a.withName("address"));
        Edit gone = EntityEdits.removeAttribute("Slot", "encore");
        assertThat(orders(names.then(places).then(homes).then(gone).on(CHOIR)))
                .containsExactly(
                        "in order of surname, falling joined",
                        "in falling order of address.town, rising joined",
                        "in an order kept in position",
                        "in falling order of id",
                        "in an order kept in number");
    }

    @Test
    void anOrderIsReadAsItWasMeant() {
        String start = "each A may have many B in order of ";
        for (String order : List.of(
                "x, b.c, falling `which`", "`falling`, falling `falling`.x via L", "x, y, which may be in many A")) {
            assertThat(Notation.print(Notation.sentence(start + order).value().orElseThrow()))
                    .isEqualTo(start + order);
        }
        assertThat(Notation.sentence(start + "a, falling a").problems())
                .extracting(p -> p.message())
                .containsExactly("a is said twice in this order");
        assertThat(Notation.sentence(start + "day.").value()).isPresent();
    }

    @Test
    void whatCannotBeKeptIsFound() {
        Design design = Samples.design(
                "entity Shelf",
                "  id serial key",
                "entity Stack",
                "  id serial key",
                "entity Book",
                "  id serial key",
                "  place int unique",
                "  title text(40)",
                "entity Reader",
                "  id serial key",
                "each Shelf may hold many Book as books in an order kept in place, which may be on one Shelf as shelf",
                "each Stack may hold many Book as books in an order kept in place, which may be in one Stack as stack",
                "each Reader may want many Book as books in an order kept in place, which may be wanted by many Reader",
                "each Book may follow many Book as sequels in an order kept in title, which may be followed by one Book as prequel");
        List<Finding> found = Report.of(design, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.UNKNOWN_NAME || f.rule() == Rule.POSITIONS_COLLIDE)
                .toList();
        assertThat(found)
                .extracting(Finding::message)
                .containsExactlyInAnyOrder(
                        "Books are to come in an order kept in place, which is no whole number of Book outside its key.",
                        "Books are to come in an order kept in title, which is no whole number of Book outside its key.",
                        "Book's place is to keep two orders, that of Shelf's books and that of Stack's books.",
                        "Book's place is unique and keeps the order of Shelf's books.",
                        "Book's place is unique and keeps the order of Stack's books.");
        Design mended = design;
        for (Finding each : found) {
            mended = each.fixes().get(0).edit().on(mended);
        }
        assertThat(Report.of(mended, Dialects.POSTGRESQL).findings())
                .extracting(Finding::rule)
                .doesNotContain(Rule.UNKNOWN_NAME, Rule.POSITIONS_COLLIDE);
        assertThat(orders(mended)).containsExactly("in an order kept in place", "in order of place");
    }
}
