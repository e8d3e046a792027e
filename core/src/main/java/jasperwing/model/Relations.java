package jasperwing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** The relationships of a design by the entities that take part in them, gathered in one pass. Safe for several threads. */
public final class Relations {
    private final List<Relationship> all;
    private final Map<String, List<Relationship>> byEntity = new HashMap<>();
    private final Set<String> links = new HashSet<>();
    private final Map<Class<?>, Object> known = new ConcurrentHashMap<>();

    Relations(List<Relationship> all) {
        this.all = all;
        for (Relationship relationship : all) {
            for (String entity : mentioned(relationship)) {
                byEntity.computeIfAbsent(entity, e -> new ArrayList<>(4)).add(relationship);
            }
        }
        byEntity.replaceAll((entity, its) -> List.copyOf(its));
    }

    private Set<String> mentioned(Relationship relationship) {
        Set<String> names = new LinkedHashSet<>(8);
        names.addAll(relationship.targets());
        names.add(relationship.from());
        if (relationship instanceof Tie tie && !tie.via().isEmpty()) {
            names.add(tie.via());
            links.add(tie.via());
        }
        return names;
    }

    /** In order. */
    public List<Relationship> all() {
        return all;
    }

    /** Those the entity takes part in, as an end or as a link, in order. */
    public List<Relationship> of(String entity) {
        return byEntity.getOrDefault(entity, List.of());
    }

    /** Whether the entity is the link of a many-to-many. */
    public boolean isLink(String entity) {
        return links.contains(entity);
    }

    /**
     * What follows from the relationships alone, found out when first asked for.
     *
     * @param find gives the same for the same relationships, and never null
     */
    public <T> T known(Class<T> what, Function<List<Relationship>, T> find) {
        Object found = known.get(what);
        if (found == null) {
            found = find.apply(all);
            known.put(what, found);
        }
        return what.cast(found);
    }
}
