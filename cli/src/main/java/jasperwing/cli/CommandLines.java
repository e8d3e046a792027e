package jasperwing.cli;

import jasperwing.classes.template.TemplateProblemException;
import jasperwing.naming.Spelling;
import jasperwing.storage.UnreadableDesignException;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;
import picocli.CommandLine.UnmatchedArgumentException;

/**
 * The command line, to which others add commands. What goes wrong is turned into a message and exit code 2.
 *
 * <pre>{@code
 * CommandLines.of(Optional.empty()).execute("check", "marsh.wing");
 * }</pre>
 */
public final class CommandLines {
    private CommandLines() {}

    /**
     * A command line.
     *
     * @param alone what is done without a command; empty for telling how it is used
     * @param first commands that come before those there are
     */
    public static CommandLine of(Optional<Callable<Integer>> alone, Object... first) {
        CommandLine line = new CommandLine(new Jasperwing(alone));
        for (Object command : first) {
            line.addSubcommand(command);
        }
        Jasperwing.COMMANDS.forEach(c -> line.addSubcommand(c.get()));
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.registerConverter(Path.class, CommandLines::path);
        line.setParameterExceptionHandler((problem, arguments) -> misused(problem));
        line.setExecutionExceptionHandler((problem, command, parsed) -> failed(problem, command.getErr()));
        return line;
    }

    /**
     * Runs a command with the standard streams and gives the exit code.
     *
     * @param shortcut what is done without reading the arguments, which takes longer than reading a design; empty for reading them
     */
    public static int run(String[] arguments, Optional<Callable<Integer>> shortcut, Supplier<CommandLine> line) {
        Console console = Console.standard();
        return console.finish(run(arguments, shortcut, line, console));
    }

    private static int run(
            String[] arguments, Optional<Callable<Integer>> shortcut, Supplier<CommandLine> line, Console console) {
        if (shortcut.isEmpty()) {
            return line.get().setOut(console.out()).setErr(console.err()).execute(arguments);
        }
        try {
            return shortcut.get().call();
        } catch (Exception e) {
            return failed(e, console.err());
        }
    }

    /** What was not understood, what was likely meant, and how the command is used. */
    private static int misused(ParameterException problem) {
        CommandLine command = problem.getCommandLine();
        PrintWriter err = command.getErr();
        if (problem instanceof UnmatchedArgumentException unmatched && isCommand(unmatched)) {
            String word = unmatched.getUnmatched().get(0);
            Set<String> known = command.getSubcommands().keySet();
            err.println(TerminalText.text("There is no command '" + word + "'."
                    + Spelling.nearest(word, known)
                            .map(n -> " Did you mean '" + n + "'?")
                            .orElse(" The commands are " + String.join(", ", known) + ".")));
            err.println("See jasperwing --help");
        } else {
            err.println(TerminalText.text(problem.getMessage()));
            err.println("See " + command.getCommandSpec().qualifiedName(" ") + " --help");
        }
        return 2;
    }

    private static boolean isCommand(UnmatchedArgumentException problem) {
        CommandLine command = problem.getCommandLine();
        return command.getParent() == null
                && !problem.getUnmatched().isEmpty()
                && !problem.getUnmatched().get(0).startsWith("-");
    }

    private static Path path(String text) {
        if (text.isEmpty()) {
            throw new TypeConversionException("the path is empty; name a file or a folder");
        }
        try {
            return Path.of(text);
        } catch (InvalidPathException e) {
            throw new TypeConversionException("'" + text + "' is no path here: " + e.getReason());
        }
    }

    private static int failed(Exception problem, PrintWriter err) {
        if (problem instanceof UnreadableDesignException
                || problem instanceof UsageException
                || problem instanceof TemplateProblemException) {
            err.println(TerminalText.text(problem.getMessage()));
        } else if (problem instanceof NoSuchFileException) {
            err.println(TerminalText.text(problem.getMessage()) + ": there is no such file");
        } else if (problem instanceof IOException) {
            err.println(TerminalText.text(problem.getMessage()));
        } else {
            err.println(
                    "This is an error in Jasperwing itself; nothing was written. Please report it with these lines:");
            problem.printStackTrace(err);
        }
        return 2;
    }
}
