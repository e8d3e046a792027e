package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The examples the documentation shows are what the rules find, and each fix mends what it says. */
class ExamplesTest {
    static Stream<Example> examples() {
        return Example.all().stream();
    }

    @Test
    void everyRuleHasOneExample() {
        assertThat(Example.all())
                .extracting(Example::code)
                .containsExactlyElementsOf(
                        Arrays.stream(Rule.values()).map(Rule::code).toList());
    }

    @ParameterizedTest
    @MethodSource("examples")
    void isFoundAndEachFixMendsIt(Example example) {
        Design design = design(example.raising());
        List<Finding> found = found(design, example);
        assertThat(found).as(example.code()).isNotEmpty();
        Finding first = found.get(0);
        for (Fix fix : first.fixes()) {
            Design mended = fix.edit().on(design);
            assertThat(mended).as(fix.title()).isNotEqualTo(design);
            assertThat(found(mended, example))
                    .as(example.code() + ": " + fix.title())
                    .extracting(Finding::message)
                    .doesNotContain(first.message());
            assertThat(Notation.parse(Notation.print(mended)).problems()).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("examples")
    void isNotFoundOfWhatIsRight(Example example) {
        assertThat(found(design(example.silent()), example)).as(example.code()).isEmpty();
    }

    /** Written anew when {@code -Djasperwing.write} is given. */
    @Test
    void theDocumentationIsMadeFromThem() throws IOException {
        String text = Handbook.text(ExamplesTest::design);
        Path page = Path.of(System.getProperty("jasperwing.root"), "docs", "findings.md");
        if (Boolean.getBoolean("jasperwing.write")) {
            Files.writeString(page, text);
        }
        assertThat(Files.readString(page)).isEqualTo(text);
    }

    private static List<Finding> found(Design design, Example example) {
        return Report.of(design, Dialects.of(example.dialect()).orElse(Dialects.POSTGRESQL)).findings().stream()
                .filter(f -> f.rule().code().equals(example.code()))
                .toList();
    }

    private static Design design(String lines) {
        Parsed<Design> parsed = Notation.parse("design \"Example\"\n" + lines);
        assertThat(parsed.problems()).as(lines).isEmpty();
        return parsed.value();
    }
}
