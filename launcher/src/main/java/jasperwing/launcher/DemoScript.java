package jasperwing.launcher;

import jasperwing.app.JasperwingApp;
import jasperwing.app.workspace.Selection;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javax.imageio.ImageIO;
import org.fxmisc.richtext.CodeArea;

/**
 * Walks through the demo in the open window, taking pictures on the way: the stages, a sentence being said, a card being
 * typed on. Then mends the error, writes classes and tables, and closes the window.
 */
final class DemoScript {
    private static final String PARAGRAPH =
            "We keep boats and skippers. A boat has a name, a unique number plate and an optional length."
                    + " Each boat belongs to one harbour. A skipper may sail many boats. Fish are slippery.";

    private static final int FRAMES = 36;

    private final JasperwingApp.Window window;
    private final Path folder;
    private final Robot robot = new Robot();
    private final Deque<Runnable> steps = new ArrayDeque<>();

    DemoScript(JasperwingApp.Window window, Path folder) {
        this.window = window;
        this.folder = folder;
    }

    void run() {
        draw();
        say();
        check();
        write();
        step(() -> {
            window.files().flush();
            window.stage().close();
            Platform.exit();
        });
        next();
    }

    private void draw() {
        step(this::aside);
        step(() -> window.workspace().selection().set(Selection.of("Dive")));
        picture("draw");
        step(() -> robot.keyType(KeyCode.ENTER));
        step(() -> type("surfacedAt timestamp?"));
        picture("typing");
        step(() -> robot.keyType(KeyCode.ESCAPE));
        step(() -> window.workspace().undo());
        step(() -> moveTo("Keyword"));
        step(() -> robot.mousePress(MouseButton.PRIMARY));
        step(() -> moveTo("Taxon"));
        picture("drawing");
        step(() -> robot.mouseRelease(MouseButton.PRIMARY));
        step(() -> window.workspace().undo());
        step(() -> moveToFan("Note"));
        step(() -> robot.mousePress(MouseButton.PRIMARY));
        step(() -> moveTo("Taxon"));
        picture("one-of");
        step(() -> robot.keyType(KeyCode.ESCAPE));
        step(() -> robot.mouseRelease(MouseButton.PRIMARY));
        step(this::aside);
        besides();
    }

    /** The panes beside the sheet, a path along roles, a move, and the dark theme. */
    private void besides() {
        step(() -> window.workspace().selection().set(Selection.of("Dive")));
        step(() -> fire("toggle-text"));
        picture("text");
        step(() -> fire("toggle-readings"));
        picture("readings");
        step(() -> fire("toggle-readings"));
        step(() -> robot.keyType(KeyCode.W));
        step(() -> type("specimens.keywords"));
        picture("walk");
        step(() -> robot.keyType(KeyCode.ESCAPE));
        step(() -> window.workspace().selection().set(Selection.of("Expedition")));
        step(() -> fire("toggle-moves"));
        step(() -> List.of("startsOn", "endsOn", "budget", "state").forEach(a -> fire("choose-" + a)));
        step(() -> ((TextInputControl) window.shell().lookup("#move-said")).setText("Season"));
        picture("moves");
        step(() -> fire("toggle-moves"));
        step(() -> window.workspace().selection().set(Selection.of("Dive")));
        step(() -> fire("toggle-weigh"));
        picture("weigh");
        step(() -> ((Button) window.shell().lookup("#weigh-done")).fire());
        step(() -> window.workspace().selection().set(Selection.of("Dive")));
        step(() -> fire("properties"));
        step(() -> window.appearance().dark().set(true));
        picture("dark");
        step(() -> window.appearance().dark().set(false));
        step(() -> fire("properties"));
    }

    private void fire(String id) {
        ((ToggleButton) window.shell().lookup("#" + id)).fire();
    }

    private void say() {
        step(() -> window.shell().lookup("#say").requestFocus());
        step(() -> type("each Dive may have many Photo, which must belong to one Dive"));
        picture("say");
        step(() -> robot.keyType(KeyCode.ESCAPE));
        step(() -> window.shell().lookup("#say").requestFocus());
        step(() -> type(PARAGRAPH));
        picture("paragraph");
        step(() -> robot.keyType(KeyCode.ESCAPE));
    }

    private void check() {
        step(() -> window.shell().go(window.keys()));
        step(this::selectError);
        picture("keys");
        step(() -> window.workspace().selection().set(Selection.of("Dive")));
        step(() -> fire("keys-Delete"));
        picture("ripple");
        step(() -> fire("keys-Matrix"));
        picture("matrix");
        step(() -> fire("keys-Tables"));
        until(() -> !window.shell().lookup("#save-tables").isDisabled());
        picture("tables");
        step(() -> fire("keys-SQL"));
        picture("sql");
        step(() -> fire("keys-Ledger"));
        step(this::mend);
    }

    private void write() {
        new ClassesScript(window, folder, this::step, this::until, this::picture).plan();
        step(this::writeTables);
    }

    /** Takes the mouse where nothing answers to it. */
    private void aside() {
        robot.mouseMove(window.stage().getX() + 2, window.stage().getY() + 400);
    }

    private void step(Runnable step) {
        steps.add(step);
    }

    /** Goes on only when something is so. */
    private void until(BooleanSupplier so) {
        step(() -> waitFor(so));
    }

    private void waitFor(BooleanSupplier so) {
        if (!so.getAsBoolean()) {
            steps.addFirst(() -> waitFor(so));
        }
    }

    /** Gives the window time to paint between steps: counted in frames, so that a slow machine has more of it. */
    private void next() {
        new AnimationTimer() {
            private int left = FRAMES;

            @Override
            public void handle(long now) {
                if (left-- > 0) {
                    return;
                }
                stop();
                Runnable step = steps.poll();
                if (step != null) {
                    step.run();
                    DemoScript.this.next();
                }
            }
        }.start();
    }

    /** To the middle of a card's left edge, where relationships are drawn from and to. */
    private void moveTo(String entity) {
        Node card = window.shell().lookup("#card-" + entity);
        Bounds bounds = card.localToScreen(card.getBoundsInLocal());
        robot.mouseMove(bounds.getMinX() + 1, bounds.getMaxY() - 8);
    }

    private void moveToFan(String entity) {
        Node fan = window.shell().lookup("#fan-" + entity);
        Bounds bounds = fan.localToScreen(fan.getBoundsInLocal());
        robot.mouseMove(bounds.getCenterX(), bounds.getCenterY());
    }

    private void type(String text) {
        if (window.stage().getScene().getFocusOwner() instanceof CodeArea area) {
            area.insertText(area.getCaretPosition(), text);
        }
        if (window.stage().getScene().getFocusOwner() instanceof TextInputControl input) {
            input.insertText(input.getCaretPosition(), text);
        }
    }

    private void selectError() {
        error().flatMap(f -> f.subject().relationship())
                .ifPresent(r -> window.workspace().selection().set(Selection.of(r)));
    }

    private Optional<Finding> error() {
        return window.workspace().projection().get().report().findings().stream()
                .findFirst();
    }

    private void mend() {
        error().ifPresent(f -> window.workspace().edit(f.fixes().get(0).edit()));
    }

    private void picture(String name) {
        step(() -> {
            var scene = window.stage().getScene();
            Rectangle2D area = new Rectangle2D(
                    window.stage().getX() + scene.getX(),
                    window.stage().getY() + scene.getY(),
                    scene.getWidth(),
                    scene.getHeight());
            save(robot.getScreenCapture(null, area), folder.resolve("pictures").resolve(name + ".png"));
        });
    }

    private static void save(WritableImage image, Path file) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        copy.setRGB(0, 0, width, height, pixels, 0, width);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(copy, "png", out);
            SafeWrite.write(file, out.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void writeTables() {
        Design design = window.workspace().design();
        try {
            for (Dialect dialect : Dialects.all()) {
                SafeWrite.write(
                        folder.resolve(dialect.word() + ".sql"),
                        Schema.derive(design, dialect).sql());
            }
            DesignFile.save(folder.resolve("saltmarsh.wing"), design);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
