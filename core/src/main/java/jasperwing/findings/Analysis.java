package jasperwing.findings;

import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;

/** The schema of a design with all that is found of them, where both are wanted: what looks at no table is found while tables are derived. */
public record Analysis(Schema schema, Report report) {
    /** Derives the schema and holds the design against every rule. */
    public static Analysis of(Design design, Dialect dialect) {
        return of(design, dialect, new SchemaCache(), new FindingsCache());
    }

    /** The same, made sooner by recalling what an edit has left as it was. */
    public static Analysis of(Design design, Dialect dialect, SchemaCache schemas, FindingsCache reports) {
        reports.begin(design, dialect);
        Schema schema = Schema.derive(design, dialect, schemas);
        return new Analysis(schema, Report.of(design, schema, reports));
    }
}
