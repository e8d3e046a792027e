package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UniqueSpeechTest {
    private static final Design BEES = Samples.design(
            "entity Apiary",
            "  id serial key",
            "entity Hive",
            "  id serial key",
            "  number int",
            "  colour text(20)",
            "entity Frame",
            "  place int",
            "  key (hive, place)",
            "each Apiary may have many Hive as hives, which must belong to one Apiary as apiary",
            "each Hive may have many Frame as frames, which must belong to one Hive as hive");

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "the number of a hive is unique within its apiary; Hive: unique (apiary, number)",
                "a hive's number must be unique per apiary; Hive: unique (apiary, number)",
                "hives have unique numbers in their apiary; Hive: unique (apiary, number)",
                "no two hives of an apiary have the same number; Hive: unique (apiary, number)",
                "no two hives share the same number within the same apiary; Hive: unique (apiary, number)",
                "the number and colour of a hive are unique within its apiary; Hive: unique (apiary, number, colour)",
                "the combination of number and colour of a hive is unique; Hive: unique (number, colour)",
                "no two hives may have the same number and colour; Hive: unique (number, colour)",
                "no two hives have the same number; Hive: number int unique"
            })
    void whatNoTwoShareIsUnique(String said, String sentence) {
        Understanding understood = Say.understand(BEES, said);
        assertThat(understood.sentences()).containsExactly(sentence);
        Design once = understood.edit().on(BEES);
        assertThat(once).isNotEqualTo(BEES);
        assertThat(Say.understand(once, said).edit().on(once)).isEqualTo(once);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the place of a frame is unique within its hive",
                "a hive's number is unique per year",
                "the queen of a hive is unique within its apiary",
                "the number of a hive is unique for each beekeeper",
                "no two hives share a roof"
            })
    void whatIsSaidAlreadyOrIsNotThereChangesNothing(String said) {
        assertThat(Say.understand(BEES, said).edit().on(BEES)).isEqualTo(BEES);
    }
}
