package jasperwing.cli;

import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.physical.Trigger;
import jasperwing.storage.DesignFile;
import jasperwing.storage.SafeWrite;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "tables", mixinStandardHelpOptions = true, description = "Writes the SQL that creates the schema.")
final class TablesCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(
            names = "--dialect",
            paramLabel = "D",
            required = true,
            completionCandidates = DialectOption.Words.class,
            description = DialectOption.KNOWN)
    private String dialect;

    @Option(names = "-o", paramLabel = "FILE", description = "where to; standard output when left out")
    private Path file;

    @Option(
            names = "--triggers",
            description =
                    "also writes triggers for what no constraint can enforce: references by a kind and an id, to rows in"
                            + " several tables or to one of several kinds, that a row of a family is of one kind, and rules that"
                            + " read other rows")
    private boolean triggers;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        Design loaded = DesignFile.load(design);
        Schema schema = Schema.derive(loaded, DialectOption.of(dialect));
        if (triggers && !GuardTriggers.areIn(schema.dialect())) {
            throw new ParameterException(
                    spec.commandLine(),
                    schema.dialect().title()
                            + " has triggers in Java only, so none can be written as SQL. Leave out --triggers.");
        }
        String sql = schema.sql()
                + script(schema, triggers ? GuardTriggers.of(loaded, schema) : GuardTriggers.asked(loaded, schema));
        if (file == null) {
            spec.commandLine().getOut().print(sql);
            spec.commandLine().getOut().flush();
        } else {
            SafeWrite.write(file, sql);
        }
        return 0;
    }

    private static String script(Schema schema, List<Trigger> triggers) {
        String script = GuardTriggers.script(schema, triggers).text();
        return script.isEmpty() ? "" : "\n" + script;
    }
}
