package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A mapping of Jakarta Persistence, to be said as an annotation or as an element of {@code orm.xml}.
 *
 * @param name of the annotation, without its package
 * @param values of its members, in order: texts, numbers, truth values, {@link Constant}s, {@link ClassName}s, mappings, and lists of these
 */
record Mapping(String name, Map<String, Object> values) {
    /** A constant of one of the enums of the standard. */
    record Constant(String type, String name) {}

    /** @param nested the name of a class within it, or empty */
    record ClassName(String qualified, String nested) {}

    private static final String PERSISTENCE = "jakarta.persistence.";

    static Mapping of(String name) {
        return new Mapping(name, Map.of());
    }

    Mapping with(String member, Object value) {
        Map<String, Object> more = new LinkedHashMap<>(values);
        more.put(member, value);
        return new Mapping(name, more);
    }

    /** With {@code nullable = false} where something must be there. */
    Mapping required(boolean must) {
        return must ? with("nullable", false) : this;
    }

    /** Writes the annotation, those of tables in several lines. */
    void write(Code code, Imports imports) {
        if (name.equals("JoinTable")) {
            code.lines(members(imports, ",\n        ").lines().toList());
        } else if (values.get("uniqueConstraints") instanceof List<?> constraints) {
            String head = new Mapping(name, Map.of("name", values.get("name"))).annotation(imports);
            code.line(head.substring(0, head.length() - 1) + ", uniqueConstraints = {");
            for (int i = 0; i < constraints.size(); i++) {
                code.line(text(constraints.get(i), imports) + (i == constraints.size() - 1 ? "" : ","));
            }
            code.line("})");
        } else {
            code.line(annotation(imports));
        }
    }

    String annotation(Imports imports) {
        return members(imports, ", ");
    }

    private String members(Imports imports, String between) {
        String annotation = "@" + imports.use(PERSISTENCE + name);
        if (values.isEmpty()) {
            return annotation;
        }
        boolean alone = values.size() == 1 && values.containsKey("value");
        List<String> members = new ArrayList<>();
        values.forEach((member, value) -> members.add((alone ? "" : member + " = ") + text(value, imports)));
        return annotation + "(" + String.join(between, members) + ")";
    }

    private static String text(Object value, Imports imports) {
        if (value instanceof String string) {
            return Code.quote(string);
        }
        if (value instanceof Constant constant) {
            return imports.use(PERSISTENCE + constant.type()) + "." + constant.name();
        }
        if (value instanceof ClassName type) {
            return imports.use(type.qualified()) + (type.nested().isEmpty() ? "" : "." + type.nested()) + ".class";
        }
        if (value instanceof Mapping mapping) {
            return mapping.annotation(imports);
        }
        if (value instanceof List<?> list) {
            boolean single = list.size() == 1 && !(list.get(0) instanceof String);
            String all = list.stream().map(v -> text(v, imports)).collect(Collectors.joining(", "));
            return single ? all : "{" + all + "}";
        }
        return String.valueOf(value);
    }
}
