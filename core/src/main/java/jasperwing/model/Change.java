package jasperwing.model;

import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What became of one part of a design.
 *
 * @param before empty for a part that was added
 * @param after empty for one that was removed
 */
public record Change<T>(Optional<T> before, Optional<T> after) {
    public Change {
        if (before.isEmpty() && after.isEmpty()) {
            throw new IllegalArgumentException("a change is of something that was there or is there now");
        }
    }

    public boolean isAdded() {
        return before.isEmpty();
    }

    public boolean isRemoved() {
        return after.isEmpty();
    }

    /** What there was and what there is. */
    public Stream<T> both() {
        return Stream.concat(before.stream(), after.stream());
    }

    /** Whether something about it is not as it was; of what was added or removed everything is. */
    public boolean concerns(Function<? super T, ?> aspect) {
        return isAdded() || isRemoved() || !aspect.apply(before.get()).equals(aspect.apply(after.get()));
    }
}
