package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Scalar;
import jasperwing.model.TargetOption;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;

/** The constructors of a class: the empty one, and one that takes what is chosen; of what cannot be changed, all that there is to say. */
final class Constructors {
    /** More parameters than this help nobody who can set the rest. */
    private static final int MOST_PARAMETERS = 40;

    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;
    private final boolean changes;

    Constructors(JavaTarget target, ModelClass subject, Imports imports, JavaTypes types) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = types;
        this.changes = target.options().areChanged();
    }

    /**
     * One of its parameters.
     *
     * @param statements that keep it
     * @param inherited whether the constructor of what it is a kind of does so
     */
    private record Parameter(String type, String name, List<String> statements, boolean inherited) {
        static Parameter of(String type, String name, String value) {
            return new Parameter(type, name, List.of("this." + name + " = " + value + ";"), false);
        }

        Parameter ofParent() {
            return new Parameter(type, name, statements, true);
        }
    }

    void write(Code code) {
        List<Parameter> required = target.options().is(TargetOption.CONSTRUCTORS, "none") ? List.of() : given(subject);
        boolean second = !required.isEmpty() && (required.size() <= MOST_PARAMETERS || !changes);
        code.blank().doc(second ? "For the persistence provider." : "");
        code.line((second ? "protected " : "public ") + subject.name() + "() {}");
        if (!second) {
            return;
        }
        code.blank();
        List<String> parameters =
                required.stream().map(p -> p.type() + " " + p.name()).toList();
        EntityFile.signature(code, "public " + subject.name(), parameters);
        List<String> above = required.stream()
                .filter(Parameter::inherited)
                .map(Parameter::name)
                .toList();
        if (!above.isEmpty()) {
            code.line("super(" + String.join(", ", above) + ");");
        }
        required.stream().filter(p -> !p.inherited()).forEach(p -> code.lines(p.statements()));
        code.line("}");
    }

    /** What the constructor takes: what an object cannot be without, or more; what the class it extends asks for comes first. */
    private List<Parameter> given(ModelClass of) {
        List<Parameter> all = new ArrayList<>();
        of.parent().map(target::find).ifPresent(p -> given(p).forEach(each -> all.add(each.ofParent())));
        of.associations().forEach(a -> association(of, a, all));
        of.properties().stream()
                .filter(p -> !p.attribute().list() && p.attribute().stamped().isEmpty())
                .filter(p -> isGiven(isRequired(p), p.key()))
                .forEach(p -> all.add(Parameter.of(types.type(p.attribute().type()), p.name(), p.name())));
        if (!changes) {
            of.properties().stream()
                    .filter(p -> p.attribute().list())
                    .forEach(
                            p -> all.add(copied("List", types.type(p.attribute().type()), p.name())));
        }
        return all;
    }

    private void association(ModelClass of, Association association, List<Parameter> all) {
        if (association instanceof Association.ToOne one && isGiven(one.must(), one.key())) {
            String type = imports.use(target.qualified(one.target()));
            all.add(changes ? bySetter(type, one.name()) : Parameter.of(type, one.name(), one.name()));
        } else if (association instanceof Association.ToOutside out && isGiven(out.must(), out.key())) {
            all.add(Parameter.of(types.type(out.type()), out.name(), out.name()));
        } else if (association instanceof Association.OneOfEach each && isGiven(each.must(), false)) {
            oneOf(of, each, all);
        } else if (association instanceof Association.OneOfKind kind && !changes) {
            String name = kind.name() + "Kind";
            all.add(Parameter.of(imports.use("java.lang.String"), name, name));
            all.add(Parameter.of(types.type(kind.idType()), kind.name() + "Id", kind.name() + "Id"));
        } else if (association instanceof Association.Joined joined && !changes) {
            String type = joined.sortedBy().isPresent() ? "List" : "Set";
            all.add(copied(type, imports.use(target.qualified(joined.target())), joined.name()));
        }
    }

    private void oneOf(ModelClass of, Association.OneOfEach each, List<Parameter> all) {
        String type = imports.use(target.packageOf(of) + "." + target.subjectName(of, each));
        if (changes && each.outside().isEmpty()) {
            all.add(bySetter(type, each.name()));
        } else if (!changes) {
            List<String> statements = each.subjects().stream()
                    .map(s -> "this." + s.name() + " = " + each.name() + " instanceof "
                            + imports.use(target.qualified(s.target())) + " " + its(s) + " ? " + its(s) + " : null;")
                    .toList();
            all.add(new Parameter(type, each.name(), statements, false));
            each.outside().forEach(o -> all.add(Parameter.of(types.type(o.type()), o.name(), o.name())));
        }
    }

    private static String its(Association.ToOne one) {
        return "its" + Words.capitalised(one.name());
    }

    /** The other end is told. */
    private static Parameter bySetter(String type, String name) {
        return new Parameter(type, name, List.of(Accessors.method("set", name) + "(" + name + ");"), false);
    }

    private Parameter copied(String type, String element, String name) {
        String kept = imports.use("java.util." + (type.equals("List") ? "ArrayList" : "LinkedHashSet"));
        return Parameter.of(
                imports.use("java.util." + type) + "<" + element + ">", name, "new " + kept + "<>(" + name + ")");
    }

    private boolean isGiven(boolean required, boolean key) {
        boolean needed = target.options().is(TargetOption.CONSTRUCTORS, "needed");
        return needed && (changes || key) ? required : !key || target.options().is(TargetOption.CONSTRUCTORS, "all");
    }

    private boolean isRequired(Property property) {
        boolean generated = property.attribute().type().is(Scalar.SERIAL)
                || property.key() && property.attribute().type().is(Scalar.UUID);
        return !property.attribute().optional()
                && !generated
                && types.initial(property.attribute()).isEmpty();
    }
}
