package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What spoken nouns name: entities there are, whatever their number and capitals, or names for new ones. */
final class SpokenNouns {
    /** A shorter word begins too many names. */
    private static final int LEAST_WORD = 3;

    private static final Pattern ARTICLE = Pattern.compile(
            "(?i)^(?:(?:a|an|the|each|every|all|any|some|its|their|his|her|our|one|single|other|another|different)\\s+)+");
    private static final Pattern SINGULAR = Pattern.compile("(?i)(?:an?|each|every|one|another|single)\\s.*");
    private static final Pattern SEPARATOR = Pattern.compile("\\s*,\\s*(?:(?:and|or)\\s+)?|\\s+(?:and|or)\\s+");
    private static final int MOST_WORDS = 4;

    /** First words of names, though they are plural: {@code sales order items}. */
    private static final Set<String> PLURAL_IN_NAMES = Set.of(
            "sales",
            "sports",
            "customs",
            "savings",
            "goods",
            "works",
            "arms",
            "accounts",
            "claims",
            "operations",
            "parts",
            "systems");

    private final Design design;
    private final Map<String, Optional<String>> named = new HashMap<>();
    /** The entities by their words in small letters; made when first asked for. */
    private Map<String, String> byWords;

    SpokenNouns(Design design) {
        this.design = design;
    }

    static String withoutArticle(String phrase) {
        return ARTICLE.matcher(phrase.strip()).replaceFirst("").strip();
    }

    /** The entity a phrase names, if there is one. */
    Optional<String> known(String phrase) {
        String bare = withoutArticle(phrase);
        if (bare.isEmpty()) {
            return Optional.empty();
        }
        if (design.entity(bare).isPresent()) {
            return Optional.of(bare);
        }
        return Optional.ofNullable(byWords().get(folded(name(bare))))
                .or(() -> Optional.ofNullable(byWords().get(folded(Words.pascal(bare)))));
    }

    private Map<String, String> byWords() {
        if (byWords == null) {
            byWords = new HashMap<>(2 * design.entities().size());
            design.entities().forEach(e -> byWords.putIfAbsent(folded(Words.pascal(e.name())), e.name()));
        }
        return byWords;
    }

    private static String folded(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    /** The entity a phrase names, or would name; empty for what is no noun. */
    Optional<String> named(String phrase) {
        return named.computeIfAbsent(phrase, this::find);
    }

    private Optional<String> find(String phrase) {
        Optional<String> known = known(phrase);
        if (known.isPresent()) {
            return known;
        }
        String bare = withoutArticle(phrase);
        List<String> words = List.of(bare.split("\\s+"));
        boolean noun = bare.matches("[\\p{L}_][\\p{L}\\p{N}_' -]*")
                && words.size() <= MOST_WORDS
                && words.stream().allMatch(SpokenNouns::isNameWord)
                && !isPluralOfOne(phrase, words.get(words.size() - 1))
                && !isClause(words)
                && !name(bare).isEmpty();
        return noun ? Optional.of(name(bare)) : Optional.empty();
    }

    private static boolean isNameWord(String word) {
        return word.matches("\\p{L}.*") && Lexicon.isOfNames(word.toLowerCase(Locale.ROOT));
    }

    /** {@code suppliers offer services} is no name: several do something. */
    private static boolean isClause(List<String> words) {
        String first = words.get(0).toLowerCase(Locale.ROOT);
        return words.size() > 1 && Plurals.isPlural(first) && !PLURAL_IN_NAMES.contains(first);
    }

    /** {@code a driver delivers} is no name: the article asks for one, and the last word would be several. */
    private static boolean isPluralOfOne(String phrase, String last) {
        return SINGULAR.matcher(phrase.strip()).matches()
                && Plurals.isPlural(last)
                && !Plurals.singular(last).equals(last);
    }

    /** The entities a list names, or would name; none at all when one of them is no noun. */
    List<String> list(List<Token> tokens) {
        List<String> names = new ArrayList<>();
        for (String item : items(tokens)) {
            Optional<String> name = named(item);
            if (name.isEmpty()) {
                return List.of();
            }
            names.add(name.get());
        }
        return names.stream().distinct().toList();
    }

    /** The name of an attribute: {@code date of birth} is {@code dateOfBirth}. */
    static Optional<String> member(String phrase) {
        String bare = withoutArticle(phrase);
        List<String> words = List.of(bare.split("[\\s-]+"));
        boolean member = !bare.isEmpty() && words.size() <= MOST_WORDS;
        for (int i = 0; member && i < words.size(); i++) {
            String low = words.get(i).toLowerCase(Locale.ROOT);
            boolean inside = (low.equals("of") || low.equals("per")) && i > 0 && i < words.size() - 1;
            member = inside || words.get(i).matches("[\\p{L}_][\\p{L}\\p{N}_]*") && Lexicon.isOfNames(low);
        }
        boolean asWritten = words.size() == 1 && !bare.contains("-");
        return !member
                ? Optional.empty()
                : Optional.of(asWritten ? decapitalised(bare) : Words.camel(bare.replace('-', ' ')));
    }

    /** The names of several attributes; none at all when one of them is none. */
    static List<String> members(List<Token> tokens) {
        List<String> names = new ArrayList<>();
        for (String item : items(tokens)) {
            Optional<String> name = member(item);
            if (name.isEmpty()) {
                return List.of();
            }
            names.add(name.get());
        }
        return names.stream().distinct().toList();
    }

    /** What stands between commas, {@code and} and {@code or}. */
    static List<String> items(List<Token> tokens) {
        return List.of(SEPARATOR.split(Token.text(tokens)));
    }

    /** The one of these names that is meant, or else the only one that begins with the word: {@code end} for {@code endedAt}. */
    static Optional<String> among(List<String> names, String said) {
        String wanted = folded(Words.camel(said));
        Optional<String> exact = names.stream()
                .filter(n -> folded(Words.camel(n)).equals(wanted))
                .findFirst();
        List<String> close = names.stream()
                .filter(n ->
                        wanted.length() >= LEAST_WORD && folded(Words.camel(n)).startsWith(wanted))
                .distinct()
                .toList();
        return exact.or(() -> close.size() == 1 ? Optional.of(close.get(0)) : Optional.empty());
    }

    static String decapitalised(String word) {
        boolean capitals = word.length() > 1 && word.equals(word.toUpperCase(Locale.ROOT));
        return capitals
                ? word.toLowerCase(Locale.ROOT)
                : word.substring(0, 1).toLowerCase(Locale.ROOT) + word.substring(1);
    }

    private static String name(String phrase) {
        return Words.pascal(Plurals.singular(phrase.replace("'s", "").replace('-', ' ')));
    }
}
