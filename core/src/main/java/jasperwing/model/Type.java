package jasperwing.model;

import java.util.function.Function;

/** What an attribute holds. Optionality and lists are the attribute's, not the type's. */
public sealed interface Type {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(
            Function<Text, R> text, Function<Decimal, R> decimal, Function<Plain, R> plain, Function<Named, R> named);

    /** Text of at most {@code length} characters. */
    record Text(int length) implements Type {
        public Text {
            requireBetween("length of a text", length, 1, 10_000_000);
        }

        @Override
        public <R> R match(
                Function<Text, R> text,
                Function<Decimal, R> decimal,
                Function<Plain, R> plain,
                Function<Named, R> named) {
            return text.apply(this);
        }
    }

    /** An exact number of {@code precision} digits, {@code scale} of them after the point. */
    record Decimal(int precision, int scale) implements Type {
        public Decimal {
            requireBetween("precision of a decimal", precision, 1, 1000);
            requireBetween("scale of a decimal", scale, 0, precision);
        }

        @Override
        public <R> R match(
                Function<Text, R> text,
                Function<Decimal, R> decimal,
                Function<Plain, R> plain,
                Function<Named, R> named) {
            return decimal.apply(this);
        }
    }

    /** One of the types that need no further numbers. */
    record Plain(Scalar scalar) implements Type {

        @Override
        public boolean equals(Object other) {
            return other == this || other instanceof Plain o && scalar == o.scalar;
        }

        @Override
        public int hashCode() {
            return scalar.hashCode();
        }

        @Override
        public <R> R match(
                Function<Text, R> text,
                Function<Decimal, R> decimal,
                Function<Plain, R> plain,
                Function<Named, R> named) {
            return plain.apply(this);
        }
    }

    /** A type the design declares: an enum. The name may be one that does not exist. */
    record Named(String name) implements Type {
        public Named {
            Names.require(name);
        }

        @Override
        public <R> R match(
                Function<Text, R> text,
                Function<Decimal, R> decimal,
                Function<Plain, R> plain,
                Function<Named, R> named) {
            return named.apply(this);
        }
    }

    static Type of(Scalar scalar) {
        return new Plain(scalar);
    }

    default boolean is(Scalar scalar) {
        return this instanceof Plain plain && plain.scalar() == scalar;
    }

    default boolean isNumeric() {
        return this instanceof Decimal
                || this instanceof Plain plain && (plain.scalar().isInteger() || plain.scalar() == Scalar.REAL);
    }

    default boolean isText() {
        return this instanceof Text || is(Scalar.LONG_TEXT);
    }

    private static void requireBetween(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(
                    "the " + what + " must be from " + least + " to " + most + ", but was " + value);
        }
    }
}
