package jasperwing.findings;

import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * Rules of one family that are held against each entity. They look at the entity, at what it is a kind of, at its relationships and its
 * table, at the types and the database; at more only as far as {@code stands} says.
 *
 * @param check finds
 * @param stands whether what was found of an entity that is as it was holds, though others have changed; empty where it always does
 */
record EntityRules(Check check, Optional<Standing> stands) {
    /** Tells what it finds of one entity. */
    interface Check {
        void of(Checked checked, Entity entity, Consumer<Finding> found);
    }

    /** Tells whether what was found of an entity still holds. */
    interface Standing {
        boolean holds(Checked checked, Others others, Entity entity, List<Finding> found);
    }

    /**
     * What has changed besides an entity.
     *
     * @param aspects of the design
     * @param near the entities a changed one can be reached from within {@link RouteRules#LONGEST} references
     * @param beside the entities that refer to a changed one or that a changed one refers to
     */
    record Others(Set<Aspect> aspects, Set<String> near, Set<String> beside) {
        /** With these entities changed. */
        static Others of(Checked checked, Set<Aspect> aspects, Set<String> entities) {
            return new Others(aspects, RouteRules.near(checked, entities), StoredTwiceRules.beside(checked, entities));
        }

        boolean changed(Aspect aspect) {
            return aspects.contains(aspect);
        }
    }

    /** What they find of one entity, in their order. */
    List<Finding> findings(Checked checked, Entity entity) {
        List<Finding> found = new ArrayList<>(0);
        check.of(checked, entity, found::add);
        return found;
    }

    /** Rules that look at nothing else. */
    static EntityRules of(Check check) {
        return new EntityRules(check, Optional.empty());
    }

    /** Rules that look at others, as far as {@code stands} tells. */
    static EntityRules of(Check check, Standing stands) {
        return new EntityRules(check, Optional.of(stands));
    }

    /** Rules whose fixes bring names, which others must not have. */
    static EntityRules naming(Check check) {
        return of(
                check,
                (checked, others, entity, found) ->
                        found.isEmpty() || !others.changed(Aspect.NAMES) && !others.changed(Aspect.TYPES));
    }
}
