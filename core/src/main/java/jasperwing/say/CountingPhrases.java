package jasperwing.say;

import jasperwing.model.Counting;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How numbers are counted up: {@code counted from 1000 by 10}, {@code numbered in steps of five}. */
final class CountingPhrases {
    private static final Pattern COUNTED =
            Pattern.compile("(?:counted(?: up)?|numbered)(?: automatically| by the database)?(.*)");
    private static final Pattern WAY =
            Pattern.compile("(?: ?(?:starting )?(?:from|at|with) (\\S+?))?,?(?: ?(?:(?:and )?by|in steps of) (\\S+))?");

    private CountingPhrases() {}

    /** What is said of an attribute that is counted. */
    static Optional<AttributePredicates.Predicate> read(String low) {
        Matcher counted = COUNTED.matcher(low);
        return counted.matches() ? counts(counted.group(1)) : Optional.empty();
    }

    /** What follows {@code counts}. */
    static Optional<AttributePredicates.Predicate> counts(String said) {
        Matcher way = WAY.matcher(said);
        if (!way.matches()) {
            return Optional.empty();
        }
        Optional<Long> start = number(way.group(1));
        Optional<Long> step = number(way.group(2));
        boolean understood = (way.group(1) == null) == start.isEmpty() && (way.group(2) == null) == step.isEmpty();
        Counting counting = new Counting(start.orElse(1L), step.orElse(1L));
        return understood
                ? Optional.of(new AttributePredicates.Predicate(
                        a -> a.withType(Type.of(Scalar.SERIAL)).withCounting(counting), true, List.of()))
                : Optional.empty();
    }

    private static Optional<Long> number(String word) {
        List<Token> tokens = word == null ? List.of() : Token.of(word);
        return (tokens.size() == 1 ? Numerals.of(tokens.get(0)) : Optional.<String>empty())
                .filter(n -> n.matches("[1-9]\\d{0,17}"))
                .map(Long::parseLong);
    }
}
