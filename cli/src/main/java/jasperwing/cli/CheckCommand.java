package jasperwing.cli;

import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "check", mixinStandardHelpOptions = true, description = "Checks a design against all rules.")
final class CheckCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(
            names = "--dialect",
            paramLabel = "D",
            completionCandidates = DialectOption.Words.class,
            description = DialectOption.KNOWN)
    private String dialect;

    @ArgGroup(exclusive = true)
    private Form form = new Form();

    /** What is printed instead of words. */
    static final class Form {
        @Option(names = "--json", description = "prints an array of {code, level, subject, line, message, fixes}")
        private boolean json;

        @Option(names = "--sarif", description = "prints SARIF 2.1.0, for systems that review code")
        private boolean sarif;
    }

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        DesignFile.Loaded loaded = DesignFile.read(design);
        Design read = loaded.design();
        Report report = Report.of(read, DialectOption.of(dialect));
        PrintWriter out = spec.commandLine().getOut();
        FindingPlaces places = FindingPlaces.of(read, loaded.text());
        if (form.json) {
            FindingsJson.write(report, places, out);
        } else if (form.sarif) {
            FindingsSarif.write(report, design, places, out);
        } else {
            new FindingsText(design, loaded.text(), places, TerminalColors.standard(), out).write(report);
        }
        out.flush();
        return report.count(Level.ERROR) > 0 ? 1 : 0;
    }
}
