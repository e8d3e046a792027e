package jasperwing.say;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The words looser speech is recognised by. */
final class Vocabulary {
    /** How many: the longest forms first. */
    static final String QUANTITY =
            "(?:exactly one|only one|just one|at most one|at least one|zero or one|one or more|one or many|zero or more|any number of"
                    + "|a number of|lots of|a lot of|a list of|a set of|a single|several|multiple|various|numerous|many|one)";

    static final Pattern NEGATIVE =
            Pattern.compile("(?i)\\b(not|cannot|can't|never|no|nor|none|nobody|nothing|doesn't|don't)\\b");

    static final Set<String> MUST = Set.of("must", "shall", "always", "should");
    static final Set<String> MAY = Set.of("may", "can", "might", "could", "sometimes", "optionally", "usually");

    /** Words that belong to no name: what they say is said by nothing in a design, and a name that has one was misread. */
    private static final Set<String> NOT_OF_NAMES = Set.of(
            "except",
            "unless",
            "maybe",
            "perhaps",
            "always",
            "usually",
            "sometimes",
            "often",
            "also",
            "too",
            "please",
            "today",
            "now",
            "soon",
            "later",
            "who",
            "whom",
            "whose",
            "which",
            "that",
            "this",
            "these",
            "those",
            "when",
            "whenever",
            "where",
            "if",
            "while",
            "because",
            "since",
            "until",
            "during",
            "than",
            "without",
            "whether",
            "but",
            "or",
            "and",
            "on",
            "into",
            "onto",
            "so",
            "such",
            "very",
            "quite",
            "just",
            "only",
            "then",
            "there");

    private static final Set<String> NOUNS_IN_LY = Set.of(
            "family",
            "supply",
            "reply",
            "assembly",
            "ally",
            "fly",
            "anomaly",
            "butterfly",
            "subfamily",
            "homily",
            "monopoly",
            "rally",
            "tally",
            "lily",
            "jelly",
            "july",
            "doily",
            "panoply",
            "gully",
            "trolley",
            "italy");

    private static final Set<String> VERBS = Set.of(
            "has",
            "have",
            "is",
            "are",
            "be",
            "belongs",
            "belong",
            "owns",
            "own",
            "contains",
            "contain",
            "includes",
            "include",
            "holds",
            "hold",
            "consists",
            "consist",
            "uses",
            "use",
            "keeps",
            "keep",
            "records",
            "record",
            "yields",
            "yield",
            "carries",
            "carry",
            "comes",
            "come",
            "makes",
            "make",
            "takes",
            "take",
            "gets",
            "get",
            "refers",
            "refer",
            "points",
            "point",
            "covers",
            "cover",
            "describes",
            "describe",
            "produces",
            "produce",
            "places",
            "place",
            "writes",
            "write",
            "attends",
            "attend",
            "teaches",
            "teach",
            "employs",
            "employ",
            "manages",
            "manage",
            "visits",
            "visit",
            "lists",
            "list",
            "needs",
            "need");

    private static final Set<String> PREPOSITIONS = Set.of(
            "to", "of", "about", "at", "by", "from", "for", "in", "on", "under", "with", "against", "into", "within",
            "near");

    private static final Set<String> FUNCTION_WORDS = Set.of(
            "and", "or", "but", "if", "when", "then", "that", "this", "there", "we", "you", "i", "not", "no", "how",
            "what", "why", "where", "who", "to", "of", "about", "at", "by", "from", "for", "in", "on", "with", "is",
            "are", "be", "has", "have", "must", "may", "can");

    private Vocabulary() {}

    static boolean isVerb(String word) {
        return VERBS.contains(word.toLowerCase(Locale.ROOT));
    }

    static boolean isModal(String word) {
        String folded = word.toLowerCase(Locale.ROOT);
        return MUST.contains(folded) || MAY.contains(folded);
    }

    static boolean isPreposition(String word) {
        return PREPOSITIONS.contains(word.toLowerCase(Locale.ROOT));
    }

    static boolean isFunctionWord(String word) {
        return FUNCTION_WORDS.contains(word.toLowerCase(Locale.ROOT));
    }

    /** The form a reading has it in: {@code has} becomes {@code have}, {@code carries} becomes {@code carry}. */
    static String base(List<String> words, boolean pluralSubject) {
        String first = words.get(0).toLowerCase(Locale.ROOT);
        String rest = words.size() > 1 ? " " + String.join(" ", words.subList(1, words.size())) : "";
        return base(first, pluralSubject) + rest;
    }

    private static String base(String verb, boolean pluralSubject) {
        if (verb.equals("has")) {
            return "have";
        }
        if (verb.equals("is") || verb.equals("are")) {
            return "be";
        }
        if (pluralSubject && !VERBS.contains(verb.replaceAll("s$", "")) || !verb.endsWith("s") || verb.endsWith("ss")) {
            return verb;
        }
        if (verb.endsWith("ies")) {
            return verb.substring(0, verb.length() - 3) + "y";
        }
        return verb.matches(".*(ch|sh|x|ss|zz|o)es")
                ? verb.substring(0, verb.length() - 2)
                : verb.substring(0, verb.length() - 1);
    }

    /** Whether a name can have a word: no adverb, and none that joins or points. */
    static boolean isOfNames(String word) {
        String small = word.toLowerCase(Locale.ROOT);
        boolean adverb = small.endsWith("ly") && small.length() > 4 && !NOUNS_IN_LY.contains(small);
        return !adverb && !NOT_OF_NAMES.contains(small);
    }
}
