package jasperwing.classes.targets;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.OurTargets;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.notation.Notation;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TargetOptionsTest {
    private static final String TARGET = "java-jakarta";

    private static Design chosen(Design design, String option, String value) {
        return CodeTargetEdits.choose(TARGET, option, value).on(design);
    }

    private static Map<String, String> files(Target target, Design design) {
        Map<String, String> files = new LinkedHashMap<>();
        target.files(design).stream()
                .filter(f -> f.path().endsWith(".java"))
                .forEach(f -> files.put(f.path(), f.text()));
        return files;
    }

    private static String dive(String option, String value) {
        return files(OurTargets.JAKARTA, chosen(Samples.demo(), option, value)).get("saltmarsh/fieldwork/Dive.java");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.OurTargets#options")
    void everyChoiceCompilesWithoutWarnings(TargetOption option) {
        List<String> values = option.choices().isEmpty() ? List.of("org.marsh \\u000a */") : option.choices();
        for (String value : values) {
            Map<String, String> files = files(OurTargets.JAKARTA, chosen(Samples.demo(), option.word(), value));
            assertThat(OurTargets.remarks(files)).as(option + " " + value).isEmpty();
        }
    }

    @Test
    void allTheUnusualChoicesTogetherCompile() {
        Design design = Samples.demo();
        for (TargetOption option : OurTargets.options()) {
            List<String> values = option.choices();
            design = chosen(design, option.word(), values.isEmpty() ? "org.marsh" : values.get(values.size() - 1));
        }
        Map<String, String> files = files(OurTargets.JAKARTA, design);
        assertThat(OurTargets.remarks(files)).isEmpty();
        assertThat(files).containsKey("org/marsh/Dive.java");
    }

    @Test
    void aChoiceShowsInTheClasses() {
        assertThat(dive("setters", "fluent")).contains("public Dive setNumber(Integer number) {", "return this;");
        assertThat(dive("fetch", "eager")).contains("FetchType.EAGER").doesNotContain("LAZY");
        assertThat(dive("collections", "set")).contains("private Set<Specimen> specimens = new LinkedHashSet<>();");
        assertThat(dive("directions", "one")).contains("private Site site;").doesNotContain("specimens");
        assertThat(dive("constructors", "none")).contains("public Dive() {}").doesNotContain("public Dive(E");
        assertThat(dive("constructors", "all"))
                .contains("            Long id,\n", "            OffsetDateTime endedAt,\n");
        assertThat(dive("constructors", "keyless"))
                .contains("            OffsetDateTime endedAt,\n")
                .doesNotContain("            Long id,\n");
        assertThat(dive("cascade", "Dive.instruments, Dive.site, Dive.specimens"))
                .contains("@ManyToMany(mappedBy = \"dives\", cascade = {CascadeType.PERSIST, CascadeType.MERGE})")
                .contains("fetch = FetchType.LAZY, cascade = {CascadeType.PERSIST, CascadeType.MERGE})\n"
                        + "    @JoinColumn(name = \"site_id\"")
                .contains("mappedBy = \"dive\", cascade = {CascadeType.PERSIST, CascadeType.MERGE})");
        assertThat(dive("equals", "none")).doesNotContain("boolean equals");
        assertThat(dive("display", "none")).doesNotContain("toString");
        assertThat(dive("header", "Of the station.\nAll of it."))
                .contains("\n// Of the station.\n// All of it.\npackage ");
    }

    @Test
    void aRoleThatThereIsNotIsFound() {
        Design design = chosen(Samples.demo(), "cascade", "Dive.site, Dive.assignments, Assignment.dive, Dive.fins");
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() == Rule.UNKNOWN_OPTION)
                .extracting(Finding::message)
                .containsExactly("'cascade' of java-jakarta names Dive.fins, which is no role of an entity.");
    }

    @Test
    void recordsTakeWhatConcernsThem() {
        Edit header = CodeTargetEdits.choose("java-plain", "header", "Of the station.");
        Edit flat = CodeTargetEdits.choose("java-plain", "areas", "together");
        Map<String, String> files = files(OurTargets.PLAIN, header.then(flat).on(Samples.demo()));
        assertThat(files.get("saltmarsh/Dive.java")).contains("// Of the station.\npackage saltmarsh;");
    }

    @Test
    void theUsualChoiceIsNotSaidAndWhatIsSaidIsReadBack() {
        Design design = chosen(Samples.design("entity Dive", "  id serial key"), "setters", "fluent");
        design = CodeTargetEdits.into(TARGET, "src/main/java").on(design);
        assertThat(Notation.print(design))
                .contains("\nclasses java-jakarta into \"src/main/java\"\n  setters fluent\n");
        assertThat(Notation.parse(Notation.print(design)).value()).isEqualTo(design);
        TargetOption setters = OurTargets.JAKARTA.option("setters").orElseThrow();
        assertThat(Notation.print(setters.choose(TARGET, "plain").on(design))).doesNotContain("setters");
    }

    @Test
    void aChoiceThatIsNoneIsTakenForTheUsualOne() {
        Design design = Samples.design("entity Dive", "  id serial key", "classes java-jakarta", "  setters wild");
        assertThat(OurTargets.JAKARTA.files(design)).isNotEmpty();
        TargetOption setters = OurTargets.JAKARTA.option("setters").orElseThrow();
        assertThat(setters.value(design.target(TARGET))).isEqualTo("plain");
    }
}
