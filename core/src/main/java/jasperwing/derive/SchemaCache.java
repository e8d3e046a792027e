package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Area;
import jasperwing.model.Design;
import jasperwing.model.DesignDiff;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.TypeChanges;
import jasperwing.naming.Identifiers;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The tables of the schema derived last, so that an edit pays only for those it concerns. What is derived does not depend on what was
 * derived before. Confined to one thread.
 */
public final class SchemaCache {
    /**
     * An entity as others see it.
     *
     * @param alone whether that follows from the entity and its table's name alone
     */
    record Pointed(
            Entity entity, boolean alone, String table, Enforcement enforcement, List<KeyColumns.KeyColumn> key) {
        boolean isLike(Pointed other) {
            return other != null
                    && enforcement == other.enforcement
                    && entity.area().equals(other.entity.area())
                    && key.equals(other.key)
                    && (table == null ? other.table == null : table.equals(other.table));
        }
    }

    /**
     * An entity or a relationship that has tables of its own.
     *
     * @param relationships that the tables follow from too
     * @param family the entity's, from the root on; empty for one that has none
     */
    record Wanted(Object source, String entity, List<Relationship> relationships, List<Entity> family) {}

    private static final class Known {
        private final Wanted wanted;
        private final List<DerivedTable> tables;

        /** When it was wanted last. */
        private int round;

        private Known(Wanted wanted, List<DerivedTable> tables, int round) {
            this.wanted = wanted;
            this.tables = tables;
            this.round = round;
        }
    }

    private Map<String, Pointed> pointed = Map.of();
    private final Map<Object, Known> known = new IdentityHashMap<>();
    private int round;
    private Dialect dialect;
    private Design last = Design.named("");
    private TableNames names = TableNames.NONE;
    private TypeChanges changes = TypeChanges.NONE;
    private Identifiers constraints = new Identifiers(0);

    /**
     * Forgets everything when it is another database or names are made otherwise, and takes note of the types that mean something else than before: also by what an enum
     * is called that is kept as one, since numbers in such names depend on others.
     */
    void openFor(Design design, Dialect now) {
        if (now != dialect
                || !design.naming().equals(last.naming())
                || !schemas(design).equals(schemas(last))) {
            dialect = now;
            clear();
        }
        if (isEmpty()) {
            constraints = new Identifiers(
                    now.nameLimit(),
                    3 * design.relationships().size() + design.entities().size());
        }
        Map<String, String> enums = names.ofEnums();
        names = names.then(design, now);
        changes = DesignDiff.between(last, design).types().and(renamed(enums));
        last = design;
    }

    /** The namespaces of areas. */
    private static Map<String, String> schemas(Design design) {
        return design.areas().stream()
                .filter(a -> !a.schema().isEmpty())
                .collect(Collectors.toMap(Area::name, Area::schema, (first, second) -> first));
    }

    private Set<String> renamed(Map<String, String> enums) {
        Map<String, String> now = names.ofEnums();
        return now.keySet().stream()
                .filter(n -> !now.get(n).equals(enums.get(n)))
                .collect(Collectors.toSet());
    }

    /** The names of the tables of the entities and enums of the design it is open for. */
    TableNames names() {
        return names;
    }

    void clear() {
        pointed = Map.of();
        known.clear();
        constraints = new Identifiers(dialect.nameLimit());
    }

    boolean isEmpty() {
        return known.isEmpty();
    }

    /** The names of constraints and indexes of all tables that are kept. */
    Identifiers constraints() {
        return constraints;
    }

    /** How an entity was seen last; null when it was not there, or may be seen otherwise now. */
    Pointed lastSeen(Entity entity) {
        return changes.concern(entity) ? null : pointed.get(entity.name());
    }

    /** Takes note of how the entities are seen now; gives the names of those that are seen otherwise than before. */
    Set<String> see(Map<String, Pointed> now) {
        Set<String> moved = new HashSet<>();
        now.forEach((name, seen) -> {
            Pointed last = pointed.get(name);
            if (seen != last && !seen.isLike(last) || isKeyedOtherwise(seen)) {
                moved.add(name);
            }
        });
        if (pointed.size() + moved.size() > now.size()) {
            pointed.keySet().stream().filter(n -> !now.containsKey(n)).forEach(moved::add);
        }
        pointed = now;
        return moved;
    }

    /** Whether its key, or one that this is made of, is of a type that means something else now. */
    private boolean isKeyedOtherwise(Pointed seen) {
        return !changes.isEmpty()
                && (changes.concern(seen.entity()) || seen.key().stream().anyMatch(k -> changes.concern(k.type())));
    }

    /**
     * Forgets what is not wanted any more or stands on something else now, and gives its names back.
     *
     * @param moved the entities that are seen otherwise than before
     */
    void keepOnly(List<Wanted> wanted, Set<String> moved) {
        round++;
        int kept = 0;
        for (Wanted each : wanted) {
            Known last = known.get(each.source());
            if (last == null || last.round == round) {
                continue;
            }
            if (!isConcerned(each) && stands(last.wanted, each, moved)) {
                last.round = round;
                kept++;
            } else {
                known.remove(each.source());
                last.tables.forEach(this::release);
            }
        }
        if (kept < known.size()) {
            known.values().removeIf(this::isGone);
        }
    }

    private boolean isGone(Known each) {
        if (each.round < round) {
            each.tables.forEach(this::release);
        }
        return each.round < round;
    }

    private boolean isConcerned(Wanted wanted) {
        return wanted.source() instanceof Entity entity && changes.concern(entity)
                || wanted.family().stream().anyMatch(changes::concern);
    }

    private static boolean stands(Wanted last, Wanted now, Set<String> moved) {
        return last.relationships().equals(now.relationships())
                && last.family().equals(now.family())
                && (moved.isEmpty() || !concerns(now, moved));
    }

    private static boolean concerns(Wanted wanted, Set<String> moved) {
        return moved.contains(wanted.entity())
                || wanted.relationships().stream()
                        .anyMatch(r ->
                                moved.contains(r.from()) || r.targets().stream().anyMatch(moved::contains));
    }

    private void release(DerivedTable table) {
        table.references().forEach(k -> constraints.release(k.name()));
        table.uniqueKeys().forEach(u -> constraints.release(u.name()));
        table.table().checks().forEach(c -> constraints.release(c.name()));
        table.guards().forEach(c -> constraints.release(c.name()));
        table.table().exclusions().forEach(e -> constraints.release(e.name()));
        table.indexes().forEach(i -> constraints.release(i.name()));
    }

    Optional<List<DerivedTable>> recall(Object source) {
        return Optional.ofNullable(known.get(source)).map(k -> k.tables);
    }

    void keep(Wanted wanted, List<DerivedTable> tables) {
        known.put(wanted.source(), new Known(wanted, tables, round));
    }
}
