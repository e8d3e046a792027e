package jasperwing.model;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The order in which many are read.
 *
 * @param attribute of the entity there are many of
 * @param falling whether the greatest or latest comes first
 */
public record Sorting(String attribute, boolean falling) {
    private static final Set<Scalar> WITHOUT_ORDER = EnumSet.of(Scalar.JSON, Scalar.BINARY);

    public Sorting {
        Names.require(attribute);
    }

    /** The attributes of an entity that give its rows an order, in their order. */
    public static List<String> possible(Design design, String entity) {
        return design.entity(entity).map(Entity::attributes).orElse(List.of()).stream()
                .filter(a -> !a.list())
                .filter(a -> !(a.type() instanceof Type.Plain plain && WITHOUT_ORDER.contains(plain.scalar())))
                .map(Attribute::name)
                .toList();
    }

    /** The order after an attribute was renamed. */
    Sorting renamed(String oldName, String newName) {
        return attribute.equals(oldName) ? new Sorting(newName, falling) : this;
    }

    /** Nothing when it was an order by this attribute. */
    Optional<Sorting> without(String name) {
        return attribute.equals(name) ? Optional.empty() : Optional.of(this);
    }
}
