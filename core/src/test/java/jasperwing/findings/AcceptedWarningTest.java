package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.AcceptedWarning;
import jasperwing.model.AcceptedWarningEdits;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;

/** Warnings that are left as they are, for a reason that stands in the design. */
class AcceptedWarningTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive", "  id serial key", "  depth int", "entity Photo", "  id serial key", "  diveId big int?");

    private static Report report(Design design) {
        return Report.of(design, Dialects.POSTGRESQL);
    }

    private static Design accepted() {
        Finding warning = report(DESIGN).findings().get(0);
        return AcceptedWarningEdits.add(warning.asAccepted("until the import is done"))
                .on(DESIGN);
    }

    @Test
    void aWarningAcceptedIsCountedByItselfAndItsReasonIsKept() {
        Report report = report(accepted());
        assertThat(report.findings()).isEmpty();
        assertThat(report.counts()).isEqualTo("0 errors, 0 warnings, 1 accepted");
        assertThat(report.holding()).isEqualTo(Rule.values().length - 1);
        assertThat(report.accepted())
                .extracting(a -> a.finding().rule(), a -> a.said().reason())
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(Rule.UNDECLARED_REFERENCE, "until the import is done"));
    }

    @Test
    void itStandsInTheTextAndComesBackFromIt() {
        String text = Notation.print(accepted());
        assertThat(text).contains("\naccept undeclared-reference on Photo.diveId \"until the import is done\"\n");
        assertThat(Notation.parse(text).value()).isEqualTo(accepted());
        assertThat(Notation.parse(text.replace("\naccept ", "\nset aside ")).value())
                .isEqualTo(accepted());
        assertThat(Notation.parse("design \"D\"\naccept no-key on Dive\n").problems())
                .extracting(p -> p.line() + ":" + p.column())
                .containsExactly("2:22");
    }

    @Test
    void itFollowsTheNamesItIsAboutAndGoesWithThem() {
        Design renamed = EntityEdits.changeAttribute("Photo", "diveId", a -> a.withName("diveKey"))
                .then(EntityEdits.rename("Photo", "Picture"))
                .on(accepted());
        assertThat(renamed.accepted())
                .extracting(AcceptedWarning::entity, AcceptedWarning::member)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("Picture", "diveKey"));
        assertThat(report(renamed).accepted()).hasSize(1);
        assertThat(EntityEdits.remove("Photo").on(accepted()).accepted()).isEmpty();
    }

    @Test
    void takenBackItIsFoundAgain() {
        Design design = accepted();
        assertThat(AcceptedWarningEdits.takeBack(design.accepted().get(0)).on(design))
                .isEqualTo(DESIGN);
    }

    @Test
    void anErrorCannotBeAccepted() {
        Design keyless = Samples.design("entity Dive", "  number int", "accept no-key on Dive \"later\"");
        Report report = report(keyless);
        assertThat(report.findings()).extracting(Finding::rule).containsExactly(Rule.UNKNOWN_NAME, Rule.NO_KEY);
        Design mended = report.findings().get(0).fixes().get(0).edit().on(keyless);
        assertThat(mended.accepted()).isEmpty();
    }
}
