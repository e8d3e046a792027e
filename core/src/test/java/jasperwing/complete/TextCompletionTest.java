package jasperwing.complete;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.WideDesigns;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextCompletionTest {
    private static final Design ORCHARD = Samples.design(
            "area Growing moss",
            "enum State: planted, bearing, felled",
            "value Spot",
            "  row int",
            "  slot int",
            "trait Stamped",
            "  writtenAt timestamp",
            "entity Orchard in Growing",
            "  id serial key",
            "  name text(40)",
            "entity Tree in Growing",
            "  id serial key",
            "  state State",
            "  spot Spot",
            "  height decimal(4,1)",
            "each Tree must stand in one Orchard as orchard, which may have many Tree as trees");

    @Test
    void belowAnEnumStandsMoreOfItsValues() {
        String head = "enum State: planted, bearing, felled";
        assertThat(completed(head, "  fe")).isEqualTo("  felled");
        assertThat(completed(head, "  felled re")).isEqualTo("  felled retired");
        assertThat(completed(head, "  felled w")).isEqualTo("  felled was ");
        assertThat(completed(head, "  felled retired")).isEmpty();
        assertThat(completed(head, "  x")).isEmpty();
    }

    @Test
    void namesInTheDatabaseAreCompleted() {
        assertThat(completed(null, "dat")).isEqualTo("database");
        assertThat(completed("database", "  tables i")).isEqualTo("  tables in the singular");
        assertThat(completed("database", "  sch")).isEqualTo("  schema \"\"");
        String tree = "entity Tree in Growing";
        assertThat(completed(tree, "  height decimal(4,1) a")).isEqualTo("  height decimal(4,1) as \"\" in ");
        assertThat(completed(tree, "  unique (height) n")).isEqualTo("  unique (height) named \"\"");
        String sentence = "each Tree must stand in one Orchard as orchard, which may have many Tree as trees";
        assertThat(completed(sentence, "  fore")).isEqualTo("  foreign key \"\"");
        assertThat(completed(sentence, "  changing the key of O"))
                .isEqualTo("  changing the key of Orchard is followed");
    }

    /** What the first proposal makes of a line. */
    private static String completed(String head, String before) {
        Proposals proposals = TextCompletion.of(ORCHARD, head == null ? List.of() : List.of(head), before);
        return proposals.isEmpty()
                ? ""
                : before.substring(0, proposals.from())
                        + proposals.list().get(0).insert();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            ignoreLeadingAndTrailingWhitespace = false,
            value = {
                "en|entity ",
                "ea|each ",
                "each Tr|each Tree",
                "each Tree m|each Tree must ",
                "each Tree must st|each Tree must stand in ",
                "each Tree must stand in o|each Tree must stand in one ",
                "each Tree must stand in one Or|each Tree must stand in one Orchard",
                "each Tree may bear many Tree vi|each Tree may bear many Tree via ",
                "each Tree must stand in one Orchard, wh|each Tree must stand in one Orchard, which ",
                "each Tree may have one o|each Tree may have one of ",
                "entity Pear is a kind of Tr|entity Pear is a kind of Tree",
                "entity Pear in Gr|entity Pear in Growing",
                "entity Pear with St|entity Pear with Stamped",
                "sheet Main: Orchard, Tr|sheet Main: Orchard, Tree"
            })
    void statementsAndSentencesGoOn(String before, String line) {
        assertThat(completed(null, before)).isEqualTo(line);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            ignoreLeadingAndTrailingWhitespace = false,
            value = {
                "  state Sta|  state State",
                "  uni|  unique (",
                "  unique (orch|  unique (orchard",
                "  unique (orchard, h|  unique (orchard, height",
                "  index (height) wh|  index (height) where ",
                "  index (height) where state = p|  index (height) where state = \"planted\"",
                "  shown as he|  shown as height",
                "  kinds kept in one|  kinds kept in one table",
                "  tall boolean = hei|  tall boolean = height",
                "  row int = spot.r|  row int = spot.row",
                "  where text(40) = orchard.na|  where text(40) = orchard.name",
                "  big text(9) = upp|  big text(9) = upper("
            })
    void linesOfAnEntityGoOn(String before, String line) {
        assertThat(completed("entity Tree in Growing", before)).isEqualTo(line);
    }

    @Test
    void linesBelowASentenceGoOn() {
        String head = "each Tree must stand in one Orchard as orchard";
        assertThat(completed(head, "  deleting Or")).isEqualTo("  deleting Orchard is refused");
        assertThat(completed(head, "  che")).isEqualTo("  checked at the end");
    }

    @Test
    void formulasOfManyLeadAlongRoles() {
        Proposals proposals = AttributeCompletion.of(
                ORCHARD, ORCHARD.entity("Orchard").orElseThrow(), "tallest decimal(4,1) = max(trees.");
        assertThat(proposals.list()).extracting(Proposal::insert).contains("height", "state", "orchard");
    }

    @Test
    void aConditionOnSomeOfManyIsAboutOneOfThem() {
        String start = "tall int = count(trees where ";
        Entity orchard = ORCHARD.entity("Orchard").orElseThrow();
        assertThat(AttributeCompletion.of(ORCHARD, orchard, start + "round(h").list())
                .extracting(Proposal::insert)
                .contains("height");
        assertThat(AttributeCompletion.of(ORCHARD, orchard, start + "height > 2) + h")
                        .list())
                .extracting(Proposal::insert)
                .doesNotContain("height");
    }

    @Test
    void anOrderIsCompletedByWhatGivesOne() {
        String sentence = "each Orchard may have many Tree as trees ";
        assertThat(completed(null, sentence + "in or")).isEqualTo(sentence + "in order of ");
        assertThat(TextCompletion.of(ORCHARD, List.of(), sentence + "in order of h")
                        .list())
                .extracting(Proposal::insert)
                .contains("height");
    }

    /** Whatever is typed, and wherever the caret stands, it is completed without an exception and within the line. */
    @Property(tries = 60)
    void everyPlaceOfATextIsCompleted(@ForAll long seed, @ForAll int cut) {
        String text = WideDesigns.text(seed);
        Design design = Notation.parse(text).value();
        List<String> above = new ArrayList<>();
        for (String line : text.split("\n")) {
            String before = line.substring(0, Math.floorMod(cut, line.length() + 1));
            Proposals proposals = TextCompletion.of(design, above, before);
            assertThat(proposals.from()).isBetween(0, before.length());
            above.add(line);
        }
    }
}
