package jasperwing.classes.java;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.walk.Walk;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JavaPathTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive",
            "  id int key",
            "entity Photo",
            "  id int key",
            "entity Tag",
            "  id int key",
            "entity Diver",
            "  id int key",
            "entity Duty",
            "  hours int?",
            "entity Remark",
            "  id int key",
            "each Photo may be of one Dive as dive, which may have many Photo as photos",
            "each Photo may carry many Tag as tags, which may mark many Photo as photos",
            "each Dive may have many Diver as crew via Duty, which may join many Dive as dives",
            "each Dive may be after one Dive as before, which may be before one Dive as after",
            "each Remark must be about one of Dive, Photo as about, which may have many Remark as remarks");

    @TempDir
    Path folder;

    private static Optional<String> expression(String start, String path) {
        return OurTargets.JAKARTA.expression(
                DESIGN, Schema.derive(DESIGN, Dialects.POSTGRESQL), Walk.of(DESIGN, start, path));
    }

    @Test
    void onesAreMappedAndManyAreStreamed() {
        assertThat(expression("Photo", "dive")).contains("Optional.ofNullable(photo.getDive())");
        assertThat(expression("Photo", "dive.before"))
                .contains("Optional.ofNullable(photo.getDive()).map(Dive::getBefore)");
        assertThat(expression("Dive", "photos.tags"))
                .contains("dive.getPhotos().stream().flatMap(photo -> photo.getTags().stream()).distinct().toList()");
        assertThat(expression("Duty", "diver")).contains("duty.getDiver()");
        assertThat(expression("Remark", "about[Photo].tags"))
                .contains(
                        "Optional.ofNullable(remark.getAbout()).filter(Photo.class::isInstance).map(Photo.class::cast)"
                                + ".stream().flatMap(photo -> photo.getTags().stream()).distinct().toList()");
    }

    /** Every path of up to three steps compiles. */
    @Test
    void everyPathCompiles() throws Exception {
        Javac.write(OurTargets.JAKARTA.files(DESIGN), folder.resolve("src"));
        StringBuilder source = new StringBuilder(
                "package test;\nimport java.util.Objects;\nimport java.util.Optional;\nclass Paths {\n");
        int number = 0;
        for (Entity entity : DESIGN.entities()) {
            for (String path : paths(entity.name())) {
                String variable = entity.name().toLowerCase(java.util.Locale.ROOT);
                source.append("    Object p" + number++ + "(" + entity.name() + " " + variable + ") { return "
                        + expression(entity.name(), path).orElseThrow() + "; }\n");
            }
        }
        assertThat(number).isGreaterThan(80);
        Files.writeString(folder.resolve("src/test/Paths.java"), source.append("}\n"));
        Javac.compile(folder.resolve("src"), folder.resolve("classes"));
        assertThat(folder.resolve("classes/test/Paths.class")).exists();
    }

    private static List<String> paths(String start) {
        List<String> all = new ArrayList<>();
        List<String> last = List.of("");
        for (int i = 0; i < 3; i++) {
            List<String> longer = new ArrayList<>();
            last.forEach(p -> longer.addAll(Walk.completions(DESIGN, start, p)));
            all.addAll(longer);
            last = longer.stream().map(p -> p + ".").toList();
        }
        return all;
    }
}
