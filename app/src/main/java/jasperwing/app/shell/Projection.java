package jasperwing.app.shell;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Target;
import jasperwing.findings.Checkup;
import jasperwing.findings.Report;
import jasperwing.findings.ReportMemory;
import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import jasperwing.schema.SchemaMemory;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * A design with what follows from it, which is found out in another thread and waited for when it is first asked for. Confined to the
 * window's thread.
 */
public final class Projection {
    private final Design design;
    private final Dialect dialect;
    private final Future<Following> following;

    /** What follows, and how long it took to find out. */
    private record Following(Checkup checkup, double millis) {}

    /** What the projections made before have found out, for the next one; and the thread they are made in. */
    static final class Memory {
        private final SchemaMemory schema = new SchemaMemory();
        private final ReportMemory report = new ReportMemory();
        private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> {
            Thread deriving = new Thread(r, "deriving");
            deriving.setDaemon(true);
            return deriving;
        });

        private Following following(Design design, Dialect dialect) {
            long start = System.nanoTime();
            Checkup checkup = Checkup.of(design, dialect, schema, report);
            return new Following(checkup, (System.nanoTime() - start) / 1e6);
        }
    }

    Projection(Design design, Dialect dialect, Memory memory) {
        this.design = design;
        this.dialect = dialect;
        this.following = memory.thread.submit(() -> memory.following(design, dialect));
    }

    private Following following() {
        try {
            return following.get();
        } catch (ExecutionException e) {
            throw new IllegalStateException("what follows from the design cannot be derived", e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while deriving", e);
        }
    }

    public Design design() {
        return design;
    }

    public Schema schema() {
        return following().checkup().schema();
    }

    public Report report() {
        return following().checkup().report();
    }

    /** How long deriving and checking took. */
    public double millis() {
        return following().millis();
    }

    /** The schema classes are made with, whose physical names are those of PostgreSQL. */
    public Schema classSchema() {
        return dialect == Dialect.POSTGRESQL ? schema() : Schema.derive(design, Dialect.POSTGRESQL);
    }

    /** The generated classes of some entities alone. */
    List<GeneratedFile> files(Set<String> entities) {
        return Target.JAVA_JAKARTA.generate(design, classSchema(), entities);
    }
}
