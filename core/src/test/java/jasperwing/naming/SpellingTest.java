package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SpellingTest {
    private static final List<String> NAMES = List.of("Customer", "Book", "Order", "Car");

    @Test
    void aFewLettersMoreLessOtherOrSwappedAreOneName() {
        assertThat(Spelling.nearest("Custmer", NAMES)).contains("Customer");
        assertThat(Spelling.nearest("Cutsomer", NAMES)).contains("Customer");
        assertThat(Spelling.nearest("Bok", NAMES)).contains("Book");
        assertThat(Spelling.nearest("Oder", NAMES)).contains("Order");
    }

    @Test
    void whatIsFarOrTheSameIsNone() {
        assertThat(Spelling.nearest("Invoice", NAMES)).isEmpty();
        assertThat(Spelling.nearest("order", NAMES)).isEmpty();
        assertThat(Spelling.nearest("Ca", NAMES)).isEmpty();
    }
}
