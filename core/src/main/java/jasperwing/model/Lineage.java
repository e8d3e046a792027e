package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Where an entity has attributes from besides its own lines.
 *
 * @param kindOf the entity it is a kind of, whose attributes and roles it has too; or empty
 * @param bare whether every row of it is of one of its kinds
 * @param kept how its kinds are kept, when it is no kind itself; {@link KindsKept#TABLE_EACH} when not said
 * @param traits the traits it has, in the order said
 */
public record Lineage(String kindOf, boolean bare, Optional<KindsKept> kept, List<String> traits) {
    public static final Lineage NONE = new Lineage("", false, Optional.empty(), List.of());

    public Lineage {
        Objects.requireNonNull(kindOf);
        Objects.requireNonNull(kept);
        traits = List.copyOf(traits);
    }

    public boolean isEmpty() {
        return equals(NONE);
    }

    public Lineage withKindOf(String entity) {
        return new Lineage(entity, bare, kept, traits);
    }

    public Lineage withBare(boolean nowBare) {
        return new Lineage(kindOf, nowBare, kept, traits);
    }

    public Lineage withKept(Optional<KindsKept> newKept) {
        return new Lineage(kindOf, bare, newKept, traits);
    }

    public Lineage withTraits(List<String> newTraits) {
        return new Lineage(kindOf, bare, kept, newTraits);
    }
}
