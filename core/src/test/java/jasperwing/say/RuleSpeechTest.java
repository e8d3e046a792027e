package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RuleSpeechTest {
    private final Design design = Samples.design(
            "entity Rental",
            "  id serial key",
            "  startedAt timestamp",
            "  endedAt timestamp?",
            "  paid decimal(8,2)",
            "  deposit decimal(8,2)",
            "  note text(9)");

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "the end of a rental must be after its start; must have its end after its start; endedAt > startedAt",
                "a rental's ended at must be later than the started at;"
                        + " must have its ended at later than its started at; endedAt > startedAt",
                "the deposit of each rental has to be at most its paid; must have its deposit at most its paid; deposit <= paid",
                "Rental's paid must be different from deposit; must have its paid different from its deposit; paid <> deposit",
                "the end of rentals must not be before the start; must have its end not before its start; endedAt >= startedAt"
            })
    void twoAttributesAreCompared(String said, String message, String condition) {
        Understanding understood = Say.understand(design, said);
        assertThat(understood.sentences()).containsExactly("Rental: rule \"" + message + "\": " + condition);
        assertThat(understood.edit().on(design).entity("Rental").orElseThrow().rules())
                .hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the date of an inspection must not be before the purchase date of its hive",
                "an inspection's date may not be earlier than its hive's purchase date"
            })
    void anAttributeIsComparedWithOneOfWhatTheRowRefersTo(String said) {
        Design bees = Samples.design(
                "entity Hive",
                "  id serial key",
                "  purchaseDate date",
                "entity Inspection",
                "  id serial key",
                "  date date",
                "each Inspection must belong to one Hive as hive, which may have many Inspection");
        assertThat(Say.understand(bees, said).sentences()).singleElement().satisfies(s -> assertThat(s)
                .startsWith("Inspection: rule \"must have its date not ")
                .endsWith(" its hive's purchase date\": date >= hive.purchaseDate"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the end of a rental must be after its note",
                "the end of a rental must be after its refund",
                "the end of a rental must be after the end"
            })
    void whatCannotBeComparedIsNotTakenForARule(String said) {
        assertThat(Say.understand(design, said)
                        .edit()
                        .on(design)
                        .entity("Rental")
                        .orElseThrow()
                        .rules())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the harbour of a mooring must be the harbour of its berth",
                "a mooring's harbour must be the same as the harbour of its berth",
                "a mooring and its berth must have the same harbour",
                "moorings and their berths must be in the same harbour",
                "the berth of a mooring must lie in the same harbour"
            })
    void twoRoutesLeadToTheSame(String said) {
        Design marina = Samples.design(
                "entity Harbour",
                "  id serial key",
                "entity Berth",
                "  id serial key",
                "entity Mooring",
                "  id serial key",
                "each Berth must belong to one Harbour as harbour",
                "each Mooring must lie in one Harbour as harbour",
                "each Mooring may lie at one Berth as berth");
        Understanding understood = Say.understand(marina, said);
        assertThat(understood.sentences())
                .containsExactly("Mooring: rule \"must have the harbour of its berth\": berth.harbour is harbour");
        Design once = understood.edit().on(marina);
        assertThat(once.entity("Mooring").orElseThrow().rules()).hasSize(1);
        assertThat(Say.understand(once, said).edit().on(once)).isEqualTo(once);
    }

    @Test
    void sayingItAgainChangesNothing() {
        String said = "the end of a rental must be after its start";
        Design once = Say.understand(design, said).edit().on(design);
        assertThat(Say.understand(once, said).edit().on(once)).isEqualTo(once);
    }
}
