package jasperwing.findings;

import jasperwing.model.Entity;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;

/** What the names of an entity's attributes say, remembered while the entity stays the same. Confined to one thread. */
final class NameHints {
    private static final int MOST = 20_000;

    /**
     * What they say.
     *
     * @param references what they may be named after
     * @param identifies whether one of them identifies a thing, and may stand in several rows
     */
    record Said(Set<String> references, boolean identifies) {
        private static Said by(Entity entity) {
            return new Said(UndeclaredRules.hints(entity), IdentifierRules.identifies(entity));
        }
    }

    private final Map<Entity, Said> known = new IdentityHashMap<>();

    Said of(Entity entity) {
        if (known.size() > MOST) {
            known.clear();
        }
        return known.computeIfAbsent(entity, Said::by);
    }
}
