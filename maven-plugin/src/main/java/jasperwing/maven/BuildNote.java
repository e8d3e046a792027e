package jasperwing.maven;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;

/**
 * What something was made from: the words of the command and the files it reads.
 *
 * @param file where the note is kept
 * @param digest of the words and the files as they are now
 */
record BuildNote(Path file, String digest) {
    /** @param words of the command; those that name a folder with files, such as templates, stand for these files too */
    static BuildNote of(Path folder, List<String> words, Path design) throws IOException {
        MessageDigest all = sha256();
        MessageDigest name = sha256();
        for (String word : words) {
            name.update((word + "\n").getBytes(StandardCharsets.UTF_8));
            all.update((word + "\n").getBytes(StandardCharsets.UTF_8));
        }
        for (Path read : read(words, design)) {
            all.update(Files.readAllBytes(read));
        }
        String hex = HexFormat.of().formatHex(name.digest(), 0, 8);
        return new BuildNote(folder.resolve(hex), HexFormat.of().formatHex(all.digest()));
    }

    private static List<Path> read(List<String> words, Path design) throws IOException {
        int target = words.indexOf("--target") + 1;
        Path templates = Path.of(target > 0 && target < words.size() ? words.get(target) : "");
        if (target == 0 || !Files.isDirectory(templates)) {
            return Files.isRegularFile(design) ? List.of(design) : List.of();
        }
        try (Stream<Path> files = Files.walk(templates)) {
            return Stream.concat(
                            Stream.of(design).filter(Files::isRegularFile),
                            files.filter(Files::isRegularFile).sorted())
                    .toList();
        }
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** Whether it was made from the same. */
    boolean stands() throws IOException {
        try {
            return Files.readString(file).equals(digest);
        } catch (NoSuchFileException e) {
            return false;
        }
    }

    void write() throws IOException {
        Files.createDirectories(file.getParent());
        Files.writeString(file, digest);
    }
}
