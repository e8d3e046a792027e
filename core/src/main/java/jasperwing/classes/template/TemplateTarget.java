package jasperwing.classes.template;

import freemarker.cache.ClassTemplateLoader;
import freemarker.cache.FileTemplateLoader;
import freemarker.cache.TemplateLoader;
import freemarker.core.ParseException;
import freemarker.core.TemplateClassResolver;
import freemarker.template.Configuration;
import freemarker.template.SimpleObjectWrapper;
import freemarker.template.Template;
import freemarker.template.TemplateException;
import freemarker.template.TemplateExceptionHandler;
import freemarker.template.TemplateNotFoundException;
import freemarker.template.Version;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.java.JavaOptions;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.EnumType;
import jasperwing.model.TargetOption;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * A folder of templates: {@code entity.ftl} is run for each entity that has a table, {@code enum.ftl}, {@code value.ftl} and {@code trait.ftl} for each
 * of these, and {@code design.ftl} once; what a folder does without is left out. They reach the data of the design and other templates of the folder, and nothing else: no
 * class, no file, no network.
 */
public final class TemplateTarget {
    private static final Version VERSION = Configuration.VERSION_2_3_34;

    /** How templates ask for options otherwise than by their words; nothing for those that are always there. */
    private static final Map<TargetOption, String> ASKED_BY = Map.of(
            TargetOption.PACKAGE, "",
            TargetOption.AREAS, "",
            TargetOption.HEADER, "",
            TargetOption.ROWS, "design.records",
            TargetOption.DIRECTIONS, ".associations",
            TargetOption.FETCH, ".annotations",
            TargetOption.CASCADE, ".annotations");

    private final Configuration configuration;

    private TemplateTarget(TemplateLoader loader) {
        configuration = new Configuration(VERSION);
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

    /** @throws IOException when there is no such folder */
    public static TemplateTarget of(Path folder) throws IOException {
        return new TemplateTarget(new FileTemplateLoader(folder.toFile()));
    }

    /** @param word of one that comes with Jasperwing */
    public static TemplateTarget builtIn(String word) {
        return new TemplateTarget(ours(word));
    }

    private static TemplateLoader ours(String word) {
        return new ClassTemplateLoader(TemplateTarget.class, "/jasperwing/targets/" + word);
    }

    /**
     * The templates of one that comes with Jasperwing, by their names, sorted; empty when there is none of that word.
     *
     * @param word of the target
     */
    public static Map<String, String> texts(String word) {
        try {
            return TemplateTexts.of(ours(word));
        } catch (IOException e) {
            throw new UncheckedIOException("a template of our own cannot be read", e);
        }
    }

    /**
     * What can be chosen: what its templates ask for, and what concerns files of any kind.
     *
     * @throws IOException when a template cannot be read
     */
    public List<TargetOption> options() throws IOException {
        String all = String.join(
                "\n", TemplateTexts.of(configuration.getTemplateLoader()).values());
        return Arrays.stream(TargetOption.values())
                .filter(o -> all.contains(ASKED_BY.getOrDefault(o, "options." + o.word())))
                .toList();
    }

    /**
     * All files, sorted by path.
     *
     * @param options what is chosen for them
     */
    public List<GeneratedFile> generate(Design design, JavaOptions options) throws TemplateProblemException {
        TemplateData data = new TemplateData(design, Schema.derive(design, Dialect.POSTGRESQL), options);
        Run run = new Run(data);
        run.of("design.ftl", "", Map.of());
        run.parts(name -> true);
        return run.files();
    }

    /**
     * The files of some entities, enums, values and traits alone, as they are among all; sorted by path.
     *
     * @param schema of the design, for PostgreSQL
     */
    public List<GeneratedFile> generate(Design design, Schema schema, JavaOptions options, Set<String> names)
            throws TemplateProblemException {
        Run run = new Run(new TemplateData(design, schema, options));
        run.parts(names::contains);
        return run.files();
    }

    /** The templates as they are run for one design. */
    private final class Run {
        private final TemplateData data;
        private final Data design;
        private final Files files;

        Run(TemplateData data) {
            this.data = data;
            this.design = data.design();
            this.files = new Files(data.names());
        }

        List<GeneratedFile> files() {
            return files.all().stream()
                    .sorted(Comparator.comparing(GeneratedFile::path))
                    .toList();
        }

        /** Those that are run for parts of the design. */
        void parts(Predicate<String> wanted) throws TemplateProblemException {
            for (String name : data.entities().filter(wanted).toList()) {
                of("entity.ftl", name, Map.of("entity", data.entity(name), "code", files.code(data.computed(name))));
            }
            for (EnumType type : data.enums().filter(e -> wanted.test(e.name())).toList()) {
                of("enum.ftl", type.name(), Map.of("enum", data.enumType(type)));
            }
            for (AttributeGroup.Kind kind : AttributeGroup.Kind.values()) {
                String template = kind == AttributeGroup.Kind.VALUE ? "value.ftl" : "trait.ftl";
                for (Data group : data.groups(kind)) {
                    if (wanted.test(group.text("name"))) {
                        of(template, group.text("name"), Map.of("group", group));
                    }
                }
            }
        }

        void of(String template, String about, Map<String, Object> more) throws TemplateProblemException {
            Map<String, Object> root = new HashMap<>(more);
            root.put("design", design);
            root.put("file", files.directive(more.containsKey("entity") ? about : ""));
            root.put("use", files.use());
            root.put("of", files.of());
            root.put("method", Files.method());
            root.put("elementMethod", Files.elementMethod());
            run(template, root, about);
        }
    }

    private void run(String template, Map<String, Object> root, String about) throws TemplateProblemException {
        try {
            Template found = configuration.getTemplate(template);
            found.process(root, new StringWriter());
        } catch (TemplateNotFoundException e) {
            if (!template.equals(e.getTemplateName())) {
                throw new TemplateProblemException(template, 0, about, "there is no template " + e.getTemplateName());
            }
        } catch (ParseException e) {
            throw new TemplateProblemException(e.getTemplateName(), e.getLineNumber(), "", e.getEditorMessage());
        } catch (TemplateException e) {
            int line = e.getLineNumber() == null ? 0 : e.getLineNumber();
            String name = e.getTemplateSourceName() == null ? template : e.getTemplateSourceName();
            throw new TemplateProblemException(name, line, about, what(e));
        } catch (IOException e) {
            throw new TemplateProblemException(template, 0, about, e.getMessage());
        }
    }

    /** What is wrong, in its first paragraph. */
    private static String what(TemplateException e) {
        String message = e.getMessageWithoutStackTop();
        if (message == null) {
            return e.getCause() == null
                    ? "it cannot be run"
                    : String.valueOf(e.getCause().getMessage());
        }
        return message.split("\n\n")[0].replaceAll("\\s+", " ").strip();
    }
}
