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
public record Inheritance(String of, boolean onlyKinds, Optional<KindsKept> kept) {
    public static final Inheritance NONE = new Inheritance("", false, Optional.empty());

    public Inheritance {
        Objects.requireNonNull(of);
        Objects.requireNonNull(kept);
    }

    public static Inheritance of(String entity) {
        return NONE.withOf(entity);
    }

    public Inheritance withOf(String entity) {
        return new Inheritance(entity, onlyKinds, kept);
    }

    public Inheritance withOnlyKinds(boolean nowOnlyKinds) {
        return new Inheritance(of, nowOnlyKinds, kept);
    }

    public Inheritance withKept(Optional<KindsKept> newKept) {
        return new Inheritance(of, onlyKinds, newKept);
    }
}
