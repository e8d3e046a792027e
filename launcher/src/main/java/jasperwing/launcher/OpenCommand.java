package jasperwing.launcher;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(name = "open", mixinStandardHelpOptions = true, description = "Opens the window with a design.")
final class OpenCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Override
    public Integer call() throws Exception {
        return WindowCommands.open(design);
    }
}
