package jasperwing.naming;

import java.util.Collections;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The words a language keeps for itself. */
public enum Reserved {
    POSTGRESQL("postgresql.txt", false),
    MARIADB("mariadb.txt", false),
    SQLITE("sqlite.txt", false),
    H2("h2.txt", false),
    JAVA("java.txt", true);

    private final String file;
    private final boolean caseMatters;
    private volatile Set<String> words;

    Reserved(String file, boolean caseMatters) {
        this.file = file;
        this.caseMatters = caseMatters;
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
