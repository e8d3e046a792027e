package jasperwing.cli;

import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.output.TemplateCopy;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "templates",
        mixinStandardHelpOptions = true,
        description = "Copies the templates of a target into a folder, to be changed there.")
final class TemplatesCommand implements Callable<Integer> {
    @Parameters(paramLabel = "TARGET", description = "a target that is made by templates, such as java-plain")
    private String target;

    @Option(names = "-o", paramLabel = "DIR", required = true, description = "a folder that is not there yet")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException, UsageException {
        Optional<Target> ours = Targets.find(target);
        if (ours.isEmpty()) {
            String known = Targets.all().stream().map(Target::word).collect(Collectors.joining(", "));
            throw new UsageException("'" + target + "' is not made by templates; expected one of " + known);
        }
        if (folder.toFile().exists()) {
            throw new UsageException(folder + " is there already; name a folder that is not");
        }
        int copied = TemplateCopy.copy(ours.get(), folder);
        spec.commandLine().getOut().println("Copied " + copied + " templates to " + folder);
        spec.commandLine().getOut().flush();
        return 0;
    }
}
