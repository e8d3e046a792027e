package jasperwing.classes;

import jasperwing.classes.java.JavaOptions;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.TemplateTarget;
import jasperwing.model.Design;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** One of our targets, or a folder with templates of the user's own. */
public final class ChosenTarget {
    private final String word;
    private final Optional<Target> ours;
    private final Optional<TemplateTarget> own;

    private ChosenTarget(String word, Optional<Target> ours, Optional<TemplateTarget> own) {
        this.word = word;
        this.ours = ours;
        this.own = own;
    }

    public static ChosenTarget of(Target target) {
        return new ChosenTarget(target.word(), Optional.of(target), Optional.empty());
    }

    /** @throws IOException when there is no such folder */
    public static ChosenTarget of(Path templates) throws IOException {
        Path name = templates.toAbsolutePath().normalize().getFileName();
        String word = String.valueOf(name).replaceAll("[^A-Za-z0-9_-]", "_");
        return new ChosenTarget(word, Optional.empty(), Optional.of(TemplateTarget.of(templates)));
    }

    /** What its files are remembered under in the folder they are written to. */
    public String word() {
        return word;
    }

    /** All files for a design, sorted by path. */
    public List<GeneratedFile> generate(Design design) throws TemplateProblemException {
        return ours.isPresent()
                ? ours.get().generate(design)
                : own.orElseThrow().generate(design, JavaOptions.of(design, design.target(word)));
    }
}
