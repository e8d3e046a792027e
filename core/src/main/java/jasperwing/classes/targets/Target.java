package jasperwing.classes.targets;

import jasperwing.classes.ClassModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.language.Checker;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Language;
import jasperwing.classes.language.Options;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.Templates;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.CodeTarget;
import jasperwing.model.Design;
import jasperwing.walk.Walk;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What a design can become in code: templates, and what is said of them. Safe for several threads. */
public final class Target {
    private final String said;
    private final boolean ours;
    private final TargetFile file;
    private final Supplier<Templates> finding;
    private Templates templates;

    /**
     * A target.
     *
     * @param said as a design names it: a word of ours, or a folder
     * @param templates looked for when files are wanted
     */
    Target(String said, boolean ours, TargetFile file, Supplier<Templates> templates) {
        this.said = said;
        this.ours = ours;
        this.file = file;
        this.finding = templates;
    }

    private synchronized Templates templates() {
        if (templates == null) {
            templates = finding.get();
        }
        return templates;
    }

    /** What a design calls it. */
    public String said() {
        return said;
    }

    /** What its files are remembered under in the folder they are written to; of one of ours also what designs call it. */
    public String word() {
        return ours ? said : Targets.remembered(said);
    }

    /** Whether it comes with Jasperwing. */
    public boolean isOurs() {
        return ours;
    }

    public String title() {
        return file.title();
    }

    /** What is made, in a few words, or empty. */
    public String about() {
        return file.about();
    }

    public Language language() {
        return file.language();
    }

    /** What the code needs to be compiled, as its build tool names it; in order. */
    public List<String> needs() {
        return file.needs();
    }

    /** What can be chosen, in order. */
    public List<TargetOption> options() {
        return file.options();
    }

    public Optional<TargetOption> option(String word) {
        return options().stream().filter(o -> o.word().equals(word)).findFirst();
    }

    /** What is said of options that it does not take, in sentences by the words of the options, in the order said. */
    public Map<String, String> unknownOptions(CodeTarget chosen) {
        Map<String, String> unknown = new LinkedHashMap<>();
        chosen.options().forEach((word, value) -> {
            Optional<TargetOption> option = option(word);
            if (option.isEmpty() || !option.get().takes(value)) {
                String wrong = option.map(o -> "cannot be " + value + ": it is " + String.join(" or ", o.choices()))
                        .orElse("is no option of this target");
                unknown.put(word, "'" + word + "' of " + said + " " + wrong + ".");
            }
        });
        return unknown;
    }

    /** What checks its files; empty where there is nothing to do so. */
    public Optional<Checker> checker() {
        return language().checker();
    }

    /** What holds of each option, by its word; what is said that it does not take is as if it were not. */
    private Map<String, String> values(Design design) {
        CodeTarget chosen = design.target(said);
        return options().stream().collect(Collectors.toMap(TargetOption::word, o -> o.value(chosen)));
    }

    /** The database the classes are kept in, from which they have their physical names. */
    public Dialect dialect(Design design) {
        return Dialects.of(values(design).getOrDefault("database", "")).orElse(Dialects.DEFAULT);
    }

    /** The schema the classes are kept in. */
    public Schema schema(Design design) {
        return Schema.derive(design, dialect(design));
    }

    /** @param schema as of {@link #schema} */
    public ClassModel model(Design design, Schema schema) {
        return ClassModel.of(design, schema, language());
    }

    private ChosenClasses classes(Design design, Schema schema) {
        return new ChosenClasses(model(design, schema), language(), Options.of(design, language(), values(design)));
    }

    /** All files for a design, sorted by path; the same design gives the same bytes. */
    public List<GeneratedFile> generate(Design design) throws TemplateProblemException {
        return generate(design, schema(design), Optional.empty());
    }

    /**
     * The files of some entities, enums, values and traits alone, the same as among all; sorted by path.
     *
     * @param schema as of {@link #schema}
     */
    public List<GeneratedFile> generate(Design design, Schema schema, Set<String> names)
            throws TemplateProblemException {
        return generate(design, schema, Optional.of(names));
    }

    /**
     * The files of what is made once, of the whole; sorted by path.
     *
     * @param schema as of {@link #schema}
     */
    List<GeneratedFile> generateOnce(Design design, Schema schema) throws TemplateProblemException {
        return templates().generateOnce(classes(design, schema), file.standard());
    }

    /**
     * As {@link #generate(Design)}, of one that comes with Jasperwing.
     *
     * @throws IllegalStateException when its templates have a mistake
     */
    public List<GeneratedFile> files(Design design) {
        try {
            return generate(design);
        } catch (TemplateProblemException e) {
            throw mistaken(e);
        }
    }

    /**
     * As {@link #generate(Design, Schema, Set)}, of one that comes with Jasperwing.
     *
     * @throws IllegalStateException when its templates have a mistake
     */
    public List<GeneratedFile> files(Design design, Schema schema, Set<String> names) {
        try {
            return generate(design, schema, names);
        } catch (TemplateProblemException e) {
            throw mistaken(e);
        }
    }

    private IllegalStateException mistaken(TemplateProblemException e) {
        return new IllegalStateException("a template of " + said + " cannot be run: " + e.getMessage(), e);
    }

    private List<GeneratedFile> generate(Design design, Schema schema, Optional<Set<String>> names)
            throws TemplateProblemException {
        return templates().generate(() -> classes(design, schema), file.standard(), names);
    }

    /**
     * What a path leads to, as an expression over the classes; empty where they do not lead there.
     *
     * @param schema as of {@link #schema}
     */
    public Optional<String> expression(Design design, Schema schema, Walk walk) {
        return language().expression(model(design, schema), walk);
    }

    /** Its templates and what is said of them, by their names in its folder, sorted. */
    public Map<String, String> texts() {
        try {
            Map<String, String> texts = new TreeMap<>(templates().texts());
            templates().text(TargetFile.NAME).ifPresent(t -> texts.put(TargetFile.NAME, t));
            return texts;
        } catch (IOException e) {
            throw new UncheckedIOException("the templates of " + said + " cannot be read", e);
        }
    }

    /** The former names of entities by their names, for files to move with what they are made of. */
    public static Map<String, String> formerNames(Design design) {
        Map<String, String> former = new HashMap<>();
        design.entities().stream()
                .filter(e -> !e.notes().was().isEmpty())
                .forEach(e -> former.put(e.name(), e.notes().was()));
        return former;
    }
}
