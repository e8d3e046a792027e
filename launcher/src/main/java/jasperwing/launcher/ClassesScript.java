package jasperwing.launcher;

import jasperwing.app.JasperwingApp;
import jasperwing.app.workspace.Selection;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.output.FileLine;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;

/** The part of the walk on Classes: writes the classes, shows what an edit would change, and an edit by hand that meets one of the design. */
final class ClassesScript {
    private static final String FIELD = "    private BigDecimal maxDepth;";

    private final JasperwingApp.Window window;
    private final Path classes;
    private final Consumer<Runnable> step;
    private final Consumer<BooleanSupplier> until;
    private final Consumer<String> picture;
    private String before = "";

    /**
     * A part of a walk.
     *
     * @param folder of the walk
     * @param until lets the walk go on only when something is so
     * @param picture takes one of that name
     */
    ClassesScript(
            JasperwingApp.Window window,
            Path folder,
            Consumer<Runnable> step,
            Consumer<BooleanSupplier> until,
            Consumer<String> picture) {
        this.window = window;
        this.classes = folder.resolve("classes");
        this.step = step;
        this.until = until;
        this.picture = picture;
    }

    void plan() {
        step.accept(() -> window.classes().chooseFolder(shown(classes)));
        step.accept(() -> window.workspace().selection().set(Selection.of("Dive")));
        step.accept(() -> window.shell().go(window.classes()));
        write();
        step.accept(() -> window.workspace().edit(deeper("150", "0")));
        until.accept(() -> message().contains("differs"));
        step.accept(this::choose);
        picture.accept("classes");
        step.accept(this::editByHand);
        step.accept(() -> window.workspace().edit(deeper("200", "3")));
        until.accept(() -> message().contains("conflict"));
        step.accept(() -> fire("target-options"));
        picture.accept("settling");
        step.accept(() -> fire("target-options"));
        step.accept(this::takeBack);
        until.accept(() -> !message().contains("conflict"));
        write();
    }

    private void write() {
        until.accept(() -> !button("write").isDisabled() || message().contains("same"));
        step.accept(() -> fire("write"));
        until.accept(() -> message().contains("same") && !message().contains("new"));
    }

    /** As it is named in the field: from where the walk began, when it lies below. */
    private static Path shown(Path path) {
        Path here = Path.of("").toAbsolutePath();
        Path absolute = path.toAbsolutePath().normalize();
        return absolute.startsWith(here) ? here.relativize(absolute) : absolute;
    }

    private static Edit deeper(String most, String usual) {
        Literal to = new Literal(Literal.Kind.NUMBER, most);
        return EntityEdits.changeAttribute(
                "Dive", "maxDepth", a -> a.withRange(a.range().map(r -> new Range(r.from(), Optional.of(to))))
                        .withDefault(Optional.of(new Literal(Literal.Kind.NUMBER, usual))));
    }

    /** Clicks the line of the rule that is other than before. */
    private void choose() {
        ListView<?> lines = (ListView<?>) window.shell().lookup("#code-lines");
        List<?> items = lines.getItems();
        for (int i = 0; i < items.size(); i++) {
            FileLine line = (FileLine) items.get(i);
            if (line.kind() == FileLine.Kind.COMES && line.text().contains("DecimalMax")) {
                lines.getSelectionModel().select(i);
            }
        }
    }

    private Path dive() {
        return classes.resolve("saltmarsh/fieldwork/Dive.java");
    }

    private void editByHand() {
        try {
            before = Files.readString(dive());
            SafeWrite.write(dive(), before.replace(FIELD, FIELD.replace(";", " = BigDecimal.ONE;")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void takeBack() {
        try {
            SafeWrite.write(dive(), before);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        window.workspace().undo();
        window.workspace().undo();
    }

    private String message() {
        return ((Label) window.shell().lookup("#classes-message")).getText();
    }

    private ButtonBase button(String id) {
        return (ButtonBase) window.shell().lookup("#" + id);
    }

    private void fire(String id) {
        button(id).fire();
    }
}
