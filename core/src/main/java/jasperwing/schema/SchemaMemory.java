package jasperwing.schema;

import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Relationship;
import jasperwing.naming.Identifiers;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The tables of the schema derived last, so that an edit pays only for those it concerns. What is derived does not depend on what was
 * derived before. Confined to one thread.
 */
public final class SchemaMemory {
    /** An entity as others see it. */
    record Pointed(String entity, String table, boolean beyond, List<KeyColumns.KeyColumn> key) {}

    /** What tables follow from besides their entity or relationship; the family is empty for an entity that has none. */
    record Footing(List<Relationship> relationships, List<Pointed> pointed, List<Entity> family) {}

    /** An entity or a relationship that has tables of its own. */
    record Wanted(Object source, Footing footing) {}

    private record Known(Footing footing, List<Table> tables) {}

    private final Map<String, Pointed> pointed = new HashMap<>();
    private final Map<Object, Known> known = new IdentityHashMap<>();
    private Dialect dialect;
    private List<EnumType> enums = List.of();
    private List<AttributeGroup> groups = List.of();
    private Identifiers constraints = new Identifiers(0);

    /** Forgets everything when types mean something else than before. */
    void openFor(Design design, Dialect now) {
        if (now != dialect || !design.enums().equals(enums) || !design.groups().equals(groups)) {
            dialect = now;
            groups = design.groups();
            enums = design.enums();
            clear();
        }
    }

    void clear() {
        pointed.clear();
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

    /** The same, as the instance of the last time when it is equal. */
    Pointed shared(Pointed now) {
        return pointed.merge(now.entity(), now, (before, after) -> before.equals(after) ? before : after);
    }

    /** Forgets what is not wanted any more or stands on something else now, and gives its names back. */
    void keepOnly(List<Wanted> wanted) {
        Map<Object, Footing> footings = new IdentityHashMap<>();
        wanted.forEach(w -> footings.put(w.source(), w.footing()));
        known.entrySet().removeIf(entry -> {
            boolean gone = !entry.getValue().footing().equals(footings.get(entry.getKey()));
            if (gone) {
                entry.getValue().tables().forEach(this::release);
            }
            return gone;
        });
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
        known.put(wanted.source(), new Known(wanted.footing(), tables));
    }
}
