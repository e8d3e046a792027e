package jasperwing.cli;

import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "man",
        mixinStandardHelpOptions = true,
        description = "Writes a manual page for each command, in section 1.")
final class ManCommand implements Callable<Integer> {
    @Option(names = "-o", paramLabel = "DIR", required = true, description = "the folder they are written to")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Files.createDirectories(folder);
        CommandLine root = spec.root().commandLine();
        SafeWrite.write(folder.resolve("jasperwing.1"), page("jasperwing", root));
        for (Map.Entry<String, CommandLine> command : root.getSubcommands().entrySet()) {
            String name = "jasperwing-" + command.getKey();
            SafeWrite.write(folder.resolve(name + ".1"), page(name, command.getValue()));
        }
        return 0;
    }

    /** In the macros of {@code man(7)}. */
    private static String page(String name, CommandLine command) {
        CommandSpec of = command.getCommandSpec();
        StringBuilder out = new StringBuilder();
        out.append(".TH ").append(name.toUpperCase(Locale.ROOT)).append(" 1 \"\" \"Jasperwing\"\n");
        out.append(".SH NAME\n")
                .append(escaped(name))
                .append(" \\- ")
                .append(escaped(String.join(" ", of.usageMessage().description())))
                .append('\n');
        out.append(".SH SYNOPSIS\n")
                .append(escaped(command.getHelp().synopsis(0).strip()))
                .append('\n');
        if (!of.positionalParameters().isEmpty() || !of.options().isEmpty()) {
            out.append(".SH OPTIONS\n");
            of.positionalParameters().forEach(p -> argument(out, p.paramLabel(), p));
            of.options().forEach(o -> argument(out, String.join(", ", o.names()) + label(o), o));
        }
        if (!command.getSubcommands().isEmpty()) {
            out.append(".SH COMMANDS\n");
            command.getSubcommands()
                    .forEach((sub, line) -> entry(
                            out,
                            sub,
                            String.join(
                                    " ", line.getCommandSpec().usageMessage().description())));
        }
        out.append(".SH EXIT STATUS\n");
        entry(out, "0", "done, and nothing is wrong");
        entry(out, "1", "done, and it found errors or differences");
        entry(out, "2", "could not; standard error says why");
        return out.toString();
    }

    private static String label(ArgSpec argument) {
        return argument.arity().max() > 0 ? " " + argument.paramLabel() : "";
    }

    private static void argument(StringBuilder out, String name, ArgSpec argument) {
        entry(out, name, Ansi.OFF.string(String.join(" ", argument.description())));
    }

    private static void entry(StringBuilder out, String name, String text) {
        out.append(".TP\n.B ")
                .append(escaped(name))
                .append('\n')
                .append(escaped(text))
                .append('\n');
    }

    private static String escaped(String text) {
        return text.replace("\\", "\\e").replace("-", "\\-").replaceAll("(?m)^([.'])", "\\\\&$1");
    }
}
