package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatabaseSpeechTest {
    private final Design design = Samples.design("area Dairy moss", "entity Cow in Dairy", "  id serial key");

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "tables are named in the singular; tables in the singular",
                "use singular table names; tables in the singular",
                "All tables are in the schema farm.; schema \"farm\"",
                "the tables of dairy lie in the schema milk; area Dairy in schema \"milk\"",
                "table names start with fm_; tables begin with \"fm_\"",
                "tables begin with \"fm_\"; tables begin with \"fm_\"",
                "the keys are named after their tables; keys named after their table",
                "join tables are called after both entities; join tables named after both",
                "constraints must end in their kind; constraints end in their kind"
            })
    void namesInTheDatabaseAreSpokenOf(String said, String line) {
        Understanding understood = Say.understand(design, said);
        assertThat(understood.sentences()).containsExactly(line);
        Design once = understood.edit().on(design);
        assertThat(once).isNotEqualTo(design);
        assertThat(once.entities()).isEqualTo(design.entities());
        assertThat(Say.understand(once, said).edit().on(once)).isEqualTo(once);
    }

    @Test
    void thePluralIsWhatIsUsual() {
        Design singular = design.withNaming(DatabaseNaming.USUAL.with(DatabaseNaming.Rule.SINGULAR_TABLES, true));
        assertThat(Say.understand(singular, "tables are in the plural").edit().on(singular))
                .isEqualTo(design);
    }

    @Test
    void theTablesOfARestaurantAreThings() {
        Design restaurant = Samples.design("entity Table", "  id serial key", "entity Room", "  id serial key");
        Design then =
                Say.understand(restaurant, "tables begin with a number").edit().on(restaurant);
        assertThat(then.naming()).isEqualTo(DatabaseNaming.USUAL);
        assertThat(Say.understand(restaurant, "tables are in the singular")
                        .edit()
                        .on(restaurant)
                        .naming())
                .isEqualTo(DatabaseNaming.USUAL);
    }
}
