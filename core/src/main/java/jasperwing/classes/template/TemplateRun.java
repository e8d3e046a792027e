package jasperwing.classes.template;

import freemarker.core.Environment;
import freemarker.core.ParseException;
import freemarker.template.Configuration;
import freemarker.template.Template;
import freemarker.template.TemplateException;
import freemarker.template.TemplateNotFoundException;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Source;
import jasperwing.model.AttributeGroup;
import jasperwing.model.EnumType;
import java.io.IOException;
import java.io.Writer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The templates of a folder as they are run for one design, or for a part of its entities. Confined to one thread. */
final class TemplateRun {
    private final Configuration configuration;
    private final TemplateData data;
    private final Data design;
    private final TemplateFiles files;
    private final Optional<TemplateGuard> guard;

    TemplateRun(Configuration configuration, TemplateData data) {
        this(configuration, data, Optional.empty());
    }

    /** @param guard what ends templates that do not end by themselves */
    TemplateRun(Configuration configuration, TemplateData data, Optional<TemplateGuard> guard) {
        this.guard = guard;
        this.configuration = configuration;
        this.data = data;
        this.design = data.design();
        this.files = new TemplateFiles(data.language(), data.names());
    }

    /**
     * What was made.
     *
     * @param problem that ended it
     */
    record Made(List<GeneratedFile> files, Optional<TemplateProblemException> problem) {}

    /** A part of the work. */
    private interface Part {
        void run() throws TemplateProblemException;
    }

    /** The entities that are wanted, in order. */
    List<String> entities(Optional<Set<String>> names) {
        return data.entities()
                .filter(e -> names.isEmpty() || names.get().contains(e))
                .toList();
    }

    /** The files of some entities. */
    Made made(List<String> entities) {
        return made(() -> entities(entities));
    }

    /** The files of some entities, and those of all that is wanted besides entities. */
    Made made(List<String> entities, Optional<Set<String>> names) {
        return made(() -> {
            if (names.isEmpty()) {
                whole();
            }
            entities(entities);
            others(names);
        });
    }

    /** The files of what is made once. */
    Made once() {
        return made(this::whole);
    }

    private void whole() throws TemplateProblemException {
        run("design.ftl", "", Map.of());
    }

    private Made made(Part part) {
        try {
            part.run();
            return new Made(files.all(), Optional.empty());
        } catch (TemplateProblemException e) {
            return new Made(List.of(), Optional.of(e));
        }
    }

    /** All that was made, sorted by path. */
    static List<GeneratedFile> together(List<Made> all) throws TemplateProblemException {
        Map<String, GeneratedFile> files = new TreeMap<>();
        for (Made made : all) {
            if (made.problem().isPresent()) {
                throw made.problem().get();
            }
            for (GeneratedFile file : made.files()) {
                if (files.putIfAbsent(file.path(), file) != null) {
                    throw new TemplateProblemException(
                            "entity.ftl", 0, file.entity(), TemplateFiles.twice(file.path()));
                }
            }
        }
        return List.copyOf(files.values());
    }

    private void entities(List<String> names) throws TemplateProblemException {
        for (String name : names) {
            ComputedCode computed = data.computed(name);
            run(
                    "entity.ftl",
                    name,
                    Map.of("entity", data.entity(name), "code", files.code(computed), "holds", files.holds(computed)));
        }
    }

    private void others(Optional<Set<String>> names) throws TemplateProblemException {
        for (EnumType type : data.enums().toList()) {
            if (names.isEmpty() || names.get().contains(type.name())) {
                run("enum.ftl", type.name(), Map.of("enum", data.enumType(type)));
            }
        }
        for (AttributeGroup.Kind kind : AttributeGroup.Kind.values()) {
            String template = kind == AttributeGroup.Kind.VALUE ? "value.ftl" : "trait.ftl";
            for (Data group : data.groups(kind)) {
                if (names.isEmpty() || names.get().contains(group.text("name"))) {
                    String name = group.text("name");
                    run(template, name, Map.of("group", group, "holds", files.holds(data.valueRules(name))));
                }
            }
        }
    }

    private void run(String template, String about, Map<String, Object> more) throws TemplateProblemException {
        Map<String, Object> root = new HashMap<>(more);
        root.put("design", design);
        Source whole = new Source(about, "");
        root.put("file", files.directive(more.containsKey("entity") ? about : "", whole));
        root.put("use", files.use());
        root.put("of", files.of(whole));
        root.put("language", files.language());
        root.put("method", files.method());
        root.put("elementMethod", files.elementMethod());
        process(template, root, about);
    }

    private void process(String template, Map<String, Object> root, String about) throws TemplateProblemException {
        try {
            Template found = configuration.getTemplate(template);
            Environment environment = found.createProcessingEnvironment(root, Writer.nullWriter());
            if (guard.isPresent()) {
                guard.get().begin();
                environment.setTemplateProcessingTracer(guard.get());
            }
            environment.process();
        } catch (TemplateNotFoundException e) {
            if (!template.equals(e.getTemplateName())) {
                throw new TemplateProblemException(template, 0, about, "there is no template " + e.getTemplateName());
            }
        } catch (ParseException e) {
            throw new TemplateProblemException(e.getTemplateName(), e.getLineNumber(), "", e.getEditorMessage());
        } catch (TemplateException e) {
            int line = e.getLineNumber() == null ? 0 : e.getLineNumber();
            String name = e.getTemplateSourceName() == null ? template : e.getTemplateSourceName();
            throw new TemplateProblemException(name, line, about, what(e) + reached(e, template, name));
        } catch (IOException e) {
            throw new TemplateProblemException(template, 0, about, e.getMessage());
        }
    }

    /** Where a mistake in a template that another one includes or imports was come to from. */
    private static String reached(TemplateException e, String template, String at) {
        Matcher place = Pattern.compile("in template \"" + Pattern.quote(template) + "\".* at line (\\d+)")
                .matcher(String.valueOf(e.getFTLInstructionStack()));
        return at.equals(template) || !place.find() ? "" : " (reached from " + template + ":" + place.group(1) + ")";
    }

    /** What is wrong, in its first paragraph. */
    private static String what(TemplateException e) {
        for (Throwable at = e; at != null; at = at.getCause()) {
            if (at instanceof TemplateGuard.EndedException) {
                return at.getMessage();
            }
        }
        String message = e.getMessageWithoutStackTop();
        if (message == null) {
            return e.getCause() == null
                    ? "it cannot be run"
                    : String.valueOf(e.getCause().getMessage());
        }
        return message.split("\n\n")[0].replaceAll("\\s+", " ").strip();
    }
}
