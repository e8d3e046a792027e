package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.CodeTarget;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Templates of one's own, copied from ours beside the design, changed, and run. */
class TemplatesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    private String text(String id) {
        return ((Label) lookup(id).query()).getText();
    }

    private void copy() {
        clickOn("#templates");
        until("ours can be copied", () -> lookup("#copy-java-plain").tryQuery().isPresent());
        clickOn("#copy-java-plain");
    }

    private void save() throws IOException {
        Path file = folder.resolve("marsh.wing");
        DesignFile.save(file, window.workspace().design());
        interact(() -> window.workspace().savedAs(file));
    }

    private void again() {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
    }

    @Test
    void templatesAreCopiedBesideTheDesignChangedAndLeftOut() throws IOException {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("templates can be brought", () -> sees("#templates"));
        copy();
        until("there is no place for them yet", () -> text("#templates-message").startsWith("Save the design"));
        save();
        copy();
        until("they are a target", () -> sees("#target-my-java-plain"));
        until("their files are there", () -> sees("#file-Keyword.java"));
        assertThat(text("#templates-message")).contains("to my-java-plain, beside the design");
        assertThat(window.workspace().design().targets())
                .extracting(CodeTarget::target)
                .containsExactly("my-java-plain");
        Path template = folder.resolve("my-java-plain/entity.ftl");
        Files.writeString(template, Files.readString(template) + "\n${entity.wings}\n");
        again();
        until("the mistake is told", () -> text("#classes-message").contains("entity.ftl:"));
        Files.writeString(template, "<@file path=\"notes/${entity.class}.txt\">of ${entity.name}\n</@file>\n");
        again();
        until("other files are there", () -> sees("#file-Dive.txt"));
        clickOn("#templates");
        until("they can be left out", () -> lookup("#templates-away").tryQuery().isPresent());
        clickOn("#templates-away");
        until("they are", () -> !sees("#target-my-java-plain"));
        assertThat(template).exists();
    }

    @Test
    void whatIsSaidOfAFolderCanBeChosen() throws IOException {
        save();
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("templates can be brought", () -> sees("#templates"));
        clickOn("#templates");
        until(
                "ours can be copied",
                () -> lookup("#copy-java-jakarta").tryQuery().isPresent());
        clickOn("#copy-java-jakarta");
        until("they are a target", () -> sees("#target-my-java-jakarta"));
        until("their files are there", () -> sees("#file-Keyword.java"));
        clickId("#target-options");
        until("their options are there", () -> sees("#option-fetch-eager") && !sees("#option-rows-classes"));
        clickOn("#option-fetch-eager");
        until("it is said", () -> window.workspace()
                .design()
                .target("my-java-jakarta")
                .options()
                .equals(Map.of("fetch", "eager")));
        Path target = folder.resolve("my-java-jakarta/target");
        Files.writeString(
                target, Files.readString(target).replace("mapping: annotations, xml", "mapping: annotations, ours"));
        again();
        until(
                "what is said of them now can be chosen",
                () -> !sees("#option-mapping-xml") && sees("#option-mapping-ours"));
        Files.writeString(target, "title Mine\nlanguage nothing\n");
        again();
        until("what is wrong is told", () -> text("#classes-message").startsWith("target:2: 'nothing' is not known"));
    }
}
