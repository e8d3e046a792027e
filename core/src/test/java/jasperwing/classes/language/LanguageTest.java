package jasperwing.classes.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.Samples;
import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.template.StandardAdapter;
import jasperwing.classes.template.Templates;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.naming.Words;
import jasperwing.walk.Walk;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What templates see of names, types and texts is what the language says, with nothing of another one. */
class LanguageTest {
    private static final Design DESIGN = Samples.design(
            "area `Field work` moss",
            "enum Tide: lowWater, highWater",
            "entity `Dive plan` in `Field work`",
            "  id serial key",
            "  `def` text(40)",
            "  `max depth` int",
            "  tide Tide",
            "  deep boolean = `max depth` > 30",
            "entity Site",
            "  id serial key",
            "each `Dive plan` must be at one Site as site, which may have many `Dive plan` as plans");

    @TempDir
    Path folder;

    /** Writes names with small letters, and computes nothing. */
    private static final class Small implements Language {
        @Override
        public String word() {
            return "small";
        }

        @Override
        public String title() {
            return "Small";
        }

        @Override
        public boolean isReserved(String name) {
            return name.equals("def");
        }

        private String safe(String name) {
            return isReserved(name) ? name + "_" : name;
        }

        @Override
        public String className(String name) {
            return "t_" + Words.snake(name);
        }

        @Override
        public String memberName(String name) {
            return safe(Words.snake(name));
        }

        @Override
        public String constantName(String value) {
            return "is_" + Words.snake(value);
        }

        @Override
        public String moduleName(String name) {
            return Words.snake(name);
        }

        @Override
        public String componentName(String name) {
            return memberName(name);
        }

        @Override
        public String methodName(String verb, String property) {
            return verb + "_" + property;
        }

        @Override
        public String elementMethodName(String verb, String collection) {
            return verb + "_one_of_" + collection;
        }

        @Override
        public String typeName(String word) {
            return word.equals("int") ? "small.numbers.whole" : "text";
        }

        @Override
        public String comment(String text) {
            return "(" + text + ")";
        }

        @Override
        public String text(String text) {
            return "<" + text + ">";
        }

        @Override
        public String number(String word, String digits, Imports imports) {
            return imports.use(typeName(word)) + " " + digits;
        }

        @Override
        public boolean isSource(String path) {
            return path.endsWith(".small");
        }

        @Override
        public int lineLength() {
            return 20;
        }

        @Override
        public List<String> broken(String line) {
            int at = line.lastIndexOf(' ', lineLength());
            return line.length() <= lineLength() || at <= 0
                    ? List.of(line)
                    : List.of(line.substring(0, at), line.substring(at + 1));
        }

        @Override
        public Imports imports(String module, String name, Set<String> neighbours) {
            Set<String> used = new TreeSet<>();
            return new Imports() {
                @Override
                public String use(String qualified) {
                    used.add(qualified);
                    return qualified.substring(qualified.lastIndexOf('.') + 1);
                }

                @Override
                public String lines() {
                    return "with " + String.join(", ", used) + "\n";
                }
            };
        }

        @Override
        public Optional<Formulas> formulas() {
            return Optional.empty();
        }

        @Override
        public Optional<String> expression(ClassModel model, Walk walk) {
            return Optional.empty();
        }

        @Override
        public Optional<Checker> checker() {
            return Optional.empty();
        }
    }

    private List<GeneratedFile> run(String template, String text) throws Exception {
        Files.writeString(folder.resolve(template), text);
        Small small = new Small();
        Schema schema = Schema.derive(DESIGN, Dialects.POSTGRESQL);
        Options options = Options.of(DESIGN, small, Map.of("package", "Marsh Base"));
        return Templates.of(folder)
                .generate(
                        () -> new ChosenClasses(ClassModel.of(DESIGN, schema, small), small, options),
                        StandardAdapter.NONE,
                        Optional.empty());
    }

    @Test
    void namesAreThoseOfTheLanguage() throws Exception {
        List<GeneratedFile> files = run(
                "entity.ftl",
                """
                <@file path="${entity.class}.txt">
                ${entity.package} ${entity.class}<#list entity.object.fields as f> ${f.name}:${f.type.class?has_content?then(f.type.class, f.type.word)}</#list>
                <#list entity.columns as c>${c.property} </#list>
                ${method("get", "site")} ${elementMethod("add", "plans")} <#list entity.object.computed as c>${code(c.name)?size} </#list>${entity.object.mapping???c}
                </@file>
                """);
        assertThat(files)
                .extracting(GeneratedFile::path, GeneratedFile::text)
                .containsExactly(
                        tuple(
                                "t_dive_plan.txt",
                                """
                                marsh_base.field_work t_dive_plan id:serial site:t_site def_:text max_depth:int tide:t_tide
                                id site_id def_ max_depth tide\s
                                get_site add_one_of_plans 0 false
                                """),
                        tuple(
                                "t_site.txt",
                                """
                                marsh_base t_site id:serial plans:t_dive_plan
                                id\s
                                get_site add_one_of_plans false
                                """));
    }

    @Test
    void textsNumbersImportsAndLinesAreThoseOfTheLanguage() throws Exception {
        List<GeneratedFile> files = run(
                "enum.ftl",
                """
                <@file path="${enum.class}.small">
                %imports%
                <#list enum.values as v>${v.constant} ${language.text(v.label)}
                </#list>
                ${language.number("int", "7")} ${language.comment("seven")} ${language.type("int")} end
                </@file>
                """);
        assertThat(files)
                .extracting(GeneratedFile::text)
                .containsExactly(
                        """
                        with
                        small.numbers.whole
                        is_low_water <Low
                        water>
                        is_high_water <High
                        water>
                        whole 7 (seven)
                        small.numbers.whole end
                        """);
    }
}
