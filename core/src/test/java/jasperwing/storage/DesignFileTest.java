package jasperwing.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DesignFileTest {
    @TempDir
    Path folder;

    @Test
    void whatIsSavedIsLoadedAgain() throws Exception {
        Path file = folder.resolve("deeper/marsh.wing");
        DesignFile.save(file, Samples.demo());
        assertThat(DesignFile.load(file)).isEqualTo(Samples.demo());
        assertThat(file.getParent()).isDirectoryContaining(p -> p.equals(file)).satisfies(p -> {
            try (var all = Files.list(p)) {
                assertThat(all).hasSize(1);
            }
        });
    }

    @Test
    void whatIsNoDesignIsRefusedWithAPlace() throws IOException {
        byte[] demo = Samples.demoText().getBytes(StandardCharsets.UTF_8);
        assertThat(refused(new byte[0])).contains(":1:1: the file is empty");
        assertThat(refused(new byte[] {'d', '\n', (byte) 0xff, 0})).contains(":2:1: the file is not text");
        assertThat(refused("design \"X\"\nentity Dive\n  id seri".getBytes(StandardCharsets.UTF_8)))
                .contains(":3:1: the file ends in the middle of a line");
        assertThat(refused(Arrays.copyOf(demo, demo.length / 2))).contains("cut off");
        assertThat(refused(new byte[10_000_000])).contains("the file is larger than any design");
        assertThat(refused("\u0000\u0001\n".getBytes(StandardCharsets.UTF_8)))
                .contains(":1:1: 'U+0000' starts nothing here");
        assertThat(refused("design \"X\"\nwobble\nentity 1\n".getBytes(StandardCharsets.UTF_8)))
                .contains(
                        ":2:1: 'wobble' is not understood here; expected",
                        ":3:8: '1' is not understood here; expected the name of the entity");
    }

    @Test
    void foldersAndMissingFilesAreRefusedByName() {
        assertThat(message(folder)).endsWith(":1:1: this is a folder; expected a design file, such as marsh.wing");
        assertThat(message(folder.resolve("none.wing"))).contains(":1:1: there is no such file");
    }

    @Test
    void aByteOrderMarkIsPassedOver() throws Exception {
        Path file = folder.resolve("bom.wing");
        Files.writeString(file, "\ufeffdesign \"Marsh\"\n");
        assertThat(DesignFile.load(file)).isEqualTo(Design.named("Marsh"));
    }

    /** Saves over and over in another process, kills it in the midst, and reads what is left. */
    @Test
    void killingTheProcessWhileItSavesLeavesAWholeFile() throws Exception {
        Path file = folder.resolve("killed.wing");
        DesignFile.save(file, Samples.demo());
        for (int round = 0; round < 4; round++) {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            "-Djasperwing.root=" + System.getProperty("jasperwing.root"),
                            SavingForever.class.getName(),
                            file.toString())
                    .redirectErrorStream(true)
                    .start();
            assertThat(process.getInputStream().read()).isEqualTo('s');
            process.getInputStream().readNBytes(40 + 17 * round);
            process.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
            Design left = DesignFile.load(file);
            assertThat(left.withName("")).isEqualTo(Samples.demo().withName(""));
        }
    }

    private String refused(byte[] bytes) throws IOException {
        Path file = folder.resolve("bad.wing");
        Files.write(file, bytes);
        return message(file);
    }

    private static String message(Path file) {
        return catchThrowableOfType(UnreadableDesignException.class, () -> DesignFile.load(file))
                .getMessage();
    }
}
