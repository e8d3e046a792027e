package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One attribute of a list: {@code an optional phone number}, {@code a height in cm}, {@code price decimal(8,2)}.
 *
 * @param key whether it was said to be the key
 * @param typed whether its type was said
 * @param guesses what was not said and is taken to be so
 */
record AttributeItem(Attribute attribute, boolean key, boolean typed, List<String> guesses) {
    private static final Pattern FRONT =
            Pattern.compile("(?i)^(optional|optionally|unique|required|mandatory|possibly|maybe)\\s+(.+)$");
    private static final Pattern BRACKET = Pattern.compile("^(.+?) \\( ?([^()]+?) ?\\)$");
    private static final Pattern UNIT = Pattern.compile(
            "(?i)^(.+?) (?:\\( ?)?in ((?:kilo|centi|milli)?(?:met(?:re|er)|gram|lit(?:re|er))s?|km|cm|mm|m|kg|g|mg|l|ml|euros?|dollars?|pounds?|eur|usd|gbp|%|percent|hours?|minutes?|seconds?|days?|weeks?|months?|years?|degrees|tonnes?|tons?|watts?|volts?|hectares?|acres?|litres?|square metres?|hz|points?)$");
    private static final Pattern TYPED = Pattern.compile(
            "(?i)^(.+?) (?:as|of type|which is|that is|which must be|that must be|which has to be|that has to be|which should be|that has|which has|stored as|:)\\s?(.+)$");
    private static final Pattern DEFAULTED = Pattern.compile(
            "(?i)^(.+?) (?:(?:which|that) defaults to|(?:which|that) is by default|defaulting to|with (?:a )?default(?: of)?) (.+)$");
    private static final Pattern BOUNDED = Pattern.compile(
            "(?i)^(.+?) ((?:of |with )?(?:up to|at most|no more than|a maximum of) \\d+ (?:characters?|letters?|chars?)|(?:of |with )\\w+ (?:decimals?|decimal places?)|between \\S+ and \\S+|from \\S+ to \\S+)$");

    /** Empty for words that are no attribute. */
    static Optional<AttributeItem> of(Design design, List<Token> tokens, boolean may, GuessChoices choices) {
        int quantity = SpokenQuantity.at(tokens, 0)
                .filter(SpokenQuantity::many)
                .map(SpokenQuantity::words)
                .orElse(0);
        String several = Token.text(tokens.subList(quantity, tokens.size()));
        String all = isUsuallyListed(Plurals.singular(several)) ? several : Token.text(tokens);
        String bare = SpokenNouns.withoutArticle(all);
        return of(design, bare, !bare.equals(all), may, choices);
    }

    /** @param spoken whether it had an article, so that {@code start time} is a name */
    private static Optional<AttributeItem> of(
            Design design, String bare, boolean spoken, boolean may, GuessChoices choices) {
        Matcher front = FRONT.matcher(bare);
        if (front.matches()) {
            boolean unique = front.group(1).equalsIgnoreCase("unique");
            boolean must = front.group(1).matches("(?i)required|mandatory");
            return of(design, SpokenNouns.withoutArticle(front.group(2)), true, may && !must, choices)
                    .map(i -> i.with(i.attribute()
                            .withUnique(i.attribute().unique() || unique)
                            .withOptional(i.attribute().optional() || !unique && !must)));
        }
        return notation(design, spoken, bare)
                .or(() -> bracketed(design, bare, may, choices))
                .or(() -> inUnit(design, bare, may, choices))
                .or(() -> said(design, bare, may, choices))
                .or(() -> guessed(bare, choices))
                .map(i -> may && !i.key() ? i.with(i.attribute().withOptional(true)) : i);
    }

    private AttributeItem with(Attribute changed) {
        return new AttributeItem(changed, key, typed, guesses);
    }

    /** As the notation has it, where its type is one: {@code start time} is a name and no time. */
    private static Optional<AttributeItem> notation(Design design, boolean spoken, String bare) {
        boolean phrase = spoken && bare.matches("\\p{Ll}+( [\\p{L} ]+)? (time|date|duration|real|key)");
        Optional<AttributeLine> line =
                phrase ? Optional.empty() : Notation.attribute(bare).value();
        return line.filter(l -> !(l.attribute().type() instanceof Type.Named named)
                        || design.enumType(named.name()).isPresent()
                        || design.value(named.name()).isPresent())
                .map(l -> new AttributeItem(l.attribute(), l.key(), true, List.of()));
    }

    private static Optional<AttributeItem> bracketed(Design design, String bare, boolean may, GuessChoices choices) {
        Matcher matcher = BRACKET.matcher(bare);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String rule = matcher.group(2).toLowerCase(Locale.ROOT);
        if (rule.matches("optional|may be empty|if any|if known|if there is one|nullable")) {
            return of(design, SpokenNouns.withoutArticle(matcher.group(1)), true, may, choices)
                    .map(i -> i.with(i.attribute().withOptional(true)));
        }
        return predicate(design, matcher.group(1), matcher.group(2), may, choices);
    }

    /** A number in a unit, which is documented. */
    private static Optional<AttributeItem> inUnit(Design design, String bare, boolean may, GuessChoices choices) {
        Matcher matcher = UNIT.matcher(bare.replaceFirst("\\s*\\)$", ""));
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String unit = matcher.group(2);
        return of(design, SpokenNouns.withoutArticle(matcher.group(1)), true, may, choices)
                .map(i -> {
                    Type type = i.typed() ? i.attribute().type() : ofUnit(unit);
                    Attribute attribute = i.attribute().withType(type);
                    Attribute told = attribute.withNotes(attribute.notes().withDoc("In " + unit + "."));
                    return new AttributeItem(
                            told, false, true, List.of("guessed: " + told.name() + " is " + Notation.type(told)));
                });
    }

    private static Type ofUnit(String unit) {
        return unit.matches("(?i)(?:hour|minute|second|day|week|month|year|point)s?")
                ? Type.of(Scalar.INT)
                : new Type.Decimal(8, 2);
    }

    private static Optional<AttributeItem> said(Design design, String bare, boolean may, GuessChoices choices) {
        Matcher defaulted = DEFAULTED.matcher(bare);
        if (defaulted.matches()) {
            return DefaultPhrases.read(defaulted.group(2))
                    .flatMap(p -> of(design, SpokenNouns.withoutArticle(defaulted.group(1)), true, may, choices)
                            .map(i -> i.with(p.change().apply(i.attribute()))));
        }
        for (Pattern pattern : List.of(TYPED, BOUNDED)) {
            Matcher matcher = pattern.matcher(bare);
            if (matcher.matches()) {
                Optional<AttributeItem> found = predicate(
                        design, matcher.group(1), matcher.group(2).replaceFirst("(?i)^(?:of|with) ", ""), may, choices);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<AttributeItem> predicate(
            Design design, String name, String rule, boolean may, GuessChoices choices) {
        return AttributePredicates.read(rule, false)
                .filter(p -> p.values().isEmpty())
                .or(() -> TypePhrases.of("with " + rule)
                        .map(t -> new AttributePredicates.Predicate(a -> a.withType(t), true, List.of())))
                .flatMap(p -> of(design, SpokenNouns.withoutArticle(name), true, may, choices)
                        .map(i -> new AttributeItem(
                                ranged(p.change().apply(i.attribute())),
                                i.key(),
                                i.typed() || p.typed(),
                                p.typed() ? List.of() : i.guesses())));
    }

    /** What has a least or a most is no text. */
    private static Attribute ranged(Attribute attribute) {
        Optional<Literal> bound = attribute.range().flatMap(r -> r.from().or(r::to));
        if (bound.isEmpty() || !attribute.type().isText()) {
            return attribute;
        }
        boolean day = bound.get().kind() == Literal.Kind.DATE;
        Type number = bound.get().text().contains(".") ? new Type.Decimal(8, 2) : Type.of(Scalar.INT);
        return attribute.withType(day ? Type.of(Scalar.DATE) : number);
    }

    private static Optional<AttributeItem> guessed(String bare, GuessChoices choices) {
        return SpokenNouns.member(bare).flatMap(name -> {
            String singular = Plurals.singular(name);
            boolean plural = Plurals.isPlural(name) && !singular.equals(name);
            boolean list = plural && isUsuallyListed(singular);
            if (plural && !list && guessable(name).isEmpty()) {
                return Optional.empty();
            }
            Type type = guessable(list ? singular : name).orElse(new Type.Text(80));
            List<String> guesses = new ArrayList<>();
            Attribute attribute = TypeChoice.of(Attribute.of(name, type).withList(list), choices, guesses);
            return Optional.of(new AttributeItem(attribute, false, false, guesses));
        });
    }

    /** Whether several of it are a list of texts and no things of their own. */
    static boolean isUsuallyListed(String singular) {
        return Words.spoken(singular)
                .matches(
                        "(?:.+ )?(?:phone|mobile|fax|telephone)(?: number)?|(?:.+ )?email(?: address)?|url|link|website|nickname|alias");
    }

    /** The type a name suggests: {@code is paid} and {@code paid} are true or false. */
    static Optional<Type> guessable(String name) {
        return TypeGuess.of(name);
    }
}
