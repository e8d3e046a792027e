package jasperwing.cli;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** The command line as a whole. */
@Command(
        name = "jasperwing",
        mixinStandardHelpOptions = true,
        version = "Jasperwing 0.1.0",
        footer =
                "%nAlso: ./jasperwing install and uninstall, for an entry in the menu of applications, completion and manual pages.",
        description = "Draws entities and relationships, checks keys and join tables, generates classes and tables.",
        exitCodeListHeading = "Exit codes:%n",
        exitCodeList = {
            "0:done, and nothing is wrong",
            "1:done, and it found errors",
            "2:could not; standard error says why"
        })
final class Jasperwing implements Callable<Integer> {
    /** The commands that need no window. */
    static final List<Supplier<Object>> COMMANDS = List.of(
            CheckCommand::new,
            TablesCommand::new,
            ClassesCommand::new,
            TemplatesCommand::new,
            DrawCommand::new,
            SayCommand::new,
            CompletionCommand::new,
            ManCommand::new);

    private final Optional<Callable<Integer>> alone;

    @Spec
    private CommandSpec spec;

    /** @param alone what is done without a command; empty for telling how it is used */
    Jasperwing(Optional<Callable<Integer>> alone) {
        this.alone = alone;
    }

    @Override
    public Integer call() throws Exception {
        if (alone.isPresent()) {
            return alone.get().call();
        }
        spec.commandLine().usage(spec.commandLine().getErr());
        return 2;
    }
}
