package jasperwing.classes;

import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.java.JavaPath;
import jasperwing.classes.java.JavaTarget;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.model.Design;
import jasperwing.model.TargetOption;
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
    JAVA_JAKARTA("java-jakarta", "Java, Jakarta Persistence", "Persistence 3.1, Validation 3.0"),
    JAVA_PLAIN("java-plain", "Java, records and JDBC", "records, and what keeps them");

    private static final List<TargetOption> OF_CLASSES = Arrays.stream(TargetOption.values())
            .filter(o -> o != TargetOption.ROWS)
            .toList();

    private final String word;
    private final String title;
    private final String about;

    Target(String word, String title, String about) {
        this.word = word;
        this.title = title;
        this.about = about;
    }

    /** As the command line writes it. */
    public String word() {
        return word;
    }

    public String title() {
        return title;
    }

    /** What is made, in a few words. */
    public String about() {
        return about;
    }

    public static Optional<Target> of(String word) {
        return Arrays.stream(values()).filter(t -> t.word.equals(word)).findFirst();
    }

    private JavaOptions options(Design design) {
        return JavaOptions.of(design, design.target(word));
    }

    /** What can be chosen for it. */
    public List<TargetOption> options() {
        return this == JAVA_JAKARTA ? OF_CLASSES : ChosenTarget.TEMPLATED;
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
        JavaOptions options = options(design);
        if (this == JAVA_JAKARTA) {
            return JavaTarget.generate(design, options);
        }
        try {
            return TemplateTarget.builtIn(word).generate(design, options);
        } catch (TemplateProblemException e) {
            throw ofOurs(e);
        }
    }

    private static IllegalStateException ofOurs(TemplateProblemException e) {
        return new IllegalStateException("a template of our own cannot be run: " + e.getMessage(), e);
    }

    /**
     * The files of one entity alone, the same as among all.
     *
     * @param schema of the design, for PostgreSQL
     */
    public List<GeneratedFile> generate(Design design, Schema schema, String entity) {
        if (this == JAVA_JAKARTA) {
            return generate(design, schema, Set.of(entity));
        }
        try {
            return TemplateTarget.builtIn(word).generate(design, schema, options(design), entity);
        } catch (TemplateProblemException e) {
            throw ofOurs(e);
        }
    }

    /**
     * The files of some entities and enums alone, the same as among all; sorted by path.
     *
     * @param schema of the design, for PostgreSQL
     */
    public List<GeneratedFile> generate(Design design, Schema schema, Set<String> entities) {
        return JavaTarget.generate(design, schema, options(design), entities);
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
