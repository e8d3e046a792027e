package jasperwing.findings;

import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.schema.Schema;
import jasperwing.schema.SchemaMemory;

/** The schema of a design with all that is found of them, where both are wanted: what looks at no table is found while tables are derived. */
public record Checkup(Schema schema, Report report) {
    /** Derives the schema and holds the design against every rule. */
    public static Checkup of(Design design, Dialect dialect) {
        return of(design, dialect, new SchemaMemory(), new ReportMemory());
    }

    /** The same, made sooner by recalling what an edit has left as it was. */
    public static Checkup of(Design design, Dialect dialect, SchemaMemory schemas, ReportMemory reports) {
        reports.begin(design, dialect);
        Schema schema = Schema.derive(design, dialect, schemas);
        return new Checkup(schema, Report.of(design, schema, reports));
    }
}
