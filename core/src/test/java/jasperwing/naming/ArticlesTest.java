package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArticlesTest {
    @ParameterizedTest
    @CsvSource({
        "Dive, a Dive",
        "Owner, an Owner",
        "User, a User",
        "Unit, a Unit",
        "UnnamedPlace, an UnnamedPlace",
        "Hour, an Hour",
        "House, a House",
        "Heir, an Heir",
        "Usage, a Usage",
        "Umbrella, an Umbrella",
        "University, a University",
        "Uncle, an Uncle",
        "one-to-one, a one-to-one",
        "Onerous, an Onerous",
        "European, a European"
    })
    void theArticleFollowsTheSound(String name, String with) {
        assertThat(Articles.with(name)).isEqualTo(with);
    }
}
