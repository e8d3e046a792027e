package jasperwing.classes;

import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.model.Design;
import jasperwing.model.TargetOption;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** One of our targets, or a folder with templates of the user's own. */
public final class ChosenTarget {
    private final String said;
    private final String word;
    private final Optional<Target> ours;
    private final TemplateTarget templates;

    private ChosenTarget(String said, String word, Optional<Target> ours, TemplateTarget templates) {
        this.said = said;
        this.word = word;
        this.ours = ours;
        this.templates = templates;
    }

    public static ChosenTarget of(Target target) {
        return new ChosenTarget(target.word(), target.word(), Optional.of(target), target.templates());
    }

    /** @throws IOException when there is no such folder */
    public static ChosenTarget of(Path templates) throws IOException {
        return of(word(templates), templates);
    }

    /**
     * The target a design calls so.
     *
     * @param said the word of one of ours, or a folder of templates
     * @param from where a folder is looked for that is said by no absolute path
     * @throws IOException when there is no such folder
     */
    public static ChosenTarget of(String said, Optional<Path> from) throws IOException {
        Optional<Target> ours = Target.of(said);
        if (ours.isPresent()) {
            return of(ours.get());
        }
        try {
            return of(said, from.orElse(Path.of("")).resolve(said));
        } catch (InvalidPathException e) {
            throw new IOException("there can be no folder called " + said, e);
        }
    }

    private static ChosenTarget of(String said, Path templates) throws IOException {
        return new ChosenTarget(said, word(templates), Optional.empty(), TemplateTarget.of(templates));
    }

    private static String word(Path templates) {
        return remembered(String.valueOf(templates.toAbsolutePath().normalize().getFileName()));
    }

    /** What the files of a target a design calls so are remembered under. */
    public static String remembered(String said) {
        String name = said.replace('\\', '/').replaceAll("/+$", "");
        return name.substring(name.lastIndexOf('/') + 1).replaceAll("[^A-Za-z0-9_-]", "_");
    }

    /** What its files are remembered under in the folder they are written to. */
    public String word() {
        return word;
    }

    /** One of ours; empty for a folder of templates. */
    public Optional<Target> ours() {
        return ours;
    }

    /**
     * What can be chosen for it.
     *
     * @throws IOException when its templates cannot be read
     */
    public List<TargetOption> options() throws IOException {
        return templates.options();
    }

    /** All files for a design, sorted by path. */
    public List<GeneratedFile> generate(Design design) throws TemplateProblemException {
        return templates.generate(design, JavaOptions.of(design, design.target(said)));
    }
}
