package jasperwing.classes.targets;

import jasperwing.classes.java.Java;
import jasperwing.classes.language.Language;
import java.util.List;
import java.util.Optional;

/** The languages classes can be made in. */
public final class Languages {
    private static final List<Language> ALL = List.of(new Java());

    private Languages() {}

    /** In the order people are offered them. */
    public static List<Language> all() {
        return ALL;
    }

    public static Optional<Language> find(String word) {
        return ALL.stream().filter(l -> l.word().equals(word)).findFirst();
    }
}
