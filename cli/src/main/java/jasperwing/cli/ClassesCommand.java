package jasperwing.cli;

import jasperwing.classes.Target;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.TargetFolder;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "classes", mixinStandardHelpOptions = true, description = "Generates classes into a folder.")
final class ClassesCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(names = "--target", paramLabel = "T", required = true, description = "java-jakarta")
    private String target;

    @Option(names = "-o", paramLabel = "DIR", required = true, description = "the folder the packages go into")
    private Path folder;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        String known = Arrays.stream(Target.values()).map(Target::word).collect(Collectors.joining(", "));
        Target chosen = Target.of(target)
                .orElseThrow(
                        () -> new UsageException("--target " + target + " is not known; expected one of " + known));
        Design read = DesignFile.load(design);
        TargetFolder into = new TargetFolder(folder);
        List<TargetFolder.Entry> entries = into.compare(chosen.generate(read));
        int written = into.write(entries, e -> false).size();
        PrintWriter out = spec.commandLine().getOut();
        List<TargetFolder.Entry> kept =
                entries.stream().filter(e -> e.state().needsAsking()).toList();
        out.println("Wrote " + written + " of " + entries.size() + " files to " + folder);
        kept.forEach(e -> spec.commandLine()
                .getErr()
                .println(folder.resolve(e.file().path()) + ": left as it is, "
                        + e.state().words() + "; move it away to have it written"));
        out.flush();
        return kept.isEmpty() ? 0 : 1;
    }
}
