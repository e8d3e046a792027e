package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The designs of docs/how-to.md can be taken as they stand. */
class HowToTest {
    private static final Pattern BLOCK = Pattern.compile("```wing\n(.*?)```", Pattern.DOTALL);

    @Test
    void everyDesignIsReadAndHasNoErrors() throws IOException {
        String page = Files.readString(Path.of(System.getProperty("jasperwing.root"), "docs", "how-to.md"));
        List<String> blocks =
                BLOCK.matcher(page).results().map((MatchResult m) -> m.group(1)).toList();
        assertThat(blocks).hasSizeGreaterThan(5);
        for (String block : blocks) {
            Parsed<Design> parsed = Notation.parse("design \"How to\"\n" + block);
            assertThat(parsed.problems()).as(block).isEmpty();
            assertThat(Report.of(parsed.value(), Dialects.POSTGRESQL).of(Level.ERROR))
                    .as(block)
                    .isEmpty();
        }
    }
}
