package jasperwing.cli;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;

/** Findings in SARIF 2.1.0, as systems for reviewing code read it. What is accepted is there, suppressed for its reason. */
final class FindingsSarif {
    private static final String SCHEMA =
            "https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json";

    private final JsonGenerator json;
    private final Path file;
    private final FindingPlaces places;

    private FindingsSarif(JsonGenerator json, Path file, FindingPlaces places) {
        this.json = json;
        this.file = file;
        this.places = places;
    }

    static void write(Report report, Path file, FindingPlaces places, PrintWriter out) throws IOException {
        JsonGenerator json = new JsonFactory().createGenerator(out).useDefaultPrettyPrinter();
        new FindingsSarif(json, file, places).log(report);
        json.flush();
        out.println();
    }

    private void log(Report report) throws IOException {
        json.writeStartObject();
        json.writeStringField("$schema", SCHEMA);
        json.writeStringField("version", "2.1.0");
        json.writeArrayFieldStart("runs");
        json.writeStartObject();
        tool();
        json.writeArrayFieldStart("results");
        for (Finding finding : report.findings()) {
            result(finding, Optional.empty());
        }
        for (Report.Accepted aside : report.accepted()) {
            result(aside.finding(), Optional.of(aside.said().reason()));
        }
        json.writeEndArray();
        json.writeEndObject();
        json.writeEndArray();
        json.writeEndObject();
    }

    private void tool() throws IOException {
        json.writeObjectFieldStart("tool");
        json.writeObjectFieldStart("driver");
        json.writeStringField("name", "Jasperwing");
        json.writeArrayFieldStart("rules");
        for (Rule rule : Rule.values()) {
            json.writeStartObject();
            json.writeStringField("id", rule.code());
            text("shortDescription", rule.holds());
            json.writeObjectFieldStart("defaultConfiguration");
            json.writeStringField("level", level(rule.level()));
            json.writeEndObject();
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeEndObject();
        json.writeEndObject();
    }

    private static String level(Level level) {
        return level == Level.ERROR ? "error" : "warning";
    }

    private void text(String field, String text) throws IOException {
        json.writeObjectFieldStart(field);
        json.writeStringField("text", text);
        json.writeEndObject();
    }

    private void result(Finding finding, Optional<String> aside) throws IOException {
        json.writeStartObject();
        json.writeStringField("ruleId", finding.rule().code());
        json.writeNumberField("ruleIndex", finding.rule().ordinal());
        json.writeStringField("level", level(finding.level()));
        text("message", finding.message() + " " + finding.why());
        location(finding);
        if (aside.isPresent()) {
            json.writeArrayFieldStart("suppressions");
            json.writeStartObject();
            json.writeStringField("kind", "inSource");
            json.writeStringField("justification", aside.get());
            json.writeEndObject();
            json.writeEndArray();
        }
        json.writeEndObject();
    }

    private void location(Finding finding) throws IOException {
        json.writeArrayFieldStart("locations");
        json.writeStartObject();
        json.writeObjectFieldStart("physicalLocation");
        json.writeObjectFieldStart("artifactLocation");
        json.writeStringField("uri", uri());
        json.writeEndObject();
        json.writeObjectFieldStart("region");
        json.writeNumberField("startLine", places.line(finding.subject()));
        json.writeEndObject();
        json.writeEndObject();
        json.writeArrayFieldStart("logicalLocations");
        json.writeStartObject();
        json.writeStringField("fullyQualifiedName", finding.subject().text());
        json.writeEndObject();
        json.writeEndArray();
        json.writeEndObject();
        json.writeEndArray();
    }

    /** As it was named, relative where it was. */
    private String uri() {
        String path = file.toString().replace('\\', '/');
        return file.isAbsolute()
                ? file.toUri().toString()
                : Path.of("/").resolve(path).toUri().getRawPath().substring(1);
    }
}
