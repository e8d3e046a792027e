package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.TargetOption;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.schema.Column;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The methods that read and change a class; those of associations keep both ends in step. */
final class Accessors {
    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;
    private final boolean changes;

    Accessors(JavaTarget target, ModelClass subject, Imports imports, JavaTypes types) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = types;
        this.changes = target.options().areChanged();
    }

    static String method(String verb, String property) {
        String name = verb + Words.capitalised(property);
        return name.equals("getClass") ? "getClass_" : name;
    }

    void write(Code code) {
        subject.properties().forEach(p -> property(code, p));
        subject.computed().forEach(c -> computed(code.about(c.name()), c));
        subject.associations().forEach(a -> association(code.about(a.name()), a));
        code.about("");
    }

    /** None when the formula names what the classes do not lead to. */
    private void computed(Code code, Computed computed) {
        Stream<String> taken = Stream.concat(
                subject.properties().stream().map(Property::name),
                subject.associations().stream().map(Association::name));
        Type type = computed.attribute().type();
        List<String> statements =
                new FormulaCode(new Getters(target.model()), taken, imports).statements(computed.formula(), type);
        if (!statements.isEmpty()) {
            code.blank().doc(computed.attribute().notes().doc());
            code.line("public " + types.type(type) + " " + method("get", computed.name()) + "() {");
            code.lines(statements).line("}");
        }
    }

    private void property(Code code, Property property) {
        code.about(property.name());
        Attribute attribute = property.attribute();
        String type = types.type(attribute.type());
        if (attribute.list()) {
            list(code, property, imports.use("java.util.List") + "<" + type + ">");
            return;
        }
        getter(code, type, property.name());
        boolean counted = property.column().map(Column::generated).orElse(false);
        if (!counted && attribute.stamped().isEmpty()) {
            setter(code, type, property.name());
        }
    }

    /** One in the row is stored anew only when it is another one: a provider need not see what changes within it. */
    private void list(Code code, Property property, String type) {
        String name = property.name();
        if (changes && !property.attribute().isListInRow()) {
            getter(code, type, name);
            return;
        }
        view(code, "List", types.type(property.attribute().type()), name);
        if (!changes) {
            return;
        }
        code.blank().doc("Keeps a copy.");
        setterHead(code, type, name);
        code.line("this." + name + " = new " + imports.use("java.util.ArrayList") + "<>(" + name + ");");
        setterEnd(code);
    }

    private void getter(Code code, String type, String name) {
        code.blank().line("public " + type + " " + method("get", name) + "() {");
        code.line("return " + name + ";").line("}");
    }

    private void setter(Code code, String type, String name) {
        if (!changes) {
            return;
        }
        setterHead(code.blank(), type, name);
        code.line("this." + name + " = " + name + ";");
        setterEnd(code);
    }

    private void setterHead(Code code, String type, String name) {
        code.line("public " + given(target, subject) + " " + method("set", name) + "(" + type + " " + name + ") {");
    }

    private void setterEnd(Code code) {
        code.lines(end(target)).line("}");
    }

    /** What setters give back. */
    static String given(JavaTarget target, ModelClass subject) {
        return target.options().is(TargetOption.SETTERS, "fluent") ? subject.name() : "void";
    }

    /** The last statement of a setter, if it needs one. */
    static List<String> end(JavaTarget target) {
        return target.options().is(TargetOption.SETTERS, "fluent") ? List.of("return this;") : List.of();
    }

    /** Leaves a setter before its end. */
    private void leave(Code code) {
        code.line(end(target).isEmpty() ? "return;" : "return this;");
    }

    private void association(Code code, Association association) {
        if (association instanceof Association.ToOne one) {
            getter(code, className(one.target()), one.name());
            reference(code, className(one.target()), one.name(), one.inverse(), one.unique());
        } else if (association instanceof Association.ToOutside out) {
            getter(code, types.type(out.type()), out.name());
            setter(code, types.type(out.type()), out.name());
        } else if (association instanceof Association.Inverse inverse && inverse.many()) {
            inverseMany(code, inverse);
        } else if (association instanceof Association.Inverse inverse) {
            getter(code, className(inverse.target()), inverse.name());
            reference(code, className(inverse.target()), inverse.name(), Optional.of(reader(inverse)), true);
        } else if (association instanceof Association.Joined joined) {
            joined(
                    code,
                    joined.target(),
                    joined.name(),
                    joined.inverse(),
                    joined.sortedBy().isPresent());
        } else if (association instanceof Association.JoinedInverse inverse) {
            joined(
                    code,
                    inverse.target(),
                    inverse.name(),
                    Optional.of(inverse.mappedBy()),
                    inverse.sortedBy().isPresent());
        } else if (association instanceof Association.ThroughLink through) {
            throughLink(code, through);
        } else if (association instanceof Association.OneOfEach each) {
            oneOfEach(code, each);
        } else if (association instanceof Association.OneOfKind kind) {
            new KindAccessors(target, subject, imports, types).write(code, kind);
        }
    }

    /** A setter that tells the object let go and the one taken up. */
    private void reference(Code code, String type, String name, Optional<String> inverse, boolean one) {
        if (inverse.isEmpty() || !changes) {
            setter(code, type, name);
            return;
        }
        setterHead(code.blank(), type, name);
        code.line("if (this." + name + " == " + name + ") {");
        leave(code);
        code.line("}");
        String before = local("before", name);
        code.line(type + " " + before + " = this." + name + ";");
        code.line("this." + name + " = " + name + ";");
        String get = method("get", inverse.get());
        code.line("if (" + before + " != null" + (one ? " && " + before + "." + get + "() == this" : "") + ") {");
        code.line(before + "."
                + (one ? method("set", inverse.get()) + "(null);" : element("remove", inverse.get()) + "(this);"));
        code.line("}").line("if (" + name + " != null) {");
        code.line(name + "." + (one ? method("set", inverse.get()) : element("add", inverse.get())) + "(this);");
        setterEnd(code.line("}"));
    }

    /** A name for a local variable beside a parameter. */
    private static String local(String wanted, String parameter) {
        return wanted.equals(parameter) ? wanted + "_" : wanted;
    }

    /** How the holder reads this object: the one-of's name where the mapped field is one of its columns. */
    private String reader(Association.Inverse inverse) {
        return target.find(inverse.target()).all(Association.OneOfEach.class).stream()
                .filter(o -> o.subjects().stream().anyMatch(s -> s.name().equals(inverse.mappedBy())))
                .map(Association.OneOfEach::name)
                .findFirst()
                .orElse(inverse.mappedBy());
    }

    static String element(String verb, String collection) {
        return verb + Words.capitalised(Plurals.singular(collection));
    }

    private void inverseMany(Code code, Association.Inverse inverse) {
        String type = className(inverse.target());
        String reader = reader(inverse);
        String field = "this." + inverse.name();
        view(code, target.keepsInSet(inverse) ? "Set" : "List", type, inverse.name());
        if (!changes) {
            return;
        }
        code.blank().line("public void " + element("add", inverse.name()) + "(" + type + " other) {");
        code.line("if (!" + field + ".contains(other)) {")
                .line(field + ".add(other);")
                .line("}");
        code.line("other." + method("set", reader) + "(this);").line("}");
        code.blank().line("public void " + element("remove", inverse.name()) + "(" + type + " other) {");
        code.line("if (" + field + ".remove(other) && other." + method("get", reader) + "() == this) {");
        code.line("other." + method("set", reader) + "(null);").line("}").line("}");
    }

    /** @param list whether it is kept as a list, which takes care itself that nothing is in it twice */
    private void joined(Code code, String entity, String name, Optional<String> inverse, boolean list) {
        String type = className(entity);
        view(code, list ? "List" : "Set", type, name);
        if (!changes) {
            return;
        }
        for (String verb : List.of("add", "remove")) {
            boolean guarded = list && verb.equals("add");
            String change =
                    (guarded ? "!this." + name + ".contains(other) && " : "") + "this." + name + "." + verb + "(other)";
            code.blank().line("public void " + element(verb, name) + "(" + type + " other) {");
            if (inverse.isPresent()) {
                code.line("if (" + change + ") {");
                code.line("other." + element(verb, inverse.get()) + "(this);").line("}");
            } else if (guarded) {
                code.line("if (!this." + name + ".contains(other)) {");
                code.line("this." + name + ".add(other);").line("}");
            } else {
                code.line(change + ";");
            }
            code.line("}");
        }
    }

    /** A getter that shows a collection without letting it be changed past the helper methods. */
    private void view(Code code, String collection, String element, String name) {
        String collections = imports.use("java.util.Collections");
        code.blank()
                .line("public " + imports.use("java.util." + collection) + "<" + element + "> " + method("get", name)
                        + "() {");
        code.line("return " + collections + ".unmodifiable" + collection + "(" + name + ");")
                .line("}");
    }

    private void throughLink(Code code, Association.ThroughLink through) {
        String type = className(through.target());
        String change = changes ? "; add or remove a " + through.link() + " to change it." : ".";
        code.blank().doc("Read through " + through.links() + change);
        code.line(
                "public " + imports.use("java.util.List") + "<" + type + "> " + method("get", through.name()) + "() {");
        code.line("return " + through.links() + ".stream().map(" + className(through.link()) + "::"
                + method("get", through.linkRole()) + ").distinct()" + sorted(through) + ".toList();");
        code.line("}");
    }

    /** Rows without a value come last. */
    private String sorted(Association.ThroughLink through) {
        return through.sortedBy()
                .map(s -> {
                    String comparator = imports.use("java.util.Comparator");
                    String order = comparator + (s.falling() ? ".reverseOrder()" : ".naturalOrder()");
                    return ".sorted(" + comparator + ".comparing(" + className(through.target()) + "::"
                            + method("get", s.property()) + ", " + comparator + ".nullsLast(" + order + ")))";
                })
                .orElse("");
    }

    private void oneOfEach(Code code, Association.OneOfEach each) {
        each.outside().forEach(o -> {
            getter(code, types.type(o.type()), o.name());
            setter(code, types.type(o.type()), o.name());
        });
        String name = each.name();
        String type = imports.use(target.packageOf(subject) + "." + target.subjectName(subject, each));
        code.blank().doc("The one that is there, or null.").line("public " + type + " " + method("get", name) + "() {");
        each.subjects().forEach(s -> code.line("if (" + s.name() + " != null) {")
                .line("return " + s.name() + ";")
                .line("}"));
        code.line("return null;").line("}");
        if (!changes) {
            return;
        }
        setterHead(code.blank(), type, name);
        String before = local("before", name);
        code.line(type + " " + before + " = " + method("get", name) + "();");
        code.line("if (" + before + " == " + name + ") {");
        leave(code);
        code.line("}");
        for (Association.ToOne s : each.subjects()) {
            String it = className(s.target()) + " " + local("it", name);
            code.line("this." + s.name() + " = " + name + " instanceof " + it + " ? " + local("it", name) + " : null;");
        }
        each.subjects().forEach(s -> inStep(code, s, name));
        setterEnd(code);
    }

    private void inStep(Code code, Association.ToOne one, String name) {
        one.inverse().ifPresent(inverse -> {
            String it = local("it", name);
            String is = " instanceof " + className(one.target()) + " " + it;
            String get = method("get", inverse);
            boolean single = one.unique();
            code.line("if (" + local("before", name) + is + (single ? " && " + it + "." + get + "() == this" : "")
                    + ") {");
            code.line(
                    it + "." + (single ? method("set", inverse) + "(null);" : element("remove", inverse) + "(this);"));
            code.line("}").line("if (" + name + is + ") {");
            code.line(it + "." + (single ? method("set", inverse) : element("add", inverse)) + "(this);")
                    .line("}");
        });
    }

    private String className(String entity) {
        return imports.use(target.qualified(entity));
    }
}
