package jasperwing.cli;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** The command line as a process of its own: what depends on the locale, on standard output and on what files are. */
@EnabledOnOs(OS.LINUX)
class ProcessTest {
    private static final String DESIGN =
            "design \"Küste\"\n\nentity Möwe\n  id          serial         key\n  näme        text(20)\n";

    @TempDir
    Path folder;

    private record Ran(int code, String out, String err) {}

    /** Runs a line of shell in the folder, in which {@code $jasperwing} runs the command line, without a UTF-8 locale. */
    private Ran run(String line) throws IOException, InterruptedException {
        Path root = Path.of(System.getProperty("jasperwing.root"));
        ProcessBuilder builder = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". '" + root
                                + "/config/machine.sh'; use_utf8; jasperwing=\"$JAVA -cp $CP jasperwing.cli.Main\"; "
                                + line)
                .directory(folder.toFile())
                .redirectOutput(folder.resolve("out").toFile())
                .redirectError(folder.resolve("err").toFile());
        builder.environment().keySet().removeIf(k -> k.startsWith("LC_") || k.startsWith("LANG"));
        builder.environment().put("LC_ALL", "C");
        builder.environment()
                .put(
                        "JAVA",
                        Path.of(System.getProperty("java.home"), "bin", "java").toString());
        builder.environment().put("CP", System.getProperty("java.class.path"));
        Process process = builder.start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        return new Ran(
                process.exitValue(),
                Files.readString(folder.resolve("out"), UTF_8),
                Files.readString(folder.resolve("err"), UTF_8));
    }

    private void write(String name) throws IOException {
        Files.writeString(folder.resolve(name), DESIGN);
    }

    @Test
    void lettersBeyondAsciiAreKeptWhateverTheLocaleIs() throws Exception {
        write("möwen.wing");
        Ran said = run("$jasperwing say möwen.wing 'Möwe has a größe int'");
        assertThat(said.err()).isEmpty();
        assertThat(said.out()).contains("design \"Küste\"", "entity Möwe", "näme ", "größe ");
        assertThat(run("$jasperwing classes möwen.wing --target java-jakarta -o klässen")
                        .code())
                .isZero();
        assertThat(folder.resolve("klässen/küste/Möwe.java")).exists();
        assertThat(run("$jasperwing check fehlt-ö.wing").err()).startsWith("fehlt-ö.wing:1:1: there is no such file");
    }

    @Test
    void outputThatCannotBeWrittenIsToldOfAndIsNoSuccess() throws Exception {
        write("a.wing");
        Ran full = run("$jasperwing tables a.wing --dialect sqlite > /dev/full");
        assertThat(full.code()).isEqualTo(2);
        assertThat(full.err()).contains("Standard output cannot be written: No space left on device");
        assertThat(run("$jasperwing tables a.wing --dialect sqlite -o /dev/full")
                        .err())
                .startsWith("/dev/full: No space left on device");
        assertThat(Path.of("/dev/full")).exists();
    }

    @Test
    void aPipeIsReadOnceAndWrittenTo() throws Exception {
        write("a.wing");
        Ran read = run("mkfifo in; cat a.wing > in & $jasperwing check in");
        assertThat(read.out()).contains("0 errors");
        Ran written = run(
                "mkfifo pipe; cat pipe > read & $jasperwing tables a.wing --dialect sqlite -o pipe; wait; test -p pipe");
        assertThat(written.code()).isZero();
        assertThat(folder.resolve("read")).content(UTF_8).contains("create table");
        assertThat(run("$jasperwing tables a.wing --dialect sqlite -o /dev/stdout")
                        .out())
                .contains("create table");
    }

    @Test
    void whatCannotBeDoneIsSaidInWordsWithExitCode2() throws Exception {
        write("a.wing");
        for (String line : new String[] {
            "classes a.wing --target java-jakarta -o ''",
            "draw a.wing -o a.svg --scale NaN",
            "tables a.wing --dialect sqlite -o ."
        }) {
            Ran ran = run("$jasperwing " + line);
            assertThat(ran.code()).as(line).isEqualTo(2);
            assertThat(ran.err()).as(line).isNotEmpty().doesNotContain("\tat ");
        }
    }
}
