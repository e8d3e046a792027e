package jasperwing.cli;

import jasperwing.storage.UnreadableDesignException;
import java.io.PrintWriter;
import picocli.CommandLine;

/** Runs one command of the command line. */
public final class Main {
    private Main() {}

    public static void main(String[] arguments) {
        System.exit(commandLine().execute(arguments));
    }

    /** The whole command line, with what goes wrong turned into a message and exit code 2. */
    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Jasperwing());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((problem, command, parsed) -> failed(problem, command.getErr()));
        return line;
    }

    private static int failed(Exception problem, PrintWriter err) throws Exception {
        if (problem instanceof UnreadableDesignException || problem instanceof UsageException) {
            err.println(problem.getMessage());
            return 2;
        }
        if (problem instanceof java.io.IOException) {
            err.println("It cannot be read or written: " + problem.getMessage());
            return 2;
        }
        throw problem;
    }
}
