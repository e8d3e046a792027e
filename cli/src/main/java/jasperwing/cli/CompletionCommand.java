package jasperwing.cli;

import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "completion",
        mixinStandardHelpOptions = true,
        description = "Prints a script that lets a shell complete commands and options.")
final class CompletionCommand implements Callable<Integer> {
    @Parameters(paramLabel = "SHELL", description = "bash, zsh or fish")
    private String shell;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws UsageException {
        CommandLine root = spec.root().commandLine();
        String script =
                switch (shell) {
                    case "bash", "zsh" -> AutoComplete.bash(root.getCommandName(), root);
                    case "fish" -> fish(root);
                    default -> throw new UsageException(
                            "There is no completion for the shell '" + shell + "'. Choose bash, zsh or fish.");
                };
        spec.commandLine().getOut().print(script);
        spec.commandLine().getOut().flush();
        return 0;
    }

    private static String fish(CommandLine root) {
        StringBuilder out = new StringBuilder("# Completion of jasperwing for fish\n");
        String none = "complete -c " + root.getCommandName() + " -n __fish_use_subcommand";
        root.getSubcommands().forEach((name, command) -> out.append(none)
                .append(" -f -a ")
                .append(name)
                .append(" -d ")
                .append(quoted(description(command.getCommandSpec())))
                .append('\n'));
        root.getSubcommands()
                .forEach((name, command) ->
                        command.getCommandSpec().options().forEach(o -> option(out, root.getCommandName(), name, o)));
        return out.toString();
    }

    private static void option(StringBuilder out, String root, String command, OptionSpec option) {
        out.append("complete -c ").append(root).append(" -n ").append(quoted("__fish_seen_subcommand_from " + command));
        for (String name : option.names()) {
            out.append(name.startsWith("--") ? " -l " : " -s ").append(name.replaceFirst("^--?", ""));
        }
        out.append(option.arity().max() > 0 ? " -r" : "");
        if (option.completionCandidates() != null) {
            out.append(" -f -a ").append(quoted(String.join(" ", option.completionCandidates())));
        }
        out.append(" -d ")
                .append(quoted(String.join(" ", option.description())))
                .append('\n');
    }

    private static String description(CommandSpec spec) {
        return String.join(" ", spec.usageMessage().description());
    }

    private static String quoted(String text) {
        return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'";
    }
}
