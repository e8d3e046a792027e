package jasperwing.classes.jakarta;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.classes.jakarta.FieldType.Many;
import jasperwing.derive.Reference;
import jasperwing.model.DeleteRule;
import jasperwing.model.Scalar;
import jasperwing.model.TargetOption;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The fields a class knows others by. */
final class AssociationFields {
    private final ChosenClasses classes;
    private final ModelClass subject;

    AssociationFields(ChosenClasses classes, ModelClass subject) {
        this.classes = classes;
        this.subject = subject;
    }

    /** Those of one association; none of what is read through links. */
    List<Field> of(Association association) {
        String member = association.name();
        return association.match(
                one -> isMapped(one)
                        ? List.of(sharedKey(one), toOne(one, member, one.doc()))
                        : List.of(toOne(one, member, one.doc())),
                outside -> List.of(outside(outside, member)),
                inverse -> List.of(inverse(inverse)),
                joined -> List.of(joined(joined)),
                inverse -> List.of(joinedInverse(inverse)),
                through -> List.of(),
                this::each,
                this::kind);
    }

    private Field joinedInverse(Association.JoinedInverse inverse) {
        Annotation many = Annotation.of("ManyToMany").with("mappedBy", inverse.mappedBy());
        return pairs(
                inverse.name(),
                inverse.target(),
                List.of(cascading(many, inverse.name(), List.of())),
                inverse.sortedBy());
    }

    private List<Field> each(Association.OneOfEach each) {
        return Stream.concat(
                        each.subjects().stream().map(s -> toOne(s, each.name(), "")),
                        each.outside().stream().map(o -> outside(o, each.name())))
                .toList();
    }

    private List<Field> kind(Association.OneOfKind kind) {
        Type text = Type.of(Scalar.LONG_TEXT);
        return List.of(
                field(
                        kind.name() + "Kind",
                        kind.name(),
                        "The kind of " + kind.name() + ": one of " + String.join(", ", kind.subjects()) + ".",
                        FieldType.of(text),
                        List.of(Columns.column(kind.kind().name(), kind.must(), text)),
                        false),
                field(
                        kind.name() + "Id",
                        kind.name(),
                        "The key of " + kind.name() + ", whose table its kind names.",
                        FieldType.of(kind.idType()),
                        List.of(Columns.column(kind.id().name(), kind.must(), kind.idType())),
                        false));
    }

    private static Field field(
            String name, String member, String doc, FieldType type, List<Annotation> mappings, boolean must) {
        List<Annotation> rules = must ? List.of(Rules.NOT_NULL) : List.of();
        return new Field(name, member, doc, type, mappings, rules, Optional.empty());
    }

    /**
     * Whether the key is an attribute of its own that is mapped by the reference. EclipseLink takes no such class in the key of another, Hibernate
     * none whose reference is the key itself.
     */
    private boolean isMapped(Association.ToOne one) {
        return classes.sharedKey(subject).filter(one::equals).isPresent()
                && !classes.options().is(TargetOption.PROVIDER, "eclipselink");
    }

    /** The key of what is referred to, which the provider fills in. */
    private Field sharedKey(Association.ToOne one) {
        Set<String> taken = Stream.concat(
                        subject.properties().stream().map(Property::name),
                        subject.associations().stream().map(Association::name))
                .collect(Collectors.toSet());
        String name = one.name() + "Id";
        for (int i = 2; taken.contains(name); i++) {
            name = one.name() + "Id" + i;
        }
        Annotation column = Annotation.of("Column")
                .with("name", Columns.sqlText(one.foreignKey().columns().get(0)))
                .required(true);
        return field(
                name,
                one.name(),
                "",
                Fields.keyType(classes, one.target()),
                List.of(Annotation.of("Id"), column),
                false);
    }

    private Field toOne(Association.ToOne one, String member, String doc) {
        List<Annotation> mappings = new ArrayList<>();
        if (isMapped(one)) {
            mappings.add(Annotation.of("MapsId"));
        } else if (one.key()) {
            mappings.add(Annotation.of("Id"));
        }
        Annotation relation = Annotation.of("ManyToOne");
        relation = (one.must() ? relation.with("optional", false) : relation).with("fetch", fetch());
        mappings.add(cascading(relation, one.name(), List.of()));
        Annotation join = Columns.join(classes, one.foreignKey(), one.must() || one.key());
        boolean alone = one.unique() && join.name().equals("JoinColumn");
        mappings.add(alone ? join.with("unique", true) : join);
        return field(one.name(), member, doc, FieldType.object(one.target()), mappings, one.must());
    }

    private Field outside(Association.ToOutside out, String member) {
        List<Annotation> mappings = new ArrayList<>();
        if (out.key()) {
            mappings.add(Annotation.of("Id"));
        }
        mappings.add(Columns.column(out.column().name(), out.column().required(), out.type()));
        String doc = "Points to " + out.target() + ", which lives in another system.";
        return field(out.name(), member, doc, FieldType.of(out.type()), mappings, out.must());
    }

    /** The inverse side of a one-to-one is a list with at most one element: a provider can load a list lazily, but not a single inverse reference. */
    private Field inverse(Association.Inverse inverse) {
        Annotation relation = Annotation.of("OneToMany").with("mappedBy", inverse.mappedBy());
        List<Annotation> mappings = new ArrayList<>(List.of(cascading(relation, inverse)));
        orderBy(inverse.sortedBy()).ifPresent(mappings::add);
        boolean set = inverse.many()
                && classes.options().is(TargetOption.COLLECTIONS, "set")
                && inverse.sortedBy().isEmpty();
        FieldType type = FieldType.object(inverse.target()).in(set ? Many.SET : Many.LIST);
        return field(inverse.name(), inverse.name(), "", type, mappings, false);
    }

    private Field joined(Association.Joined joined) {
        Annotation table = Annotation.of("JoinTable")
                .with("name", Columns.sqlText(joined.table().name()))
                .with("joinColumns", columns(joined.here()))
                .with("inverseJoinColumns", columns(joined.there()));
        Annotation relation = cascading(Annotation.of("ManyToMany"), joined.name(), List.of());
        return pairs(joined.name(), joined.target(), List.of(relation, table), joined.sortedBy());
    }

    private List<Annotation> columns(Reference key) {
        return Columns.joins(classes, key, false);
    }

    /** What is in an order is a list; else no pair is twice in a set. */
    private static Field pairs(
            String name, String target, List<Annotation> mappings, Optional<Association.SortedBy> sortedBy) {
        List<Annotation> all =
                Stream.concat(mappings.stream(), orderBy(sortedBy).stream()).toList();
        FieldType type = FieldType.object(target).in(sortedBy.isPresent() ? Many.LIST : Many.SET);
        return field(name, name, "", type, all, false);
    }

    private static Optional<Annotation> orderBy(Optional<Association.SortedBy> sortedBy) {
        return sortedBy.map(
                s -> Annotation.of("OrderBy").with("value", s.property() + (s.falling() ? " DESC" : " ASC")));
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
        boolean stored = classes.options()
                .chosen()
                .named(TargetOption.CASCADE)
                .contains(subject.entity().name() + "." + role);
        Stream<String> storing = stored ? Stream.of("PERSIST", "MERGE") : Stream.empty();
        return relation.cascading(Stream.concat(storing, others.stream()).toList());
    }

    private Annotation.Constant fetch() {
        boolean eager = classes.options().is(TargetOption.FETCH, "eager");
        return Annotation.constant("FetchType", eager ? "EAGER" : "LAZY");
    }
}
