package jasperwing.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What stands behind the object of a clause.
 *
 * @param otherSide a clause about the object, or empty
 * @param hasSubject whether that clause names the object again
 * @param via the link entity, or empty
 * @param attributes of the pair, or empty
 * @param role what the subject calls the object, or empty
 */
record ClauseTail(List<Token> otherSide, boolean hasSubject, String via, List<Token> attributes, String role) {
    static final ClauseTail NONE = new ClauseTail(List.of(), false, "", List.of(), "");

    boolean isEmpty() {
        return equals(NONE);
    }

    /** Empty when the words are none that a clause can end in. */
    static Optional<ClauseTail> of(List<Token> words) {
        List<Token> rest = words;
        if (rest.isEmpty()) {
            return Optional.of(NONE);
        }
        if (rest.get(0).is(",") || rest.get(0).is(";")) {
            rest = rest.subList(1, rest.size());
        }
        return starting(rest, "each", "of", "which")
                .or(() ->
                        starting(words.get(0).is(",") ? words.subList(1, words.size()) : words, "of", "which", "each"))
                .or(() -> each(withoutComma(words)))
                .map(r -> new ClauseTail(r, false, "", List.of(), ""))
                .or(() -> relative(words))
                .or(() -> again(words))
                .or(() -> linked(words))
                .or(() -> role(words));
    }

    private static Optional<List<Token>> starting(List<Token> rest, String... words) {
        return rest.size() > words.length && Token.stand(List.of(words), rest, 0)
                ? Optional.of(rest.subList(words.length, rest.size()))
                : Optional.empty();
    }

    /** {@code each with a number}, {@code each written by one author}. */
    private static Optional<List<Token>> each(List<Token> words) {
        if (words.size() < 3 || !words.get(0).is("each")) {
            return Optional.empty();
        }
        boolean participle = Lexicon.isParticiple(words.get(1).low());
        if (!participle && !words.get(1).is("with", "having")) {
            return Optional.empty();
        }
        List<Token> whole = new ArrayList<>(Token.of(participle ? "is" : "has"));
        whole.addAll(words.subList(participle ? 1 : 2, words.size()));
        return Optional.of(whole);
    }

    private static List<Token> withoutComma(List<Token> words) {
        return words.get(0).is(",", ";") ? words.subList(1, words.size()) : words;
    }

    private static Optional<ClauseTail> relative(List<Token> words) {
        List<Token> rest = withoutComma(words);
        boolean which = rest.size() > 1 && rest.get(0).is("which", "that", "who");
        return which
                ? Optional.of(new ClauseTail(rest.subList(1, rest.size()), false, "", List.of(), ""))
                : Optional.empty();
    }

    /** {@code and each tree belongs to one orchard}. */
    private static Optional<ClauseTail> again(List<Token> words) {
        List<Token> rest = withoutComma(words);
        boolean and = rest.size() > 2 && rest.get(0).is("and", "while", "but");
        List<Token> clause = and ? rest.subList(1, rest.size()) : rest;
        boolean each = clause.size() > 2 && clause.get(0).is("each", "every", "a", "an", "the", "any", "one") || and;
        return each && (and || words.get(0).is(",", ";"))
                ? Optional.of(new ClauseTail(clause, true, "", List.of(), ""))
                : Optional.empty();
    }

    private static Optional<ClauseTail> linked(List<Token> words) {
        Optional<List<Token>> via = starting(words, "via")
                .or(() -> starting(words, "through"))
                .or(() -> starting(words, "by", "way", "of"));
        if (via.isPresent()) {
            return Optional.of(via(via.get()));
        }
        return starting(words, "with").map(w -> new ClauseTail(List.of(), false, "", w, ""));
    }

    /** The link, and what it carries: {@code via custody with a start date}. */
    private static ClauseTail via(List<Token> words) {
        for (int i = 1; i + 1 < words.size(); i++) {
            if (words.get(i).is("with", "carrying")) {
                return new ClauseTail(
                        List.of(), false, Token.text(words.subList(0, i)), words.subList(i + 1, words.size()), "");
            }
        }
        return new ClauseTail(List.of(), false, Token.text(words), List.of(), "");
    }

    private static Optional<ClauseTail> role(List<Token> words) {
        return starting(words, "as")
                .flatMap(w -> SpokenNouns.member(Token.text(w)))
                .map(r -> new ClauseTail(List.of(), false, "", List.of(), r));
    }
}
