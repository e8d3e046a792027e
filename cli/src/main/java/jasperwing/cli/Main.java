package jasperwing.cli;

import jasperwing.classes.template.TemplateProblemException;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;

/** Runs one command of the command line. */
public final class Main {
    private Main() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    /** The plain ways to open the window do without the parser, which takes longer than reading a design. */
    private static int run(String[] arguments) {
        Optional<Callable<Integer>> window = WindowCommands.plain(arguments);
        if (window.isEmpty()) {
            return commandLine().execute(arguments);
        }
        try {
            return window.get().call();
        } catch (Exception e) {
            return failed(e, new PrintWriter(System.err, true));
        }
    }

    /** The whole command line, with what goes wrong turned into a message and exit code 2. */
    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Jasperwing());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((problem, command, parsed) -> failed(problem, command.getErr()));
        return line;
    }

    private static int failed(Exception problem, PrintWriter err) {
        if (problem instanceof UnreadableDesignException
                || problem instanceof UsageException
                || problem instanceof TemplateProblemException) {
            err.println(problem.getMessage());
        } else if (problem instanceof IOException) {
            err.println("It cannot be read or written: " + problem.getMessage());
        } else {
            throw new IllegalStateException("a mistake of the program", problem);
        }
        return 2;
    }
}
