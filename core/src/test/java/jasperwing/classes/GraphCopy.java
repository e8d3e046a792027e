package jasperwing.classes;

import jakarta.persistence.EntityManager;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hibernate.Hibernate;

/** New objects like those of a database, related to each other as they are, without what a database gives them: generated keys and versions. */
final class GraphCopy {
    private final Map<Object, Object> copies = new IdentityHashMap<>();
    private final Set<String> given;
    private final List<Related> related = new ArrayList<>();
    private final List<Object> ordered = new ArrayList<>();

    /**
     * Copies all objects of some classes.
     *
     * @param roots in this order, those of their subclasses included
     * @param given what the database or the provider gives, as class and field
     */
    GraphCopy(EntityManager from, List<String> roots, Set<String> given) throws ReflectiveOperationException {
        this.given = given;
        List<Object> originals = new ArrayList<>();
        for (String root : roots) {
            from.createQuery("select e from " + root + " e", Object.class)
                    .getResultList()
                    .forEach(e -> originals.add(Hibernate.unproxy(e)));
        }
        for (Object original : originals) {
            Constructor<?> constructor = original.getClass().getDeclaredConstructor();
            constructor.setAccessible(true);
            Object copy = constructor.newInstance();
            copies.put(original, copy);
            ordered.add(copy);
        }
        for (Object original : originals) {
            for (Class<?> type = original.getClass(); type != Object.class; type = type.getSuperclass()) {
                for (Field field : type.getDeclaredFields()) {
                    copy(field, original, copies.get(original));
                }
            }
        }
    }

    /** In the order of their classes. */
    List<Object> copies() {
        return List.copyOf(ordered);
    }

    private void copy(Field field, Object original, Object copy) throws IllegalAccessException {
        if (Modifier.isStatic(field.getModifiers()) || Modifier.isTransient(field.getModifiers())) {
            return;
        }
        field.setAccessible(true);
        Object value = field.get(original);
        String name = field.getDeclaringClass().getSimpleName() + "." + field.getName();
        if (given.contains(name)) {
            return;
        }
        if (value instanceof Collection<?> collection
                && collection.stream().anyMatch(e -> copies.containsKey(Hibernate.unproxy(e)))) {
            related.add(new Related(field, copy, of(collection)));
        } else {
            field.set(copy, of(value));
        }
    }

    /** Objects that an object has in a collection. */
    private record Related(Field field, Object holder, Object objects) {}

    /** Puts objects into the collections that hold them; to be called when all are stored. */
    void relate() throws IllegalAccessException {
        for (Related each : related) {
            addAll(each.field().get(each.holder()), each.objects());
        }
    }

    @SuppressWarnings("unchecked")
    private static void addAll(Object collection, Object objects) {
        ((Collection<Object>) collection).addAll((Collection<Object>) objects);
    }

    private Object of(Object value) {
        if (value instanceof Set<?> set) {
            Set<Object> all = new LinkedHashSet<>();
            set.forEach(e -> all.add(of(e)));
            return all;
        }
        if (value instanceof Collection<?> collection) {
            List<Object> all = new ArrayList<>();
            collection.forEach(e -> all.add(of(e)));
            return all;
        }
        return value == null ? null : copies.getOrDefault(Hibernate.unproxy(value), value);
    }
}
