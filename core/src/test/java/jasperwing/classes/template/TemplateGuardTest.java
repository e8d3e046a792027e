package jasperwing.classes.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import jasperwing.Samples;
import jasperwing.classes.OurTargets;
import jasperwing.classes.java.Java;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Options;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Templates that do not end by themselves are ended, and it is told where. */
class TemplateGuardTest {
    @TempDir
    Path folder;

    private TemplateProblemException run(String text, Duration longest) throws IOException {
        Files.writeString(folder.resolve("design.ftl"), text);
        return catchThrowableOfType(TemplateProblemException.class, () -> Templates.of(folder, longest)
                .generate(TemplateGuardTest::classes, StandardAdapter.NONE, Optional.empty()));
    }

    private static ChosenClasses classes() {
        Java java = new Java();
        return new ChosenClasses(OurTargets.model(Samples.demo()), java, Options.of(Samples.demo(), java, Map.of()));
    }

    private TemplateProblemException run(String text) throws IOException {
        return run(text, Duration.ofSeconds(20));
    }

    @Test
    void aMacroThatCallsItself() throws IOException {
        TemplateProblemException problem = run("one\n<#macro again>\n  <@again/>\n</#macro>\n<@again/>\n");
        assertThat(problem.template()).isEqualTo("design.ftl");
        assertThat(problem.line()).isBetween(2, 3);
        assertThat(problem).hasMessageContaining("goes on within itself without end");
    }

    @Test
    void aFunctionThatCallsItself() throws IOException {
        TemplateProblemException problem =
                run("<#function more x>\n  <#return more(x + 1)>\n</#function>\n${more(1)}\n");
        assertThat(problem.line()).isBetween(1, 4);
        assertThat(problem).hasMessageContaining("goes on within itself without end");
    }

    @Test
    void aFileThatIncludesItself() throws IOException {
        Files.writeString(folder.resolve("part.ftl"), "x\n<#include \"part.ftl\">\n");
        TemplateProblemException problem = run("<#include \"part.ftl\">\n");
        assertThat(problem.template()).isEqualTo("part.ftl");
        assertThat(problem.line()).isBetween(1, 2);
        assertThat(problem).hasMessageContaining("goes on within itself without end");
    }

    @Test
    void aLoopThatDoesNotEnd() throws IOException {
        TemplateProblemException problem = run("one\ntwo\n<#list 1.. as i>${i}</#list>\n", Duration.ofMillis(1500));
        assertThat(problem.line()).isEqualTo(3);
        assertThat(problem).hasMessage("design.ftl:3: it is not done after 1.5 seconds: a loop in it does not end");
        assertThat(run("<#list 1.. as i></#list>\n", Duration.ofMillis(1500)))
                .hasMessageContaining("a loop in it does not end");
    }

    @Test
    void aTextThatDoubles() throws IOException {
        TemplateProblemException problem =
                run("<#assign x = \"ab\">\n<#list 1..60 as i>\n  <#assign x = x + x>\n</#list>\n");
        assertThat(problem.line()).isBetween(2, 3);
        assertThat(problem).hasMessageContaining("it needs more memory than there is");
    }

    @Test
    void theClock() throws IOException {
        assertThat(run("one\n${.now?string}\n"))
                .hasMessage("design.ftl:2: templates have no clock (.now): the same design gives the same files");
    }

    @Test
    void whatEndsIsLeftAlone() throws Exception {
        assertThat(run("<#macro deep n><#if n gt 0><@deep n - 1/></#if></#macro><@deep 50/>"))
                .isNull();
    }
}
