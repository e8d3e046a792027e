package jasperwing.reading;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingsTest {
    private static Relationship of(String sentence) {
        return Notation.sentence(sentence).value().orElseThrow();
    }

    private final Relationship dives = of("each Dive must belong to one Expedition, which may have many Dive");

    @Test
    void eachEndReadsTheRelationshipItsOwnWay() {
        assertThat(Readings.text(Readings.from(Samples.demo(), dives, "Dive")))
                .isEqualTo("Each Dive must belong to one Expedition, which may have many Dives.");
        assertThat(Readings.text(Readings.from(Samples.demo(), dives, "Expedition")))
                .isEqualTo("Each Expedition may have many Dives, each of which must belong to one Expedition. "
                        + "Deleting an Expedition is refused while it has any Dives.");
    }

    @Test
    void aOneOfNamesItsSubjectsAndHowItIsKept() {
        assertThat(Readings.text(Readings.whole(Samples.demo(), of("each Note may be about one of Dive, Site"))))
                .isEqualTo(
                        "Each Note may be about one of Dive or Site; not read back. "
                                + "Deleting a Dive is refused while it has any Notes. "
                                + "Deleting a Site is refused while it has any Notes. Kept as a column for each. Called subject.");
    }

    @Test
    void choosingAWordGivesTheRelationshipWithThatWord() {
        assertThat(chosen(Slot.MUST, "").forward().must()).isFalse();
        assertThat(((BinaryRelationship) chosen(Slot.BACK_COUNT, "")).shape())
                .isEqualTo(BinaryRelationship.Shape.ONE_TO_ONE);
        assertThat(((BinaryRelationship) chosen(Slot.COUNT, "")).shape())
                .isEqualTo(BinaryRelationship.Shape.MANY_TO_MANY);
        Phrase deleting = new Phrase("is refused", Slot.DELETE, "Expedition");
        assertThat(Readings.options(Samples.demo(), dives, deleting))
                .extracting(o -> o.result().onDelete("Expedition"))
                .containsExactly(DeleteRule.REFUSE, DeleteRule.DELETE_TOO, DeleteRule.EMPTY);
        assertThat(Readings.options(Samples.demo(), dives, deleting))
                .extracting(Option::words)
                .contains("deletes its Dives too");
    }

    private Relationship chosen(Slot slot, String entity) {
        return Readings.options(Samples.demo(), dives, new Phrase("", slot, entity)).stream()
                .filter(o -> !o.chosen())
                .findFirst()
                .orElseThrow()
                .result();
    }

    @Test
    void aVerbIsTakenWhenItIsOne() {
        assertThat(Readings.withTyped(dives, Slot.VERB, "  be  made on ")
                        .orElseThrow()
                        .forward()
                        .verb())
                .isEqualTo("be made on");
        assertThat(Readings.withTyped(dives, Slot.BACK_VERB, "have many")).isEmpty();
        assertThat(Readings.withTyped(dives, Slot.VERB, "")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "be about, is about",
        "have, has",
        "carry, carries",
        "belong to, belongs to",
        "pass, passes",
        "buy, buys"
    })
    void verbsAreSaidOfOneThing(String verb, String said) {
        assertThat(Readings.thirdPerson(verb)).isEqualTo(said);
    }

    private static String read(String... lines) {
        Design design = Samples.design(lines);
        return Readings.text(Readings.whole(design, design.relationships().get(0)));
    }

    @Test
    void whatNoForeignKeyHoldsIsNotPromised() {
        assertThat(read(
                        "entity Plot",
                        "  id serial key",
                        "entity Memo",
                        "  id serial key",
                        "each Memo may be about one of Plot as subject",
                        "  kept as a kind and an id",
                        "  deleting Plot deletes Memo too"))
                .contains("Deleting a Plot leaves its Memos referring to nothing unless a trigger deletes them too;"
                        + " there is no foreign key.");
        assertThat(read(
                        "entity Person",
                        "  kinds kept in a complete table each",
                        "  id uuid key",
                        "entity Nurse is a kind of Person",
                        "  grade int",
                        "entity Memo",
                        "  id serial key",
                        "each Memo must be of one Person, which may have many Memo"))
                .contains("Deleting a Person leaves its Memos referring to nothing unless a trigger refuses it;"
                        + " there is no foreign key.");
        assertThat(read(
                        "entity Person, outside",
                        "  id uuid key",
                        "entity Memo",
                        "  id serial key",
                        "each Memo must be of one Person, which may have many Memo"))
                .contains("Deleting a Person in its own system leaves its Memos referring to nothing; the database does"
                        + " not notice.");
    }
}
