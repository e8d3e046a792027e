package jasperwing.storage;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Reads and saves designs. */
public final class DesignFile {
    /** A design of ten thousand entities has some three million characters; what is larger is taken for something else. */
    public static final long MOST_BYTES = 8_000_000;

    private DesignFile() {}

    /**
     * A design as it was read.
     *
     * @param text what the file said, without a byte order mark
     */
    public record Loaded(Design design, String text) {}

    /** @throws UnreadableDesignException when the file cannot be read or is not wholly a design */
    public static Design load(Path path) throws UnreadableDesignException {
        return read(path).design();
    }

    /** As {@link #load}, with the text; the file is read once, so that it can be a pipe. */
    public static Loaded read(Path path) throws UnreadableDesignException {
        String text = text(path);
        Parsed<Design> parsed = Notation.parse(text);
        if (!parsed.isSound()) {
            throw new UnreadableDesignException(path, parsed.problems());
        }
        return new Loaded(parsed.value(), text);
    }

    private static String text(Path path) throws UnreadableDesignException {
        byte[] bytes = bytes(path);
        if (bytes.length == 0) {
            throw new UnreadableDesignException(path, 1, "the file is empty", "design \"Name\" as its first line");
        }
        String text = decoded(path, bytes);
        if (!text.endsWith("\n")) {
            int last = (int) text.chars().filter(c -> c == '\n').count() + 1;
            throw new UnreadableDesignException(
                    path,
                    last,
                    "the file ends in the middle of a line and may have been cut off",
                    "a line end after the last line");
        }
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    private static byte[] bytes(Path path) throws UnreadableDesignException {
        try {
            if (Files.isDirectory(path)) {
                throw new UnreadableDesignException(path, 1, "this is a folder", "a design file, such as marsh.wing");
            }
            byte[] bytes = firstBytes(path);
            if (bytes.length > MOST_BYTES) {
                throw new UnreadableDesignException(
                        path, 1, "the file is larger than any design", "at most " + MOST_BYTES + " bytes");
            }
            return bytes;
        } catch (NoSuchFileException e) {
            throw new UnreadableDesignException(path, 1, "there is no such file", "the path of a design file");
        } catch (AccessDeniedException e) {
            throw new UnreadableDesignException(path, 1, "the file may not be read", "leave to read it");
        } catch (IOException e) {
            throw new UnreadableDesignException(path, 1, "the file cannot be read: " + e.getMessage(), "");
        }
    }

    /** One more than a design can have at most; a device may never end. */
    private static byte[] firstBytes(Path path) throws IOException {
        try (InputStream in = Files.newInputStream(path)) {
            return in.readNBytes((int) MOST_BYTES + 1);
        }
    }

    private static String decoded(Path path, byte[] bytes) throws UnreadableDesignException {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(in).toString();
        } catch (CharacterCodingException e) {
            int line = 1;
            for (int i = 0; i < in.position(); i++) {
                line += bytes[i] == '\n' ? 1 : 0;
            }
            throw new UnreadableDesignException(path, line, "the file is not text", "a design in UTF-8");
        }
    }

    /** Saves the canonical text. @throws IOException when it cannot be written; what stood in the file stands there still */
    public static void save(Path path, Design design) throws IOException {
        SafeWrite.write(path, Notation.print(design));
    }
}
