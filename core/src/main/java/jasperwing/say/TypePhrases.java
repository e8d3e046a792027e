package jasperwing.say;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Types as people name them: {@code a whole number}, {@code money}, {@code yes or no}, {@code text up to 40 characters}. */
final class TypePhrases {
    private record Rule(Pattern phrase, Type type) {}

    private static final List<Rule> RULES = List.of(
            rule("(?:whole |natural )?numbers?|integers?|ints?|counts?|years?", Type.of(Scalar.INT)),
            rule("(?:big|long) (?:whole )?(?:numbers?|ints?|integers?)|bigint|longs?", Type.of(Scalar.BIG_INT)),
            rule("small (?:whole )?(?:numbers?|ints?|integers?)|smallint", Type.of(Scalar.SMALL_INT)),
            rule("decimals?(?: numbers?)?", new Type.Decimal(10, 2)),
            rule("(?:amounts? of )?money|amounts?|prices?|currency amounts?", new Type.Decimal(10, 2)),
            rule("percent(?:ages?)?", new Type.Decimal(5, 2)),
            rule("reals?|floats?|doubles?|floating[- ]point numbers?", Type.of(Scalar.REAL)),
            rule("short texts?|texts?|strings?|words?", new Type.Text(80)),
            rule("(?:long|free) texts?|paragraphs?|prose", Type.of(Scalar.LONG_TEXT)),
            rule("dates?|days?|calendar dates?", Type.of(Scalar.DATE)),
            rule("times?(?: of (?:the )?day)?", Type.of(Scalar.TIME)),
            rule("timestamps?|date ?times?|dates? and times?|moments?|points? in time", Type.of(Scalar.TIMESTAMP)),
            rule("durations?|lengths? of time|time spans?", Type.of(Scalar.DURATION)),
            rule("booleans?|bools?|flags?|yes ?(?:/|or) ?no|true or false|yes-no", Type.of(Scalar.BOOLEAN)),
            rule("uuids?|guids?", Type.of(Scalar.UUID)),
            rule("json", Type.of(Scalar.JSON)),
            rule(
                    "(?:binary )?files?|binar(?:y|ies)|images?|pictures?|photos?|blobs?|documents?",
                    Type.of(Scalar.BINARY)),
            rule("urls?|links?|web addresses?", new Type.Text(400)),
            rule("e-?mails?(?: addresses?)?", new Type.Text(190)));

    private static final Pattern LENGTH = Pattern.compile(
            "(?:(?:a|an) )?(?:(?:short )?text|string)? ?(?:of |with )?(?:up to|at most|no more than|no longer than|a maximum of|maximum|max) (\\d+) (?:characters?|letters?|chars?|signs?)(?: long)?");
    private static final Pattern EXACT =
            Pattern.compile("(?:(?:a|an) )?(?:text|string) (?:of|with) (\\d+) (?:characters?|letters?|chars?)");
    private static final Pattern PLACES = Pattern.compile(
            "(?:(?:a|an) )?(?:decimal|number|decimal number|amount)? ?(?:with|of|to) (\\w+) (?:decimals?|decimal places?|digits? after the (?:point|comma))");

    private TypePhrases() {}

    private static Rule rule(String phrase, Type type) {
        return new Rule(Pattern.compile("(?:(?:a|an|the|some) )?(?:" + phrase + ")"), type);
    }

    /** The type a phrase names; empty when it names none. */
    static Optional<Type> of(String phrase) {
        String low = phrase.strip().toLowerCase(Locale.ROOT);
        Matcher length = LENGTH.matcher(low);
        if (length.matches()) {
            return text(length.group(1));
        }
        Matcher exact = EXACT.matcher(low);
        if (exact.matches()) {
            return text(exact.group(1));
        }
        Matcher places = PLACES.matcher(low);
        if (places.matches()) {
            return Token.of(places.group(1)).stream()
                    .findFirst()
                    .flatMap(Numerals::of)
                    .filter(n -> n.length() < 2)
                    .map(n -> new Type.Decimal(10, Integer.parseInt(n)));
        }
        return RULES.stream()
                .filter(r -> r.phrase().matcher(low).matches())
                .map(Rule::type)
                .findFirst();
    }

    private static Optional<Type> text(String length) {
        return length.length() < 6 && Integer.parseInt(length) > 0
                ? Optional.of(new Type.Text(Integer.parseInt(length)))
                : Optional.empty();
    }
}
