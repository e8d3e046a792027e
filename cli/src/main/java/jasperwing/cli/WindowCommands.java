package jasperwing.cli;

import jasperwing.app.JasperwingApp;
import jasperwing.app.shell.Settings;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.nio.file.Path;
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

    static int demo() throws UnreadableDesignException {
        return show(new JasperwingApp.Start(DesignFile.load(DEMO), Optional.empty(), Optional.empty()));
    }

    static int open(Path file) throws UnreadableDesignException {
        return show(new JasperwingApp.Start(DesignFile.load(file), Optional.of(file), Optional.empty()));
    }

    /** The design that was open last; else one that was never saved; else a new one. */
    static int last() throws UnreadableDesignException {
        Settings settings = Settings.standard();
        Optional<Path> last = settings.lastDesign();
        if (last.isPresent()) {
            return open(last.get());
        }
        Design design = java.nio.file.Files.isRegularFile(settings.unsaved())
                ? DesignFile.load(settings.unsaved())
                : Design.named("New design");
        return show(new JasperwingApp.Start(design, Optional.empty(), Optional.empty()));
    }

    static int show(JasperwingApp.Start start) {
        WarmUp.start(start.design());
        JasperwingApp.open(start);
        return 0;
    }
}
