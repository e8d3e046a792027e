package jasperwing.findings;

import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/**
 * Rules of one family: what they find, and how long that stands while a design is edited. Every family is a line in {@link RuleFamilies}:
 *
 * <pre>{@code
 * Rules.ofDesign(CircleRules::check, Aspect.STANDING, Aspect.RELATIONSHIPS)
 * Rules.ofEach(KeyRules::check)
 * Rules.ofEach(SuspectRules::check, Aspect.NAMES)
 * }</pre>
 */
sealed interface Rules {
    /** Rules that look at no table, and are held again when one of these has changed. */
    static Rules ofDesign(BiConsumer<Checked, Consumer<Finding>> check, Aspect... looksAt) {
        return new OfDesign(Set.of(looksAt), false, check);
    }

    /** Rules that look at tables too, which follow from these. */
    static Rules ofTables(BiConsumer<Checked, Consumer<Finding>> check, Aspect... looksAt) {
        return new OfDesign(Set.of(looksAt), true, check);
    }

    /**
     * Rules that are held against each entity. They look at the entity, at what it is a kind of, at its relationships and its table, at the types
     * and the database.
     *
     * @param looksAt what of all others they look at, too
     */
    static Rules ofEach(OfEach.Check check, Aspect... looksAt) {
        Set<Aspect> aspects = Set.of(looksAt);
        return new OfEach(
                check,
                aspects.isEmpty()
                        ? Optional.empty()
                        : Optional.of((checked, others, entity, found) -> !others.changed(aspects)));
    }

    /**
     * Rules that look at others only for the fixes of what they find, as for names that none of them must have.
     *
     * @param looksAt what of all others their fixes depend on
     */
    static Rules ofEachWithFixes(OfEach.Check check, Aspect... looksAt) {
        Set<Aspect> aspects = Set.of(looksAt);
        return ofEach(check, (checked, others, entity, found) -> found.isEmpty() || !others.changed(aspects));
    }

    /** Rules that look at others as far as {@code stands} tells. */
    static Rules ofEach(OfEach.Check check, OfEach.Standing stands) {
        return new OfEach(check, Optional.of(stands));
    }

    /**
     * Rules that are held against the whole.
     *
     * @param looksAt all that what they find depends on
     * @param looksAtTables whether it depends on tables too, which follow from what they look at
     */
    record OfDesign(Set<Aspect> looksAt, boolean looksAtTables, BiConsumer<Checked, Consumer<Finding>> rules)
            implements Rules {
        /** What they find, in their order. */
        List<Finding> check(Checked checked) {
            List<Finding> found = new ArrayList<>(0);
            rules.accept(checked, found::add);
            return found;
        }
    }

    /**
     * Rules that are held against each entity.
     *
     * @param check finds
     * @param stands whether what was found of an entity that is as it was holds, though others have changed; empty where it always does
     */
    record OfEach(Check check, Optional<Standing> stands) implements Rules {
        /** Tells what it finds of one entity. */
        interface Check {
            void of(Checked checked, Entity entity, Consumer<Finding> found);
        }

        /** Tells whether what was found of an entity still holds. */
        interface Standing {
            boolean holds(Checked checked, OtherChanges others, Entity entity, List<Finding> found);
        }

        /** What they find of one entity, in their order. */
        List<Finding> findings(Checked checked, Entity entity) {
            List<Finding> found = new ArrayList<>(0);
            check.of(checked, entity, found::add);
            return found;
        }
    }
}
