package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.schema.Dialect;
import jasperwing.schema.Table;
import jasperwing.schema.UniqueKey;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The source of the class of one entity. */
final class EntityFile {
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
        new Constructors(target, subject, imports, types).write(code);
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
}
