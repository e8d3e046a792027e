package jasperwing.model;

import java.util.Objects;
import java.util.Optional;

/** One attribute of an entity. Whether it is part of the key is said by its {@link Entity}. */
public record Attribute(
        String name,
        Type type,
        boolean list,
        boolean optional,
        boolean unique,
        Optional<Literal> defaultValue,
        Optional<Range> range,
        Notes notes) {
    public Attribute {
        Names.require(name);
        Objects.requireNonNull(type);
        Objects.requireNonNull(notes);
    }

    /** A required attribute with no rules. */
    public static Attribute of(String name, Type type) {
        return new Attribute(name, type, false, false, false, Optional.empty(), Optional.empty(), Notes.NONE);
    }

    public Attribute withName(String newName) {
        return new Attribute(newName, type, list, optional, unique, defaultValue, range, notes);
    }

    public Attribute withType(Type newType) {
        return new Attribute(name, newType, list, optional, unique, defaultValue, range, notes);
    }

    public Attribute withOptional(boolean nowOptional) {
        return new Attribute(name, type, list, nowOptional, unique, defaultValue, range, notes);
    }

    public Attribute withUnique(boolean nowUnique) {
        return new Attribute(name, type, list, optional, nowUnique, defaultValue, range, notes);
    }

    public Attribute withDefault(Optional<Literal> newDefault) {
        return new Attribute(name, type, list, optional, unique, newDefault, range, notes);
    }

    public Attribute withRange(Optional<Range> newRange) {
        return new Attribute(name, type, list, optional, unique, defaultValue, newRange, notes);
    }

    public Attribute withNotes(Notes newNotes) {
        return new Attribute(name, type, list, optional, unique, defaultValue, range, newNotes);
    }
}
