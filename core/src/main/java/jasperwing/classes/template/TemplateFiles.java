package jasperwing.classes.template;

import freemarker.core.Environment;
import freemarker.template.TemplateDirectiveBody;
import freemarker.template.TemplateDirectiveModel;
import freemarker.template.TemplateException;
import freemarker.template.TemplateMethodModelEx;
import freemarker.template.TemplateModel;
import freemarker.template.TemplateModelException;
import freemarker.template.TemplateSequenceModel;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Source;
import jasperwing.classes.language.Imports;
import jasperwing.classes.language.Language;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** The files templates make: what stands between {@code <@file path="…">} and {@code </@file>} is one. */
final class TemplateFiles {
    /** Stands in a file where its imports are to be. */
    static final String IMPORTS = "%imports%";

    private final Language language;
    private final Map<String, Set<String>> neighbours;
    private final Map<String, GeneratedFile> files = new LinkedHashMap<>();
    private final List<Source> marked = new ArrayList<>();
    private Imports imports;

    /** @param neighbours simple names of classes by what they lie in */
    TemplateFiles(Language language, Map<String, Set<String>> neighbours) {
        this.language = language;
        this.neighbours = neighbours;
    }

    List<GeneratedFile> all() {
        return new ArrayList<>(files.values());
    }

    /**
     * The directive that begins a file.
     *
     * @param entity what the files are made for, or empty
     * @param whole what their lines are made of where nothing is said
     */
    TemplateDirectiveModel directive(String entity, Source whole) {
        return (environment, parameters, loopVariables, body) -> {
            GeneratedFile file = file(environment, parameters, body, entity, whole);
            if (files.putIfAbsent(file.path(), file) != null) {
                throw new TemplateException(twice(file.path()), environment);
            }
        };
    }

    private GeneratedFile file(
            Environment environment, Map<?, ?> parameters, TemplateDirectiveBody body, String entity, Source whole)
            throws TemplateException, IOException {
        String path = text(parameters, "path");
        if (path.isEmpty() || body == null) {
            throw new TemplateException("a file needs a path and a text: <@file path=\"…\">…</@file>", environment);
        }
        if (imports != null) {
            throw new TemplateException("a file cannot begin within another", environment);
        }
        String home = text(parameters, "package");
        imports = language.imports(home, text(parameters, "name"), neighbours.getOrDefault(home, Set.of()));
        Writer out = new LimitedWriter(path);
        String lines;
        try {
            body.render(out);
        } finally {
            lines = imports.lines();
            imports = null;
        }
        Origins made = new Origins(
                withImports(out.toString(), lines),
                marked,
                whole,
                Optional.of(language).filter(l -> l.isSource(path)));
        marked.clear();
        return new GeneratedFile(path, made.text(), entity, made.sources());
    }

    /** Only the first line that is nothing else stands for the imports: what is below it may be text of the design. */
    private static String withImports(String text, String lines) {
        int at = text.startsWith(IMPORTS + "\n") ? 0 : text.indexOf("\n" + IMPORTS + "\n") + 1;
        return at == 0 && !text.startsWith(IMPORTS + "\n")
                ? text
                : text.substring(0, at) + lines + text.substring(at + IMPORTS.length() + 1);
    }

    /** What is wrong when two files have one path. */
    static String twice(String path) {
        return "two files have the path '" + path + "'";
    }

    private static String text(Map<?, ?> parameters, String name) {
        Object value = parameters.get(name);
        return value == null ? "" : value.toString();
    }

    /**
     * {@code of("maxDepth")}: what the lines from this one on are made of, an attribute, role or value of what the template is run for; empty for all of
     * it. {@code of("Dive", "maxDepth")} names that, too.
     */
    TemplateMethodModelEx of(Source whole) {
        return arguments -> {
            boolean named = arguments.size() == 2;
            if (imports == null || arguments.isEmpty() || arguments.size() > 2) {
                throw new TemplateModelException(
                        "of(\"attribute\") or of(\"Entity\", \"attribute\") stands within a file");
            }
            String of = named ? arguments.get(0).toString() : whole.of();
            marked.add(new Source(of, arguments.get(named ? 1 : 0).toString()));
            return Origins.mark(marked.size() - 1);
        };
    }

    /**
     * {@code code("bottomTime")}: the statements that give a computed property of an object; with the components of a row whose type has no
     * null, {@code code("bottomTime", ["depth"])}, those that give one of a row.
     */
    TemplateMethodModelEx code(ComputedCode computed) {
        return arguments -> {
            boolean ofRow = arguments.size() == 2 && arguments.get(1) instanceof TemplateSequenceModel;
            if (imports == null || arguments.size() != 1 && !ofRow) {
                throw new TemplateModelException(
                        "code(\"property\") or code(\"property\", [\"primitive\"]) stands within a file");
            }
            String property = arguments.get(0).toString();
            Optional<List<String>> statements = ofRow
                    ? computed.ofRow(property, imports, texts((TemplateSequenceModel) arguments.get(1)))
                    : computed.ofObject(property, imports);
            return statements.orElseThrow(() -> new TemplateModelException(property + " is not computed"));
        };
    }

    /**
     * {@code holds("endAfterItStarts")}: the statements that tell whether an object fulfils a rule; with the components of a row whose type has no null,
     * whether a row does. None where the rule reads more than there is.
     */
    TemplateMethodModelEx holds(RuleCode rules) {
        return arguments -> {
            boolean ofRow = arguments.size() == 2 && arguments.get(1) instanceof TemplateSequenceModel;
            if (imports == null || arguments.size() != 1 && !ofRow) {
                throw new TemplateModelException(
                        "holds(\"rule\") or holds(\"rule\", [\"primitive\"]) stands within a file");
            }
            String rule = arguments.get(0).toString();
            Optional<List<String>> statements = ofRow
                    ? rules.ruleOfRow(rule, imports, texts((TemplateSequenceModel) arguments.get(1)))
                    : rules.ruleOfObject(rule, imports);
            return statements.orElseThrow(() -> new TemplateModelException(rule + " is no rule"));
        };
    }

    private static Set<String> texts(TemplateSequenceModel given) throws TemplateModelException {
        Set<String> texts = new HashSet<>();
        for (int i = 0; i < given.size(); i++) {
            texts.add(given.get(i).toString());
        }
        return texts;
    }

    /** {@code method("get", "depth")}: the name of the method that does something with a property. */
    TemplateMethodModelEx method() {
        return arguments -> language.methodName(text(arguments, 0), text(arguments, 1));
    }

    /** {@code elementMethod("add", "photos")}: the name of the method that does something with one of several. */
    TemplateMethodModelEx elementMethod() {
        return arguments -> language.elementMethodName(text(arguments, 0), text(arguments, 1));
    }

    /**
     * What the language writes for what is given: {@code language.type("small int")}, {@code language.text("…")}, {@code language.comment("…")},
     * {@code language.number("decimal", "1.5")}.
     */
    Map<String, TemplateMethodModelEx> language() {
        return Map.of(
                "type", one(language::typeName),
                "text", one(language::text),
                "comment", one(language::comment),
                "number", number());
    }

    private static TemplateMethodModelEx one(UnaryOperator<String> write) {
        return arguments -> {
            if (arguments.size() != 1) {
                throw new TemplateModelException("expected one text, but there are " + arguments.size());
            }
            return write.apply(arguments.get(0).toString());
        };
    }

    private TemplateMethodModelEx number() {
        return arguments -> {
            if (imports == null || arguments.size() != 2) {
                throw new TemplateModelException("language.number(\"type\", \"digits\") stands within a file");
            }
            return language.number(text(arguments, 0), text(arguments, 1), imports);
        };
    }

    private static String text(List<?> arguments, int index) throws TemplateModelException {
        if (arguments.size() != 2) {
            throw new TemplateModelException(
                    "expected two texts, a verb and a property, but there are " + arguments.size());
        }
        return arguments.get(index).toString();
    }

    /** {@code use("java.util.List")}: how the file names a class, which is imported when its simple name is free. */
    TemplateMethodModelEx use() {
        return arguments -> {
            if (imports == null || arguments.size() != 1) {
                throw new TemplateModelException("use(\"a.qualified.Name\") stands within a file");
            }
            return imports.use(((TemplateModel) arguments.get(0)).toString());
        };
    }
}
