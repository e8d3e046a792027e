package jasperwing.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.classes.ChosenTarget;
import jasperwing.classes.Target;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.TargetOption;
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
        int copied = TemplateCopy.copy("java-plain", folder.resolve("mine"));
        assertThat(copied).isEqualTo(TemplateTarget.texts("java-plain").size());
        Design demo = Samples.demo();
        ChosenTarget mine = ChosenTarget.of("mine", Optional.of(folder));
        assertThat(mine.ours()).isEmpty();
        assertThat(mine.word()).isEqualTo("mine");
        assertThat(mine.generate(demo)).isEqualTo(Target.JAVA_PLAIN.generate(demo));
    }

    @Test
    void whatTheDesignChoosesForItHolds() throws Exception {
        TemplateCopy.copy("java-plain", folder.resolve("deep/mine"));
        Design design = CodeTargetEdits.choose("deep/mine", TargetOption.PACKAGE, "org.marsh")
                .on(Samples.demo());
        ChosenTarget mine = ChosenTarget.of("deep/mine", Optional.of(folder));
        assertThat(mine.generate(design)).allMatch(f -> f.path().startsWith("org/marsh/"));
        assertThat(mine.word()).isEqualTo("mine");
    }

    @Test
    void nothingIsCopiedOverWhatIsThere() throws IOException {
        TemplateCopy.copy("java-plain", folder.resolve("mine"));
        assertThatThrownBy(() -> TemplateCopy.copy("java-plain", folder.resolve("mine")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is there already");
        assertThat(TemplateCopy.free(folder, "mine")).isEqualTo(folder.resolve("mine-2"));
        assertThat(TemplateCopy.free(folder, "other")).isEqualTo(folder.resolve("other"));
    }

    @Test
    void aFolderThatIsNotThereIsTold() {
        assertThatThrownBy(() -> ChosenTarget.of("nowhere", Optional.of(folder)))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> ChosenTarget.of("no\0where", Optional.of(folder)))
                .isInstanceOf(IOException.class);
    }
}
