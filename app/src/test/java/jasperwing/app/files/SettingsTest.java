package jasperwing.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsTest {
    @TempDir
    Path folder;

    @Test
    void theLastDesignIsRememberedWhileItIsThere() throws IOException {
        Settings settings = new Settings(folder.resolve("home"));
        Path design = folder.resolve("marsh.wing");
        assertThat(settings.lastDesign()).isEmpty();
        settings.rememberLast(design);
        assertThat(settings.lastDesign()).isEmpty();
        Files.writeString(design, "x");
        assertThat(settings.lastDesign()).contains(design.toAbsolutePath());
    }

    @Test
    void whatIsRememberedMayBeDamaged() throws IOException {
        Files.writeString(folder.resolve("last"), "a\0b\n");
        Files.writeString(folder.resolve("recent"), "\0\n" + folder.resolve("last") + "\n");
        Settings settings = new Settings(folder);
        assertThat(settings.lastDesign()).isEmpty();
        assertThat(settings.recent()).containsExactly(folder.resolve("last"));
    }
}
