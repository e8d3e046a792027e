package jasperwing.cli;

import jasperwing.schema.Schema;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "tables", mixinStandardHelpOptions = true, description = "Writes the SQL that creates the schema.")
final class TablesCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(names = "--dialect", paramLabel = "D", required = true, description = DialectOption.KNOWN)
    private String dialect;

    @Option(names = "-o", paramLabel = "FILE", description = "where to; standard output when left out")
    private Path file;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        String sql = Schema.derive(DesignFile.load(design), DialectOption.of(dialect))
                .sql();
        if (file == null) {
            spec.commandLine().getOut().print(sql);
            spec.commandLine().getOut().flush();
        } else {
            SafeWrite.write(file, sql);
        }
        return 0;
    }
}
