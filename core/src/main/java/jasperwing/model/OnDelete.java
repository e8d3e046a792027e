package jasperwing.model;

/** The rule for deleting a row of {@code entity}, the end that is pointed to. */
public record OnDelete(String entity, DeleteRule rule, Comments comments) {
    public OnDelete {
        Names.require(entity);
    }

    public OnDelete(String entity, DeleteRule rule) {
        this(entity, rule, Comments.NONE);
    }
}
