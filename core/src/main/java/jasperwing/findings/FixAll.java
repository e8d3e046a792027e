package jasperwing.findings;

import jasperwing.derive.SchemaCache;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/** Mends all findings of one rule at once. */
public final class FixAll {
    private FixAll() {}

    /** Makes the first fix of each finding, one after the other; what has no fix, or comes again after it, is left. */
    public static Edit of(Rule rule, Dialect dialect) {
        return design -> {
            SchemaCache schemas = new SchemaCache();
            FindingsCache reports = new FindingsCache();
            Set<String> tried = new HashSet<>();
            Design mended = design;
            while (true) {
                Optional<Finding> next = Analysis.of(mended, dialect, schemas, reports).report().findings().stream()
                        .filter(f -> f.rule() == rule && !f.fixes().isEmpty() && tried.add(f.message()))
                        .findFirst();
                if (next.isEmpty()) {
                    return mended;
                }
                mended = next.get().fixes().get(0).edit().on(mended);
            }
        };
    }
}
