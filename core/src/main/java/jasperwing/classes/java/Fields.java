package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Scalar;
import jasperwing.model.TargetOption;
import jasperwing.model.Type;
import jasperwing.schema.Column;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.Table;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The fields of a class with their mapping. */
final class Fields {
    private static final String PERSISTENCE = "jakarta.persistence.";

    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;

    Fields(JavaTarget target, ModelClass subject, Imports imports, JavaTypes types) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = types;
    }

    void write(Code code) {
        subject.properties().stream().filter(Property::key).forEach(p -> property(code, p));
        subject.associations().stream().filter(a -> !isBack(a)).forEach(a -> association(code, a));
        subject.properties().stream().filter(p -> !p.key()).forEach(p -> property(code, p));
        subject.associations().stream().filter(Fields::isBack).forEach(a -> association(code, a));
        code.about("");
    }

    private static boolean isBack(Association association) {
        return association instanceof Association.Inverse || association instanceof Association.JoinedInverse;
    }

    private void property(Code code, Property property) {
        code.blank().about(property.name());
        Attribute attribute = property.attribute();
        code.doc(attribute.notes().doc());
        if (property.listTable().isPresent()) {
            list(code, property, property.listTable().get());
            return;
        }
        if (attribute.list()) {
            listInRow(code, property);
            return;
        }
        PropertyFields fields = new PropertyFields(imports, types);
        if (property.isValue()) {
            fields.value(code, property);
            return;
        }
        if (property.key()) {
            key(code, attribute);
        }
        if (Stamps.isVersion(subject, property)) {
            code.line(annotation("Version"));
        }
        boolean generated = property.column().orElseThrow().generated();
        fields.column(code, property, generated || generatedUuid(property));
    }

    private boolean generatedUuid(Property property) {
        return property.key()
                && !subject.hasCompositeKey()
                && property.attribute().type().is(Scalar.UUID);
    }

    private void key(Code code, Attribute attribute) {
        code.line(annotation("Id"));
        boolean alone = !subject.hasCompositeKey();
        String strategy = attribute.type().is(Scalar.SERIAL) ? "IDENTITY" : "UUID";
        if (alone && (attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID))) {
            code.line(annotation("GeneratedValue") + "(strategy = " + imports.use(PERSISTENCE + "GenerationType") + "."
                    + strategy + ")");
        }
    }

    private void listInRow(Code code, Property property) {
        Column column = property.column().orElseThrow();
        code.line(types.listConverter(property.attribute()));
        code.line(annotation("Column") + "(name = " + EntityFile.sqlName(column.name())
                + (column.required() ? ", nullable = false" : "") + ")");
        collection(code, "List", "ArrayList", types.type(property.attribute().type()), property.name());
    }

    private void list(Code code, Property property, Table table) {
        Type type = property.attribute().type();
        code.line(annotation("ElementCollection"));
        code.line(annotation("CollectionTable") + "(name = " + EntityFile.sqlName(table.name()) + ", "
                + joinColumns("joinColumns", table.foreignKeys().get(0), false) + ")");
        int owner = table.primaryKey().size() - 1;
        Column position = table.columns().get(owner);
        code.line(annotation("OrderColumn") + "(name = " + EntityFile.sqlName(position.name()) + ")");
        if (property.isValue()) {
            new PropertyFields(imports, types).overrides(code, property);
        } else {
            element(code, type, table.columns().get(owner + 1));
        }
        collection(code, "List", "ArrayList", types.type(type), property.name());
    }

    private void element(Code code, Type type, Column element) {
        String converter = types.converter(type);
        if (!converter.isEmpty()) {
            code.line(converter);
        }
        code.line(annotation("Column") + "(name = " + EntityFile.sqlName(element.name()) + ", nullable = false"
                + JavaTypes.size(type) + ")");
    }

    private void association(Code code, Association association) {
        code.about(association.name());
        if (association instanceof Association.ToOne one) {
            toOne(code.blank().doc(one.doc()), one);
        } else if (association instanceof Association.ToOutside out) {
            outside(code.blank(), out);
        } else if (association instanceof Association.Inverse inverse) {
            inverse(code.blank(), inverse);
        } else if (association instanceof Association.Joined joined) {
            joined(code.blank(), joined);
        } else if (association instanceof Association.JoinedInverse inverse) {
            code.blank()
                    .line(annotation("ManyToMany") + "(mappedBy = \"" + inverse.mappedBy() + "\""
                            + cascades(inverse.name(), List.of()) + ")");
            joined(code, inverse.target(), inverse.name(), inverse.sortedBy());
        } else if (association instanceof Association.OneOfEach each) {
            each.subjects().forEach(s -> toOne(code.blank(), s));
            each.outside().forEach(o -> outside(code.blank(), o));
        } else if (association instanceof Association.OneOfKind kind) {
            kindAndId(code, kind);
        }
    }

    private void toOne(Code code, Association.ToOne one) {
        if (one.key()) {
            code.line(annotation("Id"));
        }
        String optional = one.must() ? "optional = false, " : "";
        code.line(annotation(one.unique() ? "OneToOne" : "ManyToOne") + "(" + optional + "fetch = " + fetch()
                + cascades(one.name(), List.of()) + ")");
        code.line(joinColumnsAlone(one.foreignKey(), one.must() || one.key()));
        if (one.must()) {
            code.line(types.notNull());
        }
        code.line("private " + className(one.target()) + " " + one.name() + ";");
    }

    /** Parts go with what has them; what is chosen to be is stored with it. */
    private String cascade(Association.Inverse inverse) {
        boolean goes = inverse.onDelete() == DeleteRule.DELETE_TOO;
        return goes && inverse.must()
                ? cascadeOf("ALL") + ", orphanRemoval = true"
                : cascades(inverse.name(), goes ? List.of("REMOVE") : List.of());
    }

    /** @param others what cascades besides storing, where that is chosen for the role */
    private String cascades(String role, List<String> others) {
        boolean stored = target.options()
                .chosen()
                .named(TargetOption.CASCADE)
                .contains(subject.entity().name() + "." + role);
        List<String> all = Stream.concat(
                        stored ? Stream.of("PERSIST", "MERGE") : Stream.<String>empty(), others.stream())
                .toList();
        return all.isEmpty() ? "" : cascadeOf(all.toArray(String[]::new));
    }

    private String cascadeOf(String... kinds) {
        String type = imports.use(PERSISTENCE + "CascadeType");
        String all = Arrays.stream(kinds).map(k -> type + "." + k).collect(Collectors.joining(", "));
        return ", cascade = " + (kinds.length == 1 ? all : "{" + all + "}");
    }

    private String fetch() {
        return imports.use(PERSISTENCE + "FetchType")
                + (target.options().is(TargetOption.FETCH, "eager") ? ".EAGER" : ".LAZY");
    }

    private void outside(Code code, Association.ToOutside out) {
        code.doc("Points to " + out.target() + ", which lives in another system.");
        if (out.key()) {
            code.line(annotation("Id"));
        }
        String nullable = out.column().required() ? ", nullable = false" : "";
        code.line(annotation("Column") + "(name = "
                + EntityFile.sqlName(out.column().name()) + nullable + JavaTypes.size(out.type()) + ")");
        if (out.must()) {
            code.line(types.notNull());
        }
        code.line("private " + types.type(out.type()) + " " + out.name() + ";");
    }

    private void inverse(Code code, Association.Inverse inverse) {
        String mapped = "(mappedBy = \"" + inverse.mappedBy() + "\"" + cascade(inverse);
        if (inverse.many()) {
            code.line(annotation("OneToMany") + mapped + ")");
            sorted(code, inverse.sortedBy());
            boolean set = target.keepsInSet(inverse);
            collection(
                    code,
                    set ? "Set" : "List",
                    set ? "LinkedHashSet" : "ArrayList",
                    className(inverse.target()),
                    inverse.name());
        } else {
            code.line(annotation("OneToOne") + mapped + ", fetch = " + fetch() + ")");
            code.line("private " + className(inverse.target()) + " " + inverse.name() + ";");
        }
    }

    private void joined(Code code, Association.Joined joined) {
        String cascade = cascades(joined.name(), List.of());
        code.line(annotation("ManyToMany") + (cascade.isEmpty() ? "" : "(" + cascade.substring(2) + ")"));
        code.line(annotation("JoinTable") + "(name = "
                + EntityFile.sqlName(joined.table().name()) + ",");
        code.line("        " + joinColumns("joinColumns", joined.here(), false) + ",");
        code.line("        " + joinColumns("inverseJoinColumns", joined.there(), false) + ")");
        joined(code, joined.target(), joined.name(), joined.sortedBy());
    }

    /** What is in an order is a list; else no pair is twice in a set. */
    private void joined(Code code, String entity, String name, Optional<Association.SortedBy> sortedBy) {
        sorted(code, sortedBy);
        boolean list = sortedBy.isPresent();
        collection(code, list ? "List" : "Set", list ? "ArrayList" : "LinkedHashSet", className(entity), name);
    }

    private void sorted(Code code, Optional<Association.SortedBy> sortedBy) {
        sortedBy.ifPresent(s ->
                code.line(annotation("OrderBy") + "(\"" + s.property() + (s.falling() ? " DESC" : " ASC") + "\")"));
    }

    private void kindAndId(Code code, Association.OneOfKind kind) {
        String nullable = kind.must() ? ", nullable = false" : "";
        code.blank().doc("The kind of " + kind.name() + ": one of " + String.join(", ", kind.subjects()) + ".");
        code.line(annotation("Column") + "(name = "
                + EntityFile.sqlName(kind.kind().name()) + nullable + ")");
        code.line("private " + imports.use("java.lang.String") + " " + kind.name() + "Kind;")
                .blank();
        code.doc("The key of " + kind.name() + ", whose table its kind names.");
        code.line(annotation("Column") + "(name = "
                + EntityFile.sqlName(kind.id().name()) + nullable + JavaTypes.size(kind.idType()) + ")");
        code.line("private " + types.type(kind.idType()) + " " + kind.name() + "Id;");
    }

    private void collection(Code code, String type, String implementation, String element, String name) {
        code.line("private " + imports.use("java.util." + type) + "<" + element + "> " + name + " = new "
                + imports.use("java.util." + implementation) + "<>();");
    }

    private String joinColumnsAlone(ForeignKey key, boolean required) {
        if (key.columns().size() == 1) {
            return joinColumn(key, 0, required);
        }
        return annotation("JoinColumns") + "({" + all(key, required) + "})";
    }

    private String joinColumns(String parameter, ForeignKey key, boolean required) {
        String columns = all(key, required);
        return parameter + " = " + (key.columns().size() == 1 ? columns : "{" + columns + "}");
    }

    private String all(ForeignKey key, boolean required) {
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> joinColumn(key, i, required))
                .collect(Collectors.joining(", "));
    }

    private String joinColumn(ForeignKey key, int index, boolean required) {
        List<String> targets = key.targetColumns();
        String referenced =
                targets.size() == 1 ? "" : ", referencedColumnName = " + EntityFile.sqlName(targets.get(index));
        return annotation("JoinColumn") + "(name = "
                + EntityFile.sqlName(key.columns().get(index)) + referenced + (required ? ", nullable = false" : "")
                + ")";
    }

    private String annotation(String name) {
        return "@" + imports.use(PERSISTENCE + name);
    }

    private String className(String entity) {
        return imports.use(target.qualified(entity));
    }
}
