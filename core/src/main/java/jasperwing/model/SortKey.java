package jasperwing.model;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What rows are put in order by.
 *
 * @param path an attribute, or what leads to a part of its value; at least one name
 * @param falling whether the greatest or latest comes first
 */
public record SortKey(List<String> path, boolean falling) {
    private static final Set<Scalar> WITHOUT_ORDER = EnumSet.of(Scalar.JSON, Scalar.BINARY);
    private static final Set<Scalar> NUMBERS = EnumSet.of(Scalar.INT, Scalar.SMALL_INT, Scalar.BIG_INT);

    public SortKey {
        path = List.copyOf(path);
        if (path.isEmpty()) {
            throw new IllegalArgumentException("an order is by an attribute, but none was named");
        }
        path.forEach(Names::require);
    }

    /** By an attribute, the least or earliest first. */
    public static SortKey by(String... path) {
        return new SortKey(List.of(path), false);
    }

    public SortKey withFalling(boolean nowFalling) {
        return new SortKey(path, nowFalling);
    }

    public SortKey withPath(List<String> newPath) {
        return new SortKey(newPath, falling);
    }

    /** Whether both lead to the same, whichever way they go. */
    public boolean isSame(SortKey other) {
        return path.equals(other.path);
    }

    /** The path as it is read, such as {@code address.town}. */
    public String words() {
        return String.join(".", path);
    }

    /** As it is said behind another. */
    public String saidNext() {
        return (falling ? "falling " : "") + words();
    }

    /** The attributes the path leads over, the part that has the order last; empty where an entity has no such thing, or it gives no order. */
    public Optional<List<Attribute>> in(Design design, String entity) {
        Design whole = design.whole();
        List<Attribute> found = new ArrayList<>();
        Optional<Attribute> at = InheritanceTree.attribute(whole, entity, path.get(0));
        for (int i = 0; at.isPresent() && !at.get().list() && !at.get().isComputed(); i++) {
            found.add(at.get());
            if (i == path.size() - 1) {
                return isOrdered(whole, at.get().type()) ? Optional.of(found) : Optional.empty();
            }
            String part = path.get(i + 1);
            at = value(whole, at.get()).flatMap(v -> v.attribute(part));
        }
        return Optional.empty();
    }

    /** By all that gives the rows of an entity an order: its attributes and the parts of its values, the inherited first. */
    public static List<SortKey> possible(Design design, String entity) {
        Design whole = design.whole();
        List<List<String>> all = new ArrayList<>();
        whole.entity(entity).ifPresent(e -> InheritanceTree.line(whole, e)
                .forEach(each -> each.attributes().forEach(a -> add(whole, a, List.of(), List.of(), all))));
        return all.stream()
                .distinct()
                .map(path -> new SortKey(path, false))
                .filter(k -> k.in(design, entity).isPresent())
                .toList();
    }

    /** The attributes of an entity that can number its rows. */
    public static List<SortKey> numbers(Design design, String entity) {
        return possible(design, entity).stream()
                .filter(k -> k.path().size() == 1 && k.isNumber(design, entity))
                .toList();
    }

    /** Whether it leads to a whole number. */
    boolean isNumber(Design design, String entity) {
        return in(design, entity)
                .filter(p -> p.get(p.size() - 1).type() instanceof Type.Plain plain && NUMBERS.contains(plain.scalar()))
                .isPresent();
    }

    /** @param within the values it lies in; one that has itself as a part is not looked into again */
    private static void add(
            Design whole,
            Attribute attribute,
            List<String> above,
            List<AttributeGroup> within,
            List<List<String>> all) {
        List<String> path = and(above, attribute.name());
        Optional<AttributeGroup> value = value(whole, attribute);
        if (value.isEmpty()) {
            all.add(path);
        } else if (!within.contains(value.get())) {
            value.get().attributes().forEach(a -> add(whole, a, path, and(within, value.get()), all));
        }
    }

    private static <T> List<T> and(List<T> all, T last) {
        return Stream.concat(all.stream(), Stream.of(last)).toList();
    }

    static Optional<AttributeGroup> value(Design whole, Attribute attribute) {
        return attribute.type() instanceof Type.Named named ? whole.value(named.name()) : Optional.empty();
    }

    private static boolean isOrdered(Design whole, Type type) {
        return type.match(
                text -> true,
                decimal -> true,
                plain -> !WITHOUT_ORDER.contains(plain.scalar()),
                named -> whole.enumType(named.name()).isPresent());
    }

    /** The key after a member it begins with was renamed. */
    SortKey renamed(String oldName, String newName) {
        if (!path.get(0).equals(oldName)) {
            return this;
        }
        List<String> changed = new ArrayList<>(path);
        changed.set(0, newName);
        return withPath(changed);
    }
}
