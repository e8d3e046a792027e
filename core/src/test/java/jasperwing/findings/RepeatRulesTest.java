package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said twice, and keys that lead back to themselves: an error that its fix takes away. */
class RepeatRulesTest {
    static Stream<Arguments> broken() {
        return Stream.of(
                broken(Rule.DUPLICATE_NAME, "Land", "area Land moss", "area Land sea"),
                broken(
                        Rule.DUPLICATE_NAME,
                        "Main",
                        "entity Dive",
                        "  id serial key",
                        "sheet Main: Dive",
                        "sheet Main: Dive"),
                broken(Rule.DUPLICATE_NAME, "Hue", "enum Hue: red, Red"),
                broken(Rule.DUPLICATE_NAME, "Spot.east", "value Spot", "  east int", "  east int"),
                broken(Rule.DUPLICATE_NAME, "Stamped.at", "trait Stamped", "  at date", "  at date"),
                broken(Rule.DUPLICATE_NAME, "Dive.day", "entity Dive", "  day date", "  n int", "  key (day, n, day)"),
                broken(Rule.DUPLICATE_NAME, "Dive.day", keyed("  day date", "  unique (day, day)")),
                broken(Rule.DUPLICATE_NAME, "Dive.day", keyed("  day date", "  index (day, day)")),
                broken(
                        Rule.NO_KEY,
                        "Dive",
                        "entity Dive",
                        "  name text(9)",
                        "  key (name, buddy)",
                        "each Dive may be near one Dive as buddy, which may have many Dive"),
                broken(
                        Rule.NO_KEY,
                        "Crew",
                        keyed(
                                "entity Crew",
                                "each Dive may have many Crew as crews via Crew, which may have many Dive as dives")),
                broken(
                        Rule.EMPTY_ON_MUST,
                        "Log.dive",
                        keyed(
                                "entity Log",
                                "  n int",
                                "  key (n, dive)",
                                "each Log may be of one Dive as dive, which may have many Log as logs",
                                "  deleting Dive empties it")),
                broken(Rule.FORMULA_NOT_OF_TYPE, "Dive.half", keyed("  depth int", "  half int = depth / 0")));
    }

    private static String[] keyed(String... lines) {
        return Stream.concat(Stream.of("entity Dive", "  id serial key"), Stream.of(lines))
                .toArray(String[]::new);
    }

    private static Arguments broken(Rule rule, String subject, String... lines) {
        return Arguments.of(rule, subject, Samples.design(lines));
    }

    @ParameterizedTest
    @MethodSource("broken")
    void isAnErrorThatItsFixTakesAway(Rule rule, String subject, Design design) {
        for (Dialect dialect : Dialects.all()) {
            List<Finding> found = Report.of(design, dialect).of(Level.ERROR).stream()
                    .filter(f -> f.rule() == rule)
                    .toList();
            assertThat(found).singleElement().satisfies(f -> {
                assertThat(f.subject().text()).isEqualTo(subject);
                assertThat(f.fixes()).isNotEmpty();
                Design mended = f.fixes().get(0).edit().on(design);
                assertThat(Report.of(mended, dialect).of(Level.ERROR)).noneMatch(m -> m.rule() == rule);
            });
        }
    }
}
