package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.java.Compiling;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.TargetOption;
import jasperwing.notation.Notation;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TargetOptionsTest {
    private static final String TARGET = Target.JAVA_JAKARTA.word();

    private static Design chosen(Design design, TargetOption option, String value) {
        return CodeTargetEdits.choose(TARGET, option, value).on(design);
    }

    private static Map<String, String> files(Target target, Design design) {
        Map<String, String> files = new LinkedHashMap<>();
        target.generate(design).stream()
                .filter(f -> f.path().endsWith(".java"))
                .forEach(f -> files.put(f.path(), f.text()));
        return files;
    }

    private static String dive(TargetOption option, String value) {
        return files(Target.JAVA_JAKARTA, chosen(Samples.demo(), option, value)).get("saltmarsh/fieldwork/Dive.java");
    }

    @ParameterizedTest
    @EnumSource(TargetOption.class)
    void everyChoiceCompilesWithoutWarnings(TargetOption option) {
        List<String> values = option.choices().isEmpty() ? List.of("org.marsh \\u000a */") : option.choices();
        for (String value : values) {
            Map<String, String> files = files(Target.JAVA_JAKARTA, chosen(Samples.demo(), option, value));
            assertThat(Compiling.of(files).orElseThrow())
                    .as(option + " " + value)
                    .isEmpty();
        }
    }

    @Test
    void allTheUnusualChoicesTogetherCompile() {
        Design design = Samples.demo();
        for (TargetOption option : TargetOption.values()) {
            List<String> values = option.choices();
            design = chosen(design, option, values.isEmpty() ? "org.marsh" : values.get(values.size() - 1));
        }
        Map<String, String> files = files(Target.JAVA_JAKARTA, design);
        assertThat(Compiling.of(files).orElseThrow()).isEmpty();
        assertThat(files).containsKey("org/marsh/Dive.java");
    }

    @Test
    void aChoiceShowsInTheClasses() {
        assertThat(dive(TargetOption.SETTERS, "fluent"))
                .contains("public Dive setNumber(Integer number) {", "return this;");
        assertThat(dive(TargetOption.FETCH, "eager"))
                .contains("FetchType.EAGER")
                .doesNotContain("LAZY");
        assertThat(dive(TargetOption.COLLECTIONS, "set"))
                .contains("private Set<Specimen> specimens = new LinkedHashSet<>();");
        assertThat(dive(TargetOption.DIRECTIONS, "one"))
                .contains("private Site site;")
                .doesNotContain("specimens");
        assertThat(dive(TargetOption.CONSTRUCTORS, "none"))
                .contains("public Dive() {}")
                .doesNotContain("public Dive(E");
        assertThat(dive(TargetOption.CONSTRUCTORS, "all"))
                .contains("            Long id,\n", "            OffsetDateTime endedAt,\n");
        assertThat(dive(TargetOption.CONSTRUCTORS, "keyless"))
                .contains("            OffsetDateTime endedAt,\n")
                .doesNotContain("            Long id,\n");
        assertThat(dive(TargetOption.CASCADE, "Dive.instruments, Dive.site, Dive.specimens"))
                .contains("@ManyToMany(mappedBy = \"dives\", cascade = {CascadeType.PERSIST, CascadeType.MERGE})")
                .contains("fetch = FetchType.LAZY, cascade = {CascadeType.PERSIST, CascadeType.MERGE})\n"
                        + "    @JoinColumn(name = \"site_id\"")
                .contains("mappedBy = \"dive\", cascade = {CascadeType.PERSIST, CascadeType.MERGE})");
        assertThat(dive(TargetOption.EQUALS, "none")).doesNotContain("boolean equals");
        assertThat(dive(TargetOption.DISPLAY, "none")).doesNotContain("toString");
        assertThat(dive(TargetOption.HEADER, "Of the station.\nAll of it."))
                .contains("\n// Of the station.\n// All of it.\npackage ");
    }

    @Test
    void aRoleThatThereIsNotIsFound() {
        Design design =
                chosen(Samples.demo(), TargetOption.CASCADE, "Dive.site, Dive.assignments, Assignment.dive, Dive.fins");
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() == Rule.UNKNOWN_OPTION)
                .extracting(Finding::message)
                .containsExactly("'cascade' of java-jakarta names Dive.fins, which is no role of an entity.");
    }

    @Test
    void recordsTakeWhatConcernsThem() {
        Edit header = CodeTargetEdits.choose(Target.JAVA_PLAIN.word(), TargetOption.HEADER, "Of the station.");
        Edit flat = CodeTargetEdits.choose(Target.JAVA_PLAIN.word(), TargetOption.AREAS, "together");
        Map<String, String> files = files(Target.JAVA_PLAIN, header.then(flat).on(Samples.demo()));
        assertThat(files.get("saltmarsh/Dive.java")).contains("// Of the station.\npackage saltmarsh;");
    }

    @Test
    void theUsualChoiceIsNotSaidAndWhatIsSaidIsReadBack() {
        Design design = chosen(Samples.design("entity Dive", "  id serial key"), TargetOption.SETTERS, "fluent");
        design = CodeTargetEdits.into(TARGET, "src/main/java").on(design);
        assertThat(Notation.print(design))
                .contains("\nclasses java-jakarta into \"src/main/java\"\n  setters fluent\n");
        assertThat(Notation.parse(Notation.print(design)).value()).isEqualTo(design);
        assertThat(Notation.print(chosen(design, TargetOption.SETTERS, "plain")))
                .doesNotContain("setters");
    }

    @Test
    void aChoiceThatIsNoneIsTakenForTheUsualOne() {
        Design design = Samples.design("entity Dive", "  id serial key", "classes java-jakarta", "  setters wild");
        assertThat(Target.JAVA_JAKARTA.generate(design)).isNotEmpty();
        assertThat(design.target(TARGET).value(TargetOption.SETTERS)).isEqualTo("plain");
    }
}
