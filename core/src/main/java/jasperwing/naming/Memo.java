package jasperwing.naming;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** A function of names that remembers what it gave: the same names come again with every edit. Safe for several threads. */
final class Memo<T> {
    private static final int MOST = 20_000;

    private final Map<String, T> known = new ConcurrentHashMap<>();
    private final Function<String, T> form;

    /** @param form gives the same for the same name, and never null */
    Memo(Function<String, T> form) {
        this.form = form;
    }

    /** What the function gives. Starts anew when much is remembered. */
    T of(String name) {
        T formed = known.get(name);
        if (formed == null) {
            if (known.size() > MOST) {
                known.clear();
            }
            formed = form.apply(name);
            known.put(name, formed);
        }
        return formed;
    }
}
