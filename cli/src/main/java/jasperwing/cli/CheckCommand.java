package jasperwing.cli;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "check", mixinStandardHelpOptions = true, description = "Holds a design against every rule.")
final class CheckCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DESIGN", description = "a .wing file")
    private Path design;

    @Option(names = "--dialect", paramLabel = "D", defaultValue = "postgresql", description = "postgresql or sqlite")
    private String dialect;

    @Option(names = "--json", description = "prints an array of {code, level, subject, message, fixes}")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        Design read = DesignFile.load(design);
        Report report = Report.of(read, DialectOption.of(dialect));
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            json(report, out);
        } else {
            text(report, out);
        }
        out.flush();
        return report.count(Level.FAULT) > 0 ? 1 : 0;
    }

    private static void text(Report report, PrintWriter out) {
        for (Finding finding : report.findings()) {
            out.println(finding.level().word() + " " + finding.rule().code() + " "
                    + finding.subject().text());
            out.println("  " + finding.message() + " " + finding.why());
            finding.fixes().forEach(f -> out.println("  fix: " + f.title()));
        }
        out.println(report.counts() + ", " + report.holding() + " rules hold");
    }

    private static void json(Report report, PrintWriter out) throws IOException {
        JsonGenerator generator = new JsonFactory().createGenerator(out).useDefaultPrettyPrinter();
        generator.writeStartArray();
        for (Finding finding : report.findings()) {
            generator.writeStartObject();
            generator.writeStringField("code", finding.rule().code());
            generator.writeStringField("level", finding.level().word());
            generator.writeStringField("subject", finding.subject().text());
            generator.writeStringField("message", finding.message() + " " + finding.why());
            generator.writeArrayFieldStart("fixes");
            for (Fix fix : finding.fixes()) {
                generator.writeString(fix.title());
            }
            generator.writeEndArray();
            generator.writeEndObject();
        }
        generator.writeEndArray();
        generator.flush();
        out.println();
    }
}
