package jasperwing.model;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The relationships of a design by the entities that take part in them, gathered in one pass; those of a design that an edit made of
 * another only where the edit concerns them. Safe for several threads.
 */
public final class Relations {
    static final Relations NONE = new Relations(List.of());

    private final List<Relationship> all;
    private final Map<String, List<Relationship>> byEntity;
    private final Set<String> links;
    private final Map<Class<?>, Object> known = new ConcurrentHashMap<>();
    private final Map<Class<?>, Former<?>> former = new ConcurrentHashMap<>();

    /**
     * What followed from relationships before.
     *
     * @param what what was found out then
     * @param touched the entities whose relationships may be others since
     */
    public record Former<T>(T what, Set<String> touched) {}

    /** Finds out what follows from relationships alone. */
    public interface Consequence<T> {
        /**
         * The same for the same relationships, never null.
         *
         * @param former what followed before, when that is known
         */
        T of(Relations relations, Optional<Former<T>> former);
    }

    private Relations(List<Relationship> all) {
        this.all = all;
        this.byEntity = new HashMap<>();
        this.links = new HashSet<>();
        all.forEach(r -> r.ends().forEach(e -> add(e, r)));
        byEntity.replaceAll((entity, its) -> List.copyOf(its));
    }

    private Relations(List<Relationship> all, Relations before, Set<String> touched) {
        this.all = all;
        this.byEntity = new HashMap<>(before.byEntity);
        this.links = new HashSet<>(before.links);
        byEntity.keySet().removeAll(touched);
        links.removeAll(touched);
        all.forEach(r -> concerned(r, touched).forEach(e -> add(e, r)));
        touched.forEach(e -> byEntity.computeIfPresent(e, (entity, its) -> List.copyOf(its)));
        before.former.forEach((what, older) -> former.put(what, older(older, touched)));
        before.known.forEach((what, value) -> former.put(what, new Former<>(value, touched)));
    }

    private static <T> Former<T> older(Former<T> former, Set<String> touched) {
        Set<String> all = new HashSet<>(former.touched());
        all.addAll(touched);
        return new Former<>(former.what(), all);
    }

    /** Those of another list, of which most are the same ones in the same order. */
    Relations then(List<Relationship> now) {
        Differing differing = Differing.in(all, now);
        Set<String> touched = new HashSet<>();
        differing.of(all).forEach(r -> touched.addAll(r.ends()));
        differing.of(now).forEach(r -> touched.addAll(r.ends()));
        return touched.size() * 2 < byEntity.size() ? new Relations(now, this, touched) : new Relations(now);
    }

    private static Set<String> concerned(Relationship relationship, Set<String> touched) {
        boolean is = touched.contains(relationship.from())
                || !Collections.disjoint(relationship.targets(), touched)
                || relationship instanceof BinaryRelationship binary && touched.contains(binary.via());
        if (!is) {
            return Set.of();
        }
        Set<String> names = relationship.ends();
        names.retainAll(touched);
        return names;
    }

    private void add(String entity, Relationship relationship) {
        byEntity.computeIfAbsent(entity, e -> new ArrayList<>(4)).add(relationship);
        if (relationship instanceof BinaryRelationship binary && binary.via().equals(entity)) {
            links.add(entity);
        }
    }

    /** In order. */
    public List<Relationship> all() {
        return all;
    }

    /** The entities that take part in any, in no order. */
    public Set<String> entities() {
        return Collections.unmodifiableSet(byEntity.keySet());
    }

    /** Those the entity takes part in, as an end or as a link, in order. */
    public List<Relationship> of(String entity) {
        return byEntity.getOrDefault(entity, List.of());
    }

    /** Whether the entity is the link of a many-to-many. */
    public boolean isLink(String entity) {
        return links.contains(entity);
    }

    /** What follows from the relationships alone, found out when first asked for. */
    public <T> T known(Class<T> what, Consequence<T> consequence) {
        Object found = known.get(what);
        return what.cast(found == null ? find(what, consequence) : found);
    }

    private synchronized <T> Object find(Class<T> what, Consequence<T> consequence) {
        Object found = known.get(what);
        if (found == null) {
            found = consequence.of(this, formerly(what));
            known.put(what, found);
            former.remove(what);
        }
        return found;
    }

    private <T> Optional<Former<T>> formerly(Class<T> what) {
        return Optional.ofNullable(former.get(what)).map(f -> new Former<>(what.cast(f.what()), f.touched()));
    }
}
