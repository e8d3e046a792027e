package jasperwing.model;

import java.util.Set;

/** When an attribute is set by itself: a time to the moment, a whole number counted up. */
public enum AutoTimestamp {
    /** Once, with its row. */
    INSERT("insert"),
    /** With its row, and whenever the row changes. */
    UPDATE("update");

    private static final Set<Scalar> TIMES = Set.of(Scalar.DATE, Scalar.TIME, Scalar.TIMESTAMP, Scalar.LOCAL_TIMESTAMP);

    private final String word;

    AutoTimestamp(String word) {
        this.word = word;
    }

    /** As the notation writes it, after {@code set on}. */
    public String word() {
        return word;
    }

    /** Whether an attribute can be set so: a time can, and a whole number on every update. */
    public boolean fits(Attribute attribute) {
        if (attribute.list() || !(attribute.type() instanceof Type.Plain plain)) {
            return false;
        }
        Scalar scalar = plain.scalar();
        return TIMES.contains(scalar) || this == UPDATE && scalar.isInteger() && scalar != Scalar.SERIAL;
    }
}
