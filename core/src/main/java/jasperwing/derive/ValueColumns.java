package jasperwing.derive;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What an attribute keeps: itself, or each attribute of the value it is, those of values within it included. */
public final class ValueColumns {
    /**
     * One of them.
     *
     * @param path the attributes that lead to it, the outermost first; empty for an attribute that is no value
     * @param attribute as it is declared
     * @param column the column's name it asks for
     * @param optional whether it or one that leads to it is
     */
    public record Leaf(List<Attribute> path, Attribute attribute, String column, boolean optional) {
        public Leaf {
            path = List.copyOf(path);
        }

        /** The names that lead to it and its own. */
        List<String> names() {
            return Stream.concat(path.stream(), Stream.of(attribute))
                    .map(Attribute::name)
                    .toList();
        }

        /** The same with points between. */
        public String name() {
            return String.join(".", names());
        }
    }

    private static final Set<Scalar> IN_ROW = Set.of(Scalar.REAL, Scalar.BOOLEAN, Scalar.DATE, Scalar.UUID);

    private ValueColumns() {}

    /**
     * In the order they are declared; none for a value that has no attributes, that is a part of itself or that has too many. A value has no room for lists, and
     * nothing is computed or counts up in it.
     */
    public static List<Leaf> of(Design design, Attribute attribute) {
        if (ColumnCounts.isTooWide(design, attribute.type())) {
            return List.of();
        }
        List<Leaf> leaves = new ArrayList<>();
        boolean whole = gather(design, attribute, List.of(), "", false, leaves);
        return whole ? leaves : List.of();
    }

    /** Whether an attribute is kept in the row: all are but lists of values, and lists that are kept as rows. */
    public static boolean isInRow(Design design, Attribute attribute) {
        return !attribute.list() || attribute.isListInRow() && canBeInRow(design, attribute.type());
    }

    /** Whether elements of the type can lie in the row: what a text can stand for in every database. */
    public static boolean canBeInRow(Design design, Type type) {
        if (type instanceof Type.Named named) {
            return design.enumType(named.name()).isPresent();
        }
        boolean plain = type instanceof Type.Plain p
                && (p.scalar().isInteger() && p.scalar() != Scalar.SERIAL || IN_ROW.contains(p.scalar()));
        return type.isText() || type instanceof Type.Decimal || plain;
    }

    /** The value an attribute is, if it is one. */
    public static Optional<AttributeGroup> value(Design design, Type type) {
        return type instanceof Type.Named named && design.enumType(named.name()).isEmpty()
                ? design.value(named.name())
                : Optional.empty();
    }

    /** @return whether no value is a part of itself */
    private static boolean gather(
            Design design, Attribute attribute, List<Attribute> path, String prefix, boolean optional, List<Leaf> all) {
        String column = prefix + PhysicalNames.wantedColumn(attribute);
        boolean empty = optional || attribute.optional();
        Optional<AttributeGroup> value = value(design, attribute.type());
        if (!path.isEmpty() && (attribute.list() || attribute.isComputed())) {
            return true;
        }
        if (value.isEmpty()) {
            boolean counted = !path.isEmpty() && attribute.type().is(Scalar.SERIAL);
            Attribute kept = counted ? attribute.withType(Type.of(Scalar.BIG_INT)) : attribute;
            all.add(new Leaf(path, kept, column, empty));
            return true;
        }
        Set<Type> above = path.stream().map(Attribute::type).collect(Collectors.toSet());
        if (above.contains(attribute.type())) {
            return false;
        }
        List<Attribute> longer = new ArrayList<>(path);
        longer.add(attribute);
        return value.get().attributes().stream().allMatch(a -> gather(design, a, longer, column + "_", empty, all));
    }
}
