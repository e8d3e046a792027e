package jasperwing.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.atteo.evo.inflector.English;

/** English plurals and singulars of names; only the last word of a name changes, and its case is kept. */
public final class Plurals {
    private static final Map<String, String> IRREGULAR = WordFile.lines("plurals.txt").stream()
            .map(line -> line.split(" "))
            .collect(Collectors.toUnmodifiableMap(w -> w[0], w -> w[1]));

    private static final Map<String, String> SINGULAR_OF = IRREGULAR.entrySet().stream()
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getValue, Map.Entry::getKey, (a, b) -> a));

    private static final NounClasses NOUNS = NounClasses.read();

    private static final Memo<String> PLURALS = new Memo<>(Plurals::formPlural);

    private static final Memo<String> SINGULARS = new Memo<>(n -> onLastWord(n, Plurals::singularOf));

    /** In -ses and -zes the e usually belongs to the singular: course, size; but not behind a second s or z, and not in classes. */
    private static final Pattern SILENT_E = Pattern.compile(".*[^s]ses|.*[^zt]zes");

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
        return Optional.ofNullable(IRREGULAR.get(word))
                .or(() -> NOUNS.plural(word))
                .orElseGet(() -> regular(word));
    }

    private static String regular(String word) {
        if (word.endsWith("o")) {
            return word + "s";
        }
        boolean person = word.endsWith("man") && word.length() > 4;
        return person ? word.substring(0, word.length() - 2) + "en" : English.plural(word);
    }

    /** What is singular, or may be, stays as it is. */
    private static String singularOf(String word) {
        if (IRREGULAR.containsKey(word) || NOUNS.isSingular(word)) {
            return word;
        }
        return Optional.ofNullable(SINGULAR_OF.get(word))
                .or(() -> regularised(word))
                .or(() -> NOUNS.singular(word))
                .orElseGet(() -> candidates(word).stream()
                        .filter(c -> c.length() > 1 && pluralOf(c).equals(word))
                        .findFirst()
                        .orElse(word));
    }

    /** {@code persons} beside {@code people}. */
    private static Optional<String> regularised(String word) {
        return Optional.of(word)
                .filter(w -> w.endsWith("s"))
                .map(w -> w.substring(0, w.length() - 1))
                .filter(IRREGULAR::containsKey);
    }

    private static List<String> candidates(String word) {
        List<String> all = new ArrayList<>();
        if (word.endsWith("ss") || word.endsWith("us") || word.endsWith("is") || word.endsWith("ics")) {
            return all;
        }
        add(all, word, "ies", "y");
        boolean silentE = SILENT_E.matcher(word).matches();
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
        int start = name.length() - last.length();
        if (last.isEmpty() || !name.regionMatches(true, start, last, 0, last.length())) {
            return name;
        }
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
