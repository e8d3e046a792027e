package jasperwing.model;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Orders follow what they are by. */
public final class SortingEdits {
    private SortingEdits() {}

    /** What becomes of a key of an order, by the entity whose attribute it is; empty when it goes. */
    @FunctionalInterface
    public interface Follow {
        Optional<SortKey> of(String owner, SortKey key);
    }

    /**
     * A design whose orders lead to what they led to before.
     *
     * @param before what the keys still name
     * @param after the same with the attributes as they are now
     */
    public static Design followed(Design before, Design after, Follow follow) {
        List<Relationship> followed = after.relationships().stream()
                .map(r -> followed(before, r, follow))
                .toList();
        return followed.equals(after.relationships()) ? after : after.withRelationships(followed);
    }

    private static Relationship followed(Design before, Relationship relationship, Follow follow) {
        Relationship changed = relationship;
        for (SortedReading each : SortedReading.of(relationship)) {
            Optional<Sorting> sorting = each.sorting().with(k -> each.resolved(before, k)
                    .map(r -> follow.of(r.owner(before), k))
                    .orElse(Optional.of(k)));
            if (!sorting.equals(each.reading().sorting())) {
                changed = new SortedReading(changed, each.forward(), each.reading()).with(sorting);
            }
        }
        return changed;
    }

    /** Orders by attributes of an entity. @param name what an attribute is called now; empty when it is gone */
    static Design named(Design before, Design after, String entity, Function<String, Optional<String>> name) {
        return followed(before, after, (owner, key) -> {
            String first = key.path().get(0);
            return owner.equals(entity) ? name.apply(first).map(n -> key.renamed(first, n)) : Optional.of(key);
        });
    }

    /** In this direction the many come in another order, or in any. */
    public static Edit replace(SortedReading reading, Optional<Sorting> sorting) {
        return RelationshipEdits.replace(reading.relationship(), reading.with(sorting));
    }
}
