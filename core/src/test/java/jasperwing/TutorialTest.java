package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.say.Say;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Each step of the tutorial does what the page says it does. */
class TutorialTest {
    private static final Pattern BLOCK = Pattern.compile("```(\\w+)\\n(.*?)```", Pattern.DOTALL);

    private static String page;

    @BeforeAll
    static void read() throws IOException {
        page = Files.readString(Path.of(System.getProperty("jasperwing.root"), "docs", "tutorial.md"));
    }

    private static List<String> blocks(String kind) {
        List<String> blocks = new ArrayList<>();
        Matcher matcher = BLOCK.matcher(page);
        while (matcher.find()) {
            if (matcher.group(1).equals(kind)) {
                blocks.add(matcher.group(2));
            }
        }
        assertThat(blocks).as(kind).isNotEmpty();
        return blocks;
    }

    private static Design said(int steps) {
        Design design = Design.named("Tool library");
        for (String text : blocks("say").subList(0, steps)) {
            for (Say.Heard heard : Say.paragraph(design, text.replace('\n', ' '), Map.of())) {
                assertThat(heard.understanding().problem()).as(heard.sentence()).isEmpty();
                design = heard.understanding().edit().on(design);
            }
        }
        return design;
    }

    @Test
    void theRequirementsBecomeTheDesign() {
        assertThat(Notation.print(said(1))).isEqualTo(blocks("wing").get(0));
    }

    @Test
    void whatWasForgottenIsAddedAndNothingIsWrong() {
        assertThat(Report.of(said(2), Dialects.POSTGRESQL).counts() + "\n")
                .isEqualTo(blocks("findings").get(0));
    }

    @Test
    void theTablesHaveTheLinesThatAreShown() {
        assertThat(Schema.derive(said(2), Dialects.POSTGRESQL).sql().lines())
                .containsAll(blocks("sql").get(0).lines().toList());
    }

    @Test
    void theClassesHaveTheLinesThatAreShown() {
        Design design = said(2);
        String loan = OurTargets.JAKARTA.files(design).stream()
                .filter(f -> f.path().endsWith("/Loan.java"))
                .map(GeneratedFile::text)
                .collect(Collectors.joining());
        assertThat(loan.lines()).containsAll(blocks("java").get(0).lines().toList());
    }
}
