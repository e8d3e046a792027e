package jasperwing.naming;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Guesses an attribute's type from its name. A guess is to be shown as one, never taken silently. */
public final class TypeGuess {
    private record Rule(Pattern name, Type type) {}

    /** Matched against the words of the name in lower case, joined by single spaces; the first that is found wins. */
    private static final List<Rule> RULES = List.of(
            rule("^id$", Type.of(Scalar.SERIAL)),
            rule("^(date|day) of ", Type.of(Scalar.DATE)),
            rule("^(price|cost|fee|amount|charge|rate) (of|per) ", new Type.Decimal(10, 2)),
            rule("^time of ", Type.of(Scalar.TIME)),
            rule("^(number|count) of ", Type.of(Scalar.INT)),
            rule("\\b(uuid|guid)$", Type.of(Scalar.UUID)),
            rule("\\bemail( address)?$", new Type.Text(190)),
            rule("\\b(url|uri|link|website|homepage)$", new Type.Text(400)),
            rule("\\b(phone|mobile|fax)( number)?$", new Type.Text(30)),
            rule("\\b(postcode|zip|zip code|postal code)$", new Type.Text(12)),
            rule("\\b(code|sku|isbn|ean|number plate|tag|initials|abbreviation)$", new Type.Text(20)),
            rule("\\bcurrency$", new Type.Text(3)),
            rule("\\b(country|city|town|street|region)$", new Type.Text(80)),
            rule("\\b(latitude|longitude|lat|lon|lng)$", new Type.Decimal(9, 6)),
            rule("\\b(price|cost|amount|total|budget|fee|salary|balance|fare|tax|wage|sum)$", new Type.Decimal(10, 2)),
            rule("\\b(percent|percentage|rate|ratio|share|discount)$", new Type.Decimal(5, 2)),
            rule(
                    "\\b(weight|height|width|depth|length|distance|temperature|area|volume|max depth)$",
                    new Type.Decimal(8, 2)),
            rule("\\b(time zone|timezone)$", new Type.Text(40)),
            rule("\\b(at|timestamp|created|updated|modified)$", Type.of(Scalar.TIMESTAMP)),
            rule("\\b(on|date|day|birthday|born|due|deadline|since|until)$", Type.of(Scalar.DATE)),
            rule("\\b(time|opens|closes)$", Type.of(Scalar.TIME)),
            rule("\\b(duration|elapsed)$", Type.of(Scalar.DURATION)),
            rule("^(is|has|can|was|should|allows?) ", Type.of(Scalar.BOOLEAN)),
            rule("\\b(active|enabled|published|deleted|archived|visible|paid|done|flag)$", Type.of(Scalar.BOOLEAN)),
            rule(
                    "\\b(count|quantity|qty|age|year|stars|rating|rank|order|position|level|version|number|size|capacity|seats|pages)$",
                    Type.of(Scalar.INT)),
            rule(
                    "\\b(description|body|comment|comments|notes?|text|content|summary|biography|bio|remarks?)$",
                    Type.of(Scalar.LONG_TEXT)),
            rule("\\b(settings|options|metadata|payload|data|json)$", Type.of(Scalar.JSON)),
            rule("\\b(photo|image|picture|file|attachment|avatar|scan|thumbnail)$", Type.of(Scalar.BINARY)),
            rule(
                    "\\b(name|title|label|word|status|state|kind|type|category|colou?r|model|make|brand|subject|username|login)$",
                    new Type.Text(80)));

    private TypeGuess() {}

    private static Rule rule(String name, Type type) {
        return new Rule(Pattern.compile(name), type);
    }

    /** The likeliest type of an attribute of this name; empty when the name says nothing about it. */
    public static Optional<Type> of(String attribute) {
        String words = Words.spoken(attribute);
        return RULES.stream()
                .filter(r -> r.name().matcher(words).find())
                .map(Rule::type)
                .findFirst();
    }
}
