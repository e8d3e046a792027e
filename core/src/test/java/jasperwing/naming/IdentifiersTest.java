package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class IdentifiersTest {
    @Test
    void namesThatAreAlikeAreNumbered() {
        Identifiers names = new Identifiers(0);
        assertThat(names.take("name")).isEqualTo("name");
        assertThat(names.take("name_2")).isEqualTo("name_2");
        assertThat(names.take("Name")).isEqualTo("Name_3");
        assertThat(names.take("name")).isEqualTo("name_4");
        assertThat(names.hasClashed()).isTrue();
    }

    @Test
    void aNameGivenBackCanBeTakenAgain() {
        Identifiers names = new Identifiers(0);
        names.take("name");
        String second = names.take("name");
        names.release(second);
        assertThat(names.take("name")).isEqualTo(second);
    }

    /** Tried one after the other they would be tens of thousands of millions. */
    @Test
    void veryManyNamesThatAreAlikeAreGivenOneAfterTheOther() {
        Identifiers names = new Identifiers(63);
        Set<String> given = new HashSet<>();
        for (int i = 0; i < 200_000; i++) {
            given.add(names.take("x".repeat(70)));
        }
        assertThat(given).hasSize(200_000);
    }
}
