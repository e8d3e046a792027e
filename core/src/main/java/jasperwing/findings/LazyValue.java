package jasperwing.findings;

import java.util.function.Supplier;

/** A value that is found out when it is first asked for, once; what it is found from is let go then. Safe for several threads. */
final class LazyValue<T> {
    private Supplier<T> finding;
    private volatile T found;

    /** @param finding never gives null */
    LazyValue(Supplier<T> finding) {
        this.finding = finding;
    }

    T get() {
        return found == null ? find() : found;
    }

    private synchronized T find() {
        if (found == null) {
            found = finding.get();
            finding = null;
        }
        return found;
    }
}
