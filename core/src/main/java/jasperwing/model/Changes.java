package jasperwing.model;

import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What became of the parts of one kind.
 *
 * @param all those that are not as they were: first what is there now, in its order, then what was removed, in the order it had
 * @param reordered whether parts that are still there stand in another order
 */
public record Changes<T>(List<Change<T>> all, boolean reordered) {
    public Changes {
        all = List.copyOf(all);
    }

    public boolean isEmpty() {
        return all.isEmpty() && !reordered;
    }

    /** Whether something about any of them is not as it was, their order included. */
    public boolean concern(Function<? super T, ?> aspect) {
        return reordered || all.stream().anyMatch(c -> c.concerns(aspect));
    }

    /** What the changed parts are called and were called. */
    public Set<String> names(Function<? super T, String> name) {
        return all.stream().flatMap(Change::both).map(name).collect(Collectors.toSet());
    }
}
