package jasperwing.naming;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The word lists that lie beside this package. */
final class WordFile {
    private WordFile() {}

    static List<String> lines(String file) {
        try (InputStream in = WordFile.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("the word list " + file + " is missing from the jar");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
