package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.List;
import java.util.Objects;
import java.util.function.BiPredicate;

/** Parts of a design that rules look at; what they found stands for as long as these stay equal. */
enum Aspect {
    /** What the entities are called, here and in tables. */
    NAMES(each((a, b) ->
            a.name().equals(b.name()) && a.notes().physical().equals(b.notes().physical()))),
    /** What the entities are keyed by, as far as that does not follow from relationships. */
    KEYS(each((a, b) -> a.key().equals(b.key()) && keys(a).equals(keys(b)))),
    /** Which entities live in another system, and which are kinds of which. */
    STANDING(each((a, b) -> a.name().equals(b.name())
            && a.outside() == b.outside()
            && a.kinship().equals(b.kinship()))),
    /** Which entity is in which area. */
    AREAS(each((a, b) -> a.name().equals(b.name()) && a.area().equals(b.area()))),
    /** All of the entities. */
    ENTITIES((a, b) -> a.entities().equals(b.entities())),
    RELATIONSHIPS((a, b) -> a.relationships().equals(b.relationships())),
    /** Areas, enums, values and traits. */
    TYPES((a, b) -> a.areas().equals(b.areas())
            && a.enums().equals(b.enums())
            && a.groups().equals(b.groups())),
    SHEETS((a, b) -> a.sheets().equals(b.sheets())),
    ACCEPTED((a, b) -> a.accepted().equals(b.accepted())),
    TARGETS((a, b) -> a.targets().equals(b.targets())),
    /** The database; told by the schema. */
    DIALECT((a, b) -> true);

    private final BiPredicate<Design, Design> same;

    Aspect(BiPredicate<Design, Design> same) {
        this.same = same;
    }

    boolean isSame(Design one, Design other) {
        return same.test(one, other);
    }

    /** Whether something is the same of each entity; of one and the same entity it is. */
    private static BiPredicate<Design, Design> each(BiPredicate<Entity, Entity> same) {
        return (a, b) -> {
            List<Entity> one = a.entities();
            List<Entity> other = b.entities();
            if (one.size() != other.size()) {
                return false;
            }
            for (int i = 0; i < one.size(); i++) {
                if (one.get(i) != other.get(i) && !same.test(one.get(i), other.get(i))) {
                    return false;
                }
            }
            return true;
        };
    }

    private static List<Attribute> keys(Entity entity) {
        return entity.key().names().stream()
                .map(n -> entity.attribute(n).orElse(null))
                .filter(Objects::nonNull)
                .toList();
    }
}
