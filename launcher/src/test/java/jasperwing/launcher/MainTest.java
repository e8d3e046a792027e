package jasperwing.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MainTest {
    @TempDir
    Path folder;

    @Test
    void whatOpensTheWindowComesBeforeTheOtherCommands() {
        assertThat(Main.commandLine().getSubcommands().keySet()).startsWith("open", "demo", "check");
        StringWriter err = new StringWriter();
        assertThat(Main.commandLine().setErr(new PrintWriter(err)).execute("opne"))
                .isEqualTo(2);
        assertThat(err.toString()).startsWith("There is no command 'opne'. Did you mean 'open'?");
    }

    @Test
    void aFileThatIsNoDesignOpensNoWindow() throws IOException {
        Path file = folder.resolve("bad.wing");
        Files.writeString(file, "design \"D\"\nentity Boat\n  id nonsense(\n");
        StringWriter err = new StringWriter();
        int code = Main.commandLine().setErr(new PrintWriter(err)).execute("open", file.toString());
        assertThat(code).isEqualTo(2);
        assertThat(err.toString()).matches("(?s).*bad\\.wing:\\d+:\\d+: .*").doesNotContain("\tat ", "Exception");
    }
}
