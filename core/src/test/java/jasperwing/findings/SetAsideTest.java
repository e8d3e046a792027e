package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.SetAside;
import jasperwing.model.SetAsideEdits;
import jasperwing.notation.Notation;
import jasperwing.schema.Dialect;
import org.junit.jupiter.api.Test;

/** Warnings that are left as they are, for a reason that stands in the design. */
class SetAsideTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive", "  id serial key", "  depth int", "entity Photo", "  id serial key", "  diveId big int?");

    private static Report report(Design design) {
        return Report.of(design, Dialect.POSTGRESQL);
    }

    private static Design setAside() {
        Finding warning = report(DESIGN).findings().get(0);
        return SetAsideEdits.add(warning.asSetAside("until the import is done")).on(DESIGN);
    }

    @Test
    void aWarningSetAsideIsCountedByItselfAndItsReasonIsKept() {
        Report report = report(setAside());
        assertThat(report.findings()).isEmpty();
        assertThat(report.counts()).isEqualTo("0 errors, 0 warnings, 1 set aside");
        assertThat(report.holding()).isEqualTo(Rule.values().length - 1);
        assertThat(report.aside())
                .extracting(a -> a.finding().rule(), a -> a.said().reason())
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(Rule.UNDECLARED_REFERENCE, "until the import is done"));
    }

    @Test
    void itStandsInTheTextAndComesBackFromIt() {
        String text = Notation.print(setAside());
        assertThat(text).contains("\nset aside undeclared-reference on Photo.diveId \"until the import is done\"\n");
        assertThat(Notation.parse(text).value()).isEqualTo(setAside());
        assertThat(Notation.parse("design \"D\"\nset aside no-key on Dive\n").problems())
                .extracting(p -> p.line() + ":" + p.column())
                .containsExactly("2:25");
    }

    @Test
    void itFollowsTheNamesItIsAboutAndGoesWithThem() {
        Design renamed = EntityEdits.changeAttribute("Photo", "diveId", a -> a.withName("diveKey"))
                .then(EntityEdits.rename("Photo", "Picture"))
                .on(setAside());
        assertThat(renamed.setAside())
                .extracting(SetAside::entity, SetAside::member)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("Picture", "diveKey"));
        assertThat(report(renamed).aside()).hasSize(1);
        assertThat(EntityEdits.remove("Photo").on(setAside()).setAside()).isEmpty();
    }

    @Test
    void takenBackItIsFoundAgain() {
        Design design = setAside();
        assertThat(SetAsideEdits.takeBack(design.setAside().get(0)).on(design)).isEqualTo(DESIGN);
    }

    @Test
    void anErrorCannotBeSetAside() {
        Design keyless = Samples.design("entity Dive", "  number int", "set aside no-key on Dive \"later\"");
        Report report = report(keyless);
        assertThat(report.findings()).extracting(Finding::rule).containsExactly(Rule.UNKNOWN_NAME, Rule.NO_KEY);
        Design mended = report.findings().get(0).fixes().get(0).edit().on(keyless);
        assertThat(mended.setAside()).isEmpty();
    }
}
