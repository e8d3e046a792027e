package jasperwing.model;

import java.util.Objects;

/**
 * One value of an {@link EnumType}. Its label is how people see it, its documentation what it means, its former name what rows of a running
 * database may still call it.
 *
 * @param retired whether rows may still hold it, but new ones should not
 */
public record EnumValue(String name, boolean retired, Notes notes) {
    public EnumValue {
        Names.require(name);
        Objects.requireNonNull(notes);
    }

    /** One that is not retired. */
    public EnumValue(String name, String label) {
        this(name, false, Notes.NONE.withLabel(label));
    }

    /** How people see it; empty where that is its name. */
    public String label() {
        return notes.label();
    }
}
