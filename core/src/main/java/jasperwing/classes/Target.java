package jasperwing.classes;

import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.java.JavaPath;
import jasperwing.classes.java.JavaTarget;
import jasperwing.model.Design;
import jasperwing.schema.Schema;
import jasperwing.walk.Walk;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a design can become in code. */
public enum Target {
    JAVA_JAKARTA("java-jakarta", "Java, Jakarta Persistence");

    private final String word;
    private final String title;

    Target(String word, String title) {
        this.word = word;
        this.title = title;
    }

    /** As the command line writes it. */
    public String word() {
        return word;
    }

    public String title() {
        return title;
    }

    public static Optional<Target> of(String word) {
        return Arrays.stream(values()).filter(t -> t.word.equals(word)).findFirst();
    }

    /** The former names of entities by their names, for files to move with what they are made of. */
    public static Map<String, String> formerNames(Design design) {
        Map<String, String> former = new HashMap<>();
        design.entities().stream()
                .filter(e -> !e.notes().was().isEmpty())
                .forEach(e -> former.put(e.name(), e.notes().was()));
        return former;
    }

    /** All files for a design, sorted by path; the same design gives the same bytes. */
    public List<GeneratedFile> generate(Design design) {
        return JavaTarget.generate(design, JavaOptions.of(design));
    }

    /**
     * The files of some entities and enums alone, the same as among all; sorted by path.
     *
     * @param schema of the design, for PostgreSQL
     */
    public List<GeneratedFile> generate(Design design, Schema schema, Set<String> entities) {
        return JavaTarget.generate(design, schema, JavaOptions.of(design), entities);
    }

    /**
     * What a path leads to, as an expression over the classes; empty where they do not lead there.
     *
     * @param schema of the design, for PostgreSQL
     */
    public Optional<String> expression(Design design, Schema schema, Walk walk) {
        return JavaPath.of(ClassModel.of(design, schema), walk);
    }
}
