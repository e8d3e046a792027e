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
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The fields of a class with their mapping. */
final class Fields {
    private final JavaTarget target;
    private final ModelClass subject;
    private final Imports imports;
    private final JavaTypes types;
    private final Mappings mappings;

    Fields(JavaTarget target, ModelClass subject, Imports imports, JavaTypes types, Mappings mappings) {
        this.target = target;
        this.subject = subject;
        this.imports = imports;
        this.types = types;
        this.mappings = mappings;
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
        PropertyFields fields = new PropertyFields(imports, types, mappings);
        if (property.isValue()) {
            fields.value(code, property);
            return;
        }
        if (property.key()) {
            key(code, attribute);
        }
        if (Stamps.isVersion(subject, property)) {
            mappings.add(code, Mapping.of("Version"));
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
        mappings.add(code, Mapping.of("Id"));
        boolean alone = !subject.hasCompositeKey();
        String strategy = attribute.type().is(Scalar.SERIAL) ? "IDENTITY" : "UUID";
        if (alone && (attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID))) {
            mappings.add(
                    code,
                    Mapping.of("GeneratedValue").with("strategy", new Mapping.Constant("GenerationType", strategy)));
        }
    }

    private void listInRow(Code code, Property property) {
        Column column = property.column().orElseThrow();
        mappings.add(code, types.listConverter(property.attribute()));
        mappings.add(
                code,
                Mapping.of("Column")
                        .with("name", EntityFile.sqlText(column.name()))
                        .required(column.required()));
        collection(code, "List", "ArrayList", types.type(property.attribute().type()), property.name());
    }

    private void list(Code code, Property property, Table table) {
        Type type = property.attribute().type();
        mappings.add(code, Mapping.of("ElementCollection"));
        mappings.add(
                code,
                Mapping.of("CollectionTable")
                        .with("name", EntityFile.sqlText(table.name()))
                        .with("joinColumns", joinColumns(table.foreignKeys().get(0), false)));
        int owner = table.primaryKey().size() - 1;
        Column position = table.columns().get(owner);
        mappings.add(code, Mapping.of("OrderColumn").with("name", EntityFile.sqlText(position.name())));
        if (property.isValue()) {
            new PropertyFields(imports, types, mappings).overrides(code, property);
        } else {
            element(code, type, table.columns().get(owner + 1));
        }
        collection(code, "List", "ArrayList", types.type(type), property.name());
    }

    private void element(Code code, Type type, Column element) {
        types.converter(type).ifPresent(c -> mappings.add(code, c));
        mappings.add(code, JavaTypes.column(element.name(), true, type));
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
            Mapping many = Mapping.of("ManyToMany").with("mappedBy", inverse.mappedBy());
            mappings.add(code.blank(), cascading(many, inverse.name(), List.of()));
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
            mappings.add(code, Mapping.of("Id"));
        }
        Mapping relation = Mapping.of(one.unique() ? "OneToOne" : "ManyToOne");
        relation = (one.must() ? relation.with("optional", false) : relation).with("fetch", fetch());
        mappings.add(code, cascading(relation, one.name(), List.of()));
        mappings.add(code, joinColumnsAlone(one.foreignKey(), one.must() || one.key()));
        if (one.must()) {
            code.line(types.notNull());
        }
        mappings.field(code, "private " + className(one.target()) + " " + one.name() + ";", one.name());
    }

    /** Parts go with what has them; what is chosen to be is stored with it. */
    private Mapping cascading(Mapping relation, Association.Inverse inverse) {
        boolean goes = inverse.onDelete() == DeleteRule.DELETE_TOO;
        return goes && inverse.must()
                ? cascading(relation, List.of("ALL")).with("orphanRemoval", true)
                : cascading(relation, inverse.name(), goes ? List.of("REMOVE") : List.of());
    }

    /** @param others what cascades besides storing, where that is chosen for the role */
    private Mapping cascading(Mapping relation, String role, List<String> others) {
        boolean stored = target.options()
                .chosen()
                .named(TargetOption.CASCADE)
                .contains(subject.entity().name() + "." + role);
        return cascading(
                relation,
                Stream.concat(stored ? Stream.of("PERSIST", "MERGE") : Stream.<String>empty(), others.stream())
                        .toList());
    }

    private static Mapping cascading(Mapping relation, List<String> kinds) {
        return kinds.isEmpty()
                ? relation
                : relation.with(
                        "cascade",
                        kinds.stream()
                                .map(k -> new Mapping.Constant("CascadeType", k))
                                .toList());
    }

    private Mapping.Constant fetch() {
        return new Mapping.Constant("FetchType", target.options().is(TargetOption.FETCH, "eager") ? "EAGER" : "LAZY");
    }

    private void outside(Code code, Association.ToOutside out) {
        code.doc("Points to " + out.target() + ", which lives in another system.");
        if (out.key()) {
            mappings.add(code, Mapping.of("Id"));
        }
        mappings.add(code, JavaTypes.column(out.column().name(), out.column().required(), out.type()));
        if (out.must()) {
            code.line(types.notNull());
        }
        mappings.field(code, "private " + types.type(out.type()) + " " + out.name() + ";", out.name());
    }

    private void inverse(Code code, Association.Inverse inverse) {
        Mapping relation = Mapping.of(inverse.many() ? "OneToMany" : "OneToOne").with("mappedBy", inverse.mappedBy());
        Mapping mapped = cascading(relation, inverse);
        if (inverse.many()) {
            mappings.add(code, mapped);
            sorted(code, inverse.sortedBy());
            boolean set = target.keepsInSet(inverse);
            collection(
                    code,
                    set ? "Set" : "List",
                    set ? "LinkedHashSet" : "ArrayList",
                    className(inverse.target()),
                    inverse.name());
        } else {
            mappings.add(code, mapped.with("fetch", fetch()));
            mappings.field(code, "private " + className(inverse.target()) + " " + inverse.name() + ";", inverse.name());
        }
    }

    private void joined(Code code, Association.Joined joined) {
        mappings.add(code, cascading(Mapping.of("ManyToMany"), joined.name(), List.of()));
        mappings.add(
                code,
                Mapping.of("JoinTable")
                        .with("name", EntityFile.sqlText(joined.table().name()))
                        .with("joinColumns", joinColumns(joined.here(), false))
                        .with("inverseJoinColumns", joinColumns(joined.there(), false)));
        joined(code, joined.target(), joined.name(), joined.sortedBy());
    }

    /** What is in an order is a list; else no pair is twice in a set. */
    private void joined(Code code, String entity, String name, Optional<Association.SortedBy> sortedBy) {
        sorted(code, sortedBy);
        boolean list = sortedBy.isPresent();
        collection(code, list ? "List" : "Set", list ? "ArrayList" : "LinkedHashSet", className(entity), name);
    }

    private void sorted(Code code, Optional<Association.SortedBy> sortedBy) {
        sortedBy.ifPresent(s -> mappings.add(
                code, Mapping.of("OrderBy").with("value", s.property() + (s.falling() ? " DESC" : " ASC"))));
    }

    private void kindAndId(Code code, Association.OneOfKind kind) {
        code.blank().doc("The kind of " + kind.name() + ": one of " + String.join(", ", kind.subjects()) + ".");
        mappings.add(
                code,
                Mapping.of("Column")
                        .with("name", EntityFile.sqlText(kind.kind().name()))
                        .required(kind.must()));
        String kindField = kind.name() + "Kind";
        mappings.field(code, "private " + imports.use("java.lang.String") + " " + kindField + ";", kindField);
        code.blank().doc("The key of " + kind.name() + ", whose table its kind names.");
        mappings.add(code, JavaTypes.column(kind.id().name(), kind.must(), kind.idType()));
        String idField = kind.name() + "Id";
        mappings.field(code, "private " + types.type(kind.idType()) + " " + idField + ";", idField);
    }

    private void collection(Code code, String type, String implementation, String element, String name) {
        String declared = "private " + imports.use("java.util." + type) + "<" + element + "> " + name;
        mappings.field(code, declared + " = new " + imports.use("java.util." + implementation) + "<>();", name);
    }

    private static Mapping joinColumnsAlone(ForeignKey key, boolean required) {
        return key.columns().size() == 1
                ? joinColumn(key, 0, required)
                : Mapping.of("JoinColumns").with("value", joinColumns(key, required));
    }

    private static List<Mapping> joinColumns(ForeignKey key, boolean required) {
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> joinColumn(key, i, required))
                .toList();
    }

    private static Mapping joinColumn(ForeignKey key, int index, boolean required) {
        List<String> targets = key.targetColumns();
        Mapping column = Mapping.of("JoinColumn")
                .with("name", EntityFile.sqlText(key.columns().get(index)));
        return (targets.size() == 1
                        ? column
                        : column.with("referencedColumnName", EntityFile.sqlText(targets.get(index))))
                .required(required);
    }

    private String className(String entity) {
        return imports.use(target.qualified(entity));
    }
}
