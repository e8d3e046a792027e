package jasperwing.model;

import java.util.List;
import java.util.Objects;

/**
 * Attributes and roles of one entity, named in order: its key, a unique combination, what rows are found by, or what it is shown as.
 *
 * @param constraint the name of the constraint or index, where it is not to be derived; kept to the letter
 */
public record Members(List<String> names, String constraint, Comments comments) {
    public static final Members NONE = new Members(List.of(), Comments.NONE);

    public Members {
        names = List.copyOf(names);
        Objects.requireNonNull(constraint);
    }

    /** Some whose constraint is called as it follows. */
    public Members(List<String> names, Comments comments) {
        this(names, "", comments);
    }

    public static Members of(String... names) {
        return new Members(List.of(names), Comments.NONE);
    }

    /** Others, of which the same is said. */
    public Members withNames(List<String> others) {
        return new Members(others, constraint, comments);
    }

    public Members renamed(String from, String to) {
        return withNames(names.stream().map(n -> n.equals(from) ? to : n).toList());
    }

    public Members without(String name) {
        return withNames(names.stream().filter(n -> !n.equals(name)).toList());
    }

    public Members withConstraint(String newName) {
        return new Members(names, newName, comments);
    }

    public boolean isEmpty() {
        return names.isEmpty();
    }
}
