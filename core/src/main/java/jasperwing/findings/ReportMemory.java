package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.model.Relationship;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
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
    /** Rules that look at one entity, what it is related to, and what is known by name everywhere. */
    interface EntityRule {
        void check(Checked checked, Entity entity, Consumer<Finding> found);
    }

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
            List<Finding> all) {}

    /** As many entities as are worth a second thread when nothing is known of them yet. */
    private static final int MANY = 100;

    private static final Set<Aspect> OTHERS = EnumSet.of(Aspect.NAMES, Aspect.KEYS);

    private final Map<RuleSet, List<Finding>> ofSets = new HashMap<>();
    private final Repetitions repetitions = new Repetitions();
    private Map<Entity, Known> known = new IdentityHashMap<>();
    private Design last;
    private Dialect dialect;
    private Set<Aspect> changed = EnumSet.allOf(Aspect.class);

    /** Begins to check a design: sees what has changed since the last. */
    Checked open(Design design, Schema schema) {
        Checked checked = new Checked(design, schema, repetitions);
        changed = EnumSet.allOf(Aspect.class);
        if (last != null) {
            changed.removeIf(a -> a.isSame(last, design));
        }
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

    /**
     * The findings of each entity under some rules, in the order of the design.
     *
     * @param ofOthers those of the rules that look at what others are called or keyed by, too
     */
    void entities(Checked checked, List<EntityRule> rules, Set<EntityRule> ofOthers, Consumer<Finding> found) {
        boolean fresh = changed.contains(Aspect.TYPES) || changed.contains(Aspect.DIALECT);
        Map<Entity, Known> before = fresh ? Map.of() : known;
        Set<EntityRule> anew = OTHERS.stream().anyMatch(changed::contains) ? ofOthers : Set.of();
        List<Entity> entities = checked.design().entities();
        known = new IdentityHashMap<>(entities.size() * 2);
        checked.prepare();
        IntStream indexes = IntStream.range(0, entities.size());
        Known[] all = (before.isEmpty() && entities.size() > MANY ? indexes.parallel() : indexes)
                .mapToObj(i -> recalled(checked, entities.get(i), before.get(entities.get(i)), rules, anew))
                .toArray(Known[]::new);
        for (int i = 0; i < all.length; i++) {
            known.put(entities.get(i), all[i]);
            all[i].all().forEach(found);
        }
    }

    private static Known recalled(
            Checked checked, Entity entity, Known last, List<EntityRule> rules, Set<EntityRule> anew) {
        List<Entity> above =
                entity.kinship().of().isEmpty() ? List.of() : Family.ancestors(checked.design(), entity.name());
        List<Relationship> of = relationships(checked, entity, above);
        Optional<Table> table = checked.schema().table(entity.name());
        boolean ancestor = !checked.design().kinds(entity.name()).isEmpty();
        boolean same = last != null
                && last.ancestor() == ancestor
                && last.above().equals(above)
                && last.relationships().equals(of)
                && last.table().equals(table);
        if (same && anew.isEmpty()) {
            return last;
        }
        List<List<Finding>> findings = new ArrayList<>(rules.size());
        for (EntityRule rule : rules) {
            List<Finding> found = new ArrayList<>(0);
            if (same && !anew.contains(rule)) {
                found = last.findings().get(findings.size());
            } else {
                rule.check(checked, entity, found::add);
            }
            findings.add(found);
        }
        List<Finding> all = findings.stream().flatMap(List::stream).toList();
        return new Known(above, ancestor, of, table, findings, all);
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
