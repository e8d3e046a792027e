package jasperwing.say;

import java.util.List;
import java.util.Optional;

/** Numbers as figures or words. */
final class Numerals {
    private static final List<String> WORDS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private Numerals() {}

    static Optional<String> of(Token token) {
        if (token.isNumber()) {
            return Optional.of(token.text().replace(",", ""));
        }
        int index = WORDS.indexOf(token.low());
        return index < 0 ? Optional.empty() : Optional.of(String.valueOf(index));
    }

    static boolean isNumeral(String word) {
        return WORDS.indexOf(word) > 0;
    }
}
