package jasperwing.model;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What can be chosen for the code that is made of a design. Its words are those of the notation. */
public enum TargetOption {
    PACKAGE("package", "the package of what belongs to no area; the first word of the design's name when not said"),
    AREAS("areas", "whether each area has a package below it", "packages", "together"),
    HEADER("header", "a line at the head of every file"),
    ROWS("rows", "what a row is: a record, or a class with the same methods", "records", "classes"),
    MAPPING(
            "mapping",
            "where the mapping to tables is said: in the classes, or beside them in META-INF/orm.xml",
            "annotations",
            "xml"),
    DIRECTIONS("directions", "whether relationships are known at both ends, or only where the key is", "both", "one"),
    FETCH("fetch", "when what is pointed to is read", "lazy", "eager"),
    COLLECTIONS("collections", "what many are kept in, where they have no order", "list", "set"),
    CASCADE("cascade", "the roles whose objects are stored with what has them, besides parts: Dive.photos, Site.dives"),
    CONSTRUCTORS(
            "constructors",
            "a constructor with all that must be filled, with everything, with everything but the key, or none but the empty one",
            "needed",
            "all",
            "keyless",
            "none"),
    SETTERS(
            "setters",
            "whether setters give back the object; without any, objects are made whole and stay as they are",
            "plain",
            "fluent",
            "none"),
    EQUALS("equals", "whether objects of the same key are equal", "key", "none"),
    DISPLAY(
            "display",
            "what an object shows of itself: what the design says it is shown as, its key, or nothing of its own",
            "shown",
            "key",
            "none"),
    PROVIDER(
            "provider",
            "how lists kept as an array are read: as the text most providers give, or as EclipseLink gives them",
            "any",
            "eclipselink");

    private final String word;
    private final String meaning;
    private final List<String> values;

    TargetOption(String word, String meaning, String... values) {
        this.word = word;
        this.meaning = meaning;
        this.values = List.of(values);
    }

    public String word() {
        return word;
    }

    public String meaning() {
        return meaning;
    }

    /** What can be chosen, the usual first; empty when it is any text. */
    public List<String> choices() {
        return values;
    }

    /** What holds when nothing is said; empty when it is any text. */
    public String usual() {
        return values.isEmpty() ? "" : values.get(0);
    }

    /** Whether a value is one of its own. */
    public boolean takes(String value) {
        return values.isEmpty() || values.contains(value);
    }

    public static Optional<TargetOption> of(String word) {
        return Arrays.stream(TargetOption.values())
                .filter(o -> o.word.equals(word))
                .findFirst();
    }
}
