package jasperwing.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class UnsavedDesignsTest {
    @TempDir
    Path root;

    private Path settings;
    private UnsavedDesigns asides;

    @BeforeEach
    void open() {
        settings = root.resolve("settings");
        asides = new UnsavedDesigns(settings, root.resolve("elsewhere"));
    }

    private Path written(String text, long time) throws IOException {
        UnsavedDesigns.Place place = asides.place(Optional.empty());
        Files.writeString(place.file(), text);
        Files.setLastModifiedTime(place.file(), FileTime.fromMillis(time));
        place.owner().close();
        return place.file();
    }

    @Test
    void placesAreNotGivenTwiceAndTheNewestComesFirst() throws IOException {
        assertThat(asides.latest()).isEmpty();
        Path first = written("x", 9_000);
        Path second = written("y", 5_000);
        assertThat(second).isNotEqualTo(first);
        assertThat(asides.all()).extracting(UnsavedDesigns.Aside::file).containsExactly(first, second);
        asides.remove(first);
        assertThat(asides.all()).extracting(UnsavedDesigns.Aside::file).containsExactly(second);
    }

    @Test
    void twoWindowsThatHaveWrittenNothingYetHavePlacesOfTheirOwn() throws IOException {
        UnsavedDesigns.Place one = asides.place(Optional.empty());
        UnsavedDesigns.Place other = asides.place(Optional.empty());
        assertThat(one.file()).isNotEqualTo(other.file());
        assertThat(asides.all()).isEmpty();
        one.owner().close();
        assertThat(asides.place(Optional.empty()).file())
                .as("never used, and free")
                .isEqualTo(one.file());
    }

    @Test
    void whatAnotherWindowHasIsNotTheOneToGoOnWith() throws IOException {
        Path older = written("x", 5_000);
        Path newer = written("y", 9_000);
        UnsavedDesigns.Place taken = asides.take(newer).orElseThrow();
        assertThat(asides.latest()).map(UnsavedDesigns.Aside::file).contains(older);
        assertThat(asides.take(newer)).isEmpty();
        taken.owner().close();
        assertThat(asides.latest()).map(UnsavedDesigns.Aside::file).contains(newer);
    }

    @Test
    void whereItCameFromIsKept() throws IOException {
        Path origin = root.resolve("marsh.wing");
        UnsavedDesigns.Place place = asides.place(Optional.of(origin));
        Files.writeString(place.file(), "x");
        assertThat(asides.all()).extracting(UnsavedDesigns.Aside::origin).containsExactly(Optional.of(origin));
        asides.remove(place.file());
        assertThat(settings).isDirectoryNotContaining("glob:**/unsaved*");
    }

    @Test
    void whereTheFirstFolderCannotBeUsedTheSecondIs() throws IOException {
        Files.writeString(settings, "a file where the folder should be");
        UnsavedDesigns.Place place = asides.place(Optional.empty());
        assertThat(place.file().getParent()).isEqualTo(root.resolve("elsewhere"));
    }

    /** Takes a design in another process, until it is killed. */
    static final class OtherProcess {
        public static void main(String[] arguments) throws InterruptedException {
            Optional<DesignLock> owner = DesignLock.take(Path.of(arguments[0]), Path.of(arguments[1]));
            System.out.write(owner.isPresent() ? 'y' : 'n');
            System.out.flush();
            TimeUnit.MINUTES.sleep(2);
        }
    }

    @Test
    void anotherProcessIsNamedAndLosesItsRightWhenItIsKilled() throws Exception {
        Path design = Files.writeString(root.resolve("marsh.wing"), "x");
        Process other = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        OtherProcess.class.getName(),
                        settings.toString(),
                        design.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertThat(other.getInputStream().read()).isEqualTo('y');
        assertThat(DesignLock.isTaken(settings, design)).isTrue();
        assertThat(DesignLock.who(settings, design))
                .isEqualTo("another Jasperwing window (process " + other.pid() + ")");
        other.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
        assertThat(DesignLock.isTaken(settings, design)).isFalse();
    }
}
