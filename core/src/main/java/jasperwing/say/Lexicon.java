package jasperwing.say;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The words that sentences are recognised by, by their class; read from the lists beside this package. */
final class Lexicon {
    private static final Pattern ADVERB = Pattern.compile("\\p{L}{3,}ly");
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
            "italy",
            "belly",
            "dolly");

    private static final Map<String, Set<String>> CLASSES = classes();
    /** By every form of a verb, the form that stands behind {@code must}. */
    private static final Map<String, String> VERBS = verbs();

    /** By the participle of a verb, its base. */
    private static final Map<String, String> PARTICIPLES = lines("verbs.txt").stream()
            .map(l -> l.split(" "))
            .collect(Collectors.toMap(w -> w[1], w -> w[0], (a, b) -> a));

    private Lexicon() {}

    private static List<String> lines(String file) {
        try (InputStream in = Lexicon.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("the word list " + file + " is missing from the jar");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, Set<String>> classes() {
        Map<String, Set<String>> classes = new HashMap<>();
        String now = "";
        for (String line : lines("lexicon.txt")) {
            if (line.startsWith("== ")) {
                now = line.substring(3);
            } else {
                classes.computeIfAbsent(now, c -> new HashSet<>()).addAll(List.of(line.split(" ")));
            }
        }
        return classes;
    }

    private static Map<String, String> verbs() {
        Map<String, String> verbs = new HashMap<>();
        for (String line : lines("verbs.txt")) {
            String base = line.split(" ")[0];
            verbs.put(base, base);
            verbs.put(third(base), base);
        }
        verbs.put("are", "be");
        return verbs;
    }

    /** The form behind {@code it}: {@code carries}, {@code has}. */
    static String third(String base) {
        if (base.equals("have") || base.equals("be")) {
            return base.equals("be") ? "is" : "has";
        }
        if (base.matches(".*[^aeiou]y")) {
            return base.substring(0, base.length() - 1) + "ies";
        }
        return base + (base.matches(".*(s|x|z|ch|sh|o)") ? "es" : "s");
    }

    private static boolean is(String word, String... classes) {
        for (String name : classes) {
            if (CLASSES.get(name).contains(word)) {
                return true;
            }
        }
        return false;
    }

    static boolean isDeterminer(String word) {
        return is(word, "determiners");
    }

    static boolean isPreposition(String word) {
        return is(word, "prepositions");
    }

    static boolean isModal(String word) {
        return is(word, "modals");
    }

    static boolean isPerson(String word) {
        return is(word, "people");
    }

    static boolean isThing(String word) {
        return is(word, "things", "people");
    }

    /** Whether it is time, money or the like, which is no entity unless a design has it. */
    static boolean isMeasure(String word) {
        return is(word, "measures");
    }

    /** Whether several usually do it with the same: {@code attend}, {@code play}. */
    static boolean isShared(String verb) {
        return is(PARTICIPLES.getOrDefault(verb, verb), "shared");
    }

    static boolean isAdverb(String word) {
        return is(word, "adverbs") || ADVERB.matcher(word).matches() && !NOUNS_IN_LY.contains(word);
    }

    /** Whether a name of an entity or attribute can have the word in it. */
    static boolean isOfNames(String word) {
        return !isAdverb(word)
                && !is(
                        word,
                        "determiners",
                        "prepositions",
                        "pronouns",
                        "joining",
                        "modals",
                        "auxiliaries",
                        "composing",
                        "quantities");
    }

    static boolean isParticiple(String word) {
        return PARTICIPLES.containsKey(word) || word.matches("\\p{L}{3,}ed");
    }

    /** Whether a word is the participle of a verb: {@code written} of {@code write}. */
    static boolean isParticipleOf(String word, String base) {
        String known = PARTICIPLES.get(word);
        return known == null ? word.equals(base + "ed") || word.equals(base + "d") : known.equals(base);
    }

    static boolean isVerb(String word) {
        return VERBS.containsKey(word);
    }

    /** The form of a verb that stands behind {@code must}: of {@code carries} and {@code carry} it is {@code carry}. */
    static String base(String verb) {
        String known = VERBS.get(verb);
        if (known != null) {
            return known;
        }
        if (verb.endsWith("ies")) {
            return verb.substring(0, verb.length() - 3) + "y";
        }
        if (verb.matches(".*(ch|sh|x|ss|zz|o)es")) {
            return verb.substring(0, verb.length() - 2);
        }
        return verb.endsWith("s") && !verb.endsWith("ss") ? verb.substring(0, verb.length() - 1) : verb;
    }
}
