package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.naming.Plurals;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What {@code it} and {@code they} stand for at the beginning of a sentence.
 *
 * @param one the entity that a sentence before began with as one thing
 * @param several the entity that a sentence before began with as several
 */
record PronounReferents(Optional<String> one, Optional<String> several) {
    static final PronounReferents NONE = new PronounReferents(Optional.empty(), Optional.empty());

    private static final Pattern PRONOUN = Pattern.compile("(?i)^(it|this|they|these|those)(?=\\s)");
    private static final int MOST_WORDS = 5;

    /** The sentence with the entity in the place of a pronoun that it begins with. */
    String resolved(String sentence) {
        Matcher pronoun = PRONOUN.matcher(sentence);
        if (!pronoun.find()) {
            return sentence;
        }
        boolean they = pronoun.group(1).toLowerCase(Locale.ROOT).startsWith("the")
                || pronoun.group(1).toLowerCase(Locale.ROOT).startsWith("tho");
        return (they ? several.or(() -> one) : one.or(() -> several))
                .map(entity -> pronoun.replaceFirst(Matcher.quoteReplacement(entity)))
                .orElse(sentence);
    }

    /** With the entity that a sentence begins with. */
    PronounReferents after(Design design, String sentence) {
        SpokenNouns nouns = new SpokenNouns(design);
        List<String> words = List.of(sentence.split("\\s+"));
        for (int i = Math.min(words.size(), MOST_WORDS); i >= 1; i--) {
            Optional<String> known = nouns.known(String.join(" ", words.subList(0, i)));
            if (known.isPresent()) {
                String last = words.get(i - 1);
                boolean plural = Plurals.isPlural(last) && !known.get().equals(last);
                return plural ? new PronounReferents(one, known) : new PronounReferents(known, several);
            }
        }
        return this;
    }
}
