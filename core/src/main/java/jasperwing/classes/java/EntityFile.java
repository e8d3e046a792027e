package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Scalar;
import jasperwing.model.TargetOption;
import jasperwing.schema.Dialect;
import jasperwing.schema.Table;
import jasperwing.schema.UniqueKey;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The source of the class of one entity. */
final class EntityFile {
    private static final String PERSISTENCE = "jakarta.persistence.";

    /** More parameters than this help nobody. */
    private static final int MOST_PARAMETERS = 40;

    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;

    EntityFile(JavaTarget target, ModelClass subject, Imports imports) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = new JavaTypes(target.model(), imports, target.options());
    }

    Code code() {
        Code code = new Code(0);
        head(code);
        new Fields(target, subject, imports, types).write(code);
        constructors(code);
        new Stamps(subject, imports, types).write(code);
        new Accessors(target, subject, imports, types).write(code);
        new Identity(target, subject, imports, types).write(code);
        return code.line("}");
    }

    private void head(Code code) {
        code.doc(subject.entity().notes().doc());
        code.line("@" + imports.use(PERSISTENCE + "Entity"));
        FamilyLines family = new FamilyLines(target, subject, imports);
        if (family.hasTable()) {
            table(code, subject.table());
        }
        family.annotations(code);
        if (subject.hasCompositeKey() && hasKey()) {
            code.line("@" + imports.use(PERSISTENCE + "IdClass") + "(" + subject.name() + ".Key.class)");
        }
        String interfaces = Stream.concat(
                        target.traitsOf(subject), subject.subjectOf().stream().map(this::subjectInterface))
                .map(imports::use)
                .collect(Collectors.joining(", "));
        code.line("public " + family.modifier() + "class " + subject.name() + family.superclass()
                + (interfaces.isEmpty() ? "" : " implements " + interfaces) + " {");
    }

    private String subjectInterface(ModelClass.SubjectOf of) {
        ModelClass holder = target.find(of.holder());
        Association.OneOfEach oneOf = holder.all(Association.OneOfEach.class).stream()
                .filter(o -> o.name().equals(of.association()))
                .findFirst()
                .orElseThrow();
        return target.packageOf(holder) + "." + target.subjectName(holder, oneOf);
    }

    private boolean hasKey() {
        return !subject.keyProperties().isEmpty() || !subject.keyReferences().isEmpty();
    }

    private void table(Code code, Table table) {
        String open = "@" + imports.use(PERSISTENCE + "Table") + "(name = " + sqlName(table.name());
        if (table.uniques().isEmpty()) {
            code.line(open + ")");
            return;
        }
        String unique = "@" + imports.use(PERSISTENCE + "UniqueConstraint");
        code.line(open + ", uniqueConstraints = {");
        for (UniqueKey key : table.uniques()) {
            String columns = key.columns().stream().map(EntityFile::sqlName).collect(Collectors.joining(", "));
            boolean last = key == table.uniques().get(table.uniques().size() - 1);
            code.line(unique + "(name = " + sqlName(key.name()) + ", columnNames = {" + columns + "})"
                    + (last ? "" : ","));
        }
        code.line("})");
    }

    /** A physical name as a string literal, quoted for SQL where PostgreSQL needs it. */
    static String sqlName(String name) {
        return Code.quote(Dialect.POSTGRESQL.quote(name));
    }

    /** @param inherited whether the constructor of what it is a kind of sets it */
    private record Parameter(String type, String name, boolean bySetter, boolean inherited) {
        Parameter ofParent() {
            return new Parameter(type, name, bySetter, true);
        }
    }

    private void constructors(Code code) {
        List<Parameter> required = target.options().is(TargetOption.CONSTRUCTORS, "none") ? List.of() : given(subject);
        boolean second = !required.isEmpty() && required.size() <= MOST_PARAMETERS;
        code.blank().doc(second ? "For the persistence provider." : "");
        code.line((second ? "protected " : "public ") + subject.name() + "() {}");
        if (!second) {
            return;
        }
        code.blank();
        List<String> parameters =
                required.stream().map(p -> p.type() + " " + p.name()).toList();
        signature(code, "public " + subject.name(), parameters);
        List<String> above = required.stream()
                .filter(Parameter::inherited)
                .map(Parameter::name)
                .toList();
        if (!above.isEmpty()) {
            code.line("super(" + String.join(", ", above) + ");");
        }
        for (Parameter parameter : required.subList(above.size(), required.size())) {
            code.line(
                    parameter.bySetter()
                            ? Accessors.method("set", parameter.name()) + "(" + parameter.name() + ");"
                            : "this." + parameter.name() + " = " + parameter.name() + ";");
        }
        code.line("}");
    }

    static void signature(Code code, String start, List<String> parameters) {
        String line = start + "(" + String.join(", ", parameters) + ") {";
        if (line.length() <= 110) {
            code.line(line);
            return;
        }
        code.line(start + "(");
        for (int i = 0; i < parameters.size(); i++) {
            code.line("        " + parameters.get(i) + (i == parameters.size() - 1 ? ") {" : ","));
        }
    }

    /** What the constructor takes: what an object cannot be without, or more; what the class it extends asks for comes first. */
    private List<Parameter> given(ModelClass of) {
        List<Parameter> all = new ArrayList<>();
        of.parent().map(target::find).ifPresent(p -> given(p).forEach(each -> all.add(each.ofParent())));
        for (Association association : of.associations()) {
            if (association instanceof Association.ToOne one && isGiven(one.must(), one.key())) {
                all.add(parameter(imports.use(target.qualified(one.target())), one.name(), true));
            } else if (association instanceof Association.ToOutside out && isGiven(out.must(), out.key())) {
                all.add(parameter(types.type(out.type()), out.name(), false));
            } else if (association instanceof Association.OneOfEach each
                    && isGiven(each.must(), false)
                    && each.outside().isEmpty()) {
                String type = target.packageOf(of) + "." + target.subjectName(of, each);
                all.add(parameter(imports.use(type), each.name(), true));
            }
        }
        of.properties().stream()
                .filter(p -> !p.attribute().list() && p.attribute().stamped().isEmpty())
                .filter(p -> isGiven(isRequired(p), p.key()))
                .forEach(p -> all.add(parameter(types.type(p.attribute().type()), p.name(), false)));
        return all;
    }

    private boolean isGiven(boolean required, boolean key) {
        return target.options().is(TargetOption.CONSTRUCTORS, "needed")
                ? required
                : !key || target.options().is(TargetOption.CONSTRUCTORS, "all");
    }

    private static Parameter parameter(String type, String name, boolean bySetter) {
        return new Parameter(type, name, bySetter, false);
    }

    private boolean isRequired(Property property) {
        boolean generated = property.attribute().type().is(Scalar.SERIAL)
                || property.key() && property.attribute().type().is(Scalar.UUID);
        return !property.attribute().optional()
                && !generated
                && types.initial(property.attribute()).isEmpty();
    }
}
