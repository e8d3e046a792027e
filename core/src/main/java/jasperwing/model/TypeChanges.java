package jasperwing.model;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What two designs declare otherwise, as part of a {@link DesignDiff}: tells which entities mean something else, though nothing is changed in
 * themselves.
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

    static TypeChanges of(
            Design before, Design after, Changes<Area> areas, Changes<EnumType> enums, Changes<AttributeGroup> groups) {
        if (areas.isEmpty() && enums.isEmpty() && groups.isEmpty()) {
            return NONE;
        }
        Set<String> types = new HashSet<>(named(before.enums(), after.enums(), enums, EnumType::name));
        types.addAll(named(before.groups(), after.groups(), groups, AttributeGroup::name));
        spread(
                types,
                Stream.concat(before.groups().stream(), after.groups().stream()).toList());
        return new TypeChanges(types, named(before.areas(), after.areas(), areas, Area::name));
    }

    /** What is called like one that changed; where several are called alike the order matters too. */
    private static <T> Set<String> named(List<T> before, List<T> after, Changes<T> changes, Function<T, String> name) {
        Set<String> changed = new HashSet<>(changes.names(name));
        if (changes.reordered()) {
            Stream.of(before, after).forEach(all -> changed.addAll(repeated(all, name)));
        }
        return changed;
    }

    private static <T> Set<String> repeated(List<T> all, Function<T, String> name) {
        Set<String> seen = new HashSet<>();
        return all.stream().map(name).filter(n -> !seen.add(n)).collect(Collectors.toSet());
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
