package jasperwing.model;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The order in which many are read: by the first key, and where two agree in that, by the next.
 *
 * @param keys at least one, none with the path of another; attributes of the entity there are many of, or else of the link that ties them
 * @param kept whether the order is one that people put them in, and the only key numbers them: what is added comes last, and what is moved changes the
 *     numbers of others
 */
public record Sorting(List<SortKey> keys, boolean kept) {
    public Sorting {
        keys = List.copyOf(keys);
        if (keys.isEmpty() || keys.stream().map(SortKey::path).distinct().count() < keys.size()) {
            throw new IllegalArgumentException("an order names one attribute or more, each once, but was by "
                    + keys.stream().map(SortKey::words).toList());
        }
        SortKey first = keys.get(0);
        if (kept && (keys.size() > 1 || first.falling() || first.path().size() > 1)) {
            throw new IllegalArgumentException(
                    "an order is kept in one attribute, but was to be in " + first.words() + " and others");
        }
    }

    /** The order by these, one after the other. */
    public static Sorting by(SortKey... keys) {
        return new Sorting(List.of(keys), false);
    }

    /** An order that people put things in, which an attribute numbers. */
    public static Sorting keptIn(String attribute) {
        return new Sorting(List.of(SortKey.by(attribute)), true);
    }

    /** By the same, and where two agree in all of it, by another key. */
    public Sorting then(SortKey next) {
        return new Sorting(Stream.concat(keys.stream(), Stream.of(next)).toList(), false);
    }

    /**
     * The order as it is said, such as {@code in falling order of day, rising number}: all keys go the way of the first that do not say otherwise.
     *
     * @param name how a name is written
     */
    public String words(UnaryOperator<String> name) {
        boolean falling = keys.get(0).falling();
        return keys.stream()
                .map(k -> (k.falling() == falling ? "" : falling ? "rising " : "falling ")
                        + k.path().stream().map(name).collect(Collectors.joining(".")))
                .collect(Collectors.joining(", ", start() + " ", ""));
    }

    /** How it begins to be said, such as {@code in falling order of}. */
    public String start() {
        return kept ? "in an order kept in" : keys.get(0).falling() ? "in falling order of" : "in order of";
    }

    /** The order by what becomes of the keys, each once; empty without any. */
    public Optional<Sorting> with(Function<SortKey, Optional<SortKey>> change) {
        Map<List<String>, SortKey> changed = new LinkedHashMap<>();
        keys.forEach(k -> change.apply(k).ifPresent(c -> changed.putIfAbsent(c.path(), c)));
        List<SortKey> left = List.copyOf(changed.values());
        boolean still = kept
                && !left.isEmpty()
                && left.equals(List.of(new SortKey(left.get(0).path().subList(0, 1), false)));
        return left.isEmpty() ? Optional.empty() : Optional.of(new Sorting(left, still));
    }
}
