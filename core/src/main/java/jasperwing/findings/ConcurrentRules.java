package jasperwing.findings;

import jasperwing.model.Design;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;

/** Findings of a design that other threads look for already, while its tables are derived. */
final class ConcurrentRules {
    static final ConcurrentRules NONE = new ConcurrentRules();

    private final Optional<Checked> checked;
    private final Map<Rules.OfDesign, ForkJoinTask<List<Finding>>> found = new IdentityHashMap<>();

    private ConcurrentRules() {
        this.checked = Optional.empty();
    }

    /** Begins to look. */
    ConcurrentRules(Checked checked, List<Rules.OfDesign> sets) {
        this.checked = Optional.of(checked);
        for (Rules.OfDesign set : sets) {
            Callable<List<Finding>> finding = () -> set.check(checked);
            found.put(set, ForkJoinPool.commonPool().submit(finding));
        }
    }

    /** What was found out about the design besides. */
    Optional<Checked> of(Design design) {
        return checked.filter(c -> c.design() == design);
    }

    /** The findings of a family of rules, waited for; empty when they are not looked for. */
    Optional<List<Finding>> of(Design design, Rules.OfDesign set) {
        return of(design).map(c -> found.get(set)).map(ForkJoinTask::join);
    }
}
