package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import jasperwing.classes.GeneratedFile;
import jasperwing.output.MergedFile.Choice;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OutputFolderTest {
    private static final String FIRST = "package a;\n\nclass Dive {\n\n  int number;\n\n  int depth;\n}\n";
    private static final String SECOND = "package a;\n\nclass Dive {\n\n  int number;\n\n  long depth;\n}\n";

    @TempDir
    Path root;

    private Path folder;
    private OutputFolder output;

    @BeforeEach
    void open() {
        folder = root.resolve("src");
        output = new OutputFolder(folder, "java");
    }

    private static GeneratedFile file(String path, String text) {
        return new GeneratedFile(path, text, "Dive");
    }

    private PlannedFile only(GeneratedFile... files) throws IOException {
        List<PlannedFile> plan = output.compare(Arrays.asList(files), Map.of());
        assertThat(plan).hasSize(1);
        return plan.get(0);
    }

    private List<PlannedFile> write(GeneratedFile... files) throws IOException {
        return output.write(output.compare(Arrays.asList(files), Map.of()), Map.of());
    }

    private String text(String path) throws IOException {
        return Files.readString(folder.resolve(path));
    }

    private void edit(String path, String from, String to) throws IOException {
        assertThat(text(path)).contains(from);
        Files.writeString(folder.resolve(path), text(path).replace(from, to));
    }

    @Test
    void aNewFileIsWrittenAndThenTheSame() throws IOException {
        assertThat(only(file("a/Dive.java", FIRST)).state()).isEqualTo(FileState.NEW);
        assertThat(write(file("a/Dive.java", FIRST))).hasSize(1);
        assertThat(text("a/Dive.java")).isEqualTo(FIRST);
        assertThat(only(file("a/Dive.java", FIRST)).state()).isEqualTo(FileState.SAME);
        assertThat(write(file("a/Dive.java", FIRST))).isEmpty();
    }

    @Test
    void whatTheDesignChangedIsWrittenOverWhatWasWritten() throws IOException {
        write(file("a/Dive.java", FIRST));
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.DIFFERS);
        write(file("a/Dive.java", SECOND));
        assertThat(text("a/Dive.java")).isEqualTo(SECOND);
    }

    @Test
    void anEditByHandStaysAlsoWhenTheDesignChangesElsewhere() throws IOException {
        write(file("a/Dive.java", FIRST));
        edit("a/Dive.java", "  int number;", "  int number; // mine");
        assertThat(only(file("a/Dive.java", FIRST)).state()).isEqualTo(FileState.EDITED);
        assertThat(write(file("a/Dive.java", FIRST))).isEmpty();
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.MERGES);
        write(file("a/Dive.java", SECOND));
        assertThat(text("a/Dive.java")).isEqualTo(SECOND.replace("number;", "number; // mine"));
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.EDITED);
    }

    @Test
    void changesOfTheSameLinesWaitUntilTheyAreSettled() throws IOException {
        write(file("a/Dive.java", FIRST));
        edit("a/Dive.java", "  int depth;", "  double depth;");
        PlannedFile planned = only(file("a/Dive.java", SECOND));
        assertThat(planned.state()).isEqualTo(FileState.CONFLICT);
        assertThat(planned.conflicts())
                .containsExactly(new MergedFile.Conflict("  int depth;\n", "  double depth;\n", "  long depth;\n"));
        assertThat(write(file("a/Dive.java", SECOND))).isEmpty();
        assertThat(text("a/Dive.java")).contains("double depth");

        output.write(List.of(planned), Map.of("a/Dive.java", List.of(Optional.of(Choice.BOTH))));
        assertThat(text("a/Dive.java")).contains("  double depth;\n  long depth;\n");
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.EDITED);
    }

    @Test
    void aFileNeverWrittenFromHereIsNeverTouched() throws IOException {
        Files.createDirectories(folder.resolve("a"));
        Files.writeString(folder.resolve("a/Dive.java"), "class Dive {}\n");
        assertThat(only(file("a/Dive.java", FIRST)).state()).isEqualTo(FileState.FOREIGN);
        assertThat(write(file("a/Dive.java", FIRST))).isEmpty();
        assertThat(text("a/Dive.java")).isEqualTo("class Dive {}\n");
    }

    @Test
    void aFileThatIsNoTextIsLeftAlone() throws IOException {
        write(file("a/Dive.java", FIRST));
        Files.write(folder.resolve("a/Dive.java"), new byte[] {(byte) 0xff, 0, 1});
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.FOREIGN);
        assertThat(write(file("a/Dive.java", SECOND))).isEmpty();
    }

    @Test
    void whatIsNotMadeAnyMoreGoesUnlessItWasEdited() throws IOException {
        write(file("a/Dive.java", FIRST), new GeneratedFile("b/Site.java", "class Site {\n  int id;\n}\n", "Site"));
        edit("b/Site.java", "int id;", "int id; // mine");
        List<PlannedFile> plan = output.compare(List.of(), Map.of());
        assertThat(plan).extracting(PlannedFile::state).containsExactly(FileState.UNNEEDED, FileState.LEFT);
        output.write(plan, Map.of());
        assertThat(folder.resolve("a")).doesNotExist();
        assertThat(text("b/Site.java")).contains("// mine");
        assertThat(output.compare(List.of(), Map.of()))
                .extracting(PlannedFile::state)
                .containsExactly(FileState.LEFT);
    }

    @Test
    void aRenamedEntityMovesItsFileWithItsEdits() throws IOException {
        write(file("a/Dive.java", FIRST));
        edit("a/Dive.java", "  int number;", "  int number; // mine");
        GeneratedFile renamed = new GeneratedFile("a/Descent.java", SECOND.replace("Dive", "Descent"), "Descent");
        List<PlannedFile> plan = output.compare(List.of(renamed), Map.of("Descent", "Dive"));
        assertThat(plan).hasSize(1);
        assertThat(plan.get(0).isMoved()).isTrue();
        output.write(plan, Map.of());
        assertThat(folder.resolve("a/Dive.java")).doesNotExist();
        assertThat(text("a/Descent.java")).contains("class Descent", "number; // mine", "long depth");
    }

    @Test
    void aRenameNobodyToldOfIsSeenByTheLines() throws IOException {
        String many = "class Dive {\n\n  int a;\n  int b;\n  int c;\n  int d;\n}\n";
        write(file("a/Dive.java", many));
        edit("a/Dive.java", "  int a;", "  int a; // mine");
        GeneratedFile renamed = new GeneratedFile("b/Descent.java", many.replace("Dive", "Descent"), "Descent");
        output.write(output.compare(List.of(renamed), Map.of()), Map.of());
        assertThat(text("b/Descent.java")).contains("class Descent", "// mine");
        assertThat(folder.resolve("a")).doesNotExist();
    }

    @Test
    void linesKeepTheEndsTheyHave() throws IOException {
        write(file("a/Dive.java", FIRST));
        Files.writeString(folder.resolve("a/Dive.java"), FIRST.replace("\n", "\r\n"));
        assertThat(only(file("a/Dive.java", SECOND)).state()).isEqualTo(FileState.DIFFERS);
        write(file("a/Dive.java", SECOND));
        assertThat(text("a/Dive.java")).isEqualTo(SECOND.replace("\n", "\r\n"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../Dive.java",
                "/Dive.java",
                "a/../../Dive.java",
                "a//Dive.java",
                ".git/config",
                "a/nul.java",
                "a\\Dive.java",
                "C:Dive.java",
                ""
            })
    void noFileLiesElsewhere(String path) {
        assertThatThrownBy(() -> output.compare(List.of(file(path, FIRST)), Map.of()))
                .isInstanceOf(UnsafePathException.class)
                .hasMessageContaining("nothing was written");
        assertThat(root.resolve("Dive.java")).doesNotExist();
    }

    @Test
    void aLinkThatLeadsOutIsNotFollowed() throws IOException {
        Path elsewhere = Files.createDirectory(root.resolve("elsewhere"));
        Files.createDirectories(folder);
        Files.createSymbolicLink(folder.resolve("a"), elsewhere);
        assertThatThrownBy(() -> output.compare(List.of(file("a/Dive.java", FIRST)), Map.of()))
                .isInstanceOf(UnsafePathException.class);
        assertThat(elsewhere).isEmptyDirectory();
    }

    @Test
    void twoFilesThatDifferInCapitalsAreRefused() {
        assertThatThrownBy(() -> output.compare(List.of(file("a/Dive.java", ""), file("a/DIVE.java", "")), Map.of()))
                .isInstanceOf(UnsafePathException.class);
    }

    @Test
    void aRunThatFailsLeavesEverythingAsItWas() throws IOException {
        write(file("a/Dive.java", FIRST));
        List<PlannedFile> plan =
                output.compare(List.of(file("a/Dive.java", SECOND), file("b/Site.java", FIRST)), Map.of());
        Files.writeString(folder.resolve("b"), "a file where a folder should be");
        assertThatThrownBy(() -> output.write(plan, Map.of())).isInstanceOf(IOException.class);
        assertThat(text("a/Dive.java")).isEqualTo(FIRST);
        Files.delete(folder.resolve("b"));
        assertThat(output.compare(List.of(file("a/Dive.java", FIRST)), Map.of()))
                .extracting(PlannedFile::state)
                .containsExactly(FileState.SAME);
    }

    @Test
    void aFileChangedSinceItWasComparedStopsTheRun() throws IOException {
        write(file("a/Dive.java", FIRST));
        List<PlannedFile> plan = output.compare(List.of(file("a/Dive.java", SECOND)), Map.of());
        edit("a/Dive.java", "int number", "short number");
        assertThatThrownBy(() -> output.write(plan, Map.of())).hasMessageContaining("changed meanwhile");
        assertThat(text("a/Dive.java")).contains("short number");
    }

    @Test
    void aFileThatHasComeToLieWhereOneWouldMoveStopsTheRun() throws IOException {
        write(file("a/Dive.java", FIRST));
        GeneratedFile renamed = new GeneratedFile("a/Descent.java", FIRST.replace("Dive", "Descent"), "Descent");
        List<PlannedFile> plan = output.compare(List.of(renamed), Map.of("Descent", "Dive"));
        Files.write(folder.resolve("a/Descent.java"), new byte[] {(byte) 0xff});
        assertThatThrownBy(() -> output.write(plan, Map.of())).hasMessageContaining("changed meanwhile");
        assertThat(text("a/Dive.java")).isEqualTo(FIRST);
    }

    @Test
    void whereAnothersFileLiesInTheWayTheOldOneIsToldOf() throws IOException {
        write(file("a/Dive.java", FIRST));
        Files.writeString(folder.resolve("a/Descent.java"), "class Descent {}\n");
        GeneratedFile renamed = new GeneratedFile("a/Descent.java", FIRST.replace("Dive", "Descent"), "Descent");
        assertThat(output.compare(List.of(renamed), Map.of("Descent", "Dive")))
                .extracting(PlannedFile::path, PlannedFile::state)
                .containsExactly(tuple("a/Descent.java", FileState.FOREIGN), tuple("a/Dive.java", FileState.UNNEEDED));
    }

    @Test
    void aFileThatWasNoTextForAWhileIsOursAgain() throws IOException {
        write(file("a/Dive.java", FIRST), file("a/Other.java", FIRST));
        Files.write(folder.resolve("a/Dive.java"), new byte[] {(byte) 0xff});
        write(file("a/Dive.java", SECOND), file("a/Other.java", SECOND));
        Files.writeString(folder.resolve("a/Dive.java"), FIRST);
        assertThat(output.compare(List.of(file("a/Dive.java", SECOND), file("a/Other.java", SECOND)), Map.of()))
                .extracting(PlannedFile::state)
                .containsExactly(FileState.DIFFERS, FileState.SAME);
    }

    /** As it is when a run that changes Dive and makes New was cut off while it wrote New. */
    private GeneratedFile cutOff() throws IOException {
        GeneratedFile site = new GeneratedFile("b/Site.java", "class Site {}\n", "Site");
        write(file("a/Dive.java", FIRST), site);
        Files.writeString(folder.resolve("b/New.java"), "class N");
        Memory memory = new Memory(folder, "java");
        Map<String, WrittenFile> next = new LinkedHashMap<>();
        next.put("a/Dive.java", new WrittenFile("a/Dive.java", "Dive", SECOND));
        next.put("b/Site.java", new WrittenFile("b/Site.java", "Site", site.text()));
        next.put("b/New.java", new WrittenFile("b/New.java", "New", "class New {}\n"));
        memory.prepare(next.values());
        memory.journal()
                .write(
                        List.of(
                                new Run.Step("a/Dive.java", "a/Dive.java", Optional.of(FIRST), Optional.of(SECOND)),
                                new Run.Step(
                                        "b/New.java", "b/New.java", Optional.empty(), Optional.of("class New {}\n"))),
                        next);
        return site;
    }

    @Test
    void aRunThatWasCutOffIsFinishedByTheNext() throws IOException {
        GeneratedFile site = cutOff();
        only2(SECOND, site);
        assertThat(text("b/New.java")).as("a look writes nothing").isEqualTo("class N");
        write(file("a/Dive.java", SECOND), site, new GeneratedFile("b/New.java", "class New {}\n", "New"));
        assertThat(only2(SECOND, site)).containsExactly(FileState.SAME, FileState.SAME, FileState.UNNEEDED);
        assertThat(text("a/Dive.java")).isEqualTo(SECOND);
        assertThat(text("b/New.java")).isEqualTo("class New {}\n");
        assertThat(folder.resolve(".jasperwing")).isDirectoryContaining("glob:**/java.written");
        assertThat(folder.resolve(".jasperwing")).isDirectoryNotContaining("regex:.*[.](run|next)");
    }

    @Test
    void whatWasChangedSinceARunWasCutOffStays() throws IOException {
        GeneratedFile site = cutOff();
        Files.writeString(folder.resolve("a/Dive.java"), FIRST + "// mine\n");
        Files.writeString(folder.resolve("b/New.java"), "class Mine {}\n");
        write(file("a/Dive.java", SECOND), site, new GeneratedFile("b/New.java", "class New {}\n", "New"));
        assertThat(only2(SECOND, site)).startsWith(FileState.EDITED, FileState.SAME);
        assertThat(text("a/Dive.java")).isEqualTo(FIRST + "// mine\n");
        assertThat(text("b/New.java")).isEqualTo("class Mine {}\n");
    }

    @Test
    void aRunThatWasCutOffBeforeItBeganOrAfterItWasDoneChangesNothing() throws IOException {
        GeneratedFile site = cutOff();
        Files.delete(folder.resolve(".jasperwing/java.run"));
        assertThat(only2(FIRST, site)).containsExactly(FileState.SAME, FileState.SAME);
        assertThat(text("b/New.java")).isEqualTo("class N");

        cutOff();
        Files.delete(folder.resolve(".jasperwing/java.next"));
        assertThat(only2(FIRST, site)).containsExactly(FileState.SAME, FileState.SAME);
        write(file("a/Dive.java", FIRST), site);
        assertThat(text("b/New.java")).isEqualTo("class N");
        assertThat(folder.resolve(".jasperwing/java.run")).doesNotExist();
    }

    @Test
    void aFileThatComesToLieWhereOneIsBeingMadeIsLeftAlone() throws IOException {
        GeneratedFile dive = file("a/Dive.java", FIRST);
        GeneratedFile site = new GeneratedFile("b/Site.java", "class Site {}\n", "Site");
        List<PlannedFile> plan = output.compare(List.of(dive, site), Map.of());
        Files.createDirectories(folder.resolve("b/Site.java"));
        assertThatThrownBy(() -> output.write(plan, Map.of())).isInstanceOf(IOException.class);
        assertThat(folder.resolve("b/Site.java")).isDirectory();
        assertThat(folder.resolve("a/Dive.java")).doesNotExist();
    }

    private List<FileState> only2(String dive, GeneratedFile site) throws IOException {
        return output.compare(List.of(file("a/Dive.java", dive), site), Map.of()).stream()
                .map(PlannedFile::state)
                .toList();
    }

    @Test
    void aDamagedMemoryIsToldOfAndNothingIsWritten() throws IOException {
        write(file("a/Dive.java", FIRST));
        Path written = folder.resolve(".jasperwing/java.written");
        Files.writeString(written, Files.readString(written).substring(0, 120));
        assertThatThrownBy(() -> output.compare(List.of(file("a/Dive.java", SECOND)), Map.of()))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("move it away");
        assertThat(text("a/Dive.java")).isEqualTo(FIRST);
    }
}
