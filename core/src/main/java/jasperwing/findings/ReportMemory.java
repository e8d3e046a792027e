package jasperwing.findings;

import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * What was found of the design checked last, so that an edit pays only for what it concerns. What is found does not depend on what was
 * checked before. Confined to one thread.
 */
public final class ReportMemory {
    /** Rules that look at one entity, what it is related to, and what is known by name everywhere. */
    interface EntityRule {
        void check(Checked checked, Entity entity, Consumer<Finding> found);
    }

    private record Known(List<Relationship> relationships, Optional<Table> table, List<List<Finding>> findings) {}

    private Map<Entity, Known> known = new IdentityHashMap<>();
    private List<Object> surroundings = List.of();
    private Map<String, String> names = Map.of();
    private List<Relationship> relationships = List.of();
    private List<Finding> ofReferences = List.of();

    /**
     * The findings of each entity under some rules, in the order of the design.
     *
     * @param ofNames those of the rules that look for entities by names like theirs
     */
    void entities(Checked checked, List<EntityRule> rules, Set<EntityRule> ofNames, Consumer<Finding> found) {
        List<Object> now = List.of(
                checked.design().areas(),
                checked.design().enums(),
                checked.design().groups(),
                checked.schema().dialect());
        Map<Entity, Known> before = now.equals(surroundings) ? known : Map.of();
        Set<EntityRule> anew = checked.bySnake().equals(names) ? Set.of() : ofNames;
        surroundings = now;
        names = checked.bySnake();
        known = new IdentityHashMap<>();
        for (Entity entity : checked.design().entities()) {
            Known each = recalled(checked, entity, before.get(entity), rules, anew);
            known.put(entity, each);
            each.findings().forEach(f -> f.forEach(found));
        }
    }

    private static Known recalled(
            Checked checked, Entity entity, Known last, List<EntityRule> rules, Set<EntityRule> anew) {
        List<Relationship> of = checked.design().relationshipsOf(entity.name());
        Optional<Table> table = checked.schema().table(entity.name());
        boolean same =
                last != null && last.relationships().equals(of) && last.table().equals(table);
        if (same && anew.isEmpty()) {
            return last;
        }
        List<List<Finding>> findings = new ArrayList<>();
        for (EntityRule rule : rules) {
            List<Finding> found = new ArrayList<>();
            if (same && !anew.contains(rule)) {
                found = last.findings().get(findings.size());
            } else {
                rule.check(checked, entity, found::add);
            }
            findings.add(found);
        }
        return new Known(of, table, findings);
    }

    /** The findings of rules that look at relationships and nothing else. */
    void references(Checked checked, Consumer<Consumer<Finding>> rules, Consumer<Finding> found) {
        if (!checked.design().relationships().equals(relationships)) {
            List<Finding> all = new ArrayList<>();
            rules.accept(all::add);
            ofReferences = all;
            relationships = checked.design().relationships();
        }
        ofReferences.forEach(found);
    }
}
