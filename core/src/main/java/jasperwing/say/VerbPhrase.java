package jasperwing.say;

import jasperwing.naming.Plurals;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What a subject does, up to what it is done to.
 *
 * @param base as it stands behind {@code must}: {@code be made at}, {@code take part in}, {@code have}
 * @param end behind its last word
 */
record VerbPhrase(String base, int end) {
    /** Ends of words for who does something for a living, and so does it for several. */
    private static final Pattern DOES_IT = Pattern.compile("\\p{L}+(?:wright|smith|maker|ist|ician)");

    private static final int MOST_WORDS = 5;
    private static final int MOST_INNER = 3;

    /** All that can begin at a place, the longest first. */
    static List<VerbPhrase> at(List<Token> tokens, int at, boolean singular) {
        List<VerbPhrase> found = new ArrayList<>();
        if (at >= tokens.size()) {
            return found;
        }
        String first = tokens.get(at).low();
        boolean be = first.matches("is|are|be");
        boolean third = singular && tokens.get(at).isName() && first.matches("\\p{L}{3,}s") && Lexicon.isOfNames(first);
        boolean composing = first.matches("contains?|includes?|consists?|comprises?|belongs?");
        if (!be && !third && !composing && !Lexicon.isVerb(first)) {
            return found;
        }
        for (int end = Math.min(tokens.size() - 1, at + MOST_WORDS); end > at; end--) {
            List<Token> words = tokens.subList(at, end);
            if (isWhole(words, be) && !hasQuantity(tokens, at, end)) {
                found.add(new VerbPhrase(base(words), end));
            }
        }
        return found;
    }

    private static boolean hasQuantity(List<Token> tokens, int at, int end) {
        return IntStream.range(at + 1, end)
                .anyMatch(i -> SpokenQuantity.at(tokens, i).isPresent());
    }

    /**
     * A verb alone, or with words behind it that end in a preposition; what is only {@code is} needs one. What is done {@code with}
     * something is done to a thing first: {@code deliver goods with a date}.
     */
    private static boolean isWhole(List<Token> words, boolean be) {
        if (words.size() == 1) {
            return !be;
        }
        int inner = 1;
        while (inner < words.size() && isInner(words.get(inner))) {
            inner++;
        }
        boolean prepositions =
                words.subList(inner, words.size()).stream().allMatch(w -> Lexicon.isPreposition(w.low()));
        boolean done = inner > 1
                && inner < words.size()
                && !be
                && words.get(inner).is("with")
                && !words.get(inner - 1).is("contact", "touch");
        return inner < words.size() && inner <= MOST_INNER && prepositions && !done;
    }

    /** A word between a verb and its preposition, as in {@code take part in}: no things. */
    private static boolean isInner(Token word) {
        return word.isName()
                && (word.is("made", "up") || Lexicon.isOfNames(word.low()) && !Lexicon.isPreposition(word.low()))
                && (!Plurals.isPlural(word.low()) || Lexicon.isParticiple(word.low()));
    }

    private static String base(List<Token> words) {
        List<String> all = new ArrayList<>(List.of(Lexicon.base(words.get(0).low())));
        words.subList(1, words.size()).forEach(w -> all.add(w.low()));
        return String.join(" ", all);
    }

    /** Whether what is done to another of the same kind makes one the parent of the other. */
    boolean isNesting() {
        return isComposing()
                || base.matches(
                        "have|own|hold|manage|supervise|lead|employ|report to|belong to|be part of|be managed by");
    }

    /** Whether what it is done to is usually one's own. */
    boolean owns() {
        return base.matches("have|own|hold|keep");
    }

    boolean isComposing() {
        return base.matches("consist of|be (?:made up|made|composed|built up|comprised) of|contain|include|comprise");
    }

    /** Whether what it is done to is usually shared by several who do it. */
    boolean isShared(String target) {
        if (base.endsWith(" by")) {
            return Lexicon.isShared(base.replaceAll("^be | by$", ""))
                    || Lexicon.isPerson(target.toLowerCase(Locale.ROOT))
                    || DOES_IT.matcher(target).matches();
        }
        if (Lexicon.isShared(base)) {
            return true;
        }
        boolean preposition = base.matches(".* (?:in|on|at|for|with|about|to|from)");
        return preposition && !base.matches("(?:belong|be sold|be issued|be sent|be given|deliver|send) to");
    }
}
