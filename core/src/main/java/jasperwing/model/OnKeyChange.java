package jasperwing.model;

/** The rule for changing the key of a row of {@code entity}, the end that is pointed to. */
public record OnKeyChange(String entity, KeyChangeRule rule, Comments comments) {
    public OnKeyChange {
        Names.require(entity);
    }

    public OnKeyChange(String entity, KeyChangeRule rule) {
        this(entity, rule, Comments.NONE);
    }
}
