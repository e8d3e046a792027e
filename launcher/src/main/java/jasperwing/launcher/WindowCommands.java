package jasperwing.launcher;

import jasperwing.app.JasperwingApp;
import jasperwing.app.files.Settings;
import jasperwing.cli.UsageException;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;

/** What opens the window. */
final class WindowCommands {
    static final Path DEMO = Path.of(System.getProperty("jasperwing.root", "."), "demo", "saltmarsh.wing");

    private WindowCommands() {}

    /** What opens the window and has no options: nothing, {@code demo}, or {@code open} and a file. */
    static Optional<Callable<Integer>> plain(String[] arguments) {
        String command = arguments.length == 0 ? "" : arguments[0];
        if (arguments.length == 0) {
            return Optional.of(WindowCommands::last);
        }
        if (arguments.length == 1 && command.equals("demo")) {
            return Optional.of(WindowCommands::demo);
        }
        boolean file = arguments.length == 2 && command.equals("open") && !arguments[1].startsWith("-");
        return file ? Optional.of(() -> open(Path.of(arguments[1]))) : Optional.empty();
    }

    static int demo() throws UnreadableDesignException, UsageException {
        return show(JasperwingApp.Start.with(DesignFile.load(DEMO)));
    }

    static int open(Path file) throws UnreadableDesignException, UsageException {
        return show(start(file));
    }

    private static JasperwingApp.Start start(Path file) throws UnreadableDesignException {
        Design design = DesignFile.load(file);
        return new JasperwingApp.Start(design, Optional.of(file), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * What was worked on last and no other window has: a design with a file, or one that was kept aside; else a new one. If it cannot be read,
     * the window opens with a new design and says why.
     */
    static int last() throws UsageException {
        return show(last(Settings.standard()));
    }

    static JasperwingApp.Start last(Settings settings) {
        Optional<Path> file = settings.lastDesign().filter(f -> !settings.isOpenElsewhere(f));
        Optional<Path> aside = settings.lastAside();
        boolean asideIsNewer = aside.isPresent()
                && (file.isEmpty() || Settings.changed(aside.get()).isAfter(Settings.changed(file.get())));
        Optional<Path> read = asideIsNewer ? aside : file;
        try {
            if (asideIsNewer) {
                Design design = DesignFile.load(aside.get());
                return new JasperwingApp.Start(design, Optional.empty(), aside, Optional.empty(), Optional.empty());
            }
            return file.isPresent() ? start(file.get()) : JasperwingApp.Start.with(Design.named("New design"));
        } catch (UnreadableDesignException e) {
            return JasperwingApp.Start.insteadOf(read.orElseThrow(), e.getMessage());
        }
    }

    /** @throws UsageException when there is no display */
    static int show(JasperwingApp.Start start) throws UsageException {
        WarmUp.start(start.design());
        try {
            JasperwingApp.open(start);
        } catch (UnsupportedOperationException e) {
            throw new UsageException("The window cannot be opened: " + e.getMessage() + " "
                    + Objects.toString(System.getenv("DISPLAY"), "")
                    + ". Set DISPLAY to a display that is there; all commands but open and demo work without one.");
        }
        return 0;
    }
}
