package jasperwing.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.atteo.evo.inflector.English;

/** English plurals and singulars of names; only the last word of a name changes, and its case is kept. */
public final class Plurals {
    private static final Map<String, String> IRREGULAR = WordFile.lines("plurals.txt").stream()
            .map(line -> line.split(" "))
            .collect(Collectors.toUnmodifiableMap(w -> w[0], w -> w[1]));

    /** Words in -ses whose singular has no e at its end. */
    private static final Set<String> WITHOUT_E = Set.of(
            "buses",
            "gases",
            "lenses",
            "statuses",
            "viruses",
            "campuses",
            "bonuses",
            "censuses",
            "atlases",
            "aliases",
            "canvases",
            "focuses",
            "corpuses",
            "minuses",
            "pluses",
            "irises",
            "apparatuses",
            "nexuses",
            "syllabuses",
            "circuses",
            "octopuses",
            "walruses",
            "cactuses",
            "biases",
            "pancreases");

    /** The words in -o whose plural ends in -oes; all others, such as memo and photo, just add an s. */
    private static final Set<String> OES = Set.of(
            "cargo",
            "domino",
            "echo",
            "embargo",
            "hero",
            "mosquito",
            "potato",
            "tomato",
            "tornado",
            "torpedo",
            "veto",
            "volcano");

    private static final Remembered<String> PLURALS = new Remembered<>(Plurals::formPlural);

    private static final Remembered<String> SINGULARS = new Remembered<>(n -> onLastWord(n, Plurals::singularOf));

    private Plurals() {}

    /** {@code SequenceRecord} becomes {@code SequenceRecords}; what is plural already stays as it is. */
    public static String plural(String name) {
        return PLURALS.of(name);
    }

    private static String formPlural(String name) {
        return onLastWord(name, word -> isPlural(word) ? word : pluralOf(word));
    }

    /** {@code taxa} becomes {@code taxon}; what is singular already stays as it is. */
    public static String singular(String name) {
        return SINGULARS.of(name);
    }

    /** Whether the last word of the name is the plural of another word. */
    public static boolean isPlural(String name) {
        return !singular(name).equals(name);
    }

    private static String pluralOf(String word) {
        String irregular = IRREGULAR.get(word);
        if (irregular != null) {
            return irregular;
        }
        return word.endsWith("o") && !OES.contains(word) ? word + "s" : English.plural(word);
    }

    private static String singularOf(String word) {
        if (IRREGULAR.containsKey(word)) {
            return word;
        }
        for (Map.Entry<String, String> entry : IRREGULAR.entrySet()) {
            if (entry.getValue().equals(word)) {
                return entry.getKey();
            }
        }
        return candidates(word).stream()
                .filter(c -> c.length() > 1 && pluralOf(c).equals(word))
                .findFirst()
                .orElse(word);
    }

    private static List<String> candidates(String word) {
        List<String> all = new ArrayList<>();
        if (word.endsWith("ss")) {
            return all;
        }
        add(all, word, "ies", "y");
        add(all, word, "ves", "f");
        add(all, word, "ves", "fe");
        boolean silentE = word.matches(".*[^s]ses|.*[^zt]zes|caches|niches|aches") && !WITHOUT_E.contains(word);
        add(all, word, silentE ? "s" : "es", "");
        add(all, word, silentE ? "es" : "s", "");
        add(all, word, "men", "man");
        return all;
    }

    private static void add(List<String> all, String word, String ending, String instead) {
        if (word.endsWith(ending)) {
            all.add(word.substring(0, word.length() - ending.length()) + instead);
        }
    }

    private static String lastWord(String name) {
        List<String> words = Words.split(name);
        return words.isEmpty() ? name : words.get(words.size() - 1);
    }

    private static String onLastWord(String name, UnaryOperator<String> change) {
        String last = lastWord(name);
        if (last.isEmpty() || !name.toLowerCase(Locale.ROOT).endsWith(last)) {
            return name;
        }
        int start = name.length() - last.length();
        String written = name.substring(start);
        String changed = change.apply(last);
        int same = 0;
        while (same < Math.min(written.length(), changed.length())
                && Character.toLowerCase(written.charAt(same)) == changed.charAt(same)) {
            same++;
        }
        return name.substring(0, start) + written.substring(0, same) + changed.substring(same);
    }
}
