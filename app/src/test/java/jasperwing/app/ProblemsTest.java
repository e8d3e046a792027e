package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.app.files.Settings;
import jasperwing.model.Design;
import java.lang.ref.WeakReference;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

/** What nobody expected to go wrong is said once, and the window goes on; what a window started ends with it. */
class ProblemsTest extends WindowTest {
    private static final Set<String> THREADS = Set.of(
            "deriving tables and findings",
            "routing lines",
            "arranging cards",
            "compiling",
            "making classes",
            "arranging tables",
            "watching the design's file",
            "saving");

    private String text(String id) {
        return ((Label) lookup(id).query()).getText();
    }

    @Test
    void anErrorInTheBackgroundIsSaidWithItsDetailsAndTheNextEditIsSound() {
        interact(() -> window.workspace().background().worker("testing").run(() -> {
            throw new IllegalStateException("on purpose");
        }));
        until("it is said", () -> sees("#problem-line"));
        assertThat(text("#problem-sentence")).startsWith("Jasperwing failed while testing");
        assertThat(sees("#problem-details")).isFalse();
        clickOn("#problem-show");
        until("the details show", () -> sees("#problem-details"));
        assertThat(((TextArea) lookup("#problem-details").query()).getText()).contains("on purpose", "\tat ");
        clickOn("#problem-copy");
        until(
                "they are copied",
                () -> String.valueOf(Clipboard.getSystemClipboard().getString()).contains("on purpose"));
        clickOn("#problem-dismiss");
        until("it is gone", () -> !sees("#problem-line"));
        say("entity Dive");
        until(
                "the next edit is sound",
                () -> design().entity("Dive").isPresent()
                        && window.workspace()
                                .projection()
                                .get()
                                .schema()
                                .table("Dive")
                                .isPresent());
    }

    @Test
    void aListenerSeesDesignSelectionAndTablesOfOneEdit() {
        interact(() -> {
            window.workspace().selection().addListener((o, was, is) -> assertThat(
                            window.workspace().projection().get().design())
                    .isSameAs(design()));
            window.workspace().present().addListener((o, was, is) -> assertThat(
                            window.workspace().projection().get().design())
                    .isSameAs(is));
        });
        say("entity Dive");
        until(
                "it is there and selected",
                () -> window.workspace().selection().get().single().equals(java.util.Optional.of("Dive")));
        assertThat(sees("#problem-line")).isFalse();
    }

    @Test
    void aClosedWindowLeavesNoThreadAndIsLetGoOf() {
        long before = threads();
        WeakReference<Object> other = openAndClose();
        until("its threads have ended", () -> threads() <= before);
        until("nothing holds it", () -> {
            System.gc();
            return other.get() == null;
        });
    }

    private WeakReference<Object> openAndClose() {
        JasperwingApp.Window[] opened = new JasperwingApp.Window[1];
        interact(() -> opened[0] = JasperwingApp.Window.open(
                new Stage(),
                JasperwingApp.Start.with(Design.named("Other")),
                new Settings(folder.resolve("other")),
                uncaught));
        interact(() -> opened[0].workspace().edit(d -> d.withName("Another")));
        interact(() -> opened[0].stage().close());
        WeakReference<Object> other = new WeakReference<>(opened[0].workspace());
        opened[0] = null;
        Platform.runLater(() -> window.stage().requestFocus());
        return other;
    }

    private static long threads() {
        return Thread.getAllStackTraces().keySet().stream()
                .map(Thread::getName)
                .filter(THREADS::contains)
                .collect(Collectors.counting());
    }
}
