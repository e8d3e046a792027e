package jasperwing.findings;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words that rules know names by. */
final class WordSet {
    private WordSet() {}

    /** @param lines words in snake case with a blank between them */
    static Set<String> of(String... lines) {
        return Stream.of(lines).flatMap(l -> Stream.of(l.split(" "))).collect(Collectors.toUnmodifiableSet());
    }
}
