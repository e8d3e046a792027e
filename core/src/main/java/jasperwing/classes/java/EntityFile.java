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
    /** More parameters than this help nobody. */
    private static final int MOST_PARAMETERS = 40;

    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;
    private final Mappings mappings;

    EntityFile(JavaTarget target, ModelClass subject, Imports imports) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = new JavaTypes(target.model(), imports, target.options());
        this.mappings = new Mappings(imports, target.options().mapsInSource());
    }

    Code code() {
        Code code = new Code(0);
        head(code);
        new Fields(target, subject, imports, types, mappings).write(code);
        constructors(code);
        new Stamps(subject, types, mappings).write(code);
        new Accessors(target, subject, imports, types).write(code);
        new Identity(target, subject, imports, types).write(code);
        return code.line("}");
    }

    private void head(Code code) {
        code.doc(subject.entity().notes().doc());
        mappings.ofClass(code, Mapping.of("Entity"));
        FamilyLines family = new FamilyLines(target, subject, imports);
        if (family.hasTable()) {
            mappings.ofClass(code, table(subject.table()));
        }
        family.mappings().forEach(m -> mappings.ofClass(code, m));
        if (subject.hasCompositeKey() && hasKey()) {
            Mapping.ClassName key = new Mapping.ClassName(target.packageOf(subject) + "." + subject.name(), "Key");
            mappings.ofClass(code, Mapping.of("IdClass").with("value", key));
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

    private static Mapping table(Table table) {
        Mapping mapping = Mapping.of("Table").with("name", sqlText(table.name()));
        return table.uniques().isEmpty()
                ? mapping
                : mapping.with(
                        "uniqueConstraints",
                        table.uniques().stream().map(EntityFile::unique).toList());
    }

    private static Mapping unique(UniqueKey key) {
        return Mapping.of("UniqueConstraint")
                .with("name", sqlText(key.name()))
                .with(
                        "columnNames",
                        key.columns().stream().map(EntityFile::sqlText).toList());
    }

    /** A physical name, quoted for SQL where PostgreSQL needs it. */
    static String sqlText(String name) {
        return Dialect.POSTGRESQL.quote(name);
    }

    Mappings mappings() {
        return mappings;
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
