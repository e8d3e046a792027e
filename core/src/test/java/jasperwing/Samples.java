package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Designs the tests share. */
public final class Samples {
    private Samples() {}

    /** The demo, as it lies in the checkout. */
    public static Design demo() {
        return parse(demoText());
    }

    public static String demoText() {
        try {
            return Files.readString(Path.of(System.getProperty("jasperwing.root"), "demo", "saltmarsh.wing"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The design of a text that must be sound; the first line is put before it. */
    public static Design design(String... lines) {
        return parse("design \"Test\"\n" + String.join("\n", lines) + "\n");
    }

    private static Design parse(String text) {
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.problems()).isEmpty();
        return parsed.value();
    }

    /** Lists, keys, links and kinds in ways that the demo does not keep them. */
    public static Design ways() {
        return design(
                "entity Dive",
                "  id      serial  key",
                "  tags    text(9) list  kept as json",
                "  depths  int list  kept as json",
                "  marks   int list  kept as an array",
                "entity Log",
                "  text  long text",
                "  key (dive)",
                "entity Person",
                "  id    serial    key",
                "  name  text(20)",
                "entity Duty",
                "  task  text(9)",
                "entity Animal",
                "  id    serial    key",
                "  name  text(20)",
                "entity Fish is a kind of Animal",
                "  fins  int",
                "entity Sample",
                "  id     uuid     key",
                "  label  text(9)",
                "  kinds kept in a complete table each",
                "entity Core is a kind of Sample",
                "  depth  int",
                "each Log must be of one Dive as dive, which may have one Log as log",
                "  deleting Dive deletes Log too",
                "each Dive may have many Person as crew via Duty, which may have many Dive as dives",
                "each Fish may be seen on one Dive as dive, which may have many Fish as fish",
                "each Core may be of one Fish as fish, which may have many Core as cores");
    }
}
