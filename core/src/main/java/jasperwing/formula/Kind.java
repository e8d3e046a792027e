package jasperwing.formula;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.Locale;
import java.util.Optional;

/** What a part of a formula gives, as far as operations tell it apart. */
public enum Kind {
    WHOLE("a whole number"),
    DECIMAL("an exact number"),
    REAL("a floating-point number"),
    TEXT("a text"),
    BOOLEAN("a truth value"),
    DATE("a day"),
    TIME("a time of day"),
    TIMESTAMP("a time with zone"),
    LOCAL_TIMESTAMP("a time without zone"),
    UUID("an identifier"),
    /** What formulas can only look for, such as a list or a document. */
    OTHER("something no formula counts with"),
    NOTHING("nothing");

    private final String words;

    Kind(String words) {
        this.words = words;
    }

    /** How a message names it. */
    public String words() {
        return words;
    }

    /** What values of a type are; of an enum they are texts. */
    public static Kind of(Type type, boolean isEnum) {
        if (type instanceof Type.Decimal) {
            return DECIMAL;
        }
        if (type.isText() || isEnum) {
            return TEXT;
        }
        if (!(type instanceof Type.Plain plain)) {
            return OTHER;
        }
        return switch (plain.scalar()) {
            case INT, SMALL_INT, BIG_INT, SERIAL -> WHOLE;
            case DURATION, BINARY, JSON -> OTHER;
            default -> valueOf(constant(plain.scalar()));
        };
    }

    private static String constant(Scalar scalar) {
        return scalar.words().replace(' ', '_').toUpperCase(Locale.ROOT);
    }

    public boolean isNumber() {
        return this == WHOLE || this == DECIMAL || this == REAL;
    }

    /** Whether it is exact and counted with digits. */
    public boolean isExact() {
        return this == WHOLE || this == DECIMAL;
    }

    /** What either of two can be taken for; empty when they do not go together. */
    public Optional<Kind> with(Kind other) {
        if (other == this || other == NOTHING) {
            return Optional.of(this);
        }
        if (this == NOTHING) {
            return Optional.of(other);
        }
        return isNumber() && other.isNumber()
                ? Optional.of(ordinal() > other.ordinal() ? this : other)
                : Optional.empty();
    }

    /** Whether what is computed as the other kind can be kept as this one. */
    public boolean takes(Kind other) {
        return other == NOTHING || with(other).equals(Optional.of(this));
    }
}
