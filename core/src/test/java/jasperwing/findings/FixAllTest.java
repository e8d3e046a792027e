package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import org.junit.jupiter.api.Test;

class FixAllTest {
    private final Design design = Samples.design(
            "entity Core",
            "  id serial key",
            "  drilledAt local timestamp",
            "  soldAt local timestamp",
            "  price real",
            "each Core must come from one Core as above",
            "each Core must lie in one Core as box");

    private static long count(Design design, Rule rule) {
        return Report.of(design, Dialects.POSTGRESQL).findings().stream()
                .filter(f -> f.rule() == rule)
                .count();
    }

    @Test
    void mendsAllOfOneKindAndNothingElse() {
        Design mended = FixAll.of(Rule.NO_ZONE, Dialects.POSTGRESQL).on(design);
        assertThat(count(design, Rule.NO_ZONE)).isEqualTo(2);
        assertThat(count(mended, Rule.NO_ZONE)).isZero();
        assertThat(count(mended, Rule.MONEY_IN_REAL)).isEqualTo(1);
        assertThat(mended.relationships()).isEqualTo(design.relationships());
    }

    @Test
    void mendsRelationshipsThatChangeUnderIt() {
        assertThat(count(design, Rule.REQUIRED_SELF)).isEqualTo(2);
        Design mended = FixAll.of(Rule.REQUIRED_SELF, Dialects.POSTGRESQL).on(design);
        assertThat(count(mended, Rule.REQUIRED_SELF)).isZero();
        assertThat(mended.relationships()).hasSize(2);
    }

    @Test
    void leavesWhatHasNoFix() {
        Design apart = Samples.design(
                "entity Tide",
                "  id serial key",
                "  level int",
                "entity Plot",
                "  id serial key",
                "  size int",
                "each Plot may lie beside one Plot as neighbour");
        assertThat(FixAll.of(Rule.UNTIED, Dialects.POSTGRESQL).on(apart)).isEqualTo(apart);
    }
}
