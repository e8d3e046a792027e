package jasperwing.classes.targets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.template.TemplateGuide;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The guide for authors of templates is made of the data itself, and what it shows works. */
class TemplateGuideTest {
    @TempDir
    Path folder;

    @Test
    void theExampleWithKindsAndTraitsDoesWhatItSays() throws Exception {
        Design design = Samples.design(
                "trait Traced",
                "  madeAt timestamp set on insert",
                "entity Vessel with Traced",
                "  \"Anything that floats.\"",
                "  id serial key",
                "  name text(40)",
                "entity Barge is a kind of Vessel",
                "  tons int?",
                "entity Port",
                "  id serial key",
                "each Vessel must be at home in one Port as home, which may have many Vessel");
        Files.writeString(folder.resolve("entity.ftl"), TemplateGuide.CLASSES);
        assertThat(Targets.of(folder).generate(design))
                .extracting(GeneratedFile::path, GeneratedFile::text)
                .containsExactlyInAnyOrder(
                        tuple(
                                "Vessel.txt",
                                """
                                -- Anything that floats.
                                class Vessel with Traced
                                  id: serial
                                  home: Port
                                  name: text
                                  madeAt: timestamp
                                  kind Barge
                                """),
                        tuple(
                                "Barge.txt",
                                """
                                class Barge is a Vessel
                                  tons: int?
                                """),
                        tuple(
                                "Port.txt",
                                """
                                class Port
                                  id: serial
                                  vessels: list of Vessel
                                """));
    }

    @Test
    void theGuideIsTheOneInTheDocumentation() throws IOException {
        Path guide = Path.of(System.getProperty("jasperwing.root"), "docs", "templates.md");
        if (Boolean.getBoolean("jasperwing.write")) {
            Files.writeString(guide, Targets.guide());
        }
        assertThat(guide).content().isEqualTo(Targets.guide());
    }
}
