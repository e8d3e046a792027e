package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.model.Type;
import java.util.List;

/** The accessors of a kind-and-id pair. */
record KindAccessors(JavaTarget target, ModelClass owner, Imports imports, JavaTypes types) {
    void write(Code code, Association.OneOfKind kind) {
        String string = imports.use("java.lang.String");
        String idType = types.type(kind.idType());
        String get = Accessors.method("get", kind.name());
        code.blank()
                .line("public " + string + " " + get + "Kind() {")
                .line("return " + kind.name() + "Kind;")
                .line("}");
        code.blank()
                .line("public " + idType + " " + get + "Id() {")
                .line("return " + kind.name() + "Id;")
                .line("}");
        for (String entity : target.options().areChanged() ? kind.subjects() : List.<String>of()) {
            setter(code, kind, entity, idType);
        }
        if (!kind.subjects().isEmpty()) {
            classOf(code, kind, get);
        }
    }

    private void classOf(Code code, Association.OneOfKind kind, String get) {
        code.blank().doc("The class to find " + kind.name() + " with, by its id; null when there is none.");
        code.line("public " + imports.use("java.lang.Class") + "<?> " + get + "Class() {");
        code.line("if (" + kind.name() + "Kind == null) {").line("return null;").line("}");
        code.line("return switch (" + kind.name() + "Kind) {");
        kind.subjects()
                .forEach(s ->
                        code.line("case " + Code.quote(s) + " -> " + imports.use(target.qualified(s)) + ".class;"));
        code.line("default -> throw new " + imports.use("java.lang.IllegalStateException") + "(\"not a kind: \" + "
                + kind.name() + "Kind);");
        code.line("};").line("}");
    }

    private void setter(Code code, Association.OneOfKind kind, String entity, String idType) {
        ModelClass subject = target.keyed(entity);
        if (subject.hasCompositeKey()) {
            return;
        }
        String key = subject.keyProperties().get(0).name();
        Type keyType = subject.keyProperties().get(0).attribute().type();
        boolean same = types.type(keyType).equals(idType);
        String read = kind.name() + "." + Accessors.method("get", key) + "()";
        code.blank().doc("Points to a stored " + entity + "; one without a key cannot be pointed to.");
        code.line("public " + Accessors.given(target, owner) + " " + Accessors.method("set", kind.name()) + "("
                + imports.use(target.qualified(entity)) + " " + kind.name() + ") {");
        code.line("if (" + read + " == null) {");
        code.line("throw new " + imports.use("java.lang.IllegalStateException")
                        + "(\"store it first: it has no key yet\");")
                .line("}");
        code.line(kind.name() + "Kind = " + Code.quote(entity) + ";");
        code.line(kind.name() + "Id = " + (same ? read : imports.use("java.lang.String") + ".valueOf(" + read + ")")
                + ";");
        code.lines(Accessors.end(target)).line("}");
    }
}
