package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.app.files.Settings;
import jasperwing.app.workspace.UncaughtErrors;
import jasperwing.model.Design;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import javafx.event.EventHandler;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/** A real window, driven by mouse and keyboard. Waits for conditions, never for time. */
abstract class WindowTest extends ApplicationTest {
    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final int CLICKS = 20;

    @TempDir
    static Path folder;

    final UncaughtErrors uncaught = new UncaughtErrors();

    /** What went wrong on the window's thread and was not expected. */
    private final List<Throwable> errors = new CopyOnWriteArrayList<>();

    JasperwingApp.Window window;

    /** What the window opens with. */
    Design first() {
        return Design.named("Test");
    }

    @Override
    public void start(Stage stage) {
        Thread.currentThread().setUncaughtExceptionHandler((t, e) -> errors.add(e));
        window = JasperwingApp.Window.open(
                stage, JasperwingApp.Start.with(first()), new Settings(folder.resolve("settings")), uncaught);
    }

    /** The toolkit keeps every test that was an application, and with it all it holds. */
    @AfterEach
    void releaseEverything() {
        release(new KeyCode[0]);
        release(new MouseButton[0]);
        window = null;
        assertThat(errors).as("what went wrong on the window's thread").isEmpty();
    }

    Design design() {
        return window.workspace().design();
    }

    /** Waits until something is so, as the window's thread sees it; fails when it does not become so. */
    void until(String what, BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> {
                WaitForAsyncUtils.waitForFxEvents();
                return WaitForAsyncUtils.asyncFx(condition::getAsBoolean).get();
            });
        } catch (TimeoutException e) {
            throw new AssertionError(
                    "did not happen: " + what + "; the focus is on "
                            + window.stage().getScene().getFocusOwner() + "; the design is " + design(),
                    e);
        }
    }

    Node sheet() {
        return lookup("#sheet").query();
    }

    /** A point of the sheet's paper, from its upper left corner. */
    Point2D paper(double x, double y) {
        Bounds bounds = sheet().localToScreen(sheet().getBoundsInLocal());
        return new Point2D(bounds.getMinX() + x, bounds.getMinY() + y);
    }

    Bounds card(String entity) {
        Node node = from(sheet()).lookup("#card-" + entity).query();
        return node.localToScreen(node.getBoundsInLocal());
    }

    Point2D headOf(String entity) {
        Bounds bounds = card(entity);
        return new Point2D(bounds.getMinX() + bounds.getWidth() / 2, bounds.getMinY() + 16);
    }

    Point2D rightEdgeOf(String entity) {
        Bounds bounds = card(entity);
        return new Point2D(bounds.getMaxX() - 1, bounds.getMaxY() - 12);
    }

    /** Presses, moves in steps and lets go. */
    void dragTo(Point2D from, Point2D to) {
        moveTo(from);
        press(MouseButton.PRIMARY);
        moveTo(from.midpoint(to));
        moveTo(to);
        release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /**
     * Double-clicks, both clicks at once: a test that waited for the window between them would let the time for the second pass where
     * the machine is slow. Should it pass all the same, it clicks on until the window takes one as the second.
     */
    void doubleClick(Point2D at) {
        AtomicBoolean twice = new AtomicBoolean();
        EventHandler<MouseEvent> watch =
                e -> twice.compareAndSet(false, e.getClickCount() == 2 && e.isStillSincePress());
        interact(() -> window.stage().addEventFilter(MouseEvent.MOUSE_CLICKED, watch));
        moveTo(at);
        WaitForAsyncUtils.waitForFxEvents();
        clickWithoutWaiting();
        for (int i = 0; i < CLICKS && !twice.get(); i++) {
            clickWithoutWaiting();
            WaitForAsyncUtils.waitForFxEvents();
        }
        interact(() -> window.stage().removeEventFilter(MouseEvent.MOUSE_CLICKED, watch));
        assertThat(twice).as("a double-click at " + at).isTrue();
    }

    private void clickWithoutWaiting() {
        robotContext().getMouseRobot().pressNoWait(MouseButton.PRIMARY);
        robotContext().getMouseRobot().releaseNoWait(MouseButton.PRIMARY);
    }

    /** Matches a node by its id, whatever signs are in it. */
    static Predicate<Node> named(String id) {
        return n -> id.substring(1).equals(n.getId());
    }

    /** Selects an entity in the list, and gives the keys to the sheet; on the list itself they narrow it. */
    void pick(String entity) {
        clickOn("#roster-" + entity);
        interact(() -> sheet().requestFocus());
    }

    /** Clicks a node by its id, whatever signs are in it. */
    void clickId(String id) {
        clickOn(lookup(named(id)).<Node>query());
    }

    boolean sees(String id) {
        return lookup(named(id)).tryQuery().filter(Node::isVisible).isPresent();
    }

    /** Draws an entity by double-click, types its name and lines, and leaves the card. */
    void drawEntity(Point2D at, String name, String... lines) {
        doubleClick(at);
        until("a card is open", () -> sees("#card-name"));
        until("its name can be typed", () -> focused("card-name"));
        write(name);
        push(KeyCode.ENTER);
        until("its lines can be typed", () -> focused("card-lines"));
        for (String line : lines) {
            write(line);
            push(KeyCode.ENTER);
        }
        push(KeyCode.ESCAPE);
        until(name + " is drawn", () -> design().entity(name).isPresent() && !sees("#card-name"));
    }

    boolean focused(String id) {
        Node owner = window.stage().getScene().getFocusOwner();
        return owner != null && id.equals(owner.getId());
    }

    void say(String sentence) {
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write(sentence);
        until("its preview shows", () -> sees("#say-preview"));
        push(KeyCode.ENTER);
    }

    void assertNoOpenCard() {
        assertThat(sees("#card-name")).isFalse();
    }
}
