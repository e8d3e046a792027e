package jasperwing.cli;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Report;
import java.io.IOException;
import java.io.PrintWriter;

/** Findings as an array of {@code {code, level, subject, line, message, fixes}}. */
final class FindingsJson {
    private FindingsJson() {}

    static void write(Report report, FindingPlaces places, PrintWriter out) throws IOException {
        JsonGenerator generator = new JsonFactory().createGenerator(out).useDefaultPrettyPrinter();
        generator.writeStartArray();
        for (Finding finding : report.findings()) {
            generator.writeStartObject();
            generator.writeStringField("code", finding.rule().code());
            generator.writeStringField("level", finding.level().word());
            generator.writeStringField("subject", finding.subject().text());
            generator.writeNumberField("line", places.line(finding.subject()));
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
