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
        return show(JasperwingApp.Start.with(DesignFile.load(DEMO)));
    }

    static int open(Path file) throws UnreadableDesignException {
        Design design = DesignFile.load(file);
        return show(new JasperwingApp.Start(design, Optional.of(file), Optional.empty(), Optional.empty()));
    }

    /** What was worked on last: a design with a file, or one that was kept aside; else a new one. */
    static int last() throws UnreadableDesignException {
        Settings settings = Settings.standard();
        Optional<Path> file = settings.lastDesign();
        Optional<Path> aside = settings.lastAside();
        boolean asideIsNewer = aside.isPresent()
                && (file.isEmpty() || Settings.changed(aside.get()).isAfter(Settings.changed(file.get())));
        if (asideIsNewer) {
            Design design = DesignFile.load(aside.get());
            return show(new JasperwingApp.Start(design, Optional.empty(), aside, Optional.empty()));
        }
        return file.isPresent() ? open(file.get()) : show(JasperwingApp.Start.with(Design.named("New design")));
    }

    static int show(JasperwingApp.Start start) {
        WarmUp.start(start.design());
        JasperwingApp.open(start);
        return 0;
    }
}
