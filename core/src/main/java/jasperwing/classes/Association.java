package jasperwing.classes;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.model.DeleteRule;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** How a class knows others. Entities are named by their names in the design. */
public sealed interface Association {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(
            Function<ToOne, R> one,
            Function<ToOutside, R> outside,
            Function<Inverse, R> inverse,
            Function<Joined, R> joined,
            Function<JoinedInverse, R> joinedInverse,
            Function<ThroughLink, R> through,
            Function<OneOfEach, R> each,
            Function<OneOfKind, R> kind);

    String name();

    /**
     * A property a collection is in order of.
     *
     * @param path of its elements, and within a value what leads to the part
     * @param ofLink whether it is one of the links the elements are read through
     */
    record SortedBy(List<String> path, boolean falling, boolean ofLink) {
        public SortedBy {
            path = List.copyOf(path);
        }
    }

    /**
     * The order of a collection.
     *
     * @param keys by the first, and where two agree in that, by the next; empty for any order
     * @param number where the collection numbers its elements, in the only key, the type of the numbers
     */
    record Order(List<SortedBy> keys, Optional<Type> number) {
        static final Order NONE = new Order(List.of(), Optional.empty());

        public Order {
            keys = List.copyOf(keys);
        }

        public boolean isEmpty() {
            return keys.isEmpty();
        }

        /** The property in which elements are numbered; empty where they are not. */
        public String position() {
            return number.isPresent() ? keys.get(0).path().get(0) : "";
        }
    }

    /**
     * A reference to one object; this side owns the foreign key.
     *
     * @param unique whether no two objects share the target
     * @param inverse the target's property that leads back, if it has one
     */
    record ToOne(
            String name,
            String target,
            Reference foreignKey,
            boolean must,
            boolean unique,
            boolean key,
            Optional<String> inverse,
            String doc)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return one.apply(this);
        }
    }

    /** A column of a key that lies in another system, kept as a plain value. */
    record ToOutside(String name, String target, String role, Column column, Type type, boolean must, boolean key)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return outside.apply(this);
        }
    }

    /** The objects, or the one object, whose {@code mappedBy} refers to this one. @param most how many there can be; 0 for any number */
    record Inverse(
            String name,
            String target,
            String mappedBy,
            boolean many,
            DeleteRule onDelete,
            boolean must,
            Order order,
            int most)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return inverse.apply(this);
        }
    }

    /** A set of others kept in a join table that this side owns. @param onDelete what becomes of the pairs when the object is deleted */
    record Joined(
            String name,
            String target,
            DerivedTable table,
            Reference here,
            Reference there,
            Optional<String> inverse,
            DeleteRule onDelete,
            Order order,
            int most)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return joined.apply(this);
        }
    }

    /** A set of others kept in a join table that the other side owns. @param onDelete what becomes of the pairs when the object is deleted */
    record JoinedInverse(String name, String target, String mappedBy, DeleteRule onDelete, Order order, int most)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return joinedInverse.apply(this);
        }
    }

    /** The far ends of link objects, read through them. */
    record ThroughLink(String name, String target, String links, String linkRole, String link, Order order)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return through.apply(this);
        }
    }

    /** One of several kinds of objects, a reference for each. */
    record OneOfEach(String name, List<ToOne> subjects, List<ToOutside> outside, boolean must, Optional<String> back)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return each.apply(this);
        }
    }

    /** One of several kinds of objects, by kind and id. */
    record OneOfKind(String name, List<String> subjects, Column kind, Column id, Type idType, boolean must)
            implements Association {
        @Override
        public <R> R match(
                Function<ToOne, R> one,
                Function<ToOutside, R> outside,
                Function<Inverse, R> inverse,
                Function<Joined, R> joined,
                Function<JoinedInverse, R> joinedInverse,
                Function<ThroughLink, R> through,
                Function<OneOfEach, R> each,
                Function<OneOfKind, R> kind) {
            return kind.apply(this);
        }
    }
}
