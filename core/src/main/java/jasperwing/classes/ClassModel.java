package jasperwing.classes;

import jasperwing.derive.Schema;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Step;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The classes of a design, each made when it is first asked for. Confined to one thread. */
public final class ClassModel {
    private final Design design;
    private final Schema schema;
    private final ClassModelBuilder builder;
    private final MemberNames names;
    private final Map<String, Optional<ModelClass>> known = new HashMap<>();
    private final Map<String, String> classNames;
    private final List<ModelGroup> groups;

    private ClassModel(Design given, Schema schema, NameStyle style) {
        this.design = given.whole();
        this.schema = schema;
        this.names = new MemberNames(design, style);
        this.builder = new ClassModelBuilder(design, schema, names);
        Map<String, String> all = new LinkedHashMap<>();
        entities().filter(builder::hasClass).forEach(e -> all.put(e, names.className(e)));
        this.classNames = Collections.unmodifiableMap(all);
        this.groups = design.groups().stream().distinct().map(builder::group).toList();
    }

    /**
     * The classes of a design.
     *
     * @param schema of the design, in the database it is kept in
     * @param style how their language writes names
     */
    public static ClassModel of(Design design, Schema schema, NameStyle style) {
        return new ClassModel(design, schema, style);
    }

    /** The design, with the attributes of traits in the entities that have them. */
    public Design design() {
        return design;
    }

    /** The schema it is kept in. */
    public Schema schema() {
        return schema;
    }

    /** All classes, in the order of the design; outside entities have none. */
    public List<ModelClass> classes() {
        return entities().flatMap(e -> find(e).stream()).toList();
    }

    private Stream<String> entities() {
        return design.entities().stream().map(Entity::name).distinct();
    }

    /** The names of all classes that are made of entities, by the entities' names in the design's order. */
    public Map<String, String> classNames() {
        return classNames;
    }

    /** The class names of the enums, by their names in the design. */
    public Map<String, String> enumNames() {
        return names.enums();
    }

    /** The values and traits, in the order of the design. */
    public List<ModelGroup> groups() {
        return groups;
    }

    /** The value or trait of that name. */
    public Optional<ModelGroup> group(AttributeGroup.Kind kind, String name) {
        return groups().stream()
                .filter(g -> g.group().is(kind) && g.group().name().equals(name))
                .findFirst();
    }

    /** What the classes call an attribute of an entity. */
    public String property(String entity, Attribute attribute) {
        return names.attribute(entity, attribute);
    }

    /** What the class of a value calls a part of it. */
    public String property(AttributeGroup value, Attribute part) {
        return names.attribute(value, part);
    }

    /**
     * What in the design something is made of; empty for the whole, and for what it does not have. What has no member of that name is made of all of
     * it.
     */
    public Optional<Origin> origin(Source source) {
        Optional<Origin> ofOther = names.origin(source);
        return names.origin(source.of(), source.member())
                .or(() -> outside(source))
                .or(() -> ofOther.filter(Origin::isOfMember))
                .or(() -> names.origin(source.of()))
                .or(() -> ofOther);
    }

    /** Of a part of a key that lies in another system, what its column is made of. */
    private Optional<Origin> outside(Source source) {
        Stream<Association> all = find(source.of()).stream()
                .flatMap(c -> c.associations().stream())
                .flatMap(a -> a instanceof Association.OneOfEach each ? each.outside().stream() : Stream.of(a));
        return all.filter(Association.ToOutside.class::isInstance)
                .map(Association.ToOutside.class::cast)
                .filter(a -> a.name().equals(source.member()))
                .findFirst()
                .flatMap(a -> names.origin(source.of(), a.role()));
    }

    public Optional<ModelClass> find(String entity) {
        Optional<ModelClass> found = known.get(entity);
        if (found == null) {
            found = builder.build(entity);
            known.put(entity, found);
        }
        return found;
    }

    /**
     * The property of a class that a step along a role follows: for a subject of a one-of, the property that may be any of them. Empty when
     * the classes do not lead there.
     */
    public Optional<String> property(Step step) {
        if (!builder.hasClass(step.from()) || !builder.hasClass(step.to()) || !hasLink(step)) {
            return Optional.empty();
        }
        return step.relationship()
                .match(
                        binary -> Optional.of(names.end(binary, step.from(), end(binary, step.way()))),
                        oneOf -> property(oneOf, step));
    }

    /** Whether a link entity that it goes through is not kept elsewhere. */
    private boolean hasLink(Step step) {
        return step.relationship()
                .match(binary -> binary.via().isEmpty() || builder.hasClass(binary.via()), oneOf -> true);
    }

    private Optional<String> property(PolymorphicRelationship oneOf, Step step) {
        boolean forward = step.way() == Step.Way.REFERENCE;
        return oneOf.kept() == PolymorphicMapping.KIND_AND_ID
                ? Optional.empty()
                : Optional.of(names.end(oneOf, step.from(), forward ? MemberNames.End.FORWARD : MemberNames.End.BACK));
    }

    private static MemberNames.End end(BinaryRelationship binary, Step.Way way) {
        return switch (way) {
            case REFERENCE -> binary.fromHolds() ? MemberNames.End.FORWARD : MemberNames.End.BACK;
            case HOLDERS -> binary.fromHolds() ? MemberNames.End.BACK : MemberNames.End.FORWARD;
            case PAIRS, LINK -> MemberNames.End.FORWARD;
            case PAIRS_BACK, LINK_BACK -> MemberNames.End.BACK;
            case LINKED_FROM -> MemberNames.End.LINK_FROM;
            case LINKED_TO -> MemberNames.End.LINK_TO;
        };
    }
}
