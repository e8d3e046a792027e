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
}
