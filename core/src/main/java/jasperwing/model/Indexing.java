package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What rows of an entity are found by, besides its key and what is unique.
 *
 * @param members attributes and roles, the one looked for first leading
 * @param covered attributes and roles that can be read from the index itself
 * @param where which rows are meant, as a condition over the row; all when not said
 * @param unique whether no two of these rows share the members
 */
public record Indexing(Members members, List<String> covered, Optional<Expression> where, boolean unique) {
    public Indexing {
        Objects.requireNonNull(members);
        covered = List.copyOf(covered);
        Objects.requireNonNull(where);
        if (unique && (where.isEmpty() || !covered.isEmpty())) {
            throw new IllegalArgumentException(
                    "what is unique among all rows is no index, but was given " + members.names());
        }
    }

    /** All attributes and roles it names, but those of its condition. */
    public List<String> named() {
        return Stream.concat(members.names().stream(), covered.stream()).toList();
    }

    public Indexing renamed(String from, String to) {
        return new Indexing(
                members.renamed(from, to),
                covered.stream().map(c -> c.equals(from) ? to : c).toList(),
                where.map(w -> w.withNames(n -> n.renamed(from, to))),
                unique);
    }

    public Indexing without(String name) {
        return new Indexing(
                members.without(name),
                covered.stream().filter(c -> !c.equals(name)).toList(),
                where,
                unique);
    }

    public Indexing withMembers(Members others) {
        return new Indexing(others, covered, where, unique);
    }

    public Indexing withWhere(Optional<Expression> condition) {
        return new Indexing(members, covered, condition, unique);
    }
}
