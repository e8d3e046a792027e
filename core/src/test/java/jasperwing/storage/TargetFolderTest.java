package jasperwing.storage;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Target;
import jasperwing.storage.TargetFolder.Entry;
import jasperwing.storage.TargetFolder.State;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TargetFolderTest {
    @TempDir
    Path folder;

    private final List<GeneratedFile> files = files("number int");

    private static List<GeneratedFile> files(String attribute) {
        return Target.JAVA_JAKARTA.generate(Samples.design("entity Dive", "  id serial key", "  " + attribute));
    }

    @Test
    void newFilesAreWrittenAndTheSameOnesAreNot() throws IOException {
        TargetFolder target = new TargetFolder(folder);
        assertThat(target.compare(files)).extracting(Entry::state).containsExactly(State.NEW);
        assertThat(target.write(target.compare(files), e -> false)).hasSize(1);
        assertThat(target.compare(files)).extracting(Entry::state).containsExactly(State.SAME);
        assertThat(target.write(target.compare(files), e -> true)).isEmpty();
    }

    @Test
    void filesOfOursAreReplacedAndThoseChangedByHandOnlyWhenAgreed() throws IOException {
        TargetFolder target = new TargetFolder(folder);
        target.write(target.compare(files), e -> false);
        List<GeneratedFile> changed = files("depth int");
        assertThat(target.compare(changed)).extracting(Entry::state).containsExactly(State.DIFFERS);

        Path file = folder.resolve(files.get(0).path());
        String edited = Files.readString(file).replace("private Long id;", "private Long id; // mine");
        Files.writeString(file, edited);
        assertThat(target.compare(changed)).extracting(Entry::state).containsExactly(State.EDITED);
        assertThat(target.write(target.compare(changed), e -> false)).isEmpty();
        assertThat(file).hasContent(edited);
        assertThat(target.write(target.compare(changed), e -> true)).hasSize(1);
        assertThat(file).hasContent(changed.get(0).text());
    }

    @Test
    void aFileNotOursIsNeverReplacedUnasked() throws IOException {
        Path file = folder.resolve(files.get(0).path());
        Files.createDirectories(file.getParent());
        Files.writeString(file, "class Dive {}\n");
        TargetFolder target = new TargetFolder(folder);
        assertThat(target.compare(files)).extracting(Entry::state).containsExactly(State.FOREIGN);
        assertThat(target.write(target.compare(files), e -> false)).isEmpty();
        assertThat(file).hasContent("class Dive {}\n");
    }
}
