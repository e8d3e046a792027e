package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.ClockOffset;
import jasperwing.model.Counting;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a row has that says nothing: {@code 0}, {@code today plus 14 days}, {@code two hours from now}, {@code a new uuid}. */
final class DefaultPhrases {
    private static final String CLOCK =
            "(?:the )?(today|now|current (?:day|date|moment|time)|(?:day|moment) it is (?:written|added|made|created))";
    private static final String LENGTH = "(\\S+) (minutes?|hours?|days?|weeks?|months?|years?)";
    private static final Pattern MOMENT = Pattern.compile(CLOCK);
    private static final Pattern SHIFTED = Pattern.compile(CLOCK + " (\\+|plus|and|-|minus|less) " + LENGTH);
    private static final Pattern AWAY = Pattern.compile(LENGTH + " (after|from|before) " + CLOCK);
    private static final Pattern LATER = Pattern.compile("(in |after )?" + LENGTH + "( later| ahead| earlier| ago)?");

    private static final Pattern TIME_ORDERED = Pattern.compile(
            "(?:an? )?(?:new )?(?:uuid (?:(?:of )?version (?:7|seven)|in order of time)|time-ordered uuid)");

    private DefaultPhrases() {}

    static Optional<AttributePredicates.Predicate> read(String said) {
        String low = said.strip().toLowerCase(Locale.ROOT);
        if (TIME_ORDERED.matcher(low).matches()) {
            return Optional.of(fallback(Literal.UUID_7));
        }
        return clock(low).or(() -> literal(said.strip()).map(DefaultPhrases::fallback));
    }

    private static AttributePredicates.Predicate fallback(Literal literal) {
        return new AttributePredicates.Predicate(a -> fallback(a, literal), false, List.of());
    }

    /** A serial has no default: it starts with a number and is counted. */
    private static Attribute fallback(Attribute attribute, Literal literal) {
        boolean start = attribute.type().is(Scalar.SERIAL)
                && literal.kind() == Literal.Kind.NUMBER
                && literal.text().matches("[1-9]\\d{0,17}");
        return start
                ? attribute.withCounting(new Counting(
                        Long.parseLong(literal.text()), attribute.counting().step()))
                : attribute.withDefault(Optional.of(literal));
    }

    private static Optional<AttributePredicates.Predicate> clock(String low) {
        Matcher moment = MOMENT.matcher(low);
        if (moment.matches()) {
            return Optional.of(clock(isDay(moment.group(1)), 0, ClockOffset.Unit.DAY));
        }
        Matcher shifted = SHIFTED.matcher(low);
        if (shifted.matches()) {
            boolean back = shifted.group(2).matches("-|minus|less");
            return shifted(isDay(shifted.group(1)), back, shifted.group(3), shifted.group(4));
        }
        Matcher away = AWAY.matcher(low);
        if (away.matches()) {
            return shifted(isDay(away.group(4)), away.group(3).equals("before"), away.group(1), away.group(2));
        }
        Matcher later = LATER.matcher(low);
        boolean way = later.matches() && (later.group(1) == null) != (later.group(4) == null);
        return way
                ? shifted(
                        false,
                        later.group(4) != null && later.group(4).matches(" earlier| ago"),
                        later.group(2),
                        later.group(3))
                : Optional.empty();
    }

    private static boolean isDay(String words) {
        return words.matches(".*(?:today|day|date).*");
    }

    private static Optional<AttributePredicates.Predicate> shifted(
            boolean today, boolean back, String number, String unit) {
        List<Token> tokens = Token.of(number);
        return (tokens.size() == 1 ? Numerals.of(tokens.get(0)) : Optional.<String>empty())
                .filter(n -> n.matches("[1-9]\\d{0,8}"))
                .map(n -> clock(
                        today,
                        back ? -Integer.parseInt(n) : Integer.parseInt(n),
                        ClockOffset.Unit.of(unit).orElseThrow()));
    }

    /** A text becomes a day or a moment; an attribute that is one already says which is meant. */
    private static AttributePredicates.Predicate clock(boolean today, int amount, ClockOffset.Unit unit) {
        return new AttributePredicates.Predicate(
                a -> {
                    Type type = a.type().isText() ? Type.of(today ? Scalar.DATE : Scalar.TIMESTAMP) : a.type();
                    boolean day = type.is(Scalar.DATE) && unit.isOfDays();
                    Literal literal = amount == 0
                            ? Literal.word(day ? "today" : "now")
                            : new Literal(Literal.Kind.CLOCK, new ClockOffset(day, amount, unit).text());
                    return a.withType(type).withDefault(Optional.of(literal));
                },
                false,
                List.of());
    }

    private static Optional<Literal> literal(String said) {
        List<Token> tokens = Token.of(said.replaceFirst("(?i)^(?:set to|the value|an? new|an?) ", ""));
        if (tokens.size() != 1) {
            return Optional.empty();
        }
        Token token = tokens.get(0);
        if (token.isNumber()) {
            return Optional.of(Literal.number(token.text()));
        }
        if (token.isQuoted()) {
            return Optional.of(Literal.text(token.text().replace("\"", "")));
        }
        String word = token.low().matches("yes|no") ? (token.is("yes") ? "true" : "false") : token.text();
        return token.isName() ? Optional.of(Literal.word(word)) : Optional.empty();
    }
}
