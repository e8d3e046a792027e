package jasperwing.model;

import java.util.Objects;
import java.util.Optional;

/**
 * What an entity is a kind of, and what its own kinds are like.
 *
 * @param of the entity it is a kind of, whose attributes and roles it has too; or empty
 * @param onlyKinds whether every row of it is of one of its kinds
 * @param kept how its kinds are kept, when it is no kind itself; {@link KindsKept#TABLE_EACH} when not said
 */
public record Kinship(String of, boolean onlyKinds, Optional<KindsKept> kept) {
    public static final Kinship NONE = new Kinship("", false, Optional.empty());

    public Kinship {
        Objects.requireNonNull(of);
        Objects.requireNonNull(kept);
    }

    public static Kinship of(String entity) {
        return NONE.withOf(entity);
    }

    public Kinship withOf(String entity) {
        return new Kinship(entity, onlyKinds, kept);
    }

    public Kinship withOnlyKinds(boolean nowOnlyKinds) {
        return new Kinship(of, nowOnlyKinds, kept);
    }

    public Kinship withKept(Optional<KindsKept> newKept) {
        return new Kinship(of, onlyKinds, newKept);
    }
}
