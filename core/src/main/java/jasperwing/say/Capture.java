package jasperwing.say;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;

/** What a form can capture. */
enum Capture {
    /** The name of one thing, with its article. */
    NOUN((tokens, nouns) -> nouns.named(Token.text(tokens)).isPresent()),
    /** Names with commas and {@code and} or {@code or} between them. */
    NOUNS((tokens, nouns) -> !nouns.list(tokens).isEmpty()),
    /** The name of an attribute, which can have an {@code of} in it. */
    MEMBER((tokens, nouns) -> SpokenNouns.member(Token.text(tokens)).isPresent()),
    /** Several of these. */
    MEMBERS((tokens, nouns) -> !SpokenNouns.members(tokens).isEmpty()),
    NUMBER((tokens, nouns) -> tokens.size() == 1 && Numerals.of(tokens.get(0)).isPresent()),
    /** A number, a quoted text, or a word. */
    VALUE((tokens, nouns) -> tokens.size() == 1 && isValue(tokens.get(0))),
    ANY((tokens, nouns) -> true);

    private static final int MOST_OF_NAME = 8;

    private final BiPredicate<List<Token>, SpokenNouns> fits;

    Capture(BiPredicate<List<Token>, SpokenNouns> fits) {
        this.fits = fits;
    }

    private static boolean isValue(Token token) {
        return token.isNumber() || token.isQuoted() || token.isName();
    }

    private int mostWords() {
        return switch (this) {
            case NOUN, MEMBER -> MOST_OF_NAME;
            case NUMBER, VALUE -> 1;
            case NOUNS, MEMBERS, ANY -> Integer.MAX_VALUE / 2;
        };
    }

    /** Where what begins at a place can end: behind the longest name there is already, then the nearest first. */
    List<Integer> ends(List<Token> tokens, int at, SpokenNouns nouns) {
        List<Integer> ends = new ArrayList<>();
        int last = Math.min(tokens.size(), at + mostWords());
        for (int end = at + 1; end <= last; end++) {
            List<Token> part = tokens.subList(at, end);
            if (fits.test(part, nouns)) {
                boolean known = this == NOUN && nouns.known(Token.text(part)).isPresent();
                ends.add(known ? 0 : ends.size(), end);
            }
        }
        return ends;
    }
}
