package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who can have a first row where kinds owe what they are kinds of, and stand for it. */
class FirstRowRulesTest {
    private static final List<String> INSTRUMENTS = List.of(
            "entity Instrument, only its kinds",
            "  id serial key",
            "entity Sonde is a kind of Instrument",
            "  depth int",
            "entity Camera is a kind of Instrument",
            "  lens text(20)",
            "entity Dive",
            "  id serial key");

    private static List<Finding> circles(String... relationships) {
        return Report.of(design(relationships), Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == Rule.REQUIRED_CYCLE)
                .toList();
    }

    private static Design design(String... relationships) {
        return Samples.design(
                Stream.concat(INSTRUMENTS.stream(), Stream.of(relationships)).toArray(String[]::new));
    }

    @Test
    void aKindOwesWhatItIsAKindOfOwes() {
        assertThat(circles("each Instrument must be kept by one Dive", "each Dive must carry one Sonde"))
                .extracting(Finding::message)
                .containsExactly("Dive, Instrument, Sonde must each have one of the others first.");
    }

    @Test
    void oneKindThatOwesNothingIsEnoughForWhatHasOnlyKinds() {
        assertThat(circles("each Dive must carry one Instrument", "each Sonde must be kept by one Dive"))
                .isEmpty();
    }

    @Test
    void whenEveryKindOwesItNoneCanBeFirst() {
        List<Finding> found = circles(
                "each Dive must carry one Instrument",
                "each Sonde must be kept by one Dive",
                "each Camera must be kept by one Dive");
        assertThat(found)
                .extracting(Finding::message)
                .containsExactly(
                        "Each Dive must have one of Sonde, Camera as instrument first, and each of these in the end one Dive.");
        Design mended = found.get(0)
                .fixes()
                .get(0)
                .edit()
                .on(design(
                        "each Dive must carry one Instrument",
                        "each Sonde must be kept by one Dive",
                        "each Camera must be kept by one Dive"));
        assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }

    @Test
    void whatOnlyWaitsForACircleIsNotSaidToBeOfIt() {
        assertThat(circles(
                        "each Sonde must be kept by one Dive",
                        "each Camera must be kept by one Dive",
                        "each Dive must carry one Sonde",
                        "entity Photo",
                        "  id serial key",
                        "each Photo must be taken by one Instrument"))
                .extracting(f -> f.subject().text())
                .containsExactly("Sonde.dive");
    }

    @Test
    void nothingHoldsAReferenceToRowsInSeveralTables() {
        List<String> apart = INSTRUMENTS.stream()
                .map(l -> l.equals("  id serial key") ? "  id uuid key" : l)
                .toList();
        Design design = Samples.design(Stream.concat(
                        apart.stream()
                                .flatMap(l -> l.startsWith("entity Instrument")
                                        ? Stream.of(l, "  kinds kept in a complete table each")
                                        : Stream.of(l)),
                        Stream.of("each Instrument must be kept by one Dive", "each Dive must carry one Instrument"))
                .toArray(String[]::new));
        assertThat(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }
}
