package jasperwing.formula;

import jasperwing.model.Expression;
import jasperwing.model.Literal;
import jasperwing.naming.Spelling;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The operators and functions formulas are made of: those of ISO SQL, and the whole units of time between two moments. Dividing by zero gives
 * nothing; dividing whole numbers gives a whole number, cut off towards zero; rounding goes away from zero at the half.
 */
public final class Operations {
    /** The functions that take many and give one. */
    public static final Set<String> AGGREGATES = Set.of("count", "sum", "avg", "min", "max");

    /** Functions that are written by others, and what they take. */
    private static final Map<String, String> WRITTEN = Map.of(
            "left",
            "a text, and a number of characters",
            "concat",
            "two texts or more",
            "exists",
            "a role to many",
            OverlapRule.FUNCTION,
            "the beginning and the end of a span, and what is the same");

    /** The names of the day and the moment something is computed at, where no attribute has them. */
    private static final Map<String, Kind> CLOCK = Map.of("today", Kind.DATE, "now", Kind.TIMESTAMP);

    private static final Set<String> FIELDS = Set.of("year", "month", "day", "hour", "minute");
    private static final Map<String, Operation> ALL = new LinkedHashMap<>();

    /**
     * One of them.
     *
     * @param most how many it takes at most; -1 for any number
     * @param takes what it takes, in words
     * @param typing what it gives; empty when it does not take what it is given
     */
    private record Operation(int least, int most, String takes, Function<List<Term>, Optional<Kind>> typing) {}

    private Operations() {}

    static {
        for (String sign : List.of("+", "-", "*")) {
            add(sign, 2, 2, "two numbers", a -> numbers(a) ? common(a) : Optional.empty());
        }
        add("/", 2, 2, "two numbers", a -> numbers(a) ? common(a) : Optional.empty());
        add("mod", 2, 2, "two whole numbers", a -> all(a, Kind.WHOLE) ? Optional.of(Kind.WHOLE) : Optional.empty());
        add("neg", 1, 1, "a number", a -> numbers(a) ? common(a) : Optional.empty());
        add("abs", 1, 1, "a number", a -> numbers(a) ? common(a) : Optional.empty());
        add("round", 1, 2, "an exact number, and how many decimals are kept", Operations::rounded);
        for (String whole : List.of("floor", "ceiling")) {
            add(whole, 1, 1, "an exact number", a -> exact(a.get(0)) ? Optional.of(Kind.WHOLE) : Optional.empty());
        }
        add("||", 2, 2, "two texts", a -> all(a, Kind.TEXT) ? Optional.of(Kind.TEXT) : Optional.empty());
        for (String text : List.of("upper", "lower", "trim")) {
            add(text, 1, 1, "a text", a -> all(a, Kind.TEXT) ? Optional.of(Kind.TEXT) : Optional.empty());
        }
        add("char_length", 1, 1, "a text", a -> all(a, Kind.TEXT) ? Optional.of(Kind.WHOLE) : Optional.empty());
        add("substring", 2, 3, "a text, the place of its first character from 1, and a length", Operations::part);
        add("right", 2, 2, "a text, and a number of characters from 1", Operations::lastPart);
        add("replace", 3, 3, "a text, a text in quotes to look for, and what is to stand there", Operations::replaced);
        add("to_text", 1, 1, "a whole number", a -> all(a, Kind.WHOLE) ? Optional.of(Kind.TEXT) : Optional.empty());
        for (String comparison : List.of("=", "<>", "<", "<=", ">", ">=")) {
            add(comparison, 2, 2, "two of a kind", Operations::compared);
        }
        add("between", 3, 3, "three of a kind", Operations::compared);
        add("in", 2, -1, "values of a kind", Operations::compared);
        for (String logic : List.of("and", "or")) {
            add(logic, 2, 2, "two truth values", Operations::truth);
        }
        add("not", 1, 1, "a truth value", Operations::truth);
        add("is null", 1, 1, "anything", a -> Optional.of(Kind.BOOLEAN));
        add("is not null", 1, 1, "anything", a -> Optional.of(Kind.BOOLEAN));
        add("coalesce", 2, -1, "values of a kind", Operations::common);
        add(
                "nullif",
                2,
                2,
                "two of a kind",
                a -> common(a).isPresent() ? Optional.of(a.get(0).kind()) : common(a));
        add("case", 3, -1, "truth values, and results of a kind", Operations::chosen);
        add("extract", 2, 2, "year, month, day, hour or minute, from a time that has it", Operations::field);
        for (String unit : List.of("seconds", "minutes", "hours", "days")) {
            add(unit + "_between", 2, 2, "two times of a kind, the earlier first", a -> between(unit, a));
        }
    }

    private static void add(
            String name, int least, int most, String takes, Function<List<Term>, Optional<Kind>> typing) {
        ALL.put(name, new Operation(least, most, takes, typing));
    }

    /** Whether it is an operator, or a function that is not of many. */
    static boolean isKnown(String name) {
        return ALL.containsKey(name) || WRITTEN.containsKey(name);
    }

    /** What a name of the clock gives; empty for any other path. */
    static Optional<Kind> clock(List<String> path) {
        return path.size() == 1 ? Optional.ofNullable(CLOCK.get(path.get(0))) : Optional.empty();
    }

    /** Whether a part of a formula gives another value at another time. */
    static boolean isClock(Term term) {
        return term instanceof Term.Apply apply && CLOCK.containsKey(apply.operation());
    }

    /** The function that is called most like it. */
    static Optional<String> nearest(String name) {
        return Spelling.nearest(
                name,
                Stream.of(ALL.keySet(), AGGREGATES, WRITTEN.keySet())
                        .flatMap(Set::stream)
                        .filter(n -> n.matches("[a-z_]+"))
                        .toList());
    }

    /** The functions by name, those of many too, as a message lists them. */
    static String functions() {
        List<String> names = Stream.concat(ALL.keySet().stream(), WRITTEN.keySet().stream())
                .filter(n -> n.matches("[a-z_]+")
                        && !Set.of("and", "or", "not", "in", "case", "between", "neg")
                                .contains(n))
                .sorted()
                .toList();
        return String.join(", ", names) + ", and of many avg, count, max, min, sum";
    }

    /** What it takes, in words. */
    static String takes(String name) {
        return WRITTEN.containsKey(name) ? WRITTEN.get(name) : ALL.get(name).takes();
    }

    /** What it gives; empty when it does not take what it is given. */
    static Optional<Kind> result(String name, List<Term> arguments) {
        Operation operation = ALL.get(name);
        if (operation == null) {
            return Optional.empty();
        }
        boolean counted =
                arguments.size() >= operation.least() && (operation.most() < 0 || arguments.size() <= operation.most());
        return counted ? operation.typing().apply(arguments) : Optional.empty();
    }

    /** An operator that gives a truth value, applied to two. */
    static Term both(String operator, Term one, Term other) {
        return new Term.Apply(operator, List.of(one, other), Kind.BOOLEAN, one.nullable() || other.nullable());
    }

    /** Whether it can give nothing. */
    static boolean nullable(String name, List<Term> arguments) {
        return switch (name) {
            case "is null", "is not null" -> false;
            case "nullif" -> true;
            case "coalesce" -> arguments.stream().allMatch(Term::nullable);
            case "case" -> results(arguments).stream().anyMatch(Term::nullable);
            case "/", "mod" -> arguments.get(0).nullable() || !isNumberOtherThanZero(arguments.get(1));
            default -> arguments.stream().anyMatch(Term::nullable);
        };
    }

    /** Whether it divides by the number 0. */
    static boolean dividesByZero(String name, List<Term> arguments) {
        return (name.equals("/") || name.equals("mod"))
                && arguments.size() == 2
                && isNumber(arguments.get(1))
                && !isNumberOtherThanZero(arguments.get(1));
    }

    private static boolean isNumberOtherThanZero(Term term) {
        return isNumber(term) && ((Term.Constant) term).literal().text().matches(".*[1-9].*");
    }

    private static boolean isNumber(Term term) {
        return term instanceof Term.Constant constant && constant.literal().kind() == Literal.Kind.NUMBER;
    }

    /** What a choice can give: each second argument and the last. */
    static List<Term> results(List<Term> arguments) {
        List<Term> results = new ArrayList<>();
        for (int i = 1; i < arguments.size(); i += 2) {
            results.add(arguments.get(i));
        }
        results.add(arguments.get(arguments.size() - 1));
        return results;
    }

    private static Optional<Kind> common(List<Term> arguments) {
        Optional<Kind> kind = Optional.of(Kind.NOTHING);
        for (Term each : arguments) {
            kind = kind.flatMap(k -> k.with(each.kind()));
        }
        return kind;
    }

    private static boolean all(List<Term> arguments, Kind kind) {
        return arguments.stream().allMatch(t -> t.kind() == kind || t.kind() == Kind.NOTHING);
    }

    private static boolean numbers(List<Term> arguments) {
        return arguments.stream().allMatch(t -> t.kind().isNumber() || t.kind() == Kind.NOTHING)
                && arguments.stream().anyMatch(t -> t.kind().isNumber());
    }

    private static boolean exact(Term term) {
        return term.kind().isExact();
    }

    private static Optional<Kind> truth(List<Term> arguments) {
        return all(arguments, Kind.BOOLEAN) ? Optional.of(Kind.BOOLEAN) : Optional.empty();
    }

    private static Optional<Kind> compared(List<Term> arguments) {
        return common(arguments).filter(k -> k != Kind.OTHER).map(k -> Kind.BOOLEAN);
    }

    private static Optional<Kind> rounded(List<Term> arguments) {
        if (!exact(arguments.get(0))) {
            return Optional.empty();
        }
        if (arguments.size() == 1) {
            return Optional.of(Kind.WHOLE);
        }
        return isCount(arguments.get(1), 0) ? Optional.of(Kind.DECIMAL) : Optional.empty();
    }

    private static Optional<Kind> part(List<Term> arguments) {
        boolean placed = arguments.get(0).kind() == Kind.TEXT && isCount(arguments.get(1), 1);
        boolean sized = arguments.size() < 3 || isCount(arguments.get(2), 0);
        return placed && sized ? Optional.of(Kind.TEXT) : Optional.empty();
    }

    private static Optional<Kind> lastPart(List<Term> arguments) {
        return arguments.get(0).kind() == Kind.TEXT && isCount(arguments.get(1), 1)
                ? Optional.of(Kind.TEXT)
                : Optional.empty();
    }

    private static Optional<Kind> replaced(List<Term> arguments) {
        boolean sought = arguments.get(1) instanceof Term.Constant constant
                && constant.literal().kind() == Literal.Kind.TEXT
                && !constant.literal().text().isEmpty();
        return sought && all(arguments, Kind.TEXT) ? Optional.of(Kind.TEXT) : Optional.empty();
    }

    /** What a function stands for that is written by others; empty for any other, and where it is not given what it takes. */
    static Optional<Expression> written(Expression.Call call) {
        List<Expression> all = call.arguments();
        return switch (call.function()) {
            case "left" -> all.size() == 2
                    ? Optional.of(Expression.Call.of("substring", all.get(0), number("1"), all.get(1)))
                    : Optional.empty();
            case "concat" -> all.size() < 2
                    ? Optional.empty()
                    : all.stream().map(Operations::orEmpty).reduce((a, b) -> Expression.Call.of("||", a, b));
            case "exists" -> all.size() == 1
                    ? Optional.of(Expression.Call.of(">", Expression.Call.of("count", all.get(0)), number("0")))
                    : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static Expression number(String digits) {
        return new Expression.Constant(Literal.number(digits));
    }

    private static Expression orEmpty(Expression text) {
        return text instanceof Expression.Constant
                ? text
                : Expression.Call.of("coalesce", text, new Expression.Constant(Literal.text("")));
    }

    private static boolean isCount(Term term, int least) {
        return term instanceof Term.Constant constant
                && constant.literal().kind() == Literal.Kind.NUMBER
                && constant.literal().text().matches("\\d{1,4}")
                && Integer.parseInt(constant.literal().text()) >= least;
    }

    private static Optional<Kind> chosen(List<Term> arguments) {
        boolean conditions = arguments.size() % 2 == 1;
        for (int i = 0; i + 1 < arguments.size(); i += 2) {
            conditions &= arguments.get(i).kind() == Kind.BOOLEAN;
        }
        return conditions ? common(results(arguments)).filter(k -> k != Kind.NOTHING) : Optional.empty();
    }

    private static Optional<Kind> field(List<Term> arguments) {
        String field = arguments.get(0) instanceof Term.Constant c ? c.literal().text() : "";
        Kind from = arguments.get(1).kind();
        boolean day = Set.of("year", "month", "day").contains(field);
        boolean has =
                switch (from) {
                    case DATE -> day;
                    case TIME -> !day;
                    case TIMESTAMP, LOCAL_TIMESTAMP -> true;
                    default -> false;
                };
        return FIELDS.contains(field) && has ? Optional.of(Kind.WHOLE) : Optional.empty();
    }

    private static Optional<Kind> between(String unit, List<Term> arguments) {
        Optional<Kind> kind = common(arguments);
        boolean moments = kind.equals(Optional.of(Kind.TIMESTAMP)) || kind.equals(Optional.of(Kind.LOCAL_TIMESTAMP));
        boolean days = kind.equals(Optional.of(Kind.DATE)) && unit.equals("days");
        return moments || days ? Optional.of(Kind.WHOLE) : Optional.empty();
    }
}
