package jasperwing.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
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
    void placesAsideAreNotGivenTwiceAndTheNewestIsTheLast() throws IOException {
        Settings settings = new Settings(folder);
        assertThat(settings.lastAside()).isEmpty();
        Path first = settings.freePlaceAside();
        Files.writeString(first, "x");
        Path second = settings.freePlaceAside();
        assertThat(second).isNotEqualTo(first);
        Files.writeString(second, "y");
        Files.setLastModifiedTime(
                first, FileTime.fromMillis(Settings.changed(second).toEpochMilli() + 9000));
        assertThat(settings.lastAside()).contains(first);
        settings.forget(first);
        assertThat(settings.lastAside()).contains(second);
        assertThat(settings.freePlaceAside()).isEqualTo(first);
    }
}
