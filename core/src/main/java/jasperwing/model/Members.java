package jasperwing.model;

import java.util.List;

/** Attributes and roles of one entity, named in order: its key, a unique combination, or what it is shown as. */
public record Members(List<String> names, Comments comments) {
    public static final Members NONE = new Members(List.of(), Comments.NONE);

    public Members {
        names = List.copyOf(names);
    }

    public static Members of(String... names) {
        return new Members(List.of(names), Comments.NONE);
    }

    public Members renamed(String from, String to) {
        return new Members(names.stream().map(n -> n.equals(from) ? to : n).toList(), comments);
    }

    public Members without(String name) {
        return new Members(names.stream().filter(n -> !n.equals(name)).toList(), comments);
    }

    public boolean isEmpty() {
        return names.isEmpty();
    }
}
