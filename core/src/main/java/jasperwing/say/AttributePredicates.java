package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What is said of an attribute behind {@code is}, {@code must be}, {@code has}: a rule, a type, a default, its values. */
final class AttributePredicates {
    /**
     * A change of an attribute.
     *
     * @param typed whether it says the type
     * @param values of an enum, when it lists them
     */
    record Predicate(UnaryOperator<Attribute> change, boolean typed, List<String> values) {}

    private static final Pattern REQUIRED = Pattern.compile(
            "(?:always )?(?:required|mandatory|compulsory|needed|obligatory|not optional|not null|never empty|never null"
                    + "|given|known|present|filled(?: in)?|set|provided|entered|specified)");
    private static final Pattern OPTIONAL = Pattern.compile(
            "(?:now )?(?:optional|not required|not mandatory|nullable|empty|missing|absent|unknown|null|left (?:empty|blank|out)|omitted|skipped)(?: now)?");
    private static final Pattern BETWEEN =
            Pattern.compile("(?:(?:a |an )?(?:whole )?(?:number )?)?(?:between|from) (\\S+) (?:and|to) (\\S+)");
    private static final Pattern LEAST = Pattern.compile("at least (\\S+)|(\\S+) or (?:more|higher|greater|later|above)"
            + "|not (?:less|lower|smaller) than (\\S+)|no less than (\\S+)");
    private static final Pattern MOST = Pattern.compile("at most (\\S+)|(\\S+) or (?:less|lower|fewer|below)"
            + "|not (?:more|higher|greater) than (\\S+)|no more than (\\S+)|up to (\\S+)");
    private static final Pattern DEFAULT = Pattern.compile(
            "(?:by default|initially|at first|normally) (.+)|(.+) by default|(.+) (?:at first|initially)");
    private static final Pattern STAMPED = Pattern.compile(
            "(?:set|filled(?: in)?|recorded|assigned)(?: automatically)? (?:when|whenever) (?:it|the \\w+|an? \\w+) is (created|added|inserted|stored|made|changed|updated|modified|saved)");

    private AttributePredicates() {}

    /** @param may whether what was said can be so or must */
    static Optional<Predicate> read(String said, boolean may) {
        String low = said.strip().toLowerCase(Locale.ROOT);
        if (low.matches("(?:always )?unique")) {
            return simple(a -> a.withUnique(true));
        }
        if (OPTIONAL.matcher(low).matches()) {
            boolean sure = may || low.contains("optional") || low.startsWith("not ") || low.equals("nullable");
            return sure ? simple(a -> a.withOptional(true)) : Optional.empty();
        }
        if (!may && REQUIRED.matcher(low).matches()) {
            return simple(a -> a.withOptional(false));
        }
        return ranged(low)
                .or(() -> stamped(low))
                .or(() -> CountingPhrases.read(low))
                .or(() -> defaulted(said))
                .or(() -> listed(said))
                .or(() -> TypePhrases.of(low)
                        .or(() -> TypePhrases.of("with " + low))
                        .map(t -> new Predicate(a -> a.withType(t), true, List.of())));
    }

    private static Optional<Predicate> simple(UnaryOperator<Attribute> change) {
        return Optional.of(new Predicate(change, false, List.of()));
    }

    private static Optional<Predicate> ranged(String low) {
        Matcher between = BETWEEN.matcher(low);
        if (between.matches()) {
            return range(number(between.group(1)), number(between.group(2)));
        }
        if (low.matches("(?:a )?positive(?: (?:whole )?number)?")) {
            return range(Optional.of("1"), Optional.empty());
        }
        if (low.matches("not negative|never negative|non-negative|zero or more")) {
            return range(Optional.of("0"), Optional.empty());
        }
        Matcher least = LEAST.matcher(low);
        if (least.matches()) {
            return range(number(only(least)), Optional.empty());
        }
        Matcher most = MOST.matcher(low);
        return most.matches() ? range(Optional.empty(), number(only(most))) : Optional.empty();
    }

    private static Optional<Predicate> range(Optional<String> from, Optional<String> to) {
        return from.isEmpty() && to.isEmpty()
                ? Optional.empty()
                : simple(a -> a.withRange(Optional.of(new Range(from.map(Literal::number), to.map(Literal::number)))));
    }

    private static String only(Matcher matcher) {
        for (int i = 1; i <= matcher.groupCount(); i++) {
            if (matcher.group(i) != null) {
                return matcher.group(i);
            }
        }
        return "";
    }

    private static Optional<String> number(String word) {
        List<Token> tokens = Token.of(word);
        return tokens.size() == 1 ? Numerals.of(tokens.get(0)) : Optional.empty();
    }

    private static Optional<Predicate> stamped(String low) {
        Matcher matcher = STAMPED.matcher(low);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        boolean update = matcher.group(1).matches("changed|updated|modified|saved");
        AutoTimestamp stamp = update ? AutoTimestamp.UPDATE : AutoTimestamp.INSERT;
        return Optional.of(new Predicate(
                a -> a.withType(a.type().isText() ? Type.of(Scalar.TIMESTAMP) : a.type())
                        .withStamp(Optional.of(stamp)),
                false,
                List.of()));
    }

    private static Optional<Predicate> defaulted(String said) {
        Matcher matcher = DEFAULT.matcher(said);
        return matcher.matches() ? DefaultPhrases.read(only(matcher)) : Optional.empty();
    }

    private static Optional<Predicate> listed(String said) {
        boolean choice = said.matches("(?i)(?:one of|either) .+");
        String list = said.replaceFirst("(?i)^(?:one of|either) (?:the )?", "");
        boolean alternatives = list.matches("(?i).+\\bor\\b.+");
        if (!choice && !alternatives) {
            return Optional.empty();
        }
        List<String> values = values(list);
        return values.size() < 2 ? Optional.empty() : Optional.of(new Predicate(a -> a, true, values));
    }

    /** The values of an enum; none at all when one of them is no word. */
    static List<String> values(String list) {
        List<String> values = new ArrayList<>();
        for (String item : list.split("\\s*,\\s*(?:(?:and|or)\\s+)?|\\s+(?:and|or)\\s+|\\s*/\\s*")) {
            String bare = item.strip().replace("\"", "");
            boolean value = bare.matches("[\\p{L}_][\\p{L}\\p{N}_-]*(?: [\\p{L}\\p{N}_-]+){0,2}")
                    && !bare.matches("(?i)(?:an?|the|each|many|its) .*");
            if (!value) {
                return List.of();
            }
            values.add(bare.contains(" ") || bare.contains("-") ? Words.camel(bare.replace('-', ' ')) : bare);
        }
        return values.stream().distinct().toList();
    }
}
