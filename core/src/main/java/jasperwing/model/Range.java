package jasperwing.model;

import java.util.Optional;

/** The values allowed, both bounds included; at least one bound is given. */
public record Range(Optional<Literal> from, Optional<Literal> to) {
    public Range {
        if (from.isEmpty() && to.isEmpty()) {
            throw new IllegalArgumentException("a range needs a lower or an upper bound");
        }
    }
}
