package jasperwing.naming;

import java.util.Collections;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words a language keeps for itself. Safe for several threads. */
public final class Reserved {
    private final String file;
    private final boolean caseMatters;
    private volatile Set<String> words;

    private Reserved(String file, boolean caseMatters) {
        this.file = file;
        this.caseMatters = caseMatters;
    }

    /** Those of a programming language; capitals make a difference. The list is read when it is first asked for. */
    public static Reserved ofLanguage(String word) {
        return new Reserved(word + ".txt", true);
    }

    /** Those of a database; capitals make no difference. The list is read when it is first asked for. */
    public static Reserved ofDatabase(String word) {
        return new Reserved(word + ".txt", false);
    }

    public boolean contains(String name) {
        return words().contains(caseMatters ? name : name.toLowerCase(Locale.ROOT));
    }

    /** In no order. */
    public Set<String> all() {
        return Collections.unmodifiableSet(words());
    }

    /** As {@link #contains}, of a name that is in small letters throughout. */
    public boolean containsSmall(String name) {
        return words().contains(name);
    }

    private Set<String> words() {
        Set<String> known = words;
        if (known == null) {
            known = WordFile.lines(file).stream()
                    .flatMap(line -> Stream.of(line.split(" ")))
                    .collect(Collectors.toCollection(HashSet::new));
            words = known;
        }
        return known;
    }
}
