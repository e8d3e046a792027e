package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.classes.GeneratedFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A folder somebody else prepared, such as a repository one does not trust, leads nobody to change what lies elsewhere or is hidden. */
class ForeignFolderTest {
    private static final GeneratedFile DIVE = new GeneratedFile("a/Dive.java", "class Dive {}\n", "Dive");

    @TempDir
    Path root;

    private Path folder;
    private OutputFolder output;

    @BeforeEach
    void open() {
        folder = root.resolve("src");
        output = new OutputFolder(folder, "java");
    }

    private void write() throws IOException {
        output.write(output.compare(List.of(DIVE), Map.of()), Map.of());
    }

    /** As somebody else could have put it there, for whoever writes classes into their repository. */
    private void forge(String list, String path, String text) throws IOException {
        Files.createDirectories(folder.resolve(".jasperwing"));
        boolean run = list.equals("java.run");
        List<String> names =
                run ? List.of(path, path, "becomes", WriteJournal.mark("[core]\n")) : List.of(path, "Dive");
        Files.write(
                folder.resolve(".jasperwing").resolve(list), TextPack.bytes(List.of(new TextPack.Text(names, text))));
    }

    @ParameterizedTest
    @ValueSource(strings = {".git/config", "../config", "a/.hidden", ".bashrc", "a/nul"})
    void aForgedRunIsNotCarriedOut(String path) throws IOException {
        Path config = Files.createDirectories(folder.resolve(".git")).resolve("config");
        Files.writeString(config, "[core]\n");
        forge("java.next", DIVE.path(), DIVE.text());
        forge("java.run", path, "[core]\n  fsmonitor = sh\n");
        output.compare(List.of(DIVE), Map.of());
        assertThatThrownBy(this::write)
                .hasMessageContaining("java.run lists a file it must not")
                .hasMessageContaining("remove it");
        assertThat(config).hasContent("[core]\n");
        assertThat(folder.resolve("a/Dive.java")).doesNotExist();
    }

    @Test
    void aForgedMemoryRemovesNothingHidden() throws IOException {
        Path config = Files.createDirectories(folder.resolve(".git")).resolve("config");
        Files.writeString(config, "[core]\n");
        forge("java.written", ".git/config", "[core]\n");
        assertThatThrownBy(this::write).isInstanceOf(UnsafePathException.class);
        assertThat(config).exists();
    }

    @Test
    void whatIsRememberedIsNotKeptElsewhereByALink() throws IOException {
        Path elsewhere = Files.createDirectory(root.resolve("elsewhere"));
        Files.createDirectories(folder);
        Path own = Files.createSymbolicLink(folder.resolve(".jasperwing"), elsewhere);
        assertThatThrownBy(this::write).isInstanceOf(UnsafePathException.class).hasMessageContaining("remove the link");
        Files.delete(own);
        Files.createDirectory(own);
        Path target = Files.writeString(elsewhere.resolve("precious"), "mine");
        Files.createSymbolicLink(own.resolve("java.next"), target);
        assertThatThrownBy(this::write).isInstanceOf(UnsafePathException.class);
        assertThat(target).hasContent("mine");
    }

    @Test
    void aLinkToAHiddenFileOfTheFolderIsNotFollowedEither() throws IOException {
        Files.createDirectories(folder.resolve(".git/hooks"));
        Files.createSymbolicLink(folder.resolve("a"), folder.resolve(".git/hooks"));
        assertThatThrownBy(this::write).isInstanceOf(UnsafePathException.class);
        assertThat(folder.resolve(".git/hooks")).isEmptyDirectory();
    }
}
