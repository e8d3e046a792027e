package jasperwing.naming;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Nouns whose plural does not follow from their letters, by how it is formed. In {@code nouns.txt}, a class a line. */
final class NounClasses {
    /** What the classes add to a noun, where that is not an s. */
    private static final Map<String, String> ADDED = Map.of("same", "", "s", "es", "oes", "es");

    private final Map<String, String> plurals = new HashMap<>();
    private final Map<String, String> singulars = new HashMap<>();

    private NounClasses() {}

    static NounClasses read() {
        NounClasses classes = new NounClasses();
        WordFile.lines("nouns.txt").stream().filter(l -> !l.startsWith("#")).forEach(classes::line);
        return classes;
    }

    private void line(String line) {
        List<String> words = List.of(line.split(" "));
        String kind = words.get(0);
        String added = ADDED.getOrDefault(kind, "s");
        words.subList(1, words.size()).forEach(w -> add(w, kind.equals("ves") ? ofF(w) : w + added));
    }

    /** Of {@code leaf} and {@code knife}. */
    private static String ofF(String word) {
        return word.substring(0, word.lastIndexOf('f')) + "ves";
    }

    private void add(String singular, String plural) {
        plurals.put(singular, plural);
        singulars.put(plural, singular);
    }

    Optional<String> plural(String word) {
        return Optional.ofNullable(plurals.get(word));
    }

    Optional<String> singular(String word) {
        return Optional.ofNullable(singulars.get(word));
    }

    /** Whether the word is one of these in the singular. */
    boolean isSingular(String word) {
        return plurals.containsKey(word);
    }
}
