package jasperwing.naming;

import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.SortedReading;
import java.util.Optional;

/**
 * A role as it is followed from one entity to another.
 *
 * @param from the entity it starts at
 * @param name what {@code from} calls the far end; for one subject of a one-of, the role and the subject, as in {@code subject[Dive]}
 * @param to the entity it leads to
 * @param must whether there is always at least one
 * @param many whether there can be more than one
 * @param way which reference is followed, and in which direction
 */
public record Step(
        String from, String name, String to, boolean must, boolean many, Relationship relationship, Way way) {
    /** The references a step can follow. */
    public enum Way {
        /** From the holder of a reference to what it points to. */
        REFERENCE,
        /** From what a reference points to, to its holders. */
        HOLDERS,
        /** Through the pairs of a many-to-many, from the sentence's first end. */
        PAIRS,
        /** Through the pairs of a many-to-many, from the far end. */
        PAIRS_BACK,
        /** Through a link entity, from the sentence's first end. */
        LINK,
        /** Through a link entity, from the far end. */
        LINK_BACK,
        /** From a link entity to the sentence's first end. */
        LINKED_FROM,
        /** From a link entity to the far end. */
        LINKED_TO
    }

    /** Whether the step goes the way the sentence begins with. */
    private boolean isForward() {
        return switch (way) {
            case PAIRS, LINK -> true;
            case PAIRS_BACK, LINK_BACK -> false;
            case HOLDERS -> relationship.match(binary -> !binary.fromHolds(), oneOf -> false);
            case REFERENCE, LINKED_FROM, LINKED_TO -> true;
        };
    }

    /** The order in which the many it leads to are read; empty when none was asked for. */
    public Optional<SortedReading> sorted() {
        return SortedReading.of(relationship).stream()
                .filter(s -> many && s.forward() == isForward())
                .findFirst();
    }

    /** How many there can be: {@code 1}, {@code 0..1}, {@code 1..*}, {@code 0..*}, or {@code 0..8} of at most 8. */
    public String count() {
        int most = many
                ? (isForward() ? Optional.of(relationship.forward()) : relationship.back())
                        .map(Reading::most)
                        .orElse(0)
                : 1;
        String end = most == 0 ? "*" : String.valueOf(most);
        return many ? (must ? "1.." : "0..") + end : must ? "1" : "0..1";
    }
}
