package jasperwing.classes.template;

import freemarker.cache.ClassTemplateLoader;
import freemarker.cache.FileTemplateLoader;
import freemarker.cache.TemplateLoader;
import freemarker.core.TemplateClassResolver;
import freemarker.template.Configuration;
import freemarker.template.SimpleObjectWrapper;
import freemarker.template.TemplateExceptionHandler;
import freemarker.template.Version;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.language.ChosenClasses;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A folder of templates: {@code entity.ftl} is run for each entity that has a table, {@code enum.ftl}, {@code value.ftl} and {@code trait.ftl} for each
 * of these, and {@code design.ftl} once; what a folder does without is left out. They reach the data of the design and other templates of the folder, and nothing else: no
 * class, no file, no network.
 */
public final class Templates {
    private static final Version VERSION = Configuration.VERSION_2_3_34;

    /** Fewer entities than these are not worth a thread of their own. */
    private static final int LEAST_SHARE = 50;

    /** The moment, as templates ask for it. */
    private static final Pattern CLOCK = Pattern.compile("(?<![\\w)\\]}\"'!?])\\.now\\b");

    private final Configuration configuration;
    private final boolean guarded;
    private final Duration longest;

    /**
     * Templates of a folder.
     *
     * @param guarded whether the templates are somebody else's, which may not end by themselves
     * @param longest what these may take
     */
    private Templates(TemplateLoader loader, boolean guarded, Duration longest) {
        this.guarded = guarded;
        this.longest = longest;
        configuration = guarded ? TemplateGuard.interruptible(VERSION) : new Configuration(VERSION);
        configuration.setTemplateLoader(loader);
        configuration.setObjectWrapper(new SimpleObjectWrapper(VERSION));
        configuration.setNewBuiltinClassResolver(TemplateClassResolver.ALLOWS_NOTHING_RESOLVER);
        configuration.setAPIBuiltinEnabled(false);
        configuration.setTemplateExceptionHandler(TemplateExceptionHandler.RETHROW_HANDLER);
        configuration.setLogTemplateExceptions(false);
        configuration.setWrapUncheckedExceptions(true);
        configuration.setDefaultEncoding(StandardCharsets.UTF_8.name());
        configuration.setLocale(Locale.ROOT);
        configuration.setNumberFormat("computer");
        configuration.setBooleanFormat("c");
        configuration.setLocalizedLookup(false);
    }

    /**
     * Those of a folder of the user's.
     *
     * @throws IOException when there is no such folder
     */
    public static Templates of(Path folder) throws IOException {
        return of(folder, TemplateGuard.LONGEST);
    }

    /** @param longest what all files together may take */
    static Templates of(Path folder, Duration longest) throws IOException {
        return new Templates(new FileTemplateLoader(folder.toFile()), true, longest);
    }

    /** @param word of a target that comes with Jasperwing */
    public static Templates builtIn(String word) {
        return new Templates(ours(word), false, TemplateGuard.LONGEST);
    }

    private static TemplateLoader ours(String word) {
        return new ClassTemplateLoader(Templates.class, "/jasperwing/targets/" + word);
    }

    /**
     * Those that are run, and those that they include or import, by their names, sorted; empty when there are none.
     *
     * @throws IOException when one cannot be read
     */
    public Map<String, String> texts() throws IOException {
        return TemplateTexts.of(configuration.getTemplateLoader());
    }

    /**
     * Another text of the folder; empty when it has none of that name.
     *
     * @throws IOException when it cannot be read
     */
    public Optional<String> text(String name) throws IOException {
        return TemplateTexts.read(configuration.getTemplateLoader(), name);
    }

    /**
     * All files, or those of some entities, enums, values and traits alone, as they are among all; sorted by path.
     *
     * @param classes made anew for each thread
     * @param standard what is asked of the classes besides
     * @param names of what alone is wanted; all, and what is made of the whole, when empty
     */
    public List<GeneratedFile> generate(
            Supplier<ChosenClasses> classes, StandardAdapter.Factory standard, Optional<Set<String>> names)
            throws TemplateProblemException {
        return guarded
                ? guarded(new TemplateData(classes.get(), standard), run -> run.made(run.entities(names), names))
                : generate(names, () -> new TemplateRun(configuration, new TemplateData(classes.get(), standard)));
    }

    /** The files of what is made once, of the whole; sorted by path. */
    public List<GeneratedFile> generateOnce(ChosenClasses classes, StandardAdapter.Factory standard)
            throws TemplateProblemException {
        TemplateData data = new TemplateData(classes, standard);
        return guarded
                ? guarded(data, TemplateRun::once)
                : TemplateRun.together(List.of(new TemplateRun(configuration, data).once()));
    }

    private List<GeneratedFile> guarded(TemplateData data, Function<TemplateRun, TemplateRun.Made> making)
            throws TemplateProblemException {
        closeClock();
        TemplateGuard guard = new TemplateGuard(longest);
        TemplateRun run = new TemplateRun(configuration, data, Optional.of(guard));
        return guard.run(() -> TemplateRun.together(List.of(making.apply(run))));
    }

    /** The same design gives the same files, whenever they are made. */
    private void closeClock() throws TemplateProblemException {
        try {
            for (Map.Entry<String, String> each : texts().entrySet()) {
                Matcher clock = CLOCK.matcher(each.getValue());
                if (clock.find()) {
                    long line = 1
                            + each.getValue()
                                    .substring(0, clock.start())
                                    .chars()
                                    .filter(c -> c == '\n')
                                    .count();
                    throw new TemplateProblemException(
                            each.getKey(),
                            (int) line,
                            "",
                            "templates have no clock (.now): the same design gives the same files");
                }
            }
        } catch (IOException e) {
            throw new TemplateProblemException("entity.ftl", 0, "", e.getMessage());
        }
    }

    /** In several threads where there are many entities. */
    private static List<GeneratedFile> generate(Optional<Set<String>> names, Supplier<TemplateRun> making)
            throws TemplateProblemException {
        TemplateRun run = making.get();
        List<List<String>> shares = shares(run.entities(names));
        List<CompletableFuture<TemplateRun.Made>> others = shares.stream()
                .skip(1)
                .map(share -> CompletableFuture.supplyAsync(() -> making.get().made(share)))
                .toList();
        List<TemplateRun.Made> all = new ArrayList<>(List.of(run.made(shares.get(0), names)));
        others.forEach(o -> all.add(o.join()));
        return TemplateRun.together(all);
    }

    /** Entities in parts of about the same size, one for each processor that is worth it; at least one part. */
    private static List<List<String>> shares(List<String> entities) {
        int processors = Runtime.getRuntime().availableProcessors();
        int count = Math.max(1, Math.min(processors, entities.size() / LEAST_SHARE));
        int size = (entities.size() + count - 1) / count;
        return IntStream.range(0, count)
                .mapToObj(i -> entities.subList(i * size, Math.min(entities.size(), (i + 1) * size)))
                .toList();
    }
}
