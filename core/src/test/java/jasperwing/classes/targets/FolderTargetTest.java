package jasperwing.classes.targets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.OurTargets;
import jasperwing.classes.Source;
import jasperwing.classes.template.TemplateGuide;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class FolderTargetTest {
    private static final Design DESIGN = Samples.design(
            "enum Duty: leader, recorder",
            "entity Dive",
            "  id serial key",
            "  number int",
            "  depth decimal(5,1)?",
            "entity Site",
            "  id serial key",
            "each Dive must be at one Site as site, which may have many Dive as dives");

    @TempDir
    Path root;

    private Path folder;

    private List<GeneratedFile> run(String template, String text) throws IOException, TemplateProblemException {
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(folder.resolve(template), text);
        return Targets.of(folder).generate(DESIGN);
    }

    @Test
    void aFileIsMadeForEachEntity() throws Exception {
        List<GeneratedFile> files = run(
                "entity.ftl",
                "<@file path=\"${entity.class?lower_case}.txt\">\n${entity.table}: <#list entity.columns as c>${c.property} ${c.type}<#if !c.required>?</#if><#sep>, </#sep></#list>\n</@file>\n");
        assertThat(files)
                .extracting(f -> f.path() + " | " + f.entity() + " | " + f.text())
                .containsExactly(
                        "dive.txt | Dive | dives: id serial, siteId serial, number int, depth decimal?\n",
                        "site.txt | Site | sites: id serial\n");
    }

    @Test
    void aTemplateSeesWhatObjectsKnowOfEachOther() throws Exception {
        Design design = Samples.design(
                "entity Site",
                "  id serial key",
                "entity Account, outside",
                "  id text(36) key",
                "entity Dive",
                "  id serial key",
                "  depth int from 0 to 120",
                "  name text(9) longer than 2 matching /[A-Z]+/",
                "  shown as name",
                "entity Person, only its kinds",
                "  id serial key",
                "entity Diver is a kind of Person",
                "  badge int",
                "entity Duty",
                "  task text(9)",
                "entity Note",
                "  id serial key",
                "each Dive must be at one Site as site, which may have many Dive as dives in falling order of depth",
                "  deleting Site deletes Dive too",
                "each Dive may have many Person as crew via Duty, which may have many Dive as dives",
                "each Dive may know many Dive as others, which may be known by many Dive as knowers",
                "each Person may sign in as one Account as account",
                "each Note must be about one of Dive, Site as subject, which may have many Note as notes",
                "each Note may be of one of Dive, Person as other",
                "  kept as a kind and an id");
        Files.createDirectories(root.resolve("theirs"));
        Files.writeString(
                root.resolve("theirs/entity.ftl"),
                """
                <#macro say a>${a.kind} ${a.name}<#if a.class?has_content>: ${a.class}</#if>\
                <#if a.owner> owns ${(a.columns + a.far)?join(",")} ${a.table}</#if><#if a.back?has_content> back ${a.back}</#if>\
                <#if a.must> must</#if><#if a.deleted> goes</#if><#if a.links?has_content> by ${a.links}</#if>\
                <#list a.order as k> by ${k.path?join(".")} ${k.falling?then("falling", "rising")}</#list>\
                <#list a.subjects> (<#items as s><@say s/><#sep>; </#sep></#items>)</#list></#macro>
                <@file path="${entity.class}.txt">
                ${entity.parent} ${entity.onlyKinds?c} ${entity.shown?join(",")}
                <#list entity.associations as a>
                * <@say a/>.
                </#list>
                <#list entity.columns?filter(c -> c.to?has_content || c.matching?has_content) as c>
                ${c.name} ${c.from}..${c.to} ${c.longerThan} ${c.matching}
                </#list>
                </@file>
                """);
        Map<String, String> said = new LinkedHashMap<>();
        Targets.of(root.resolve("theirs")).generate(design).forEach(f -> said.put(f.path(), f.text()));
        assertThat(said.get("Site.txt"))
                .contains(" false \n", "many dives: Dive back site goes by depth falling.\n", "many notes: Note back ");
        assertThat(said.get("Dive.txt"))
                .contains(
                        " false name\n",
                        "one site: Site owns site_id  back dives must.\n",
                        "many others: Dive owns knower_id,other_id dive_others back knowers.\n",
                        "through crew: Person by duties",
                        "depth 0..120 -1 \n",
                        "name .. 2 [A-Z]+\n");
        assertThat(said.get("Person.txt")).contains(" true \n", "outside accountId owns account_id ");
        assertThat(said.get("Diver.txt")).startsWith("Person false \n");
        assertThat(said.get("Note.txt"))
                .contains("each subject owns   back notes must (one subjectDive: Dive owns ")
                .contains("kind other owns other_kind,other_id  (one other: Dive; one other: Person).\n");
    }

    @Test
    void aTemplateSaysWhatItsLinesAreMadeOf() throws Exception {
        List<GeneratedFile> files = run(
                "entity.ftl",
                "<@file path=\"${entity.class}.txt\">\nhead\n<#list entity.columns as c>\n  ${of(c.member)}${c.property}\n  more\n</#list>\n${of(\"\")}\ntail ${of(\"x\")}\n</@file>\n");
        GeneratedFile dive = files.get(0);
        assertThat(dive.text())
                .isEqualTo("head\n  id\n  more\n  siteId\n  more\n  number\n  more\n  depth\n  more\ntail \n");
        assertThat(dive.sources()).extracting(Source::of).containsOnly("Dive");
        assertThat(dive.sources())
                .extracting(Source::member)
                .containsExactly("", "id", "id", "site", "site", "number", "number", "depth", "depth", "x");
    }

    @Test
    void whatLooksLikeAMarkAndIsNoneStays() throws Exception {
        String odd = "\uFDD0\uFDD1";
        List<GeneratedFile> files = run(
                "design.ftl",
                "<@file path=\"x\">a" + odd + "b" + odd + "\n" + odd + "7" + odd + odd + "\n${of(\"x\")}c\n</@file>");
        assertThat(files.get(0).text()).isEqualTo("a" + odd + "b" + odd + "\n" + odd + "7" + odd + odd + "\nc\n");
        assertThat(files.get(0).source(2)).isEqualTo(new Source("", "x"));
    }

    @Test
    void aTemplateSeesTheWholeDesignAndOthersOfItsFolder() throws Exception {
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("part.ftl"), "${design.name} has ${design.entities?size}");
        List<GeneratedFile> files = run("design.ftl", "<@file path=\"all.txt\"><#include \"part.ftl\"></@file>");
        assertThat(files).extracting(GeneratedFile::text).containsExactly("Test has 2");
    }

    @Test
    void aMistakeIsToldWithTemplateLineAndEntity() {
        TemplateProblemException problem = catchThrowableOfType(
                TemplateProblemException.class,
                () -> run("entity.ftl", "first\n<#if entity.name == \"Site\">\n${entity.nothing}\n</#if>\n"));
        assertThat(problem.template()).isEqualTo("entity.ftl");
        assertThat(problem.line()).isEqualTo(3);
        assertThat(problem).hasMessageStartingWith("entity.ftl:3, for Site: ").hasMessageContaining("entity.nothing");
    }

    @Test
    void aMistakeInWhatIsImportedIsToldWithWhereItWasReachedFrom() throws IOException {
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("part.ftl"), "<#macro said text>\n${text}\n</#macro>");
        assertThatThrownBy(() -> run("entity.ftl", "<#import \"part.ftl\" as p>\n<@p.said text=entity.nothing/>"))
                .hasMessageStartingWith("part.ftl:1, for Dive: ")
                .hasMessageEndingWith(" (reached from entity.ftl:2)");
    }

    @Test
    void aTextThatIsNoTemplateIsToldWithItsLine() {
        assertThatThrownBy(() -> run("enum.ftl", "a\n<#if>\n")).hasMessageStartingWith("enum.ftl:2: ");
    }

    @Test
    void aFileThatNeverEndsIsToldOf() {
        assertThatThrownBy(
                        () -> run("design.ftl", "<@file path=\"x\"><#list 1.. as i>0123456789012345</#list></@file>"))
                .isInstanceOf(TemplateProblemException.class)
                .hasMessageContaining("'x' would have more than 67108864 characters");
    }

    @Test
    void twoFilesOfOnePathAreToldOf() {
        assertThatThrownBy(() -> run("entity.ftl", "<@file path=\"same\">x</@file>"))
                .isInstanceOf(TemplateProblemException.class)
                .hasMessageContaining("two files have the path 'same'");
    }

    private static Design ofMany() {
        return Samples.design(IntStream.rangeClosed(1, 250)
                .mapToObj(i -> "entity Thing" + i + "\n  id serial key")
                .toArray(String[]::new));
    }

    @Test
    void whatIsMadeOfManyEntitiesIsWhatIsMadeOfEach() throws Exception {
        Design many = ofMany();
        Schema schema = Schema.derive(many, Dialects.POSTGRESQL);
        List<GeneratedFile> all = OurTargets.JAKARTA.files(many);
        assertThat(all).hasSize(250).isSortedAccordingTo(Comparator.comparing(GeneratedFile::path));
        for (GeneratedFile file : all) {
            assertThat(OurTargets.JAKARTA.files(many, schema, Set.of(file.entity())))
                    .containsExactly(file);
        }
    }

    @Test
    void twoFilesOfOnePathAreToldOfHoweverFarApartTheirEntitiesAre() throws IOException, TemplateProblemException {
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(
                folder.resolve("entity.ftl"),
                "<@file path=[\"Thing1\", \"Thing250\"]?seq_contains(entity.name)?then(\"same\", entity.name)>x</@file>");
        Design many = ofMany();
        Target target = Targets.of(folder);
        assertThatThrownBy(() -> target.generate(many))
                .isInstanceOf(TemplateProblemException.class)
                .hasMessage("entity.ftl:1, for Thing250: two files have the path 'same'");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "${\"freemarker.template.utility.Execute\"?new()(\"id\")}",
                "${\"freemarker.template.utility.ObjectConstructor\"?new()(\"java.io.File\", \"/\")}",
                "<#assign x = \"freemarker.template.utility.JythonRuntime\"?new()>",
                "${design?api.class}",
                "${design.class.classLoader}",
                "${design.getClass()}",
                "<#include \"/../secret.txt\">",
                "<#include \"../secret.txt\">",
                "<#include \"file:///etc/hostname\">",
                "<#import \"http://localhost/x.ftl\" as x>",
                "${\"${'$'}{design?api}\"?interpret}"
            })
    void aTemplateReachesNoClassNoFileAndNoNetwork(String attempt) throws IOException {
        Files.writeString(root.resolve("secret.txt"), "secret");
        assertThatThrownBy(() -> run("design.ftl", "<@file path=\"x\">" + attempt + "</@file>"))
                .isInstanceOf(TemplateProblemException.class)
                .hasMessageNotContaining("secret\n");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.classes.targets.Targets#all")
    void aCopyOfOursMakesTheSame(Target target) throws Exception {
        Map<String, String> texts = target.texts();
        assertThat(texts).containsKeys("entity.ftl", "enum.ftl", "java.ftl");
        folder = root.resolve("copy");
        Files.createDirectories(folder);
        for (Map.Entry<String, String> text : texts.entrySet()) {
            assertThat(text.getValue()).isNotBlank();
            Files.writeString(folder.resolve(text.getKey()), text.getValue());
        }
        Design demo = Samples.demo();
        assertThat(Targets.of(folder).generate(demo)).isEqualTo(target.files(demo));
    }

    @Test
    void everyTemplateOfOursIsOneThatIsRunOrThatAnotherIncludes() throws IOException {
        for (Target target : Targets.all()) {
            Path ours = Path.of(
                    System.getProperty("jasperwing.root"), "core/src/main/resources/jasperwing/targets", target.word());
            try (Stream<Path> all = Files.list(ours)) {
                assertThat(all.map(p -> p.getFileName().toString()))
                        .containsExactlyInAnyOrderElementsOf(target.texts().keySet());
            }
        }
        assertThat(Targets.find("java-nothing")).isEmpty();
    }

    @Test
    void whatTemplatesOfTheFolderAskForIsFoundInsideOfItAlone() throws Exception {
        folder = root.resolve("mine");
        Files.createDirectories(folder.resolve("parts"));
        Files.writeString(root.resolve("secret.ftl"), "${design.options.equals}");
        Files.writeString(
                folder.resolve("entity.ftl"),
                "<#include \"../secret.ftl\"><#include \"/parts/one.ftl\"><#include \"\">");
        Files.writeString(folder.resolve("parts/one.ftl"), "<#import \"two.ftl\" as two><#include \"file:///etc/x\">");
        Files.writeString(folder.resolve("parts/two.ftl"), "${design.options.display}");
        assertThat(words(Targets.of(folder))).containsExactly("package", "areas", "header", "display");
    }

    private static List<String> words(Target target) {
        return target.options().stream().map(TargetOption::word).toList();
    }

    @Test
    void whatCanBeChosenIsWhatTheTargetSaysOrItsTemplatesAskFor() throws Exception {
        assertThat(words(OurTargets.PLAIN)).containsExactly("package", "areas", "header", "rows");
        assertThat(words(OurTargets.JAKARTA)).contains("mapping", "setters").doesNotContain("rows");
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("entity.ftl"), "<#include \"part.ftl\">");
        Files.writeString(folder.resolve("part.ftl"), "${design.options.setters}");
        assertThat(words(Targets.of(folder))).containsExactly("package", "areas", "header", "setters");
        Files.writeString(
                folder.resolve("target"),
                """
                # mine
                title Notes of entities
                language java
                needs org.example:notes:1

                option tone: dry, warm
                  how the notes
                  are put
                """);
        Target said = Targets.of(folder);
        assertThat(said.title()).isEqualTo("Notes of entities");
        assertThat(said.needs()).containsExactly("org.example:notes:1");
        assertThat(said.options())
                .containsExactly(new TargetOption("tone", List.of("dry", "warm"), "how the notes are put"));
        Files.writeString(folder.resolve("part.ftl"), "<@file path=\"${entity.name}\">${design.options.tone}</@file>");
        Design warm = CodeTargetEdits.choose("mine", "tone", "warm").on(DESIGN);
        assertThat(Targets.of("mine", Optional.of(root)).generate(warm))
                .extracting(GeneratedFile::text)
                .containsExactly("warm", "warm");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    titel Mine                              | target:1: 'titel' is not understood here; expected title, about, language, uses, needs or option
                    language basic                          | target:1: 'basic' is not known; expected java
                    uses spring                             | target:1: 'spring' is not known; expected jakarta
                    '  lost'                                | target:1: a line that is set in tells of an option; there is none above
                    option : a, b                           | target:1: an option needs a word: option setters: plain, fluent
                    'option a: x;option a: y'               | target:2: 'a' is said twice
                    language java                           | target:1: there is no title
                    title Mine                              | target:1: there is no language
                    """)
    void whatIsWrongWithWhatIsSaidOfATargetIsTold(String text, String message) throws Exception {
        folder = root.resolve("mine");
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("target"), text.replace(";", "\n"));
        assertThatThrownBy(() -> Targets.of(folder))
                .isInstanceOf(TemplateProblemException.class)
                .hasMessage(message);
    }

    @Test
    void theExampleOfTheGuideDoesWhatItSays() throws Exception {
        assertThat(run("design.ftl", TemplateGuide.EXAMPLE))
                .extracting(GeneratedFile::path, GeneratedFile::text)
                .containsExactly(
                        tuple(
                                "entities.md",
                                """
                                ## Dive

                                - id: serial
                                - siteId: serial
                                - number: int
                                - depth: decimal, may be empty
                                - site: always one Site

                                ## Site

                                - id: serial
                                - dives: many Dive

                                """));
    }
}
