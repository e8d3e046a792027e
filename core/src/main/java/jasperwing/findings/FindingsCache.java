package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.model.DesignDiff;
import jasperwing.model.Differing;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Relationship;
import jasperwing.model.TypeChanges;
import java.util.ArrayList;
import java.util.EnumSet;
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
public final class FindingsCache {
    /**
     * What was found of one entity.
     *
     * @param first whether it is the first of its name; what is found of others depends on that one and is not recalled
     * @param above what it is a kind of
     * @param ancestor whether others are kinds of it
     */
    private record Known(
            boolean first,
            List<Entity> above,
            boolean ancestor,
            List<Relationship> relationships,
            Optional<DerivedTable> table,
            List<List<Finding>> findings,
            List<Finding> all) {
        /** With nothing found yet. */
        private static Known of(Checked checked, Entity entity) {
            List<Entity> above = above(checked, entity);
            return new Known(
                    checked.facts().isFirst(entity),
                    above,
                    isAncestor(checked, entity),
                    FindingsCache.relationships(checked, entity, above),
                    checked.schema().table(entity.name()),
                    List.of(),
                    List.of());
        }

        private static List<Entity> above(Checked checked, Entity entity) {
            return entity.inheritance().of().isEmpty()
                    ? List.of()
                    : InheritanceTree.ancestors(checked.design(), entity.name());
        }

        private static boolean isAncestor(Checked checked, Entity entity) {
            return !checked.design().kinds(entity.name()).isEmpty();
        }

        /** Whether rules that look at the entity see the same. */
        private boolean stands(Checked checked, Entity entity) {
            return first
                    && checked.facts().isFirst(entity)
                    && ancestor == isAncestor(checked, entity)
                    && above.equals(above(checked, entity))
                    && relationships.equals(FindingsCache.relationships(checked, entity, above))
                    && table.equals(checked.schema().table(entity.name()));
        }

        private Known with(int rule, List<Finding> found) {
            List<List<Finding>> all = new ArrayList<>(findings);
            all.set(rule, found);
            return with(all, all.stream().flatMap(List::stream).toList());
        }

        private Known with(List<List<Finding>> found, List<Finding> inOrder) {
            return new Known(first, above, ancestor, relationships, table, found, inOrder);
        }
    }

    /** As many entities as are worth a second thread when nothing is known of them yet. */
    private static final int MANY = 100;

    private final Map<Rules.OfDesign, List<Finding>> ofSets = new IdentityHashMap<>();
    private final Repetitions repetitions = new Repetitions();
    private final NameHints hints = new NameHints();
    private List<Entity> entities = List.of();
    private Known[] known = {};
    private TypeChanges types = TypeChanges.NONE;
    private Design last;
    private DesignFacts facts;
    private ConcurrentRules ahead = ConcurrentRules.NONE;
    private Dialect dialect;
    private Set<Aspect> changed = EnumSet.allOf(Aspect.class);

    /** Begins with what looks at no table, where it is worth other threads; what they find is taken when the design is checked. */
    void begin(Design design, Dialect dialect) {
        boolean many = last == null && design.entities().size() > MANY;
        ahead = many
                ? new ConcurrentRules(
                        new Checked(new DesignFacts(design), dialect, Optional.empty(), repetitions, hints),
                        RuleFamilies.OF_DESIGN.stream()
                                .filter(s -> !s.looksAtTables())
                                .toList())
                : ConcurrentRules.NONE;
    }

    /** Opens a design to be checked: sees what has changed since the last. */
    Checked open(Design design, Schema schema) {
        changed = EnumSet.allOf(Aspect.class);
        types = TypeChanges.NONE;
        if (last != null) {
            DesignDiff diff = DesignDiff.between(last, design);
            changed.removeIf(a -> !diff.naming() && !a.isChanged(diff));
            types = diff.types();
        }
        if (schema.dialect() != dialect) {
            changed.add(Aspect.DIALECT);
        }
        last = design;
        dialect = schema.dialect();
        facts = ahead.of(design)
                .map(Checked::facts)
                .orElse(changed.contains(Aspect.NAMES) ? new DesignFacts(design) : new DesignFacts(design, facts));
        return new Checked(facts, dialect, Optional.of(schema), repetitions, hints);
    }

    /** The findings of families of rules, in their order. */
    void ofDesign(Checked checked, List<Rules.OfDesign> sets, Consumer<Finding> found) {
        List<Rules.OfDesign> anew = sets.stream()
                .filter(s -> !ofSets.containsKey(s) || s.looksAt().stream().anyMatch(changed::contains))
                .toList();
        anew.forEach(s -> ofSets.put(s, ahead.of(checked.design(), s).orElseGet(() -> s.check(checked))));
        ahead = ConcurrentRules.NONE;
        sets.forEach(s -> ofSets.get(s).forEach(found));
    }

    /** The findings of each entity under some rules, in the order of the design. */
    void ofEach(Checked checked, List<Rules.OfEach> rules, Consumer<Finding> found) {
        List<Entity> now = checked.design().entities();
        Set<String> others = new HashSet<>();
        boolean fresh = entities.isEmpty() || changed.contains(Aspect.DIALECT);
        Known[] all = fresh ? new Known[now.size()] : recalled(checked, others);
        if (fresh) {
            IntStream indexes = IntStream.range(0, all.length);
            (all.length > MANY ? indexes.parallel() : indexes).forEach(i -> all[i] = anew(checked, now.get(i), rules));
        } else {
            again(checked, OtherChanges.of(checked, changed, others), rules, all);
        }
        entities = now;
        known = all;
        for (Known each : all) {
            each.all().forEach(found);
        }
    }

    /**
     * What is known of the entities that are as they were, null of the others.
     *
     * @param others takes the names of these, and of those that are gone
     */
    private Known[] recalled(Checked checked, Set<String> others) {
        List<Entity> now = checked.design().entities();
        Known[] all = new Known[now.size()];
        Differing differing = Differing.in(entities, now);
        System.arraycopy(known, 0, all, 0, differing.start());
        System.arraycopy(known, known.length - differing.end(), all, all.length - differing.end(), differing.end());
        Map<Entity, Known> between = new IdentityHashMap<>();
        for (int i = differing.start(); i < known.length - differing.end(); i++) {
            between.put(entities.get(i), known[i]);
        }
        for (int i = differing.start(); i < all.length - differing.end(); i++) {
            all[i] = between.remove(now.get(i));
        }
        between.keySet().forEach(e -> others.add(e.name()));
        for (int i = 0; i < all.length; i++) {
            Entity entity = now.get(i);
            if (all[i] == null || !all[i].stands(checked, entity) || isConcerned(entity, all[i])) {
                all[i] = null;
                others.add(entity.name());
            }
        }
        return all;
    }

    /** Whether it, or what it is a kind of, uses types that mean something else now. */
    private boolean isConcerned(Entity entity, Known last) {
        return types.concern(entity) || last.above().stream().anyMatch(types::concern);
    }

    private static Known anew(Checked checked, Entity entity, List<Rules.OfEach> rules) {
        List<List<Finding>> found = new ArrayList<>(rules.size());
        List<Finding> all = new ArrayList<>(0);
        for (Rules.OfEach each : rules) {
            int before = all.size();
            each.check().of(checked, entity, all::add);
            found.add(before == all.size() ? List.of() : List.copyOf(all.subList(before, all.size())));
        }
        return Known.of(checked, entity).with(found, all);
    }

    /** Completes what is known: finds what is not, and what does not hold among others that have changed. */
    private static void again(Checked checked, OtherChanges changes, List<Rules.OfEach> rules, Known[] all) {
        int[] watchful = IntStream.range(0, rules.size())
                .filter(i -> rules.get(i).stands().isPresent())
                .toArray();
        List<Entity> now = checked.design().entities();
        for (int i = 0; i < all.length; i++) {
            Entity entity = now.get(i);
            if (all[i] == null) {
                all[i] = anew(checked, entity, rules);
                continue;
            }
            for (int rule : watchful) {
                List<Finding> held = all[i].findings().get(rule);
                if (!rules.get(rule).stands().orElseThrow().holds(checked, changes, entity, held)) {
                    all[i] = all[i].with(rule, rules.get(rule).findings(checked, entity));
                }
            }
        }
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
