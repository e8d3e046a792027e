package jasperwing.schema;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.TypeChanges;
import jasperwing.naming.Identifiers;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The tables of the schema derived last, so that an edit pays only for those it concerns. What is derived does not depend on what was
 * derived before. Confined to one thread.
 */
public final class SchemaMemory {
    /**
     * An entity as others see it.
     *
     * @param alone whether that follows from the entity and its table's name alone
     */
    record Pointed(Entity entity, boolean alone, String table, boolean beyond, List<KeyColumns.KeyColumn> key) {
        boolean isLike(Pointed other) {
            return other != null
                    && beyond == other.beyond
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

    private record Known(Wanted wanted, List<Table> tables) {}

    private Map<String, Pointed> pointed = Map.of();
    private Map<Object, Known> known = new IdentityHashMap<>();
    private Dialect dialect;
    private Design last = Design.named("");
    private Map<String, String> enums = Map.of();
    private TypeChanges changes = TypeChanges.NONE;
    private Identifiers constraints = new Identifiers(0);

    /** Forgets everything when it is another database, and takes note of the types that mean something else than before. */
    void openFor(Design design, Dialect now) {
        if (now != dialect) {
            dialect = now;
            clear();
        }
        changes = TypeChanges.between(last, design);
        last = design;
    }

    /**
     * Takes note of what enums are called that are kept as types or tables; the numbers in such names may depend on other names.
     *
     * @param now by their names in the design
     */
    void name(Map<String, String> now) {
        Set<String> renamed = new HashSet<>();
        now.forEach((name, physical) -> {
            if (!physical.equals(enums.get(name))) {
                renamed.add(name);
            }
        });
        enums = Map.copyOf(now);
        changes = changes.and(renamed);
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
            if (!seen.isLike(pointed.get(name)) || isKeyedOtherwise(seen)) {
                moved.add(name);
            }
        });
        if (pointed.size() + moved.size() > now.size()) {
            pointed.keySet().stream().filter(n -> !now.containsKey(n)).forEach(moved::add);
        }
        pointed = new HashMap<>(now);
        return moved;
    }

    /** Whether its key, or one that this is made of, is of a type that means something else now. */
    private boolean isKeyedOtherwise(Pointed seen) {
        return changes.concern(seen.entity()) || seen.key().stream().anyMatch(k -> changes.concern(k.type()));
    }

    /**
     * Forgets what is not wanted any more or stands on something else now, and gives its names back.
     *
     * @param moved the entities that are seen otherwise than before
     */
    void keepOnly(List<Wanted> wanted, Set<String> moved) {
        Map<Object, Known> kept = new IdentityHashMap<>(wanted.size() * 2);
        for (Wanted each : wanted) {
            Known last = known.remove(each.source());
            if (last != null && !isConcerned(each) && stands(last.wanted(), each, moved)) {
                kept.put(each.source(), last);
            } else if (last != null) {
                last.tables().forEach(this::release);
            }
        }
        known.values().forEach(k -> k.tables().forEach(this::release));
        known = kept;
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

    private void release(Table table) {
        table.foreignKeys().forEach(k -> constraints.release(k.name()));
        table.uniques().forEach(u -> constraints.release(u.name()));
        table.checks().forEach(c -> constraints.release(c.name()));
        table.indexes().forEach(i -> constraints.release(i.name()));
    }

    Optional<List<Table>> recall(Object source) {
        return Optional.ofNullable(known.get(source)).map(Known::tables);
    }

    void keep(Wanted wanted, List<Table> tables) {
        known.put(wanted.source(), new Known(wanted, tables));
    }
}
