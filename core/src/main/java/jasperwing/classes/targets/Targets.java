package jasperwing.classes.targets;

import jasperwing.classes.jakarta.JakartaAdapter;
import jasperwing.classes.template.TemplateGuide;
import jasperwing.classes.template.TemplateProblemException;
import jasperwing.classes.template.Templates;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The targets that come with Jasperwing, and those in folders of the user's. */
public final class Targets {
    private static final String USUAL = "java-jakarta";

    private static final String HOME = "/jasperwing/targets/";

    /** Options that concern files of any kind. */
    private static final Set<String> OF_FILES = Set.of("package", "areas", "header");

    private Targets() {}

    /** Read when they are first asked for. */
    private static final class Ours {
        private static final List<Target> ALL =
                words().stream().map(Targets::ours).toList();
    }

    /** Those that come with Jasperwing, in the order people are offered them. */
    public static List<Target> all() {
        return Ours.ALL;
    }

    /** One that comes with Jasperwing. */
    public static Optional<Target> find(String word) {
        return all().stream().filter(t -> t.word().equals(word)).findFirst();
    }

    /** The one that is looked at where nothing is said. */
    public static Target usual() {
        return named(USUAL);
    }

    /**
     * One that comes with Jasperwing.
     *
     * @throws IllegalArgumentException when there is none of that word
     */
    public static Target named(String word) {
        return find(word).orElseThrow(() -> new IllegalArgumentException("no target " + word));
    }

    private static List<String> words() {
        return resource("targets.txt").lines().filter(w -> !w.isBlank()).toList();
    }

    private static Target ours(String word) {
        try {
            TargetFile file = TargetReader.read(resource(word + "/" + TargetFile.NAME));
            return new Target(word, true, file, () -> Templates.builtIn(word));
        } catch (TemplateProblemException e) {
            throw new IllegalStateException("a target of our own cannot be read: " + word + "/" + e.getMessage(), e);
        }
    }

    private static String resource(String name) {
        try (InputStream in = Targets.class.getResourceAsStream(HOME + name)) {
            if (in == null) {
                throw new IllegalStateException(HOME + name + " is missing from the jar");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The target a design calls so.
     *
     * @param said the word of one of ours, or a folder of templates
     * @param from where a folder is looked for that is said by no absolute path
     * @throws IOException when there is no such folder
     * @throws TemplateProblemException when what is said of the folder's templates cannot be read
     */
    public static Target of(String said, Optional<Path> from) throws IOException, TemplateProblemException {
        Optional<Target> ours = find(said);
        if (ours.isPresent()) {
            return ours.get();
        }
        try {
            return folder(said, from.orElse(Path.of("")).resolve(said));
        } catch (InvalidPathException e) {
            throw new IOException("there can be no folder called " + said, e);
        }
    }

    /**
     * A folder of templates.
     *
     * @throws IOException when there is no such folder
     * @throws TemplateProblemException when what is said of its templates cannot be read
     */
    public static Target of(Path folder) throws IOException, TemplateProblemException {
        return folder(
                remembered(String.valueOf(folder.toAbsolutePath().normalize().getFileName())), folder);
    }

    private static Target folder(String said, Path folder) throws IOException, TemplateProblemException {
        Templates templates = Templates.of(folder);
        Optional<String> text = templates.text(TargetFile.NAME);
        TargetFile file = text.isPresent() ? TargetReader.read(text.get()) : unsaid(said, templates);
        return new Target(said, false, file, () -> templates);
    }

    /** Of templates that nothing is said of: like ours, with the options they ask for. */
    private static TargetFile unsaid(String said, Templates templates) throws IOException {
        Target usual = usual();
        String all = String.join("\n", templates.texts().values());
        Map<String, TargetOption> options = new LinkedHashMap<>();
        all().stream()
                .flatMap(t -> t.options().stream())
                .filter(o -> OF_FILES.contains(o.word()) || all.contains("options." + o.word()))
                .forEach(o -> options.putIfAbsent(o.word(), o));
        return new TargetFile(
                said,
                "templates of your own",
                usual.language(),
                JakartaAdapter.FACTORY,
                List.of(),
                List.copyOf(options.values()));
    }

    /** The guide to writing one, in Markdown; the same as `docs/templates.md`. */
    public static String guide() {
        return TemplateGuide.markdown(List.copyOf(TargetReader.STANDARDS.values()));
    }

    /** What the files of a target a design calls so are remembered under. */
    public static String remembered(String said) {
        String name = said.replace('\\', '/').replaceAll("/+$", "");
        return name.substring(name.lastIndexOf('/') + 1).replaceAll("[^A-Za-z0-9_-]", "_");
    }
}
