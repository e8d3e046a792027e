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
import jasperwing.classes.java.Imports;
import jasperwing.classes.java.RecordFormula;
import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The files templates make: what stands between {@code <@file path="…">} and {@code </@file>} is one. */
final class Files {
    /** Stands in a file where its imports are to be. */
    static final String IMPORTS = "%imports%";

    private final Map<String, Set<String>> neighbours;
    private final Map<String, GeneratedFile> files = new LinkedHashMap<>();
    private Imports imports;

    Files(Map<String, Set<String>> neighbours) {
        this.neighbours = neighbours;
    }

    List<GeneratedFile> all() {
        return new ArrayList<>(files.values());
    }

    /** @param entity what the files are made for, or empty */
    TemplateDirectiveModel directive(String entity) {
        return (environment, parameters, loopVariables, body) -> file(environment, parameters, body, entity);
    }

    private void file(Environment environment, Map<?, ?> parameters, TemplateDirectiveBody body, String entity)
            throws TemplateException, IOException {
        String path = text(parameters, "path");
        if (path.isEmpty() || body == null) {
            throw new TemplateException("a file needs a path and a text: <@file path=\"…\">…</@file>", environment);
        }
        if (imports != null) {
            throw new TemplateException("a file cannot begin within another", environment);
        }
        String home = text(parameters, "package");
        imports = new Imports(home, text(parameters, "name"), neighbours.getOrDefault(home, Set.of()));
        StringWriter out = new StringWriter();
        try {
            body.render(out);
        } finally {
            String lines = imports.lines();
            imports = null;
            Origins made = new Origins(out.toString().replace(IMPORTS + "\n", lines), path.endsWith(".java"));
            if (files.putIfAbsent(path, new GeneratedFile(path, made.text(), entity, made.members())) != null) {
                throw new TemplateException("two files have the path '" + path + "'", environment);
            }
        }
    }

    private static String text(Map<?, ?> parameters, String name) {
        Object value = parameters.get(name);
        return value == null ? "" : value.toString();
    }

    /** {@code of("maxDepth")}: what the lines from this one on are made of, an attribute or a role; empty for the whole. */
    TemplateMethodModelEx of() {
        return arguments -> {
            if (imports == null || arguments.size() != 1) {
                throw new TemplateModelException("of(\"attribute\") stands within a file");
            }
            return Origins.mark(((TemplateModel) arguments.get(0)).toString());
        };
    }

    /**
     * {@code code("bottomTime", ["maxDepth"])}: the statements of Java that give a computed property.
     *
     * @param formulas by the properties; the second argument names the components whose type has no null
     */
    TemplateMethodModelEx code(Map<String, RecordFormula> formulas) {
        return arguments -> {
            if (imports == null
                    || arguments.size() != 2
                    || !(arguments.get(1) instanceof TemplateSequenceModel given)) {
                throw new TemplateModelException("code(\"property\", [\"primitive\"]) stands within a file");
            }
            RecordFormula formula = formulas.get(arguments.get(0).toString());
            if (formula == null) {
                throw new TemplateModelException(arguments.get(0) + " is not computed");
            }
            Set<String> primitives = new HashSet<>();
            for (int i = 0; i < given.size(); i++) {
                primitives.add(given.get(i).toString());
            }
            return formula.statements(imports, primitives);
        };
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
