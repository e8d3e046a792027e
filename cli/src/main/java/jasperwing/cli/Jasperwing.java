package jasperwing.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/** Without a command, the window. */
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
        },
        subcommands = {
            OpenCommand.class,
            DemoCommand.class,
            CheckCommand.class,
            TablesCommand.class,
            ClassesCommand.class,
            TemplatesCommand.class,
            DrawCommand.class,
            SayCommand.class,
            CompletionCommand.class,
            ManCommand.class
        })
final class Jasperwing implements Callable<Integer> {
    @Override
    public Integer call() throws Exception {
        return WindowCommands.last();
    }
}
