package jasperwing.classes.jakarta;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Field;
import jasperwing.classes.language.Fields;
import jasperwing.derive.Reference;
import jasperwing.model.DeleteRule;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The fields a class knows others by. */
final class AssociationFields {
    private final ChosenClasses classes;
    private final Columns columns;
    private final ModelClass subject;

    AssociationFields(ChosenClasses classes, ModelClass subject) {
        this.classes = classes;
        this.columns = new Columns(classes);
        this.subject = subject;
    }

    /** Those of one association; none of what is read through links. */
    List<MappedField> of(Association association) {
        List<Field> fields = new Fields(classes).of(association);
        return association.match(
                one -> isMapped(one)
                        ? List.of(sharedKey(one), toOne(one, fields.get(0)))
                        : List.of(toOne(one, fields.get(0))),
                outside -> List.of(outside(outside, fields.get(0))),
                inverse -> List.of(inverse(inverse, fields.get(0))),
                joined -> List.of(joined(joined, fields.get(0))),
                inverse -> List.of(joinedInverse(inverse, fields.get(0))),
                through -> List.of(),
                each -> each(each, fields),
                kind -> kind(kind, fields));
    }

    private List<MappedField> each(Association.OneOfEach each, List<Field> fields) {
        List<MappedField> all = new ArrayList<>();
        each.subjects().forEach(s -> all.add(toOne(s, fields.get(all.size()))));
        each.outside().forEach(o -> all.add(outside(o, fields.get(all.size()))));
        return all;
    }

    private List<MappedField> kind(Association.OneOfKind kind, List<Field> fields) {
        return List.of(
                MappedField.of(fields.get(0), List.of(column(kind.kind(), kind, Type.of(Scalar.LONG_TEXT))), false),
                MappedField.of(fields.get(1), List.of(column(kind.id(), kind, kind.idType())), false));
    }

    private Annotation column(Column column, Association.OneOfKind kind, Type type) {
        return columns.column(column.name(), kind.must(), type);
    }

    /**
     * Whether the key is an attribute of its own that is mapped by the reference. EclipseLink takes no such class in the key of another, Hibernate
     * none whose reference is the key itself.
     */
    private boolean isMapped(Association.ToOne one) {
        return classes.sharedKey(subject).filter(one::equals).isPresent()
                && !classes.options().is("provider", "eclipselink");
    }

    /** The key of what is referred to, which the provider fills in. */
    private MappedField sharedKey(Association.ToOne one) {
        Set<String> taken = Stream.concat(
                        subject.properties().stream().map(Property::name),
                        subject.associations().stream().map(Association::name))
                .collect(Collectors.toSet());
        String name = one.name() + "Id";
        for (int i = 2; taken.contains(name); i++) {
            name = one.name() + "Id" + i;
        }
        Annotation column = Annotation.of("Column")
                .with("name", columns.sqlText(one.foreignKey().columns().get(0)))
                .required(true);
        Field field = new Field(name, one.name(), "", MappedFields.keyType(classes, one.target()), Optional.empty());
        return MappedField.of(field, List.of(Annotation.of("Id"), column), false);
    }

    private MappedField toOne(Association.ToOne one, Field field) {
        List<Annotation> mappings = new ArrayList<>();
        if (isMapped(one)) {
            mappings.add(Annotation.of("MapsId"));
        } else if (one.key()) {
            mappings.add(Annotation.of("Id"));
        }
        Annotation relation = Annotation.of("ManyToOne");
        relation = (one.must() ? relation.with("optional", false) : relation).with("fetch", fetch());
        mappings.add(cascading(relation, one.name(), List.of()));
        Annotation join = columns.join(one.foreignKey(), one.must() || one.key());
        boolean alone = one.unique() && join.name().equals("JoinColumn");
        mappings.add(alone ? join.with("unique", true) : join);
        return MappedField.of(field, mappings, one.must());
    }

    private MappedField outside(Association.ToOutside out, Field field) {
        List<Annotation> mappings = new ArrayList<>();
        if (out.key()) {
            mappings.add(Annotation.of("Id"));
        }
        mappings.add(columns.column(out.column().name(), out.column().required(), out.type()));
        return MappedField.of(field, mappings, out.must());
    }

    /** The inverse side of a one-to-one is a list with at most one element: a provider can load a list lazily, but not a single inverse reference. */
    private MappedField inverse(Association.Inverse inverse, Field field) {
        Annotation relation = Annotation.of("OneToMany").with("mappedBy", inverse.mappedBy());
        return inOrder(field, List.of(cascading(relation, inverse)), inverse.order(), inverse.most());
    }

    private MappedField joined(Association.Joined joined, Field field) {
        Annotation table = columns.named("JoinTable", joined.table())
                .with("joinColumns", joins(joined.here()))
                .with("inverseJoinColumns", joins(joined.there()));
        Annotation relation = cascading(Annotation.of("ManyToMany"), joined.name(), List.of());
        return inOrder(field, List.of(relation, table), joined.order(), joined.most());
    }

    private List<Annotation> joins(Reference key) {
        return columns.joins(key, false);
    }

    private MappedField joinedInverse(Association.JoinedInverse inverse, Field field) {
        Annotation many = Annotation.of("ManyToMany").with("mappedBy", inverse.mappedBy());
        return inOrder(field, List.of(cascading(many, inverse.name(), List.of())), inverse.order(), inverse.most());
    }

    private static MappedField inOrder(Field field, List<Annotation> mappings, Association.Order order, int most) {
        List<Annotation> all = new ArrayList<>(mappings);
        if (!order.isEmpty()) {
            String value = order.keys().stream()
                    .map(k -> String.join(".", k.path()) + (k.falling() ? " DESC" : " ASC"))
                    .collect(Collectors.joining(", "));
            all.add(Annotation.of("OrderBy").with("value", value));
        }
        return new MappedField(
                field, all, most > 0 ? List.of(Annotation.rule("Size").with("max", most)) : List.of());
    }

    /** Parts go with what has them, but can be moved to another; what is chosen to be is stored with it. */
    private Annotation cascading(Annotation relation, Association.Inverse inverse) {
        boolean goes = inverse.onDelete() == DeleteRule.DELETE_TOO;
        return goes && inverse.must()
                ? relation.cascading(List.of("ALL"))
                : cascading(relation, inverse.name(), goes ? List.of("REMOVE") : List.of());
    }

    /** @param others what cascades besides storing, where that is chosen for the role */
    private Annotation cascading(Annotation relation, String role, List<String> others) {
        boolean stored =
                classes.options().named("cascade").contains(subject.entity().name() + "." + role);
        Stream<String> storing = stored ? Stream.of("PERSIST", "MERGE") : Stream.empty();
        return relation.cascading(Stream.concat(storing, others.stream()).toList());
    }

    private Annotation.Constant fetch() {
        return Annotation.constant("FetchType", classes.options().is("fetch", "eager") ? "EAGER" : "LAZY");
    }
}
