package jasperwing.classes.java;

import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import java.util.List;
import java.util.stream.Collectors;

/** The source of the class of a value: its parts are given when it is made, and values with equal parts are equal. */
final class ValueFile {
    private final ModelGroup value;
    private final Imports imports;
    private final JavaTypes types;
    private final Mappings mappings;

    ValueFile(ModelGroup value, Imports imports, JavaTypes types, Mappings mappings) {
        this.value = value;
        this.imports = imports;
        this.types = types;
        this.mappings = mappings;
    }

    String text() {
        Code code = new Code(0).doc(value.group().notes().doc());
        mappings.ofClass(code, Mapping.of("Embeddable"));
        code.line("public class " + value.name() + " {");
        PropertyFields fields = new PropertyFields(imports, types, mappings);
        for (Property property : value.properties()) {
            code.blank().doc(property.attribute().notes().doc());
            if (property.isValue()) {
                fields.value(code, property);
            } else {
                fields.column(code, property, false);
            }
        }
        constructors(code);
        value.properties().forEach(p -> getter(code, p));
        equality(code);
        return code.line("}").toString();
    }

    private String type(Property property) {
        return types.type(property.attribute().type());
    }

    private void constructors(Code code) {
        boolean parts = !value.properties().isEmpty();
        code.blank().doc(parts ? "For the persistence provider." : "");
        code.line((parts ? "protected " : "public ") + value.name() + "() {}");
        if (!parts) {
            return;
        }
        List<String> parameters =
                value.properties().stream().map(p -> type(p) + " " + p.name()).toList();
        EntityFile.signature(code.blank(), "public " + value.name(), parameters);
        value.properties().forEach(p -> code.line("this." + p.name() + " = " + p.name() + ";"));
        code.line("}");
    }

    private void getter(Code code, Property property) {
        code.blank().line("public " + type(property) + " " + Accessors.method("get", property.name()) + "() {");
        code.line("return " + property.name() + ";").line("}");
    }

    private void equality(Code code) {
        String override = "@" + imports.use("java.lang.Override");
        String objects = imports.use("java.util.Objects");
        List<String> names = value.properties().stream().map(Property::name).toList();
        code.blank().line(override).line("public boolean equals(" + imports.use("java.lang.Object") + " other) {");
        boolean parts = !names.isEmpty();
        String same = names.stream()
                .map(n -> " && " + objects + ".equals(this." + n + ", that." + n + ")")
                .collect(Collectors.joining());
        code.line("return this == other || other instanceof " + value.name() + (parts ? " that" : "") + same + ";");
        code.line("}");
        code.blank().line(override).line("public int hashCode() {");
        code.line("return "
                        + (parts
                                ? objects + ".hash(" + String.join(", ", names) + ")"
                                : value.name() + ".class.hashCode()")
                        + ";")
                .line("}");
        String text = names.stream().map(n -> " + \" \" + " + n).collect(Collectors.joining());
        code.blank().line(override).line("public " + imports.use("java.lang.String") + " toString() {");
        code.line("return " + Code.quote(value.name()) + text + ";").line("}");
    }
}
