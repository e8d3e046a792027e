package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Family;
import jasperwing.model.TargetOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** {@code equals}, {@code hashCode}, {@code toString} and the class of a composite key. */
final class Identity {
    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;
    private final String override;

    Identity(JavaTarget target, ModelClass subject, Imports imports, JavaTypes types) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = types;
        this.override = "@" + imports.use("java.lang.Override");
    }

    private record Part(String type, String name) {}

    void write(Code code) {
        List<Part> key = keyParts();
        if (!key.isEmpty() && target.options().is(TargetOption.EQUALS, "key")) {
            equality(code, subject.name(), key, true);
        }
        boolean shows = !target.options().is(TargetOption.DISPLAY, "none");
        if (shows && (subject.parent().isEmpty() || !subject.entity().shown().isEmpty())) {
            shown(code, key);
        }
        if (!key.isEmpty() && subject.hasCompositeKey()) {
            keyClass(code, key);
        }
    }

    private List<Part> keyParts() {
        List<Part> parts = new ArrayList<>();
        subject.keyProperties()
                .forEach(p -> parts.add(new Part(types.type(p.attribute().type()), p.name())));
        subject.keyReferences().forEach(r -> parts.add(new Part(keyType(r.target()), r.name())));
        subject.all(Association.ToOutside.class).stream()
                .filter(Association.ToOutside::key)
                .forEach(o -> parts.add(new Part(types.type(o.type()), o.name())));
        return parts;
    }

    /** The type of the key of an entity: of its attribute, or its key class. */
    private String keyType(String entity) {
        ModelClass other = target.keyed(entity);
        List<Property> key = other.keyProperties();
        return other.hasCompositeKey()
                ? imports.use(target.qualified(other.entity().name())) + ".Key"
                : types.type(key.get(0).attribute().type());
    }

    /** Two objects are equal when both are stored and have the same key; the hash does not change by being stored. */
    private void equality(Code code, String name, List<Part> key, boolean entity) {
        String object = imports.use("java.lang.Object");
        code.blank().line(override).line("public boolean equals(" + object + " other) {");
        String objects = entity ? "" : imports.use("java.util.Objects");
        String same = key.stream()
                .map(p -> entity
                        ? "&& this." + p.name() + " != null && this." + p.name() + ".equals(that." + p.name() + ")"
                        : "&& " + objects + ".equals(this." + p.name() + ", that." + p.name() + ")")
                .collect(Collectors.joining(" "));
        code.line("return this == other || other instanceof " + name + " that " + same + ";")
                .line("}");
        code.blank().line(override).line("public int hashCode() {");
        String fields = key.stream().map(Part::name).collect(Collectors.joining(", "));
        code.line("return " + (entity ? name + ".class.hashCode()" : objects + ".hash(" + fields + ")") + ";")
                .line("}");
    }

    private void shown(Code code, List<Part> key) {
        boolean byKey = target.options().is(TargetOption.DISPLAY, "key");
        List<String> members = subject.entity().shown().names().stream()
                .filter(n -> !byKey)
                .flatMap(n -> field(n).stream())
                .toList();
        String text = String.join(" + \" \" + ", members);
        if (members.isEmpty()) {
            text = (subject.isRoot() ? "getClass().getSimpleName()" : Code.quote(subject.name()))
                    + key.stream().map(p -> " + \" \" + " + p.name()).collect(Collectors.joining());
        } else if (members.size() == 1) {
            text = imports.use("java.lang.String") + ".valueOf(" + text + ")";
        }
        code.blank().line(override).line("public " + imports.use("java.lang.String") + " toString() {");
        code.line("return " + text + ";").line("}");
    }

    private List<String> field(String member) {
        List<String> own = properties(subject, member).toList();
        if (!own.isEmpty() || subject.parent().isEmpty()) {
            return own;
        }
        return Family.ancestors(target.model().design(), subject.entity().name()).stream()
                .flatMap(a -> properties(target.find(a.name()), member))
                .limit(1)
                .map(p -> Accessors.method("get", p) + "()")
                .toList();
    }

    private static Stream<String> properties(ModelClass of, String member) {
        return Stream.concat(
                        of.properties().stream()
                                .filter(p -> p.attribute().name().equals(member))
                                .map(Property::name),
                        of.all(Association.ToOne.class).stream()
                                .filter(a -> a.foreignKey()
                                        .role()
                                        .map(r -> r.name().equals(member))
                                        .orElse(false))
                                .map(Association.ToOne::name))
                .limit(1);
    }

    private void keyClass(Code code, List<Part> key) {
        code.blank().doc("The key of " + subject.entity().name() + ".");
        code.line("public static class Key implements " + imports.use("java.io.Serializable") + " {");
        code.line("private static final long serialVersionUID = 1L;").blank();
        key.forEach(p -> code.line("private " + p.type() + " " + p.name() + ";"));
        code.blank().line("public Key() {}").blank();
        String parameters = key.stream().map(p -> p.type() + " " + p.name()).collect(Collectors.joining(", "));
        code.line("public Key(" + parameters + ") {");
        key.forEach(p -> code.line("this." + p.name() + " = " + p.name() + ";"));
        code.line("}");
        equality(code, "Key", key, false);
        code.line("}");
    }
}
