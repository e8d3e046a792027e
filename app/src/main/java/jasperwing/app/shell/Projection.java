package jasperwing.app.shell;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Target;
import jasperwing.findings.Report;
import jasperwing.findings.ReportMemory;
import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import jasperwing.schema.SchemaMemory;
import java.util.List;
import java.util.Set;

/** A design with what follows from it. Confined to the window's thread. */
public final class Projection {
    private final Design design;
    private final Schema schema;
    private final Report report;
    private final double millis;
    private List<GeneratedFile> files;

    /** What the projections made before have found out, for the next one. */
    static final class Memory {
        private final SchemaMemory schema = new SchemaMemory();
        private final ReportMemory report = new ReportMemory();
    }

    Projection(Design design, Memory memory) {
        long start = System.nanoTime();
        this.design = design;
        this.schema = Schema.derive(design, Dialect.POSTGRESQL, memory.schema);
        this.report = Report.of(design, schema, memory.report);
        this.millis = (System.nanoTime() - start) / 1e6;
    }

    public Design design() {
        return design;
    }

    public Schema schema() {
        return schema;
    }

    public Report report() {
        return report;
    }

    /** How long deriving and checking took. */
    public double millis() {
        return millis;
    }

    /** The generated classes of some entities alone. */
    List<GeneratedFile> files(Set<String> entities) {
        return Target.JAVA_JAKARTA.generate(design, schema, entities);
    }

    /** The generated classes, made when first asked for. */
    public List<GeneratedFile> files() {
        if (files == null) {
            files = Target.JAVA_JAKARTA.generate(design);
        }
        return files;
    }
}
