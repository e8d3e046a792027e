package jasperwing.output;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * A file as it lies in the folder.
 *
 * @param text with line feeds at the ends of lines; empty when there is no file, or one that is no text
 * @param exists whether anything lies there
 * @param returns whether its lines end with a carriage return too
 */
record Present(Optional<String> text, boolean exists, boolean returns) {
    static final Present NONE = new Present(Optional.empty(), false, false);

    static Present of(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            return new Present(Optional.empty(), Files.exists(file), false);
        }
        try {
            String text = UTF_8.newDecoder()
                    .decode(ByteBuffer.wrap(Files.readAllBytes(file)))
                    .toString();
            boolean returns = text.contains("\r\n");
            return new Present(Optional.of(returns ? text.replace("\r\n", "\n") : text), true, returns);
        } catch (CharacterCodingException e) {
            return new Present(Optional.empty(), true, false);
        }
    }

    /** A text with the line ends of the file. */
    String asHere(String lines) {
        return returns ? lines.replace("\n", "\r\n") : lines;
    }
}
