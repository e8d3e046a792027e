package jasperwing.app.workspace;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.dialect.Dialect;
import jasperwing.findings.Analysis;
import jasperwing.findings.FindingsCache;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/**
 * A design with what follows from it, which is found out in another thread and waited for when it is first asked for. Confined to the
 * window's thread.
 */
public final class Projection {
    private final Design design;
    private final Dialect dialect;
    private final Background.Worker thread;
    private final FutureTask<Following> following;

    /** What follows, and how long it took to find out. */
    private record Following(Analysis checkup, double millis) {}

    /** What the projections made before have found out, for the next one; and the thread they are made in. */
    static final class Memory {
        private final Problems problems;
        private final Background.Worker thread;
        private SchemaCache schema = new SchemaCache();
        private FindingsCache report = new FindingsCache();
        private Optional<Following> good = Optional.empty();

        Memory(Background background, Problems problems) {
            this.problems = problems;
            this.thread = background.worker("deriving tables and findings");
        }

        /** Where it fails, what followed from the last design still stands, and the next one begins with an empty memory. */
        private Following following(Design design, Dialect dialect) {
            long start = System.nanoTime();
            try {
                Analysis checkup = Analysis.of(design, dialect, schema, report);
                Following following = new Following(checkup, (System.nanoTime() - start) / 1e6);
                good = Optional.of(following);
                return following;
            } catch (RuntimeException | StackOverflowError e) {
                schema = new SchemaCache();
                report = new FindingsCache();
                problems.report("deriving tables and findings", e);
                return good.orElseGet(() -> new Following(ofNothing(dialect), 0));
            }
        }

        private Analysis ofNothing(Dialect dialect) {
            return Analysis.of(Design.named("New design"), dialect, new SchemaCache(), new FindingsCache());
        }
    }

    Projection(Design design, Dialect dialect, Memory memory) {
        this.design = design;
        this.dialect = dialect;
        this.thread = memory.thread;
        this.following = memory.thread.submit(() -> memory.following(design, dialect));
    }

    private Following following() {
        try {
            return thread.result(following);
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

    /** The schema the classes of a target are kept in. */
    public Schema schema(Target target) {
        return target.dialect(design) == dialect ? schema() : target.schema(design);
    }

    /** The generated classes of some entities alone. */
    public List<GeneratedFile> files(Set<String> entities) {
        Target usual = Targets.usual();
        return usual.files(design, schema(usual), entities);
    }
}
