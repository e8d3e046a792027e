package jasperwing.app.classes;

import jasperwing.app.workspace.Selection;
import jasperwing.classes.Origin;
import jasperwing.derive.Schema;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Relationship;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/**
 * What is told of an element of the design that lines are made of.
 *
 * @param text as the design says it
 * @param place where it does so, or empty
 * @param selection what shows it on the sheet; nothing when nothing there has it
 * @param also what else it becomes, a line each
 */
record OriginSummary(String text, String place, Selection selection, List<String> also) {
    private static final int MOST_LINES = 12;

    OriginSummary {
        also = also.size() > MOST_LINES
                ? Stream.concat(also.stream().limit(MOST_LINES - 1), Stream.of("\u2026"))
                        .toList()
                : List.copyOf(also);
    }

    /** @param entity the entity an attribute is of; of other elements it is not asked */
    static OriginSummary of(Design design, Schema schema, String entity, Origin origin) {
        return origin.match(
                of -> entity(schema, of.entity()),
                of -> attribute(design, schema, entity, of.attribute()),
                of -> relationship(schema, of.relationship()),
                of -> enumType(design, schema, of),
                of -> group(design, schema, of));
    }

    private static OriginSummary relationship(Schema schema, Relationship relationship) {
        String sentence = Notation.print(relationship).lines().findFirst().orElse("");
        return new OriginSummary(sentence, "", Selection.of(relationship), PhysicalSummary.of(schema, relationship));
    }

    private static OriginSummary entity(Schema schema, Entity entity) {
        List<String> tables = schema.table(entity.name()).stream()
                .map(t -> "table " + t.name())
                .toList();
        return new OriginSummary("entity " + Notation.name(entity.name()), "", Selection.of(entity.name()), tables);
    }

    private static OriginSummary attribute(Design design, Schema schema, String entity, Attribute attribute) {
        boolean key = design.entity(entity).filter(e -> e.isKey(attribute)).isPresent();
        int index = design.entity(entity)
                .map(e -> e.attributes().indexOf(attribute))
                .orElse(-1);
        return new OriginSummary(
                Notation.print(attribute, key),
                index < 0 ? "" : entity + ", attribute " + (index + 1),
                Selection.of(entity),
                PhysicalSummary.of(schema, entity, attribute));
    }

    private static OriginSummary enumType(Design design, Schema schema, Origin.OfEnum of) {
        EnumType type = of.type();
        String place = of.value()
                .map(v -> type.name() + ", value " + (type.values().indexOf(v) + 1))
                .orElse("");
        return new OriginSummary(
                of.value().map(Notation::print).orElseGet(() -> Notation.print(type)),
                place,
                holders(design, isOf(type.name())),
                appearances(design, schema, isOf(type.name())));
    }

    private static OriginSummary group(Design design, Schema schema, Origin.OfGroup of) {
        AttributeGroup group = of.group();
        boolean value = group.is(AttributeGroup.Kind.VALUE);
        String whole = (value ? "value " : "trait ") + Notation.name(group.name());
        String place = of.attribute()
                .map(a -> group.name() + ", attribute " + (group.attributes().indexOf(a) + 1))
                .orElse("");
        BiPredicate<Entity, Attribute> kept = value
                ? isOf(group.name())
                : (e, a) -> e.traits().contains(group.name())
                        && group.attributes().contains(a)
                        && of.attribute().filter(o -> !o.equals(a)).isEmpty();
        Design all = design.whole();
        return new OriginSummary(
                of.attribute().map(a -> Notation.print(a, false)).orElse(whole),
                place,
                holders(all, kept),
                value && of.attribute().isPresent()
                        ? PhysicalSummary.ofPart(
                                all, schema, group.name(), of.attribute().get())
                        : appearances(all, schema, kept));
    }

    private static BiPredicate<Entity, Attribute> isOf(String type) {
        return (e, a) -> a.type() instanceof Type.Named named && named.name().equals(type);
    }

    /** The entities with such an attribute. */
    private static Selection holders(Design design, BiPredicate<Entity, Attribute> such) {
        Set<String> holders = new LinkedHashSet<>();
        design.entities().stream()
                .filter(e -> e.attributes().stream().anyMatch(a -> such.test(e, a)))
                .forEach(e -> holders.add(e.name()));
        return Selection.of(holders);
    }

    private static List<String> appearances(Design design, Schema schema, BiPredicate<Entity, Attribute> such) {
        return design.entities().stream()
                .flatMap(e -> e.attributes().stream()
                        .filter(a -> such.test(e, a))
                        .flatMap(a -> PhysicalSummary.of(schema, e.name(), a).stream()))
                .distinct()
                .toList();
    }
}
