package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DeleteSpeechTest {
    private static final Design BEES = Samples.design(
            "entity Hive",
            "  id serial key",
            "entity Inspector",
            "  login text(20) key",
            "entity Inspection",
            "  id serial key",
            "each Hive may have many Inspection as inspections, which must belong to one Hive as hive",
            "each Inspection may be done by one Inspector as inspector");

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "deleting an inspector empties it; deleting Inspector empties it",
                "inspections stay when their inspector is deleted; deleting Inspector empties it",
                "deleting a hive deletes its inspections; deleting Hive deletes Inspection too",
                "changing the key of an inspector is followed; changing the key of Inspector is followed",
                "changing the key of an inspector empties it; changing the key of Inspector empties it",
                "when the key of an inspector changes, its inspections follow; changing the key of Inspector is followed"
            })
    void whatRefersToItFollowsIt(String said, String line) {
        Understanding understood = Say.understand(BEES, said);
        assertThat(understood.sentences()).containsExactly(line);
        assertThat(Notation.print(understood.edit().on(BEES))).contains("\n  " + line + "\n");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "deleting a hive empties it",
                "inspections stay when their hive is deleted",
                "changing the key of a hive empties it"
            })
    void whatMustBeThereIsNotEmptied(String said) {
        Understanding understood = Say.understand(BEES, said);
        assertThat(understood.problem()).contains("Every Inspection must have its hive, so it cannot be emptied");
        assertThat(understood.edit().on(BEES)).isEqualTo(BEES);
    }
}
