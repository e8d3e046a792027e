package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A name in a formula or rule that is nearly one there is can be put right by a fix. */
class RespellingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "n int = count(thinggs); n int = count(things)",
                "n int = count(things where heigt > 3); n int = count(things where height > 3)",
                "n text(9) = repalce(name, \"a\", \"b\"); n text(9) = replace(name, \"a\", \"b\")",
                "rule \"b\": alpah > 1; rule \"b\": alpha > 1",
                "n int = alpah + 1; n int = alpha + 1"
            })
    void itIsWrittenAsItWasMeant(String line, String mended) {
        Design design = design(line);
        Fix fix = Report.of(design, Dialects.DEFAULT).findings().stream()
                .flatMap(f -> f.fixes().stream())
                .filter(f -> f.title().startsWith("Write "))
                .findFirst()
                .orElseThrow();
        assertThat(Notation.print(fix.edit().on(design))).isEqualTo(Notation.print(design(mended)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "n int = alpah + betta; two names are wrong",
                "n int = nothingLikeIt; nothing is near",
                "n int = lenght(name); nor is that"
            })
    void nothingIsOfferedThatDoesNotMendIt(String line, String why) {
        assertThat(Report.of(design(line), Dialects.DEFAULT).findings())
                .as(why)
                .flatExtracting(Finding::fixes)
                .extracting(Fix::title)
                .noneMatch(t -> t.toString().startsWith("Write "));
    }

    private static Design design(String line) {
        return Samples.design(
                "value Span",
                "  from0 int",
                "  to0 int",
                "  rule \"must not be empty\": to0 > from0",
                "trait Counted",
                "  alpha int",
                "entity Shelf with Counted",
                "  id serial key",
                "  name text(9)",
                "  span Span",
                "  " + line,
                "entity Thing",
                "  id serial key",
                "  height int",
                "each Thing must be on one Shelf as shelf, which may have many Thing as things");
    }
}
