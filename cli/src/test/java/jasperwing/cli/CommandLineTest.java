package jasperwing.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;

class CommandLineTest {
    private static final String DEMO = Path.of(System.getProperty("jasperwing.root"), "demo", "saltmarsh.wing")
            .toString();

    @TempDir
    Path folder;

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CommandLine line =
                CommandLines.of(Optional.empty()).setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
        int code = line.execute(arguments);
        return new Ran(code, out.toString(), err.toString());
    }

    @Test
    void checkFindsTheDemosErrorAndSaysSoByItsExitCode() throws IOException {
        Ran ran = run("check", DEMO);
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.out())
                .contains(
                        ":" + line("each Note must be about") + ": error one-of-keys-differ Note.subject",
                        "  fix: Keep it as a column for each")
                .endsWith("1 error, 2 warnings, 3 accepted, 93 rules pass\n");
    }

    @Test
    void aFindingShowsItsLineWithACaretBelowTheWord() throws IOException {
        Path design = folder.resolve("boats.wing");
        Files.writeString(design, "design \"D\"\nentity Boat\n  id serial key\n  fee real\n");
        assertThat(run("check", design.toString()).out())
                .contains("    4 |   fee real\n      |   ^^^\n")
                .doesNotContain("\u001b");
    }

    @Test
    void aFindingAboutAConstraintShowsTheLineOfIt() throws IOException {
        Path design = folder.resolve("boats.wing");
        Files.writeString(
                design,
                "design \"D\"\nentity Boat\n  id serial key\n  name text(9)\n  home text(9)?\n  unique (name,home)\n");
        assertThat(run("check", design.toString()).out())
                .contains(
                        ":6: warning unique-with-nulls Boat.home\n    6 |   unique (name,home)\n      |                ^^^^\n");
    }

    @Test
    void withoutACommandItTellsHowItIsUsed() {
        Ran ran = run();
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).startsWith("Usage: jasperwing").contains("check", "tables");
    }

    @Test
    void whatIsNoCommandIsToldWithTheNearestOne() {
        Ran ran = run("chek", DEMO);
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).isEqualTo("There is no command 'chek'. Did you mean 'check'?\nSee jasperwing --help\n");
        assertThat(run("read", DEMO).err())
                .startsWith("There is no command 'read'. The commands are check, tables, classes");
        assertThat(run("check", DEMO, "--jsn").err()).contains("--jsn").endsWith("See jasperwing check --help\n");
    }

    @Test
    void aDialectIsKnownInCapitalsToo() {
        assertThat(run("tables", DEMO, "--dialect", "H2").code()).isZero();
        assertThat(run("tables", DEMO, "--dialect", "oracles").err()).contains("There is no dialect 'oracles'");
    }

    @Test
    void aSheetAndTablesAreNotDrawnTogether() {
        String file = folder.resolve("x.svg").toString();
        assertThat(run("draw", DEMO, "-o", file, "--tables", "--sheet", "Fieldwork")
                        .err())
                .contains("Leave one of them out");
        assertThat(run("draw", DEMO, "-o", file, "--ends", "IDEF1X").code()).isZero();
        assertThat(run("draw", DEMO, "-o", file, "--ends", "arrows").err()).contains("There are no ends 'arrows'");
    }

    @Test
    void shellsCompleteAndManualPagesAreWritten() throws IOException {
        assertThat(run("completion", "bash").out()).contains("complete -F", "tables");
        assertThat(run("completion", "fish").out())
                .contains(
                        "__fish_use_subcommand -f -a check -d 'Checks a design against all rules.'",
                        " -l dialect -r -f -a 'postgresql mariadb sqlite h2 sqlserver'");
        assertThat(run("completion", "tcsh").err()).contains("Choose bash, zsh or fish");
        assertThat(run("man", "-o", folder.resolve("man").toString()).code()).isZero();
        assertThat(folder.resolve("man/jasperwing-tables.1"))
                .content()
                .startsWith(".TH JASPERWING-TABLES 1")
                .contains(".SH OPTIONS", "\\-\\-dialect");
    }

    @Test
    void checkWritesFindingsAsJson() throws IOException {
        Ran ran = run("check", DEMO, "--json", "--dialect", "sqlite");
        List<String> codes = new ArrayList<>();
        List<String> fields = new ArrayList<>();
        try (JsonParser json = new JsonFactory().createParser(ran.out())) {
            while (json.nextToken() != null) {
                if (json.currentToken() == JsonToken.FIELD_NAME) {
                    fields.add(json.currentName());
                } else if (json.currentToken() == JsonToken.VALUE_STRING && "code".equals(json.currentName())) {
                    codes.add(json.getText());
                }
            }
        }
        assertThat(codes).startsWith("one-of-keys-differ").contains("undeclared-reference");
        assertThat(fields).startsWith("code", "level", "subject", "line", "message", "fixes");
    }

    /** Where a line of the demo stands, counted from 1. */
    private static int line(String start) throws IOException {
        List<String> lines = Files.readAllLines(Path.of(DEMO));
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).strip().startsWith(start)) {
                return i + 1;
            }
        }
        throw new IllegalArgumentException("no line begins with " + start);
    }

    @Test
    void checkWritesFindingsAsSarif() throws IOException {
        JsonNode log = new ObjectMapper().readTree(run("check", DEMO, "--sarif").out());
        assertThat(log.at("/version").asText()).isEqualTo("2.1.0");
        JsonNode run = log.at("/runs/0");
        JsonNode results = run.get("results");
        assertThat(results.findValuesAsText("ruleId"))
                .containsExactly(
                        "one-of-keys-differ",
                        "reserved-word",
                        "undeclared-reference",
                        "kind-rows-not-enforced",
                        "at-most",
                        "no-zone");
        for (JsonNode result : results) {
            assertThat(run.at("/tool/driver/rules/" + result.get("ruleIndex").asInt() + "/id")
                            .asText())
                    .isEqualTo(result.get("ruleId").asText());
        }
        assertThat(results.at("/0/level").asText()).isEqualTo("error");
        assertThat(results.at("/2/locations/0/physicalLocation/region/startLine")
                        .asInt())
                .isEqualTo(line("researcherId"));
        assertThat(results.at("/5/suppressions/0/justification").asText()).contains("on paper");
        assertThat(run("check", DEMO, "--sarif", "--json").code()).isEqualTo(2);
    }

    @Test
    void checkOfADesignWithoutErrorsEndsWithZero() throws IOException {
        Path file = write("design \"Fine\"\nentity Dive\n  id serial key\n");
        assertThat(run("check", file.toString()).code()).isZero();
    }

    @Test
    void tablesGoToAFileOrToStandardOutput() {
        Path file = folder.resolve("marsh.sql");
        assertThat(run("tables", DEMO, "--dialect", "sqlite", "-o", file.toString())
                        .code())
                .isZero();
        assertThat(file).content().contains("create table dives (");
        assertThat(run("tables", DEMO, "--dialect", "postgresql").out()).contains("generated by default as identity");
    }

    @Test
    void triggersStandBehindTheTablesWhereThereAreAny() {
        assertThat(run("tables", DEMO, "--dialect", "mariadb", "--triggers").out())
                .contains("\ndelimiter //\n", "create trigger check_kind_of_sondes_insert before insert on sondes")
                .endsWith("\ndelimiter ;\n");
        assertThat(run("tables", DEMO, "--dialect", "mariadb").out()).doesNotContain("create trigger");
        Ran none = run("tables", DEMO, "--dialect", "h2", "--triggers");
        assertThat(none.code()).isEqualTo(2);
        assertThat(none.err()).contains("H2 has triggers in Java only");
    }

    @Test
    void classesAreWrittenAndWhatIsNotOursIsLeft() throws IOException {
        Path dive = folder.resolve("saltmarsh/fieldwork/Dive.java");
        Files.createDirectories(dive.getParent());
        Files.writeString(dive, "mine");
        Ran ran = run("classes", DEMO, "--target", "java-jakarta", "-o", folder.toString());
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.err()).contains("Dive.java: left as it is, not ours");
        assertThat(dive).hasContent("mine");
        assertThat(dive.resolveSibling("Site.java")).content().contains("public class Site");
    }

    @Test
    void drawMakesPicturesOfSheets() throws IOException {
        Path svg = folder.resolve("marsh.svg");
        Path png = folder.resolve("marsh.png");
        assertThat(run("draw", DEMO, "-o", svg.toString()).code()).isZero();
        assertThat(run("draw", DEMO, "-o", png.toString(), "--sheet", "Collection")
                        .code())
                .isZero();
        assertThat(svg).content().contains("<svg", "Expedition");
        assertThat(Files.readAllBytes(png)).startsWith(0x89, 'P', 'N', 'G');
        assertThat(run("draw", DEMO, "-o", svg.toString(), "--sheet", "Nowhere").err())
                .contains("there is no sheet Nowhere; there is Fieldwork, Collection");
        assertThat(run("draw", DEMO, "-o", "marsh.bmp").err()).contains("must end in .svg, .png or .pdf");
        Path pdf = folder.resolve("marsh.pdf");
        assertThat(run("draw", DEMO, "-o", pdf.toString(), "--dark").code()).isZero();
        assertThat(Files.readAllBytes(pdf)).startsWith('%', 'P', 'D', 'F');
        Path large = folder.resolve("large.png");
        assertThat(run("draw", DEMO, "-o", large.toString(), "--scale", "3").code())
                .isZero();
        assertThat(Files.size(large)).isGreaterThan(Files.size(png));
        Ran scale = run("draw", DEMO, "-o", large.toString(), "--scale", "9");
        assertThat(scale.code()).isEqualTo(2);
        assertThat(scale.err()).contains("a scale is from 1 to 4");
    }

    @Test
    void sayPrintsTheNewTextAndLeavesTheFile() throws IOException {
        Path file = write("design \"Fine\"\n\nentity Dive\n  id          serial         key\n");
        Ran ran = run("say", file.toString(), "each Dive may have many Photo, which must belong to one Dive");
        assertThat(ran.code()).isZero();
        assertThat(ran.out())
                .contains("entity Photo\n", "each Dive may have many Photo, which must belong to one Dive\n");
        assertThat(file).content().doesNotContain("Photo");
        Ran wrong = run("say", file.toString(), "photos are nice");
        assertThat(wrong.code()).isEqualTo(2);
        assertThat(wrong.out()).isEmpty();
        assertThat(wrong.err()).contains("\"photos are nice\": Not understood");
    }

    @ParameterizedTest
    @ValueSource(strings = {"empty", "binary", "truncated", "large", "missing", "folder"})
    void badFilesEndWithTwoAPlaceAndNoStackTrace(String kind) throws IOException {
        Path file = folder.resolve("bad.wing");
        switch (kind) {
            case "empty" -> Files.write(file, new byte[0]);
            case "binary" -> Files.write(file, new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 0, (byte) 0xff});
            case "truncated" -> Files.write(file, Arrays.copyOf(Files.readAllBytes(Path.of(DEMO)), 777));
            case "large" -> Files.write(file, "entity x\n".repeat(1_200_000).getBytes(StandardCharsets.UTF_8));
            case "folder" -> Files.createDirectory(file);
            default -> assertThat(file).doesNotExist();
        }
        for (String[] command : new String[][] {
            {"check", file.toString()},
            {"tables", file.toString(), "--dialect", "sqlite"},
            {
                "classes",
                file.toString(),
                "--target",
                "java-jakarta",
                "-o",
                folder.resolve("out").toString()
            },
            {"draw", file.toString(), "-o", folder.resolve("out.png").toString()},
            {"say", file.toString(), "entity Dive"}
        }) {
            Ran ran = run(command);
            assertThat(ran.code()).as(command[0]).isEqualTo(2);
            assertThat(ran.err()).matches("(?s).*bad\\.wing:\\d+:\\d+: .*").doesNotContain("\tat ", "Exception");
            assertThat(ran.out()).isEmpty();
        }
        assertThat(folder.resolve("out")).doesNotExist();
    }

    @Test
    void wordsThatAreNotKnownAreAnsweredWithThoseThatAre() {
        assertThat(run("tables", DEMO, "--dialect", "oracular").err())
                .contains("Choose one of postgresql, mariadb, sqlite");
        assertThat(run("classes", DEMO, "--target", "basic", "-o", "x").err())
                .contains("expected one of java-jakarta, java-plain");
        assertThat(run("tables", DEMO).code()).isEqualTo(2);
        assertThat(run("frobnicate").code()).isEqualTo(2);
    }

    private Path write(String text) throws IOException {
        Path file = folder.resolve("some.wing");
        Files.writeString(file, text);
        return file;
    }
}
