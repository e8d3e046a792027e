package jasperwing.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ClassesCommandTest {
    private static final String DESIGN =
            "design \"Marsh\"\n\nentity Dive\n  id          serial         key\n  number      int\n";

    @TempDir
    Path root;

    private Path design;
    private Path folder;
    private String target = "java-jakarta";

    private record Ran(int code, String out, String err) {}

    @BeforeEach
    void write() throws IOException {
        design = root.resolve("marsh.wing");
        folder = root.resolve("src");
        Files.writeString(design, DESIGN);
    }

    private Ran run(String... options) {
        List<String> all =
                new ArrayList<>(List.of("classes", design.toString(), "--target", target, "-o", folder.toString()));
        all.addAll(Arrays.asList(options));
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = CommandLines.of(Optional.empty())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(all.toArray(String[]::new));
        return new Ran(code, out.toString(), err.toString());
    }

    private Path dive() {
        return folder.resolve("marsh/Dive.java");
    }

    private void change(Path file, String from, String to) throws IOException {
        String text = Files.readString(file);
        assertThat(text).contains(from);
        Files.writeString(file, text.replace(from, to));
    }

    @Test
    void checkTellsWhetherTheFolderIsBehindAndWritesNothing() throws IOException {
        Ran behind = run("--check");
        assertThat(behind.code()).isEqualTo(1);
        assertThat(behind.out()).contains("Dive.java: new", "1 of 1 files");
        assertThat(folder).doesNotExist();
        run();
        assertThat(run("--check").code()).isZero();
        change(design, "number      int\n", "number      int            from 1\n");
        assertThat(run("--check").code()).isEqualTo(1);
    }

    @Test
    void anEditByHandIsKeptAndIsNoReasonToFail() throws IOException {
        run();
        change(dive(), "    private Integer number;", "    private Integer number; // mine");
        change(design, "  id          serial         key\n", "  id          serial         key \"Counted up.\"\n");
        Ran ran = run();
        assertThat(ran.code()).isZero();
        assertThat(ran.out()).contains("kept what was changed by hand in 1");
        assertThat(Files.readString(dive())).contains("// mine", "Counted up.");
        assertThat(run("--check").code()).isZero();
    }

    @Test
    void whatConflictsIsLeftUntilASideIsTaken() throws IOException {
        run();
        change(dive(), "    private Integer number;", "    private Integer number = 7;");
        change(design, "number      int\n", "number      int            default 3\n");
        Ran ran = run();
        assertThat(ran.code()).isEqualTo(1);
        assertThat(ran.err()).contains("1 places were changed by hand and by the design", "--take");
        assertThat(Files.readString(dive())).contains("number = 7;");
        assertThat(run("--take", "generated").code()).isZero();
        assertThat(Files.readString(dive())).contains("number = 3;");
        assertThat(run("--check").code()).isZero();
    }

    @Test
    void anUnknownSideIsAMistakeOfUse() {
        assertThat(run("--take", "mine").code()).isEqualTo(2);
        assertThat(run("--check", "--watch").code()).isEqualTo(2);
    }

    @Test
    void templatesOfOnesOwnMakeFilesAndTheirMistakesAreToldWithTheirPlace() throws IOException {
        Path own = root.resolve("own");
        StringWriter out = new StringWriter();
        int code = CommandLines.of(Optional.empty())
                .setOut(new PrintWriter(out))
                .execute("templates", "java-plain", "-o", own.toString());
        assertThat(code).isZero();
        target = own.toString();
        assertThat(run().code()).isZero();
        assertThat(folder.resolve("marsh/DiveRows.java")).exists();
        Files.writeString(own.resolve("entity.ftl"), "\n${entity.wrong}\n");
        Ran ran = run();
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).startsWith("entity.ftl:2, for Dive: ");
        assertThat(folder.resolve("marsh/DiveRows.java")).exists();
    }

    @Test
    void aTemplateCannotWriteOutsideTheFolder() throws IOException {
        Path own = Files.createDirectory(root.resolve("own"));
        Files.writeString(own.resolve("design.ftl"), "<@file path=\"../stray.txt\">x</@file>");
        target = own.toString();
        Ran ran = run();
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).contains("leads out of the folder");
        assertThat(root.resolve("stray.txt")).doesNotExist();
    }

    @Test
    void watchWritesAgainWhenTheDesignChangesAndOutlivesMistakesInIt() throws Exception {
        Thread watching = new Thread(() -> run("--watch"), "watching");
        watching.start();
        until(() -> Files.exists(dive()));
        Files.writeString(design, "design \"Marsh\"\n\nentity Dive\n  id nonsense(\n");
        Files.writeString(design, DESIGN.replace("number ", "depth  "));
        until(() -> text(dive()).contains("depth"));
        watching.interrupt();
        watching.join(Duration.ofSeconds(20).toMillis());
        assertThat(watching.isAlive()).isFalse();
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            return "";
        }
    }

    private static void until(BooleanSupplier condition) throws InterruptedException {
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!condition.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited too long").isLessThan(end);
            Thread.onSpinWait();
        }
    }
}
