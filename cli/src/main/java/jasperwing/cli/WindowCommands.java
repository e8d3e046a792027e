package jasperwing.cli;

import jasperwing.app.JasperwingApp;
import jasperwing.app.shell.Settings;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.nio.file.Path;
import java.util.Optional;

/** What opens the window. */
final class WindowCommands {
    private WindowCommands() {}

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
        JasperwingApp.open(start);
        return 0;
    }
}
