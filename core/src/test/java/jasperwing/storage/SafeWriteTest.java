package jasperwing.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

@DisabledOnOs(OS.WINDOWS)
class SafeWriteTest {
    @TempDir
    Path folder;

    private Path file(String mode) throws IOException {
        Path file = Files.writeString(folder.resolve("a.wing"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(mode));
        return file;
    }

    private static String mode(Path file) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
    }

    private List<String> all() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aFileKeepsItsModeAndANewOneHasTheUsualOne() throws IOException {
        Path file = file("rwxr-x---");
        SafeWrite.write(file, "new");
        assertThat(file).hasContent("new");
        assertThat(mode(file)).isEqualTo("rwxr-x---");
        Path fresh = folder.resolve("fresh");
        SafeWrite.write(fresh, "new");
        assertThat(mode(fresh)).isEqualTo(mode(Files.createFile(folder.resolve("usual"))));
        assertThat(all()).containsExactly("a.wing", "fresh", "usual");
    }

    @Test
    void aReadOnlyFileIsNotReplaced() throws IOException {
        Path file = file("r--r--r--");
        assertThatThrownBy(() -> SafeWrite.write(file, "new"))
                .isInstanceOf(IOException.class)
                .hasMessage(file + ": the file is read-only; make it writable, or name another file");
        assertThat(file).hasContent("old");
        assertThat(all()).containsExactly("a.wing");
    }

    @Test
    void linksStayLinks() throws IOException {
        Path file = file("rw-r--r--");
        Path hard = Files.createLink(folder.resolve("hard"), file);
        Path soft = Files.createSymbolicLink(folder.resolve("soft"), file);
        SafeWrite.write(soft, "new");
        assertThat(soft).isSymbolicLink().hasContent("new");
        assertThat(hard).hasContent("new");
        Path ahead = Files.createSymbolicLink(folder.resolve("ahead"), Path.of("later"));
        SafeWrite.write(ahead, "new");
        assertThat(ahead).isSymbolicLink();
        assertThat(folder.resolve("later")).hasContent("new");
    }

    @Test
    void aNameCanBeAsLongAsNamesCanBe() throws IOException {
        Path file = folder.resolve("n".repeat(250) + ".wing");
        SafeWrite.write(file, "new");
        SafeWrite.write(file, "newer");
        assertThat(file).hasContent("newer");
    }

    @Test
    void whatAKilledWriteLeftIsRemovedByTheNext() throws IOException {
        Path file = file("rw-r--r--");
        Path left = folder.resolve(".jasperwing-" + Integer.toHexString("a.wing".hashCode()) + "-1.part");
        Files.writeString(left, "ne");
        Path others = Files.writeString(folder.resolve(".jasperwing-1-1.part"), "of another");
        SafeWrite.write(file, "new");
        assertThat(left).doesNotExist();
        assertThat(others).exists();
    }

    @Test
    void aProblemNamesTheFileAskedForAndTheReason() throws IOException {
        Path file = file("rw-r--r--");
        Path below = file.resolve("b.sql");
        assertThatThrownBy(() -> SafeWrite.write(below, "new")).hasMessage(below + ": a folder on the way is a file");
        assertThatThrownBy(() -> SafeWrite.write(folder, "new")).hasMessage(folder + ": this is a folder; name a file");
        Path tooLong = folder.resolve("n".repeat(300));
        assertThatThrownBy(() -> SafeWrite.write(tooLong, "new"))
                .hasMessageStartingWith(tooLong + ": ")
                .hasMessageEndingWith("File name too long");
    }
}
