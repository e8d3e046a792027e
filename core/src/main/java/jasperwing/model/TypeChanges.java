package jasperwing.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What two designs declare otherwise: tells which entities mean something else, though nothing is changed in themselves.
 *
 * @param types the names of enums, values and traits, those that are made of others among these included
 * @param areas the names of areas
 */
public record TypeChanges(Set<String> types, Set<String> areas) {
    public static final TypeChanges NONE = new TypeChanges(Set.of(), Set.of());

    public TypeChanges {
        types = Set.copyOf(types);
        areas = Set.copyOf(areas);
    }

    public static TypeChanges between(Design before, Design after) {
        Set<String> types = new HashSet<>(changed(before.enums(), after.enums(), EnumType::name));
        types.addAll(changed(before.groups(), after.groups(), AttributeGroup::name));
        spread(
                types,
                Stream.concat(before.groups().stream(), after.groups().stream()).toList());
        return new TypeChanges(types, changed(before.areas(), after.areas(), Area::name));
    }

    private static <T> Set<String> changed(List<T> before, List<T> after, Function<T, String> name) {
        Set<String> changed = new HashSet<>();
        if (!before.equals(after)) {
            Map<String, List<T>> old = byName(before, name);
            Map<String, List<T>> now = byName(after, name);
            old.forEach((n, all) -> {
                if (!all.equals(now.get(n))) {
                    changed.add(n);
                }
            });
            now.keySet().stream().filter(n -> !old.containsKey(n)).forEach(changed::add);
        }
        return changed;
    }

    private static <T> Map<String, List<T>> byName(List<T> all, Function<T, String> name) {
        Map<String, List<T>> byName = new HashMap<>();
        all.forEach(t ->
                byName.computeIfAbsent(name.apply(t), n -> new ArrayList<>(1)).add(t));
        return byName;
    }

    /** Adds the groups that have attributes of such a type, and those that have attributes of these. */
    private static void spread(Set<String> types, List<AttributeGroup> groups) {
        boolean more = !types.isEmpty();
        while (more) {
            more = false;
            for (AttributeGroup group : groups) {
                more |= areOf(group.attributes(), types) && types.add(group.name());
            }
        }
    }

    private static boolean areOf(List<Attribute> attributes, Set<String> types) {
        for (Attribute attribute : attributes) {
            if (isOf(attribute.type(), types)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isOf(Type type, Set<String> types) {
        return type instanceof Type.Named named && types.contains(named.name());
    }

    public boolean concern(Type type) {
        return isOf(type, types);
    }

    /** Whether an entity uses any of them. */
    public boolean concern(Entity entity) {
        return areas.contains(entity.area())
                || !types.isEmpty()
                        && (areOf(entity.attributes(), types)
                                || entity.traits().stream().anyMatch(types::contains));
    }

    public boolean isEmpty() {
        return types.isEmpty() && areas.isEmpty();
    }

    /** With further types. */
    public TypeChanges and(Set<String> more) {
        if (more.isEmpty()) {
            return this;
        }
        Set<String> all = new HashSet<>(types);
        all.addAll(more);
        return new TypeChanges(all, areas);
    }
}
