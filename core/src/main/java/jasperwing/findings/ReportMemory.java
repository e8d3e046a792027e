package jasperwing.findings;

import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.model.Relationship;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
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

    /** @param above what the entity is a kind of */
    private record Known(
            List<Entity> above,
            List<Relationship> relationships,
            Optional<Table> table,
            List<List<Finding>> findings) {}

    private final Map<Aspect, Object> aspects = new EnumMap<>(Aspect.class);
    private final Map<RuleSet, List<Finding>> ofSets = new HashMap<>();
    private Map<Entity, Known> known = new IdentityHashMap<>();
    private Set<Aspect> changed = EnumSet.allOf(Aspect.class);

    /** Begins to check a design: sees what has changed since the last. */
    void open(Checked checked) {
        changed = EnumSet.noneOf(Aspect.class);
        for (Aspect aspect : Aspect.values()) {
            Object now = aspect.of(checked);
            if (!now.equals(aspects.put(aspect, now))) {
                changed.add(aspect);
            }
        }
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
     * @param ofNames those of the rules that look for entities by names like theirs
     */
    void entities(Checked checked, List<EntityRule> rules, Set<EntityRule> ofNames, Consumer<Finding> found) {
        boolean fresh = changed.contains(Aspect.TYPES) || changed.contains(Aspect.DIALECT);
        Map<Entity, Known> before = fresh ? Map.of() : known;
        Set<EntityRule> anew = changed.contains(Aspect.NAMES) ? ofNames : Set.of();
        known = new IdentityHashMap<>(checked.design().entities().size() * 2);
        for (Entity entity : checked.design().entities()) {
            Known each = recalled(checked, entity, before.get(entity), rules, anew);
            known.put(entity, each);
            each.findings().forEach(f -> f.forEach(found));
        }
    }

    private static Known recalled(
            Checked checked, Entity entity, Known last, List<EntityRule> rules, Set<EntityRule> anew) {
        List<Entity> above =
                entity.kinship().of().isEmpty() ? List.of() : Family.ancestors(checked.design(), entity.name());
        List<Relationship> of = relationships(checked, entity, above);
        Optional<Table> table = checked.schema().table(entity.name());
        boolean same = last != null
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
        return new Known(above, of, table, findings);
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
