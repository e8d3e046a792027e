package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What spoken nouns name: entities there are, whatever their number and capitals, or names for new ones. */
final class Nouns {
    private static final Pattern ARTICLE = Pattern.compile(
            "(?i)^(?:(?:a|an|the|each|every|all|any|some|its|their|his|her|our|one|single|other)\\s+)+");
    private static final int MOST_WORDS = 4;

    private final Design design;

    Nouns(Design design) {
        this.design = design;
    }

    static String withoutArticle(String phrase) {
        return ARTICLE.matcher(phrase.strip()).replaceFirst("").strip();
    }

    /** The entity a phrase names, if there is one. */
    Optional<String> known(String phrase) {
        String bare = withoutArticle(phrase);
        if (design.entity(bare).isPresent()) {
            return Optional.of(bare);
        }
        String singular = name(bare);
        return design.entities().stream()
                .map(Entity::name)
                .filter(n -> Words.pascal(n).equalsIgnoreCase(singular)
                        || Words.pascal(n).equalsIgnoreCase(Words.pascal(bare)))
                .findFirst();
    }

    /** The entity a phrase names, or would name; empty for what is no noun. */
    Optional<String> named(String phrase) {
        Optional<String> known = known(phrase);
        if (known.isPresent()) {
            return known;
        }
        String bare = withoutArticle(phrase);
        boolean noun = bare.matches("[\\p{L}_][\\p{L}\\p{N}_'\u2019 -]*")
                && bare.split("\\s+").length <= MOST_WORDS
                && !Vocabulary.isFunctionWord(bare.split("\\s+")[0])
                && Stream.of(bare.split("\\s+")).allMatch(Vocabulary::isOfNames)
                && !name(bare).isEmpty();
        return noun ? Optional.of(name(bare)) : Optional.empty();
    }

    private static String name(String phrase) {
        return Words.pascal(Plurals.singular(phrase.replace("'s", "").replace("\u2019s", "")));
    }
}
