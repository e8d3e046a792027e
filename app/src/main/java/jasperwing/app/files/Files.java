package jasperwing.app.files;

import jasperwing.app.workspace.Workspace;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;

/** Opening and saving designs. One window at a time writes a design. */
public final class Files {
    private final Workspace workspace;
    private final Settings settings;
    private final UnsavedDesigns asides;
    private final AutoSave keeping;
    private PathPrompt prompt;
    private Optional<DesignLock> owner = Optional.empty();
    private Path confirmed;
    private boolean warned;

    /** @param aside where a design without a file was kept until now; empty to find a place when there is something to keep */
    public Files(Workspace workspace, Settings settings, Optional<Path> aside) {
        this.workspace = workspace;
        this.settings = settings;
        this.asides = settings.asides();
        this.keeping = new AutoSave(workspace, asides);
        Optional<Path> file = workspace.path().get();
        if (file.isPresent() && !takes(file.get())) {
            workspace.open(Design.named("New design"), Optional.empty());
        }
        keeping.begin(aside);
        workspace.path().get().ifPresent(settings::rememberLast);
    }

    public void promptWith(PathPrompt pathPrompt) {
        prompt = pathPrompt;
    }

    /** In a word or two, whether everything is saved. */
    public ReadOnlyStringProperty state() {
        return keeping.state();
    }

    /** What another program put into the file while there are unsaved changes here. */
    ReadOnlyObjectProperty<Optional<Design>> changedOutside() {
        return keeping.theirs();
    }

    /** Takes what the file says now. */
    void reload() {
        keeping.reload();
    }

    /** Writes the design over what the file says now. */
    void keepMine() {
        keeping.overwrite();
    }

    public void newDesign() {
        if (flush()) {
            opened(Design.named("New design"), Optional.empty(), Optional.empty(), Optional.empty());
        }
    }

    /** Opens the demo as a design without a file, so that trying things out changes nothing. */
    public void openDemo() {
        Path demo = Path.of(System.getProperty("jasperwing.root", "."), "demo", "saltmarsh.wing");
        if (!flush()) {
            return;
        }
        try {
            opened(DesignFile.load(demo), Optional.empty(), Optional.empty(), Optional.empty());
        } catch (UnreadableDesignException e) {
            sayNotOpened(demo, e.getMessage());
        }
    }

    public void askOpen() {
        prompt.ask("Open a design", "Open", folder(), this::open);
    }

    public void askSaveAs() {
        confirmed = null;
        prompt.ask("Save the design as", "Save", suggested(), this::saveAs);
        if (workspace.path().get().isEmpty()) {
            String folder = folder();
            prompt.alsoAsk(
                    "Title",
                    workspace.design().name(),
                    title -> folder + named(title),
                    title -> workspace.edit(d -> d.withName(title)));
        }
    }

    /** The design's own file, or one named after it in the folder worked in last. */
    private String suggested() {
        return workspace
                .path()
                .get()
                .or(keeping::origin)
                .map(Path::toString)
                .orElseGet(() -> folder() + named(workspace.design().name()));
    }

    private static String named(String title) {
        String name = title.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return (name.isEmpty() ? "design" : name) + ".wing";
    }

    /** The folder of the design that is open or was open last, with a separator at its end. */
    private String folder() {
        return workspace
                        .path()
                        .get()
                        .or(() -> settings.recent().stream().findFirst())
                        .map(Path::getParent)
                        .map(Path::toString)
                        .orElse(System.getProperty("user.home"))
                + File.separator;
    }

    /** Opens a file. @return what is wrong, or empty when it is open now */
    public Optional<String> open(Path file) {
        return open(file, Optional.of(file), Optional.empty());
    }

    /** Opens a design that was kept aside. @return what is wrong, or empty when it is open now */
    Optional<String> openAside(Path aside) {
        return open(aside, Optional.empty(), Optional.of(aside));
    }

    private Optional<String> open(Path read, Optional<Path> file, Optional<Path> aside) {
        if (!flush()) {
            return Optional.of("The open design cannot be saved (" + state().get() + "). Save it elsewhere first.");
        }
        boolean own = workspace.path().get().equals(file.map(Path::toAbsolutePath)) && aside.isEmpty();
        Optional<DesignLock> taken = own ? Optional.empty() : settings.own(read);
        if (!own && taken.isEmpty()) {
            return Optional.of(read + " is open in " + settings.owner(read) + ". Close it there first.");
        }
        try {
            Design design = DesignFile.load(read);
            if (aside.isPresent()) {
                taken.ifPresent(DesignLock::close);
            }
            opened(design, file, aside, own ? owner : aside.isPresent() ? Optional.empty() : taken);
            return Optional.empty();
        } catch (UnreadableDesignException e) {
            taken.ifPresent(DesignLock::close);
            return Optional.of(e.getMessage());
        }
    }

    private void opened(Design design, Optional<Path> file, Optional<Path> aside, Optional<DesignLock> now) {
        if (!now.equals(owner)) {
            owner.ifPresent(DesignLock::close);
        }
        owner = now;
        keeping.end();
        workspace.open(design, file);
        keeping.begin(aside);
        file.ifPresent(settings::rememberLast);
    }

    /** Makes a file this window's, in place of the one it had. @return false when another window has it */
    private boolean takes(Path file) {
        Optional<DesignLock> taken = settings.own(file);
        if (taken.isPresent()) {
            owner.ifPresent(DesignLock::close);
            owner = taken;
        }
        return taken.isPresent();
    }

    /** Opens a file; what is wrong with it is said in the prompt for another. */
    public void openOrSay(Path file) {
        open(file).ifPresent(wrong -> sayNotOpened(file, wrong));
    }

    /** Says in the prompt why a file is not open. */
    public void sayNotOpened(Path file, String wrong) {
        prompt.ask("Open a design", "Open", file.toString(), this::open, wrong);
    }

    /** Who has a file that this window should have opened with, in words; empty when it is open here. */
    public Optional<String> openElsewhere(Path file) {
        boolean here = workspace.path().get().equals(Optional.of(file.toAbsolutePath()));
        return here ? Optional.empty() : Optional.of(file + " is open in " + settings.owner(file) + ".");
    }

    /** The designs worked on last, without the one that is open. */
    public List<Path> recent() {
        Optional<Path> now = workspace.path().get();
        return settings.recent().stream()
                .filter(p -> !now.equals(Optional.of(p)))
                .toList();
    }

    /** The designs kept aside, without the one that is open. */
    List<UnsavedDesigns.Aside> keptAside() {
        Optional<Path> now = keeping.aside();
        return asides.all().stream()
                .filter(a -> !now.equals(Optional.of(a.file())))
                .toList();
    }

    /** Removes a design that was kept aside; not one that another window has. */
    void throwAway(UnsavedDesigns.Aside aside) {
        asides.take(aside.file()).ifPresent(place -> {
            asides.remove(place.file());
            place.owner().close();
        });
    }

    public void save() {
        if (workspace.path().get().isEmpty()) {
            askSaveAs();
        } else {
            keeping.overwrite();
        }
    }

    private Optional<String> saveAs(Path chosen) {
        Path file = chosen.toAbsolutePath();
        boolean another = !Optional.of(file).equals(workspace.path().get());
        if (java.nio.file.Files.isDirectory(file)) {
            return Optional.of(file + " is a folder; add a file name such as marsh.wing");
        }
        if (another && java.nio.file.Files.exists(file) && !file.equals(confirmed)) {
            confirmed = file;
            return Optional.of("There is a file of this name already. Save again to replace it.");
        }
        if (another && settings.isOpenElsewhere(file)) {
            return Optional.of(file + " is open in " + settings.owner(file) + ". Choose another name.");
        }
        try {
            keeping.saveAs(file);
            if (another) {
                takes(file);
            }
            settings.rememberLast(file);
            return Optional.empty();
        } catch (CompletionException e) {
            return Optional.of(e.getCause().getMessage());
        }
    }

    /** Whether the window may close: everything is safe, or it was said that it is not and closing was asked for again. */
    public boolean mayClose() {
        if (flush() || warned) {
            return true;
        }
        warned = true;
        keeping.warn("; close again to lose it");
        return false;
    }

    /**
     * Writes what is not written yet, and waits for it; before another design is opened and when the window closes. What
     * something else changed on disk is not overwritten: the design is kept aside instead.
     *
     * @return whether everything is safe
     */
    public boolean flush() {
        return keeping.flush();
    }

    /** Lets go of the design, for other windows to open it. */
    public void close() {
        keeping.close();
        owner.ifPresent(DesignLock::close);
        owner = Optional.empty();
    }
}
