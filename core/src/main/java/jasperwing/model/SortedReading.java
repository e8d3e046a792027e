package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A direction of a relationship, and the order in which the many it leads to are read.
 *
 * @param forward whether it is the first of the two directions
 * @param reading with an order, or without where it is to get one
 */
public record SortedReading(Relationship relationship, boolean forward, Reading reading) {
    /**
     * What a key of an order leads to.
     *
     * @param entity the one there are many of, or the link
     * @param path the attribute, and within a value what leads to the part; the part is last
     */
    public record Resolved(String entity, List<Attribute> path, boolean falling) {
        public Resolved {
            path = List.copyOf(path);
        }

        /** The part that has the order. */
        public Attribute leaf() {
            return path.get(path.size() - 1);
        }

        /** The value an attribute of the path is of. @param index not that of the last */
        public AttributeGroup value(Design design, int index) {
            return SortKey.value(design.whole(), path.get(index)).orElseThrow();
        }

        /** The entity that declares the attribute: the one there are many of, what it is a kind of, or the link. */
        public String owner(Design design) {
            return declaring(design, entity);
        }

        private String declaring(Design design, String kind) {
            boolean own = design.whole()
                    .entity(kind)
                    .flatMap(e -> e.attribute(path.get(0).name()))
                    .isPresent();
            return own
                    ? kind
                    : design.parent(kind).map(p -> declaring(design, p.name())).orElse(kind);
        }
    }

    /** All there are, in the order of the relationships. */
    public static List<SortedReading> of(Design design) {
        return design.relationships().stream().flatMap(r -> of(r).stream()).toList();
    }

    /** Those of one relationship. */
    public static List<SortedReading> of(Relationship relationship) {
        return directions(relationship)
                .filter(s -> s.reading().sorting().isPresent())
                .toList();
    }

    /** The ways a relationship is read, with an order or without. */
    public static Stream<SortedReading> directions(Relationship relationship) {
        return Stream.concat(
                Stream.of(new SortedReading(relationship, true, relationship.forward())),
                relationship.back().map(b -> new SortedReading(relationship, false, b)).stream());
    }

    /** The entity there are many of. */
    public String many() {
        return forward ? relationship.targets().get(0) : relationship.from();
    }

    /** The entities it is read from: one, or the subjects of a one-of. */
    public List<String> starts() {
        return forward ? List.of(relationship.from()) : relationship.targets();
    }

    public Sorting sorting() {
        return reading.sorting().orElseThrow();
    }

    /** The relationship with another order in this direction. */
    public Relationship with(Optional<Sorting> sorting) {
        Reading changed = reading.withSorting(sorting);
        return forward ? relationship.withForward(changed) : relationship.withBack(Optional.of(changed));
    }

    /** What a key leads to: an attribute of the many before one of the link. Empty where neither has it, and where no order can be kept in it. */
    public Optional<Resolved> resolved(Design design, SortKey key) {
        List<String> owners = owners(relationship, many());
        boolean kept = sorting().kept();
        if (kept && !positions(design, relationship, many()).contains(key.words())) {
            return Optional.empty();
        }
        return owners.subList(kept ? owners.size() - 1 : 0, owners.size()).stream()
                .flatMap(e -> key.in(design, e).stream().map(path -> new Resolved(e, path, key.falling())))
                .findFirst();
    }

    /** What the keys lead to, without those that lead to nothing. */
    public List<Resolved> resolved(Design design) {
        return sorting().keys().stream()
                .flatMap(k -> resolved(design, k).stream())
                .toList();
    }

    /**
     * The orders there can be: by each attribute both ways, and kept in each that can number.
     *
     * @param many the entity there are many of
     */
    public static List<Sorting> possible(Design design, Relationship relationship, String many) {
        List<Sorting> all = new ArrayList<>();
        for (String entity : owners(relationship, many)) {
            for (SortKey key : SortKey.possible(design, entity)) {
                all.add(Sorting.by(key));
                all.add(Sorting.by(key.withFalling(true)));
            }
        }
        positions(design, relationship, many).forEach(p -> all.add(Sorting.keptIn(p)));
        return all.stream().distinct().toList();
    }

    /** The attributes an order can be kept in: whole numbers of the link where there is one, else of the many, but none of a key. */
    private static List<String> positions(Design design, Relationship relationship, String many) {
        if (relationship.isOfPairsAlone()) {
            return List.of();
        }
        List<String> owners = owners(relationship, many);
        String owner = owners.get(owners.size() - 1);
        List<String> key = design.entity(InheritanceTree.root(design, owner))
                .map(e -> e.key().names())
                .orElse(List.of());
        return SortKey.numbers(design, owner).stream()
                .map(SortKey::words)
                .filter(a -> !key.contains(a))
                .toList();
    }

    /** The entities whose attributes the keys can be, those that go before others first. */
    private static List<String> owners(Relationship relationship, String many) {
        String link = relationship.match(BinaryRelationship::via, oneOf -> "");
        return link.isEmpty() ? List.of(many) : List.of(many, link);
    }
}
