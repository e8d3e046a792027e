package jasperwing.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.EntityDetails;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the lines of a card make of its entity, without the card. */
class CardEditTest {
    private static final Design DESIGN = Samples.design(
            "area Voyages sea",
            "entity Harbour",
            "  id serial key",
            "entity Berth in Voyages",
            "  number int",
            "  depth decimal(4,1)",
            "  # two berths of a harbour",
            "  key (harbour, number)",
            "  unique (harbour, depth)",
            "  index (depth) where depth > 2",
            "  shown as number",
            "each Berth must lie in one Harbour as harbour, which may have many Berth");

    private static final Entity BERTH = DESIGN.entity("Berth").orElseThrow();

    private static Design typed(String... lines) {
        return CardEdit.of(BERTH, read(lines)).on(DESIGN);
    }

    private static CardLines.Read read(String... lines) {
        List<Attribute> attributes = new ArrayList<>();
        List<String> details = new ArrayList<>();
        for (String line : lines) {
            if (EntityDetails.isDetail(line)) {
                details.add(line);
            } else {
                attributes.add(Notation.attribute(line).value().orElseThrow().attribute());
            }
        }
        return new CardLines.Read(attributes, List.of(), details, "", -1);
    }

    private static List<String> details(Design design, String entity) {
        return EntityDetails.print(design.entity(entity).orElseThrow());
    }

    @Test
    void whatIsNotTouchedStaysWithItsComments() {
        Design same = typed(
                "number int",
                "depth decimal(4,1)",
                "key (harbour, number)",
                "unique (harbour, depth)",
                "index (depth) where depth > 2",
                "shown as number",
                "in Voyages");
        assertThat(same).isEqualTo(DESIGN);
    }

    @Test
    void detailsFollowAnAttributeToItsNewName() {
        String[] lines = {
            "no int",
            "draught decimal(4,1)",
            "key (harbour, number)",
            "unique (harbour, depth)",
            "index (depth) where depth > 2",
            "shown as number",
            "in Voyages"
        };
        assertThat(details(typed(lines), "Berth"))
                .containsExactly(
                        "key (harbour, no)",
                        "unique (harbour, draught)",
                        "index (draught) where draught > 2",
                        "shown as no",
                        "in Voyages");
        assertThat(CardEdit.followed(BERTH, read(lines)))
                .containsEntry("key (harbour, number)", "key (harbour, no)")
                .containsEntry("shown as number", "shown as no")
                .doesNotContainKey("in Voyages");
    }

    @Test
    void whatIsTypedIsTakenAndWhatIsTakenAwayIsGone() {
        Design design = typed(
                "number int", "depth decimal(4,1)", "unique (harbour, number)", "outside", "label \"Mooring place\"");
        Entity berth = design.entity("Berth").orElseThrow();
        assertThat(details(design, "Berth"))
                .containsExactly("unique (harbour, number)", "label \"Mooring place\"", "outside");
        assertThat(berth.key().names()).isEmpty();
        assertThat(berth.notes().comments()).isEqualTo(BERTH.notes().comments());
    }

    @Test
    void whatNamedAnAttributeGoesWithIt() {
        Design design = typed(
                "number int",
                "key (harbour, number)",
                "index (depth) where depth > 2",
                "shown as number",
                "in Voyages");
        assertThat(details(design, "Berth")).containsExactly("key (harbour, number)", "shown as number", "in Voyages");
    }

    @Test
    void aTypeOfSqlIsTakenForOneOfTheNotation() {
        Design design = typed("number integer", "depth numeric(6,2)", "seen bool");
        assertThat(design.entity("Berth").orElseThrow().attributes())
                .extracting(Notation::type)
                .containsExactly("int", "decimal(6,2)", "boolean");
    }
}
