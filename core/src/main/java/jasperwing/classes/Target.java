package jasperwing.classes;

import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.java.JavaPath;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.walk.Walk;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** What a design can become in code. */
public enum Target {
    JAVA_JAKARTA("java-jakarta", "Java, Jakarta Persistence", "Persistence 3.1, Validation 3.0"),
    JAVA_PLAIN("java-plain", "Java, records and JDBC", "records, and what keeps them");

    private static final Map<Target, TemplateTarget> TEMPLATES = new ConcurrentHashMap<>();

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
        try {
            return templates().generate(design, options(design));
        } catch (TemplateProblemException e) {
            throw ofOurs(e);
        }
    }

    /**
     * The files of some entities, enums, values and traits alone, the same as among all; sorted by path.
     *
     * @param schema of the design, in the default dialect
     */
    public List<GeneratedFile> generate(Design design, Schema schema, Set<String> names) {
        try {
            return templates().generate(design, schema, options(design), names);
        } catch (TemplateProblemException e) {
            throw ofOurs(e);
        }
    }

    /** Its templates, read once. */
    TemplateTarget templates() {
        return TEMPLATES.computeIfAbsent(this, t -> TemplateTarget.builtIn(t.word()));
    }

    private static IllegalStateException ofOurs(TemplateProblemException e) {
        return new IllegalStateException("a template of our own cannot be run: " + e.getMessage(), e);
    }

    /**
     * What a path leads to, as an expression over the classes; empty where they do not lead there.
     *
     * @param schema of the design, in the default dialect
     */
    public Optional<String> expression(Design design, Schema schema, Walk walk) {
        return JavaPath.of(ClassModel.of(design, schema), walk);
    }
}
