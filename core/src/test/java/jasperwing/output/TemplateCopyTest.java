package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.classes.OurTargets;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TemplateCopyTest {
    @TempDir
    Path folder;

    @Test
    void aCopyMakesWhatTheOriginalMakes() throws Exception {
        int copied = TemplateCopy.copy(OurTargets.PLAIN, folder.resolve("mine"));
        assertThat(copied).isEqualTo(OurTargets.PLAIN.texts().size());
        Design demo = Samples.demo();
        Target mine = Targets.of("mine", Optional.of(folder));
        assertThat(mine.isOurs()).isFalse();
        assertThat(mine.word()).isEqualTo("mine");
        assertThat(mine.generate(demo)).isEqualTo(OurTargets.PLAIN.files(demo));
    }

    @Test
    void whatTheDesignChoosesForItHolds() throws Exception {
        TemplateCopy.copy(OurTargets.PLAIN, folder.resolve("deep/mine"));
        Design design =
                CodeTargetEdits.choose("deep/mine", "package", "org.marsh").on(Samples.demo());
        Target mine = Targets.of("deep/mine", Optional.of(folder));
        assertThat(mine.generate(design)).allMatch(f -> f.path().startsWith("org/marsh/"));
        assertThat(mine.word()).isEqualTo("mine");
    }

    @Test
    void nothingIsCopiedOverWhatIsThere() throws IOException {
        TemplateCopy.copy(OurTargets.PLAIN, folder.resolve("mine"));
        assertThatThrownBy(() -> TemplateCopy.copy(OurTargets.PLAIN, folder.resolve("mine")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is there already");
        assertThat(TemplateCopy.free(folder, "mine")).isEqualTo(folder.resolve("mine-2"));
        assertThat(TemplateCopy.free(folder, "other")).isEqualTo(folder.resolve("other"));
    }

    @Test
    void aFolderThatIsNotThereIsTold() {
        assertThatThrownBy(() -> Targets.of("nowhere", Optional.of(folder))).isInstanceOf(IOException.class);
        assertThatThrownBy(() -> Targets.of("no\0where", Optional.of(folder))).isInstanceOf(IOException.class);
    }
}
