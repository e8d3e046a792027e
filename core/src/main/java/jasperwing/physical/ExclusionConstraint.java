package jasperwing.physical;

import java.util.List;

/**
 * That no two rows with the same columns have spans that overlap.
 *
 * <pre>{@code
 * new ExclusionConstraint("apart", List.of("room_id"), "tstzrange", "starts_at", "ends_at");
 * }</pre>
 *
 * @param name of the constraint
 * @param same columns that are the same in rows that are compared; empty to compare all
 * @param range the function that makes a span of its beginning and its end, which is no part of it; null is without bound
 */
public record ExclusionConstraint(String name, List<String> same, String range, String from, String to) {
    public ExclusionConstraint {
        same = List.copyOf(same);
    }
}
