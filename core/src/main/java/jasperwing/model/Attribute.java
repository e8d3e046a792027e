package jasperwing.model;

import java.util.Objects;
import java.util.Optional;

/**
 * One attribute of an entity. Whether it is part of the key is said by its {@link Entity}.
 *
 * @param kept how its elements are kept, of a list; {@link ListKept#ROWS} when not said
 * @param counting what a serial begins with, and how far apart its numbers are
 * @param formula what it is computed by; then nothing is stored, and whether it can be empty follows from the formula
 */
public record Attribute(
        String name,
        Type type,
        boolean list,
        Optional<ListKept> kept,
        boolean optional,
        boolean unique,
        Optional<Literal> defaultValue,
        Optional<Range> range,
        TextConstraint textConstraint,
        Optional<AutoTimestamp> stamp,
        Counting counting,
        Optional<Expression> formula,
        Notes notes) {
    public Attribute {
        Names.require(name);
        Objects.requireNonNull(type);
        Objects.requireNonNull(kept);
        Objects.requireNonNull(textConstraint);
        Objects.requireNonNull(stamp);
        Objects.requireNonNull(counting);
        Objects.requireNonNull(formula);
        Objects.requireNonNull(notes);
    }

    /** A required attribute with no rules. */
    public static Attribute of(String name, Type type) {
        return new Attribute(
                name,
                type,
                false,
                Optional.empty(),
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                TextConstraint.NONE,
                Optional.empty(),
                Counting.BY_ONE,
                Optional.empty(),
                Notes.NONE);
    }

    public Attribute withName(String newName) {
        return new Attribute(
                newName,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withType(Type newType) {
        return new Attribute(
                name,
                newType,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withList(boolean nowList) {
        return new Attribute(
                name,
                type,
                nowList,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withOptional(boolean nowOptional) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                nowOptional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withUnique(boolean nowUnique) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                nowUnique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withDefault(Optional<Literal> newDefault) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                newDefault,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withRange(Optional<Range> newRange) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                newRange,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withTextConstraint(TextConstraint newForm) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                newForm,
                stamp,
                counting,
                formula,
                notes);
    }

    public Attribute withStamp(Optional<AutoTimestamp> newStamp) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                newStamp,
                counting,
                formula,
                notes);
    }

    /** When it is set by itself, if it can be. */
    public Optional<AutoTimestamp> stamped() {
        return stamp.filter(s -> s.fits(this));
    }

    public Attribute withCounting(Counting newCounting) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                newCounting,
                formula,
                notes);
    }

    public Attribute withNotes(Notes newNotes) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                newNotes);
    }

    public Attribute withFormula(Optional<Expression> newFormula) {
        return new Attribute(
                name,
                type,
                list,
                kept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                newFormula,
                notes);
    }

    /** Whether a row has a new UUID of version 7 unless it says otherwise. */
    public boolean isTimeOrdered() {
        return !list && type.is(Scalar.UUID) && defaultValue.equals(Optional.of(Literal.UUID_7));
    }

    public boolean isComputed() {
        return formula.isPresent();
    }

    public Attribute withKept(Optional<ListKept> newKept) {
        return new Attribute(
                name,
                type,
                list,
                newKept,
                optional,
                unique,
                defaultValue,
                range,
                textConstraint,
                stamp,
                counting,
                formula,
                notes);
    }

    /** Whether it is a list whose elements lie in the row. */
    public boolean isListInRow() {
        return list && kept.filter(k -> k != ListKept.ROWS).isPresent();
    }
}
