package jasperwing.launcher;

import jasperwing.cli.CommandLines;
import java.util.Optional;
import picocli.CommandLine;

/** Runs one command, or opens the window. */
public final class Main {
    private Main() {}

    /** The plain ways to open the window do without reading the arguments. */
    public static void main(String[] arguments) {
        System.exit(CommandLines.run(arguments, WindowCommands.plain(arguments), Main::commandLine));
    }

    static CommandLine commandLine() {
        return CommandLines.of(Optional.of(WindowCommands::last), new OpenCommand(), new DemoCommand());
    }
}
