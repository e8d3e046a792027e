package jasperwing.derive;

import jasperwing.model.Attribute;
import jasperwing.model.ClockOffset;
import jasperwing.model.Design;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/** Whether a constant can be a value of a type. */
public final class Literals {
    private static final Set<Scalar> CLOCKED = Set.of(Scalar.TIMESTAMP, Scalar.LOCAL_TIMESTAMP, Scalar.TIME);

    private Literals() {}

    /** Whether the constant can be the default of an attribute of that type. */
    public static boolean fits(Design design, Type type, Literal literal) {
        if (type instanceof Type.Named named) {
            return literal.kind() == Literal.Kind.WORD
                    && design.enumType(named.name())
                            .map(e -> e.has(literal.text()))
                            .orElse(false);
        }
        return switch (literal.kind()) {
            case NUMBER -> type.isNumeric() && numberFits(type, new BigDecimal(literal.text()))
                    || type.is(Scalar.DURATION) && isWhole(new BigDecimal(literal.text()));
            case DATE -> type.is(Scalar.DATE) && isDate(literal.text());
            case WORD -> wordFits(type, literal.text());
            case CLOCK -> ClockOffset.of(literal.text())
                    .filter(o -> clockFits(type, o))
                    .isPresent();
            case UUID -> type.is(Scalar.UUID);
            case TEXT -> textFits(type, literal.text());
        };
    }

    /** What an attribute has unless it is said, if it can have that. */
    public static Optional<Literal> usual(Design design, Attribute attribute) {
        return attribute.defaultValue().filter(d -> !attribute.list() && fits(design, attribute.type(), d));
    }

    /** A day is so many days, weeks, months or years away; a moment any time. */
    private static boolean clockFits(Type type, ClockOffset offset) {
        boolean suits = offset.today()
                ? type.is(Scalar.DATE) && offset.unit().isOfDays()
                : type.is(Scalar.TIMESTAMP) || type.is(Scalar.LOCAL_TIMESTAMP);
        return suits && offset.amount() != 0;
    }

    private static boolean wordFits(Type type, String word) {
        if (type.is(Scalar.BOOLEAN)) {
            return word.equals("true") || word.equals("false");
        }
        if (!(type instanceof Type.Plain plain)) {
            return false;
        }
        return word.equals("uuid") && plain.scalar() == Scalar.UUID
                || word.equals("today") && plain.scalar() == Scalar.DATE
                || word.equals("now") && CLOCKED.contains(plain.scalar());
    }

    private static boolean numberFits(Type type, BigDecimal number) {
        BigDecimal plain = number.stripTrailingZeros();
        return type.match(
                text -> false,
                decimal -> plain.scale() <= decimal.scale()
                        && plain.precision() - plain.scale() <= decimal.precision() - decimal.scale(),
                p -> numberFits(p.scalar(), number),
                named -> false);
    }

    private static boolean numberFits(Scalar scalar, BigDecimal number) {
        return switch (scalar) {
            case REAL -> true;
            case SERIAL -> false;
            case SMALL_INT -> isWhole(number) && number.abs().compareTo(BigDecimal.valueOf(Short.MAX_VALUE)) <= 0;
            case INT -> isWhole(number) && number.abs().compareTo(BigDecimal.valueOf(Integer.MAX_VALUE)) <= 0;
            default -> isWhole(number) && number.abs().compareTo(BigDecimal.valueOf(Long.MAX_VALUE)) <= 0;
        };
    }

    private static boolean isWhole(BigDecimal number) {
        return number.stripTrailingZeros().scale() <= 0;
    }

    private static boolean textFits(Type type, String text) {
        if (type instanceof Type.Text t) {
            return text.codePointCount(0, text.length()) <= t.length();
        }
        if (!(type instanceof Type.Plain plain)) {
            return false;
        }
        return switch (plain.scalar()) {
            case LONG_TEXT -> true;
            case UUID -> parses(() -> UUID.fromString(text)) && text.length() == 36;
            case TIME -> parses(() -> LocalTime.parse(text));
            case TIMESTAMP -> parses(() -> OffsetDateTime.parse(text));
            case LOCAL_TIMESTAMP -> parses(() -> LocalDateTime.parse(text));
            default -> false;
        };
    }

    /** Whether an attribute can be held to what is said of its form: a single text can. */
    public static boolean textConstraintFits(Attribute attribute) {
        return !attribute.textConstraint().isEmpty()
                && !attribute.list()
                && attribute.type().isText();
    }

    /** Whether the bounds are of the attribute's type and the lower is not above the upper. */
    public static boolean rangeFits(Type type, Range range) {
        boolean dates = type.is(Scalar.DATE);
        boolean kinds = all(
                range,
                l -> dates
                        ? l.kind() == Literal.Kind.DATE && isDate(l.text())
                        : type.isNumeric() && l.kind() == Literal.Kind.NUMBER);
        return kinds && ordered(range, dates);
    }

    private static boolean ordered(Range range, boolean dates) {
        if (range.from().isEmpty() || range.to().isEmpty()) {
            return true;
        }
        String from = range.from().get().text();
        String to = range.to().get().text();
        return dates ? from.compareTo(to) <= 0 : new BigDecimal(from).compareTo(new BigDecimal(to)) <= 0;
    }

    private static boolean all(Range range, Predicate<Literal> test) {
        return Optional.ofNullable(range.from()).flatMap(f -> f).map(test::test).orElse(true)
                && range.to().map(test::test).orElse(true);
    }

    private static boolean isDate(String text) {
        return parses(() -> LocalDate.parse(text));
    }

    private static boolean parses(Runnable parse) {
        try {
            parse.run();
            return true;
        } catch (DateTimeParseException | IllegalArgumentException e) {
            return false;
        }
    }
}
