package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Reading;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** {@code belongs} says less than {@code must belong}: what is added is told as a guess, and can be taken otherwise. */
class MustGuessTest {
    private final Design design = Samples.design("entity Dog", "  id serial key", "entity Owner", "  id serial key");

    private List<String> guesses(String said) {
        return Say.understand(design, said).guesses().stream()
                .filter(w -> w.startsWith("guessed: each Dog m"))
                .toList();
    }

    @Test
    void whetherItMustIsAGuessWhereNoWordSaysSo() {
        assertThat(guesses("each dog belongs to an owner")).containsExactly("guessed: each Dog must have one Owner");
        assertThat(guesses("each dog must belong to an owner")).isEmpty();
        assertThat(guesses("a dog may belong to an owner")).isEmpty();
        assertThat(guesses("each dog belongs to exactly one owner")).isEmpty();
    }

    @Test
    void itCanBeTakenOtherwise() {
        Understanding otherwise = Say.understand(
                design, "each dog belongs to an owner", Map.of("guessed: each Dog must have one Owner", 1));
        Reading forward = otherwise.edit().on(design).relationships().get(0).forward();
        assertThat(forward.must()).isFalse();
        assertThat(otherwise.guesses()).contains("guessed: each Dog may have one Owner");
    }
}
