package jasperwing.cli;

import jasperwing.notation.Notation;
import jasperwing.say.Say;
import jasperwing.storage.DesignFile;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "say",
        mixinStandardHelpOptions = true,
        description = "Applies sentences to a design and prints the new text; the file stays as it is.")
final class SayCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "SENTENCE", description = "such as: " + Say.FORM)
    private List<String> sentences;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        Say.Result result = Say.all(DesignFile.load(design), sentences);
        if (!result.problems().isEmpty()) {
            throw new UsageException(String.join("\n", result.problems()));
        }
        spec.commandLine().getOut().print(Notation.print(result.design()));
        spec.commandLine().getOut().flush();
        return 0;
    }
}
