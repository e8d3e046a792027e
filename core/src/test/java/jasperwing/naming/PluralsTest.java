package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PluralsTest {
    /** Singular to plural, as {@code model-nouns.txt} says. A word with an apostrophe stands there by mistake and is passed over. */
    private static Map<String, String> nouns() throws IOException {
        Map<String, String> nouns = new LinkedHashMap<>();
        String text = new String(
                PluralsTest.class
                        .getResourceAsStream("/jasperwing/naming/model-nouns.txt")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        for (String line : text.lines().filter(l -> !l.startsWith("#")).toList()) {
            List<String> words = new ArrayList<>(List.of(line.split(" ")));
            String how = words.remove(0);
            words.removeIf(w -> w.contains("'"));
            words.forEach(w -> nouns.put(singular(w, how), plural(w, how)));
        }
        return nouns;
    }

    private static String singular(String word, String how) {
        return how.equals("pairs") ? word.split("/")[0] : word;
    }

    private static String plural(String word, String how) {
        if (how.equals("pairs")) {
            return word.split("/")[1];
        }
        if (how.equals("=")) {
            return word;
        }
        if (how.startsWith("+")) {
            return word + how.substring(1);
        }
        String[] endings = how.split("/");
        return word.substring(0, word.length() - endings[0].length()) + endings[1];
    }

    @Test
    void aLetterThatIsTwoWhenSmallIsLeftAsItIs() {
        assertThat(Plurals.singular("\u0130")).isEqualTo("\u0130");
        assertThat(Plurals.plural("Caf\u00e9")).isEqualTo("Caf\u00e9s");
    }

    @Test
    void theNounsOfModelsAreFormedBothWays() throws IOException {
        Map<String, String> nouns = nouns();
        assertThat(nouns).hasSizeGreaterThan(700);
        SoftAssertions softly = new SoftAssertions();
        nouns.forEach((one, many) -> {
            softly.assertThat(Plurals.plural(one)).as("plural of " + one).isEqualTo(many);
            softly.assertThat(Plurals.singular(many)).as("singular of " + many).isEqualTo(one);
            softly.assertThat(Plurals.singular(one)).as(one + " is singular").isEqualTo(one);
        });
        softly.assertAll();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Bus",
                "Diagnosis",
                "Campus",
                "Lens",
                "Virus",
                "Bonus",
                "Alias",
                "Canvas",
                "Crisis",
                "Radius",
                "Status",
                "Process",
                "Address",
                "Class",
                "Glass",
                "Gas",
                "Analysis",
                "Basis",
                "Series",
                "Species",
                "News",
                "Chassis",
                "Physics",
                "Logistics",
                "Atlas",
                "Census",
                "Corpus",
                "Nexus",
                "Iris",
                "Tennis",
                "Chaos",
                "Business",
                "Access",
                "Progress",
                "MedicalDiagnosis",
                "SchoolBus",
                "Gps",
                "Mantis",
                "Nimbus",
                "Ellipsis"
            })
    void whatIsOneInSIsNotTakenForMany(String name) {
        assertThat(Plurals.isPlural(name)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "SequenceRecord, SequenceRecords",
        "sequence_record, sequence_records",
        "BookShelf, BookShelves",
        "SchoolBus, SchoolBuses",
        "Person, People"
    })
    void theLastWordOfANameChanges(String one, String many) {
        assertThat(Plurals.plural(one)).isEqualTo(many);
        assertThat(Plurals.singular(many)).isEqualTo(one);
    }
}
