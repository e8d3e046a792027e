package jasperwing.launcher;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.storage.UnreadableDesignException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Which forms of the command open the window without the parser of options. */
class WindowCommandsTest {
    @TempDir
    Path folder;

    @Test
    void onlyThePlainFormsDo() {
        assertThat(WindowCommands.plain(new String[0])).isPresent();
        assertThat(WindowCommands.plain(new String[] {"demo"})).isPresent();
        assertThat(WindowCommands.plain(new String[] {"open", "marsh.wing"})).isPresent();
        assertThat(WindowCommands.plain(new String[] {"open"})).isEmpty();
        assertThat(WindowCommands.plain(new String[] {"open", "--help"})).isEmpty();
        assertThat(WindowCommands.plain(new String[] {"demo", "--walk", "out"})).isEmpty();
        assertThat(WindowCommands.plain(new String[] {"check", "marsh.wing"})).isEmpty();
    }

    @Test
    void aFileThatIsNoDesignOpensNoWindow() {
        String missing = folder.resolve("none.wing").toString();
        assertThatThrownBy(() -> WindowCommands.plain(new String[] {"open", missing})
                        .orElseThrow()
                        .call())
                .isInstanceOf(UnreadableDesignException.class)
                .hasMessageContaining("none.wing:1:1: there is no such file");
    }
}
