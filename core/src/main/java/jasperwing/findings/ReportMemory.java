package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.model.Relationship;
import jasperwing.model.TypeChanges;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What was found of the design checked last, so that an edit pays only for what it concerns. What is found does not depend on what was
 * checked before. Confined to one thread.
 */
public final class ReportMemory {
    /**
     * What was found of one entity.
     *
     * @param above what it is a kind of
     * @param ancestor whether others are kinds of it
     */
    private record Known(
            List<Entity> above,
            boolean ancestor,
            List<Relationship> relationships,
            Optional<Table> table,
            List<List<Finding>> findings,
            List<Finding> all) {
        /** With nothing found yet. */
        private static Known of(Checked checked, Entity entity) {
            List<Entity> above =
                    entity.kinship().of().isEmpty() ? List.of() : Family.ancestors(checked.design(), entity.name());
            return new Known(
                    above,
                    !checked.design().kinds(entity.name()).isEmpty(),
                    ReportMemory.relationships(checked, entity, above),
                    checked.schema().table(entity.name()),
                    List.of(),
                    List.of());
        }

        /** Whether rules that look at the entity see the same. */
        private boolean isLike(Known other) {
            return ancestor == other.ancestor
                    && above.equals(other.above)
                    && relationships.equals(other.relationships)
                    && table.equals(other.table);
        }

        private Known with(List<List<Finding>> found) {
            return new Known(
                    above,
                    ancestor,
                    relationships,
                    table,
                    found,
                    found.stream().flatMap(List::stream).toList());
        }
    }

    /** As many entities as are worth a second thread when nothing is known of them yet. */
    private static final int MANY = 100;

    private final Map<RuleSet, List<Finding>> ofSets = new HashMap<>();
    private final Repetitions repetitions = new Repetitions();
    private final Hints hints = new Hints();
    private Map<Entity, Known> known = new IdentityHashMap<>();
    private TypeChanges types = TypeChanges.NONE;
    private Design last;
    private Dialect dialect;
    private Set<Aspect> changed = EnumSet.allOf(Aspect.class);

    /** Begins to check a design: sees what has changed since the last. */
    Checked open(Design design, Schema schema) {
        Checked checked = new Checked(design, schema, repetitions, hints);
        changed = EnumSet.allOf(Aspect.class);
        if (last != null) {
            changed.removeIf(a -> a.isSame(last, design));
        }
        types = last == null || !changed.contains(Aspect.TYPES) ? TypeChanges.NONE : TypeChanges.between(last, design);
        if (schema.dialect() != dialect) {
            changed.add(Aspect.DIALECT);
        }
        last = design;
        dialect = schema.dialect();
        return checked;
    }

    /** The findings of a family of rules. */
    void set(Checked checked, RuleSet set, Consumer<Finding> found) {
        List<Finding> last = ofSets.get(set);
        if (last == null || set.looksAt().stream().anyMatch(changed::contains)) {
            last = new ArrayList<>();
            set.rules().accept(checked, last::add);
            ofSets.put(set, last);
        }
        last.forEach(found);
    }

    /** The findings of each entity under some rules, in the order of the design. */
    void entities(Checked checked, List<EntityRules> rules, Consumer<Finding> found) {
        Map<Entity, Known> before = changed.contains(Aspect.DIALECT) ? Map.of() : known;
        List<Entity> entities = checked.design().entities();
        checked.prepare();
        Known[] all = new Known[entities.size()];
        if (before.isEmpty()) {
            IntStream indexes = IntStream.range(0, all.length);
            (all.length > MANY ? indexes.parallel() : indexes)
                    .forEach(i -> all[i] = anew(checked, entities.get(i), rules));
        } else {
            recall(checked, before, rules, all);
        }
        known = new IdentityHashMap<>(entities.size() * 2);
        for (int i = 0; i < all.length; i++) {
            known.put(entities.get(i), all[i]);
            all[i].all().forEach(found);
        }
    }

    /** Whether it, or what it is a kind of, uses types that mean something else now. */
    private boolean isConcerned(Entity entity, Known now) {
        return types.concern(entity) || now.above().stream().anyMatch(types::concern);
    }

    private static Known anew(Checked checked, Entity entity, List<EntityRules> rules) {
        List<List<Finding>> found = new ArrayList<>(rules.size());
        rules.forEach(r -> found.add(check(checked, entity, r)));
        return Known.of(checked, entity).with(found);
    }

    private static List<Finding> check(Checked checked, Entity entity, EntityRules rules) {
        List<Finding> found = new ArrayList<>(0);
        rules.check().of(checked, entity, found::add);
        return found;
    }

    private void recall(Checked checked, Map<Entity, Known> before, List<EntityRules> rules, Known[] all) {
        List<Entity> entities = checked.design().entities();
        Set<String> others = new HashSet<>();
        Map<Entity, Known> gone = new IdentityHashMap<>(before);
        for (int i = 0; i < all.length; i++) {
            Known now = Known.of(checked, entities.get(i));
            Known last = gone.remove(entities.get(i));
            all[i] = last != null && last.isLike(now) && !isConcerned(entities.get(i), now) ? last : now;
            if (all[i] == now) {
                others.add(entities.get(i).name());
            }
        }
        gone.keySet().forEach(e -> others.add(e.name()));
        EntityRules.Others changes = new EntityRules.Others(changed, RouteRules.near(checked, others));
        for (int i = 0; i < all.length; i++) {
            all[i] = all[i].findings().isEmpty()
                    ? anew(checked, entities.get(i), rules)
                    : again(checked, changes, entities.get(i), all[i], rules);
        }
    }

    /** What was found of an entity that is as it was, where that holds. */
    private static Known again(
            Checked checked, EntityRules.Others changes, Entity entity, Known last, List<EntityRules> rules) {
        List<List<Finding>> found = null;
        for (int i = 0; i < rules.size(); i++) {
            List<Finding> held = last.findings().get(i);
            if (!rules.get(i).stands().holds(checked, changes, entity, held)) {
                found = found == null ? new ArrayList<>(last.findings()) : found;
                found.set(i, check(checked, entity, rules.get(i)));
            }
        }
        return found == null ? last : last.with(found);
    }

    private static List<Relationship> relationships(Checked checked, Entity entity, List<Entity> above) {
        List<Relationship> own = checked.design().relationshipsOf(entity.name());
        return above.isEmpty()
                ? own
                : Stream.concat(
                                own.stream(),
                                above.stream().flatMap(a -> checked.design().relationshipsOf(a.name()).stream()))
                        .toList();
    }
}
