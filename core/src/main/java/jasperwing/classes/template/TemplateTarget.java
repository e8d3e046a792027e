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
import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * A folder of templates: {@code entity.ftl} is run for each entity that has a table, {@code enum.ftl} for each enum and {@code design.ftl} once;
 * what one of them does not do is left out. They reach the data of the design and other templates of the folder, and nothing else: no
 * class, no file, no network.
 */
public final class TemplateTarget {
    private static final Version VERSION = Configuration.VERSION_2_3_34;

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
        return new TemplateTarget(new ClassTemplateLoader(TemplateTarget.class, "/jasperwing/targets/" + word));
    }

    /**
     * The templates of one that comes with Jasperwing, by their names, sorted; empty when it is not made by templates.
     *
     * @param word of the target
     */
    public static Map<String, String> texts(String word) {
        Map<String, String> texts = new TreeMap<>();
        String index = resource(word, "index.txt");
        index.lines().forEach(name -> texts.put(name, resource(word, name)));
        return texts;
    }

    private static String resource(String word, String name) {
        try (InputStream in = TemplateTarget.class.getResourceAsStream("/jasperwing/targets/" + word + "/" + name)) {
            return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("a template of our own cannot be read", e);
        }
    }

    /**
     * All files, sorted by path.
     *
     * @param options what is chosen of packages and the head of files
     */
    public List<GeneratedFile> generate(Design design, JavaOptions options) throws TemplateProblemException {
        TemplateData all = new TemplateData(design, Schema.derive(design, Dialect.POSTGRESQL), options);
        Map<String, Object> data = all.design();
        Files files = new Files(Neighbours.of(data));
        run("design.ftl", data, "", Map.of(), files);
        for (Object entity : (List<?>) data.get("entities")) {
            run(data, all, entity, files);
        }
        for (Object type : (List<?>) data.get("enums")) {
            run("enum.ftl", data, name(type), Map.of("enum", type), files);
        }
        return files.all().stream()
                .sorted(Comparator.comparing(GeneratedFile::path))
                .toList();
    }

    /**
     * The files of one entity alone, as they are among all.
     *
     * @param schema of the design, for PostgreSQL
     */
    public List<GeneratedFile> generate(Design design, Schema schema, JavaOptions options, String entity)
            throws TemplateProblemException {
        TemplateData all = new TemplateData(design, schema, options);
        Map<String, Object> data = all.design();
        Files files = new Files(Neighbours.of(data));
        for (Object each : (List<?>) data.get("entities")) {
            if (name(each).equals(entity)) {
                run(data, all, each, files);
            }
        }
        return files.all();
    }

    private static String name(Object data) {
        return (String) ((Map<?, ?>) data).get("name");
    }

    private void run(Map<String, Object> design, TemplateData all, Object entity, Files files)
            throws TemplateProblemException {
        String name = name(entity);
        run("entity.ftl", design, name, Map.of("entity", entity, "code", files.code(all.formulas(name))), files);
    }

    private void run(String template, Map<String, Object> design, String about, Map<String, Object> more, Files files)
            throws TemplateProblemException {
        Map<String, Object> root = new HashMap<>(more);
        root.put("design", design);
        root.put("file", files.directive(more.containsKey("entity") ? about : ""));
        root.put("use", files.use());
        root.put("of", files.of());
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

    /** The names of classes by their packages, so that no import hides one of them. */
    private static final class Neighbours {
        private Neighbours() {}

        static Map<String, Set<String>> of(Map<String, Object> design) {
            Map<String, Set<String>> names = new HashMap<>();
            for (String part : List.of("entities", "enums")) {
                for (Object each : (List<?>) design.get(part)) {
                    Map<?, ?> data = (Map<?, ?>) each;
                    Set<String> own = names.computeIfAbsent((String) data.get("package"), p -> new HashSet<>());
                    own.add(String.valueOf(data.get("class")));
                    own.add(String.valueOf(data.get("rows")));
                }
            }
            return names;
        }
    }
}
