package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.DesignDiff;
import jasperwing.model.Entity;
import jasperwing.model.TableOwner;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;

/** Parts of a design that rules look at; what they found stands for as long as these stay equal. */
enum Aspect {
    /** What the entities are called, here and in tables. */
    NAMES(diff -> diff.entities().concern(e -> List.of(e.name(), e.notes().physical()))),
    /** What the entities are keyed by, as far as that does not follow from relationships. */
    KEYS(diff -> diff.entities().concern(e -> List.of(e.key(), keys(e)))),
    /** Who keeps the entities, and which are kinds of which. */
    STANDING(diff -> diff.entities().concern(e -> List.of(e.name(), TableOwner.of(e), e.inheritance()))),
    /** Which entity is in which area. */
    AREAS(diff -> diff.entities().concern(e -> List.of(e.name(), e.area()))),
    /** All of the entities. */
    ENTITIES(diff -> !diff.entities().isEmpty()),
    RELATIONSHIPS(diff -> !diff.relationships().isEmpty()),
    /** Areas, enums, values and traits. */
    TYPES(diff ->
            !(diff.areas().isEmpty() && diff.enums().isEmpty() && diff.groups().isEmpty())),
    SHEETS(diff -> !diff.sheets().isEmpty()),
    ACCEPTED(diff -> !diff.accepted().isEmpty()),
    TARGETS(diff -> !diff.targets().isEmpty()),
    /** The database; told by the schema. */
    DIALECT(diff -> false);

    private final Predicate<DesignDiff> changed;

    Aspect(Predicate<DesignDiff> changed) {
        this.changed = changed;
    }

    boolean isChanged(DesignDiff diff) {
        return changed.test(diff);
    }

    private static List<Attribute> keys(Entity entity) {
        return entity.key().names().stream()
                .map(n -> entity.attribute(n).orElse(null))
                .filter(Objects::nonNull)
                .toList();
    }
}
