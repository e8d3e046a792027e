package jasperwing.classes.language;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.classes.language.FieldType.Many;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The fields classes have for their attributes and for what they know of others. */
public final class Fields {
    private final ChosenClasses classes;

    public Fields(ChosenClasses classes) {
        this.classes = classes;
    }

    /**
     * Something for each member of a class, in order: its key, what it refers to, its other attributes, what leads back.
     *
     * @param ofProperty makes that of an attribute
     * @param ofAssociation makes those of what it knows of others
     */
    public static <T> List<T> inOrder(
            ModelClass subject, Function<Property, T> ofProperty, Function<Association, List<T>> ofAssociation) {
        List<T> all = new ArrayList<>();
        subject.properties().stream().filter(Property::key).map(ofProperty).forEach(all::add);
        subject.associations().stream().filter(a -> !isBack(a)).forEach(a -> all.addAll(ofAssociation.apply(a)));
        subject.properties().stream().filter(p -> !p.key()).map(ofProperty).forEach(all::add);
        subject.associations().stream().filter(Fields::isBack).forEach(a -> all.addAll(ofAssociation.apply(a)));
        return all;
    }

    private static boolean isBack(Association association) {
        return association instanceof Association.Inverse || association instanceof Association.JoinedInverse;
    }

    /** Those of one association; none of what is read through links. */
    public List<Field> of(Association association) {
        String member = association.name();
        return association.match(
                one -> List.of(toOne(one, member, one.doc())),
                outside -> List.of(outside(outside, member)),
                inverse -> List.of(
                        Field.of(member, FieldType.object(inverse.target()).in(collection(inverse)))),
                joined -> List.of(pairs(member, joined.target(), joined.order())),
                inverse -> List.of(pairs(member, inverse.target(), inverse.order())),
                through -> List.of(),
                Fields::each,
                Fields::kind);
    }

    private static Field toOne(Association.ToOne one, String member, String doc) {
        return new Field(one.name(), member, doc, FieldType.object(one.target()), Optional.empty());
    }

    private static Field outside(Association.ToOutside out, String member) {
        String doc = "Points to " + out.target() + ", which lives in another system.";
        return new Field(out.name(), member, doc, FieldType.of(out.type()), Optional.empty());
    }

    /** What is in an order is a list. */
    private Many collection(Association.Inverse inverse) {
        boolean set = inverse.many()
                && classes.options().is("collections", "set")
                && inverse.order().isEmpty();
        return set ? Many.SET : Many.LIST;
    }

    /** What is in an order is a list; else no pair is twice in a set. */
    private static Field pairs(String name, String target, Association.Order order) {
        return Field.of(name, FieldType.object(target).in(order.isEmpty() ? Many.SET : Many.LIST));
    }

    /** One for each subject. */
    private static List<Field> each(Association.OneOfEach each) {
        return Stream.concat(
                        each.subjects().stream().map(s -> toOne(s, each.name(), "")),
                        each.outside().stream().map(o -> outside(o, each.name())))
                .toList();
    }

    private static List<Field> kind(Association.OneOfKind kind) {
        String name = kind.name();
        String kinds = "The kind of " + name + ": one of " + String.join(", ", kind.subjects()) + ".";
        String key = "The key of " + name + ", whose table its kind names.";
        FieldType text = FieldType.of(Type.of(Scalar.LONG_TEXT));
        return List.of(
                new Field(name + "Kind", name, kinds, text, Optional.empty()),
                new Field(name + "Id", name, key, FieldType.of(kind.idType()), Optional.empty()));
    }

    /**
     * The parts of the key of a class, with the key of what they refer to; in the order of the class.
     *
     * @param ofAttribute the type an attribute has in a key
     */
    public List<Field> ofKey(ModelClass subject, Function<Property, FieldType> ofAttribute) {
        List<Field> parts = new ArrayList<>();
        subject.keyProperties().forEach(p -> parts.add(Field.of(p.name(), ofAttribute.apply(p))));
        subject.keyReferences().forEach(r -> parts.add(Field.of(r.name(), keyType(r.target(), ofAttribute))));
        subject.all(Association.ToOutside.class).stream()
                .filter(Association.ToOutside::key)
                .forEach(o -> parts.add(Field.of(o.name(), FieldType.of(o.type()))));
        return parts;
    }

    /** The type of the key of an entity: of its attribute, or its key class. */
    public FieldType keyType(String entity, Function<Property, FieldType> ofAttribute) {
        ModelClass other = classes.keyed(entity);
        if (classes.hasCompositeKey(other)) {
            return FieldType.keyOf(other.entity().name());
        }
        return other.keyProperties().isEmpty()
                ? keyType(other.keyReferences().get(0).target(), ofAttribute)
                : ofAttribute.apply(other.keyProperties().get(0));
    }
}
