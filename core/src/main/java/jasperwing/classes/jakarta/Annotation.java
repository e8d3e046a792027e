package jasperwing.classes.jakarta;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What one of the standards says of a class or a field, to be written as an annotation or as an element of {@code orm.xml}.
 *
 * @param home the package of the annotation
 * @param members in order: texts, numbers, truth values, {@link Constant}s, {@link ClassName}s, annotations, and lists of these
 */
record Annotation(String home, String name, Map<String, Object> members) {
    /** A constant of one of the enums of the standard. */
    record Constant(String home, String type, String name) {}

    /** @param nested the name of a class within it, or empty */
    record ClassName(String qualified, String nested) {}

    private static final String PERSISTENCE = "jakarta.persistence";
    private static final String VALIDATION = "jakarta.validation.constraints";

    /** One of Jakarta Persistence. */
    static Annotation of(String name) {
        return new Annotation(PERSISTENCE, name, Map.of());
    }

    /** A constraint of Jakarta Validation. */
    static Annotation rule(String name) {
        return new Annotation(VALIDATION, name, Map.of());
    }

    static Constant constant(String type, String name) {
        return new Constant(PERSISTENCE, type, name);
    }

    Annotation with(String member, Object value) {
        Map<String, Object> more = new LinkedHashMap<>(members);
        more.put(member, value);
        return new Annotation(home, name, more);
    }

    /** With {@code nullable = false} where something must be there. */
    Annotation required(boolean must) {
        return must ? with("nullable", false) : this;
    }

    /** With {@code cascade}, where anything does. */
    Annotation cascading(List<String> kinds) {
        return kinds.isEmpty()
                ? this
                : with(
                        "cascade",
                        kinds.stream().map(k -> constant("CascadeType", k)).toList());
    }
}
