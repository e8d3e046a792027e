package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.Attribute;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypeGuessTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
        email | text(190)
        contactEmail | text(190)
        price | decimal(10,2)
        unit_price | decimal(10,2)
        startedAt | timestamp
        closesOn | date
        isOpen | boolean
        homepage | text(400)
        latitude | decimal(9,6)
        remarks | long text
        stars | int
        photo | binary
        firstName | text(80)
        id | serial
        ticketUuid | uuid
        """)
    void theNameSaysTheType(String name, String type) {
        Type guess = TypeGuess.of(name).orElseThrow();
        assertThat(Notation.type(Attribute.of("x", guess))).isEqualTo(type);
    }

    @Test
    void mostNamesSayNothing() {
        assertThat(TypeGuess.of("zygote")).isEmpty();
        assertThat(TypeGuess.of("pricey")).isEmpty();
    }

    @Test
    void wordsThatEndInSesKeepTheirE() {
        assertThat(Plurals.singular("Courses")).isEqualTo("Course");
        assertThat(Plurals.singular("Houses")).isEqualTo("House");
        assertThat(Plurals.singular("Statuses")).isEqualTo("Status");
        assertThat(Plurals.singular("Boxes")).isEqualTo("Box");
        assertThat(Plurals.singular("Addresses")).isEqualTo("Address");
        assertThat(Plurals.isPlural("Courses")).isTrue();
        assertThat(Plurals.isPlural("Course")).isFalse();
    }
}
