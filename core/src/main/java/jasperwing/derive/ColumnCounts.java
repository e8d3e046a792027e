package jasperwing.derive;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How many columns keys and values come to, counted without making them: a key that takes in two keys that take in two keys doubles at each
 * step, and so does a value within a value. What is wider than any database takes has no columns.
 */
public final class ColumnCounts {
    /** The most columns of a key; twice as many as any database takes. */
    public static final int MOST_OF_KEY = 64;

    /** The most columns of one value. */
    public static final int MOST_OF_VALUE = 256;

    private static final long MANY = 1_000_000_000;

    private final Design design;
    private final Map<String, Long> known = new HashMap<>();

    private ColumnCounts(Design design) {
        this.design = design;
    }

    /** The columns of an entity's key; a billion stands for more. Linear in what the key leads to. */
    public static long ofKey(Design design, String entity) {
        return new ColumnCounts(design).key(entity);
    }

    /** The columns of an attribute of a type; one of what is no value. */
    public static long ofType(Design design, Type type) {
        return new ColumnCounts(design).type(type);
    }

    static boolean isTooWide(Design design, Type type) {
        return ofType(design, type) > MOST_OF_VALUE;
    }

    private long key(String name) {
        Long done = known.putIfAbsent(name, 0L);
        Optional<Entity> entity = design.entity(name);
        if (done != null || entity.isEmpty()) {
            return done == null ? 0 : done;
        }
        long count = 0;
        for (String member : new KeyColumns(design, 0).members(entity.get())) {
            Optional<Attribute> attribute = entity.get().attribute(member);
            count += attribute.isPresent() ? 1 : role(name, member);
        }
        count += design.parent(name).map(p -> key(p.name())).orElse(0L);
        known.put(name, Math.min(MANY, count));
        return known.get(name);
    }

    private long role(String entity, String name) {
        return Roles.find(design, entity, name)
                .filter(r -> !(r.relationship() instanceof PolymorphicRelationship))
                .map(Role::target)
                .map(this::key)
                .orElse(0L);
    }

    private long type(Type type) {
        Optional<AttributeGroup> value = ValueColumns.value(design, type);
        if (value.isEmpty()) {
            return 1;
        }
        Long done = known.putIfAbsent(value.get().name(), 0L);
        if (done != null) {
            return done;
        }
        long count =
                value.get().attributes().stream().mapToLong(a -> type(a.type())).sum();
        known.put(value.get().name(), Math.min(MANY, count));
        return known.get(value.get().name());
    }
}
