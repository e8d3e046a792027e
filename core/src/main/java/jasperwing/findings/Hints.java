package jasperwing.findings;

import jasperwing.model.Entity;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;

/** What the attributes of entities may be named after, remembered while the entities stay the same. Confined to one thread. */
final class Hints {
    private static final int MOST = 20_000;

    private final Map<Entity, Set<String>> known = new IdentityHashMap<>();

    Set<String> of(Entity entity) {
        if (known.size() > MOST) {
            known.clear();
        }
        return known.computeIfAbsent(entity, UndeclaredRules::hints);
    }
}
