package jasperwing.reading;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.List;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.text.TextContentRenderer;
import org.junit.jupiter.api.Test;

class NarrationTest {
    @Test
    void anEntityIsReadOutInPlainSentences() {
        assertThat(NarrationWriter.plain(Narration.entity(Samples.demo(), "Dive")))
                .isEqualTo(
                        """
                        Dive
                        One descent by one crew.
                        Each is told apart by its id.
                        No two Dives share the same expedition and number.
                        Every Dive must end after it starts.
                        It is shown by its number.
                          - id \u2013 a number that is counted up by itself
                          - number \u2013 a whole number of at least 1
                          - started at \u2013 a moment
                          - ended at \u2013 a moment; may be left empty
                          - max depth \u2013 a number with 1 decimal of at least 0 and at most 120
                          - hazards \u2013 any number of: text of at most 40 characters
                          - Bottom time, min \u2013 a whole number; computed as minutes_between(startedAt, endedAt)
                          - yield \u2013 a whole number; computed as count(specimens)
                        Each Dive must belong to one Expedition, which may have many Dives.
                        Each Dive must be made at one Site, which may have many Dives.
                        Each Dive may have many Researchers, each of which may join many Dives. Deleting a Dive deletes its Assignments too. Researchers come in order of familyName, givenName.
                        Each Dive may yield many Specimens, each of which must come from one Dive. Deleting a Dive is refused while it has any Specimens.
                        Each Dive may use many Instruments, each of which may be used on many Dives.
                        Each Note must be about one of Dive, Specimen or Instrument, which may have many Notes. Deleting a Dive leaves its Notes referring to nothing unless a trigger refuses it; there is no foreign key.
                        """);
    }

    @Test
    void theWholeDesignIsReadOutAreaByArea() {
        List<Narration.Section> sections = Narration.whole(Samples.demo());
        assertThat(sections.get(0).title()).isEqualTo("Saltmarsh Field Station");
        assertThat(sections.get(0).said().get(0)).isEqualTo("It keeps 15 kinds of things, tied by 12 relationships.");
        assertThat(sections.get(0).said()).contains("An expedition state is one of planned, Under way or closed.");
        assertThat(sections.stream().filter(s -> s.level() == 3)).hasSize(15);
        assertThat(Narration.area(Samples.demo(), "Equipment"))
                .extracting(Narration.Section::title)
                .containsExactly("Equipment", "Instrument", "Sonde", "Camera", "Calibration");
        assertThat(Narration.entity(Samples.demo(), "Sonde").get(0).said())
                .contains("A sonde is a kind of instrument, with all that one has.");
        assertThat(Narration.entity(Samples.demo(), "Instrument").get(0).said())
                .contains("An instrument can be a sonde or a camera.");
        assertThat(Narration.area(Samples.demo(), "Nowhere")).isEmpty();
    }

    @Test
    void rulesAreReadAsSentencesThoseOfValuesIncluded() {
        Design design = Samples.design(
                "value Hours",
                "  opensAt time",
                "  closesAt time",
                "  rule \"must open before it closes\": opensAt < closesAt",
                "trait Aged",
                "  madeOn date",
                "  rule \"Nothing is older than the house.\": madeOn > 1900-01-01",
                "entity Shop with Aged",
                "  id serial key",
                "  hours Hours",
                "  feasts Hours list");
        assertThat(RuleReadings.of(design, "Shop"))
                .containsExactly(
                        "Every Shop: Nothing is older than the house.",
                        "Its hours must open before it closes.",
                        "Each of its feasts must open before it closes.");
        assertThat(RuleReadings.of(design, "Gone")).isEmpty();
    }

    @Test
    void namesAndNotesAreTextInMarkdownAndHtml() {
        Design odd = Samples.design(
                "entity `<b>*x*</b>`", "  \"# not [a](heading) <script>alert(1)</script>\"", "  `_y_` int");
        List<Narration.Section> sections = Narration.whole(odd);
        String html = NarrationWriter.html(sections);
        assertThat(html).doesNotContain("<script>", "<b>").contains("&lt;script&gt;", "&lt;b&gt;*x*&lt;/b&gt;");
        String markdown = NarrationWriter.markdown(sections);
        String read = TextContentRenderer.builder()
                .build()
                .render(Parser.builder().build().parse(markdown));
        assertThat(read).contains("<b>*x*</b>", "# not [a](heading) <script>alert(1)</script>");
    }
}
