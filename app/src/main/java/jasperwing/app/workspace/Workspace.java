package jasperwing.app.workspace;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.History;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BinaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** The one reference that changes: a history of designs. The window shows it and edits it here and nowhere else. */
public final class Workspace {
    private final DeferredProperty<Design> present = new DeferredProperty<>(null);
    private final DeferredProperty<Projection> projection = new DeferredProperty<>(null);
    private final DeferredProperty<Selection> selection = new DeferredProperty<>(Selection.NONE);
    private final StringProperty pointed = new SimpleStringProperty("");
    private final StringProperty declaration = new SimpleStringProperty("");
    private final ReadOnlyObjectWrapper<Optional<Path>> path = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyIntegerWrapper openings = new ReadOnlyIntegerWrapper();
    private final ObjectProperty<Dialect> dialect = new SimpleObjectProperty<>(Dialects.DEFAULT);
    private final Problems problems = new Problems();
    private final Background background = new Background(problems);
    private final Projection.Memory memory = new Projection.Memory(background, problems);
    private History history;
    private BinaryOperator<Design> finish = (before, after) -> after;

    /** @param from where the design was read from; empty when it has no file yet */
    public Workspace(Design design, Optional<Path> from) {
        dialect.addListener((o, was, is) -> projection.set(new Projection(design(), is, memory)));
        selection.addListener((o, was, is) -> pointed.set(""));
        open(design, from);
    }

    /** Starts anew with another design; what was done to the last one cannot be undone any more. */
    public void open(Design design, Optional<Path> from) {
        path.set(from.map(Path::toAbsolutePath));
        announce(History.startingWith(design), Selection.NONE);
        openings.set(openings.get() + 1);
    }

    /** How many designs have been opened, for what was typed beside one not to come into the next; told of when it is there. */
    public ReadOnlyIntegerProperty openings() {
        return openings.getReadOnlyProperty();
    }

    /** The design, told of while what follows from it is still being found out. */
    public ReadOnlyObjectProperty<Design> present() {
        return present;
    }

    /** The design with what follows from it; told of after {@link #present}. */
    public ReadOnlyObjectProperty<Projection> projection() {
        return projection;
    }

    /** The database that tables are derived for, and the design checked. */
    public ObjectProperty<Dialect> dialect() {
        return dialect;
    }

    public ObjectProperty<Selection> selection() {
        return selection;
    }

    /** The name of an enum, value, trait, area or sheet that is to be shown where it is declared, since it has no card; empty for none. */
    public StringProperty declaration() {
        return declaration;
    }

    /** The member of an entity a finding is about, such as {@code Dive.number}, from when it is shown until something else is selected; else empty. */
    public StringProperty pointed() {
        return pointed;
    }

    /** Where the design is saved; empty for one that has no file yet. */
    public ReadOnlyObjectProperty<Optional<Path>> path() {
        return path.getReadOnlyProperty();
    }

    public void savedAs(Path file) {
        path.set(Optional.of(file));
    }

    public Design design() {
        return history.present();
    }

    public void edit(Edit edit) {
        move(history.then(finish.apply(design(), edit.on(design()))), Optional.empty());
    }

    /** Edits and selects what the edit brought. */
    public void edit(Edit edit, Selection then) {
        move(history.then(finish.apply(design(), edit.on(design()))), Optional.of(then));
    }

    /** The design as an edit would leave it, with what would follow. */
    public Projection imagined(Edit edit) {
        return new Projection(finish.apply(design(), edit.on(design())), dialect.get(), memory);
    }

    /**
     * Edits that are typed letter by letter: together they are one step of the history, unless something else is edited
     * between them.
     */
    public final class Typing {
        private History origin;
        private Design mine;

        private Typing() {}

        /** Does an edit in place of the one typed before. */
        public void edit(Edit edit) {
            if (mine == null || mine != design()) {
                origin = history;
            }
            Design next = edit.on(origin.present());
            move(origin.then(finish.apply(origin.present(), next)), Optional.empty());
            mine = design();
        }
    }

    /** Begins to type. */
    public Typing typing() {
        return new Typing();
    }

    public void undo() {
        history.undone().ifPresent(h -> move(h, Optional.empty()));
    }

    public void redo() {
        history.redone().ifPresent(h -> move(h, Optional.empty()));
    }

    public boolean canUndo() {
        return history.undone().isPresent();
    }

    public boolean canRedo() {
        return history.redone().isPresent();
    }

    /** @param finish completes every edit, given the design before and after it, as part of the same step */
    public void finishWith(BinaryOperator<Design> finish) {
        this.finish = finish;
    }

    private void move(History next, Optional<Selection> then) {
        Design before = design();
        Selection selected = then.orElseGet(() -> selection.get().in(before, next.present()));
        if (before.equals(next.present())) {
            history = next;
            selection.set(selected);
        } else {
            announce(next, selected);
        }
    }

    /** Design, selection and projection change together; then their listeners are called, in this order. */
    private void announce(History next, Selection selected) {
        history = next;
        List<DeferredProperty<?>> all = List.of(present, selection, projection);
        all.forEach(DeferredProperty::hold);
        present.set(design());
        selection.set(selected);
        projection.set(new Projection(design(), dialect.get(), memory));
        all.forEach(DeferredProperty::release);
    }

    /** The threads that work for this window. */
    public Background background() {
        return background;
    }

    /** What went wrong unexpectedly. */
    public Problems problems() {
        return problems;
    }

    /** Ends the work that goes on for this design; when the window is closed. */
    public void close() {
        background.close();
    }
}
