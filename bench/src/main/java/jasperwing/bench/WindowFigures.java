package jasperwing.bench;

import jasperwing.app.JasperwingApp;
import jasperwing.app.files.Settings;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.UncaughtErrors;
import jasperwing.arrange.Arrange;
import jasperwing.arrange.Progress;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import jasperwing.model.SheetEdits;
import jasperwing.moves.Move;
import jasperwing.picture.Typefaces;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.stage.Stage;
import org.fxmisc.richtext.CodeArea;

/** What can only be measured in a window of 1280 by 800: panning and zooming, a key press on a card, memory. */
public final class WindowFigures extends Application {
    private static final int FRAMES = 240;
    private static final int PRESSES = 60;
    private static final int LEFT_OUT = 30;
    private static final int MOVES = 7 * SampleMoves.SORTS;
    private static final int MOVES_LEFT_OUT = 2 * SampleMoves.SORTS;
    private static final int SETTLING = 100;

    private final Deque<Runnable> steps = new ArrayDeque<>();
    private JasperwingApp.Window window;
    private Node sheet;

    public static void main(String[] args) {
        System.setProperty("java.awt.headless", "true");
        launch(args);
    }

    private static Design arranged(int entities, int attributes, int relationships) {
        Design design = LargeDesign.of(entities, attributes, relationships);
        return SheetEdits.place(Arrange.all(design, "", Typefaces.get(), Progress.UNWATCHED)
                        .orElseThrow())
                .on(design);
    }

    @Override
    public void start(Stage stage) throws IOException {
        Path home = Files.createTempDirectory("jasperwing-bench");
        String large = getParameters().getRaw().isEmpty()
                ? ""
                : getParameters().getRaw().get(0);
        Design design =
                List.of("memory", "frames", "moves", "classes", "typing").contains(large)
                        ? arranged(1000, 10, 2000)
                        : arranged(200, 8, 300);
        window = JasperwingApp.Window.open(
                stage, JasperwingApp.Start.with(design), new Settings(home), UncaughtErrors.everywhere());
        switch (large) {
            case "frames" -> frames();
            case "memory" -> steps.add(this::memory);
            case "moves" -> steps.add(() -> move(new ArrayList<>(), 0));
            case "typing" -> typing();
            case "classes" -> {
                steps.add(this::showClasses);
                steps.add(() -> preview(new ArrayList<>(), 0));
            }
            default -> presses();
        }
        steps.add(() -> {
            Platform.exit();
            System.exit(0);
        });
        after(240, this::next);
    }

    private void next() {
        Runnable step = steps.poll();
        if (step != null) {
            step.run();
        }
    }

    /** Waits for a number of frames. */
    private static void after(int frames, Runnable then) {
        new AnimationTimer() {
            private int left = frames;

            @Override
            public void handle(long now) {
                if (left-- <= 0) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    private Node sheet() {
        if (sheet == null) {
            sheet = window.shell().lookup("#sheet");
        }
        return sheet;
    }

    private void scroll(double dx, double dy, boolean zoom) {
        Event.fireEvent(
                sheet(),
                new ScrollEvent(
                        ScrollEvent.SCROLL,
                        300,
                        300,
                        300,
                        300,
                        false,
                        zoom,
                        false,
                        false,
                        false,
                        false,
                        dx,
                        dy,
                        dx,
                        dy,
                        ScrollEvent.HorizontalTextScrollUnits.NONE,
                        0,
                        ScrollEvent.VerticalTextScrollUnits.NONE,
                        0,
                        0,
                        null));
    }

    private void frames() {
        for (int i = 0; i < 6; i++) {
            steps.add(() -> frames("an unmoved window", () -> {}));
            steps.add(() -> frames("pan and zoom 1,000 entities at " + zoom(), new Panning(this)::frame));
            steps.add(() -> {
                for (int z = 0; z < 8; z++) {
                    scroll(0, 10, true);
                }
                after(30, this::next);
            });
        }
    }

    /** Pans, and every few frames zooms in or out a step. */
    private static final class Panning {
        private final WindowFigures window;
        private int frame;

        private Panning(WindowFigures window) {
            this.window = window;
        }

        private void frame() {
            window.scroll(frame / 60 % 2 == 0 ? -9 : 9, frame / 30 % 2 == 0 ? -7 : 7, false);
            if (frame % 40 == 0) {
                window.scroll(0, frame / 40 % 2 == 0 ? 10 : -10, true);
            }
            frame++;
        }
    }

    /** Does something each frame and takes the times from one frame to the next. */
    private void frames(String what, Runnable eachFrame) {
        List<Double> times = new ArrayList<>();
        List<Double> work = new ArrayList<>();
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        new AnimationTimer() {
            private long last;
            private long lastWork;
            private int frame;

            @Override
            public void handle(long now) {
                long worked = threads.getCurrentThreadCpuTime();
                if (frame > LEFT_OUT) {
                    times.add((now - last) / 1e6);
                    work.add((worked - lastWork) / 1e6);
                }
                last = now;
                lastWork = worked;
                eachFrame.run();
                if (++frame > FRAMES + LEFT_OUT) {
                    stop();
                    report(what, times);
                    report("  of it at work", work);
                    next();
                }
            }
        }.start();
    }

    private static void report(String what, List<Double> times) {
        List<Double> sorted = times.stream().sorted().toList();
        System.out.printf(
                "%s: median %.1f ms, 95 %% within %.1f ms, longest %.1f ms%n",
                what,
                sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100),
                sorted.get(sorted.size() - 1));
    }

    private String zoom() {
        return window.shell().lookupAll(".sheet-bar .quiet").stream()
                .filter(n -> n instanceof javafx.scene.control.Label label
                        && label.getText().endsWith("%"))
                .map(n -> ((javafx.scene.control.Label) n).getText())
                .findFirst()
                .orElse("?");
    }

    private void presses() {
        steps.add(() -> {
            window.workspace().selection().set(Selection.of("Thing5"));
            sheet().requestFocus();
            Event.fireEvent(
                    sheet(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
            after(60, this::next);
        });
        steps.add(() -> {
            CodeArea lines = (CodeArea) window.shell().lookup("#card-lines");
            lines.insertText(lines.getLength(), "depth decimal(5,1) \"a\"");
            lines.moveTo(lines.getLength() - 1);
            int entities = window.workspace().design().entities().size();
            type(lines, "key press on a card to everything right, " + entities + " entities", new ArrayList<>(), 0);
        });
    }

    /** On a card of 1,000, as an edit that a card takes, and then in the text of the same design. */
    private void typing() {
        presses();
        steps.add(() -> take(new ArrayList<>(), 0));
        steps.add(() -> {
            Event.fireEvent(
                    sheet(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ESCAPE, false, false, false, false));
            Event.fireEvent(sheet(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.T, false, true, false, false));
            after(120, this::next);
        });
        steps.add(() -> {
            CodeArea text = (CodeArea) window.shell().lookup("#design-text");
            int entity = text.getText().indexOf("entity Thing7");
            text.moveTo(text.getText().indexOf('\n', text.getText().indexOf('\n', entity) + 1));
            text.insertText(text.getCaretPosition(), " \"a\"");
            text.moveTo(text.getCaretPosition() - 1);
            after(120, () -> type(text, "key press in the text of the same", new ArrayList<>(), 0));
        });
    }

    /** Changes a note as a card does when it is left. */
    private void take(List<Double> times, int count) {
        if (count >= PRESSES + LEFT_OUT) {
            report("an edit that a card takes, of the same", times.subList(LEFT_OUT, times.size()));
            next();
            return;
        }
        Entity entity = window.workspace().design().entity("Thing7").orElseThrow();
        List<Attribute> all = new ArrayList<>(entity.attributes());
        all.set(4, all.get(4).withNotes(Notes.NONE.withDoc("a" + "b".repeat(count))));
        untilRight(() -> window.workspace().edit(EntityEdits.change("Thing7", e -> e.withAttributes(all))), millis -> {
            times.add(millis);
            take(times, count + 1);
        });
    }

    /** Types a letter and waits until everything that follows from it has been laid out and painted. */
    private void type(CodeArea text, String what, List<Double> times, int count) {
        if (count >= PRESSES + LEFT_OUT) {
            report(what, times);
            next();
            return;
        }
        untilRight(() -> text.insertText(text.getCaretPosition(), "b"), millis -> {
            if (count >= LEFT_OUT) {
                times.add(millis);
            }
            type(text, what, times, count + 1);
        });
    }

    /** Moves of every sort by turns, each undone; between them the best lines are found in the background. */
    private void move(List<Double> times, int count) {
        if (count >= MOVES) {
            for (int sort = 0; sort < SampleMoves.SORTS; sort++) {
                int own = sort;
                report(
                        "a move on 1,000 entities to everything right, "
                                + SampleMoves.of(window.workspace().design(), sort)
                                        .getClass()
                                        .getSimpleName(),
                        IntStream.range(MOVES_LEFT_OUT, times.size())
                                .filter(i -> i % SampleMoves.SORTS == own)
                                .mapToObj(times::get)
                                .toList());
            }
            report("all of these", times.subList(MOVES_LEFT_OUT, times.size()));
            next();
            return;
        }
        Move move = SampleMoves.of(window.workspace().design(), count);
        untilRight(() -> window.workspace().edit(move), millis -> {
            times.add(millis);
            after(
                    SETTLING,
                    () -> untilRight(
                            () -> window.workspace().undo(), back -> after(SETTLING, () -> move(times, count + 1))));
        });
    }

    private void showClasses() {
        Event.fireEvent(
                window.shell(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.DIGIT3, false, true, false, false));
        window.workspace().selection().set(Selection.of("Thing5"));
        after(300, this::next);
    }

    /** Renames an attribute of one of 1,000 entities, and waits until its class is shown as it is then. */
    private void preview(List<Double> times, int count) {
        if (count >= PRESSES) {
            report("a class again after an edit, among those of 1,000 entities", times.subList(LEFT_OUT, times.size()));
            next();
            return;
        }
        ListView<?> lines = (ListView<?>) window.shell().lookup("#code-lines");
        Entity entity = window.workspace().design().entity("Thing5").orElseThrow();
        String name = "renamed" + count;
        Attribute changed = entity.attributes().get(4).withName(name);
        List<Attribute> all = new ArrayList<>(entity.attributes());
        all.set(4, changed);
        long start = System.nanoTime();
        window.workspace().edit(EntityEdits.change("Thing5", e -> e.withAttributes(all)));
        Runnable[] waiting = new Runnable[1];
        waiting[0] = () -> {
            if (lines.getItems().stream().anyMatch(l -> l.toString().contains(name))) {
                window.stage().getScene().removePostLayoutPulseListener(waiting[0]);
                times.add((System.nanoTime() - start) / 1e6);
                after(SETTLING / 4, () -> preview(times, count + 1));
            } else {
                Platform.requestNextPulse();
            }
        };
        window.stage().getScene().addPostLayoutPulseListener(waiting[0]);
        Platform.requestNextPulse();
    }

    /** Does something and takes the time until all that follows from it has been laid out and painted. */
    private void untilRight(Runnable work, DoubleConsumer then) {
        long start = System.nanoTime();
        work.run();
        Runnable[] done = new Runnable[1];
        done[0] = () -> {
            window.stage().getScene().removePostLayoutPulseListener(done[0]);
            double millis = (System.nanoTime() - start) / 1e6;
            after(2, () -> then.accept(millis));
        };
        window.stage().getScene().addPostLayoutPulseListener(done[0]);
        Platform.requestNextPulse();
    }

    private void memory() {
        System.gc();
        try (var lines = Files.lines(Path.of("/proc/self/status"))) {
            lines.filter(l -> l.startsWith("VmRSS"))
                    .forEach(l -> System.out.println("resident with 1,000 entities open: "
                            + Long.parseLong(l.replaceAll("\\D", "")) / 1024 + " MB"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        after(2, this::next);
    }
}
