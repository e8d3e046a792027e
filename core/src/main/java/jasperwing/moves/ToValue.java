package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.FormulaPaths;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.GroupEdits;
import jasperwing.model.RowRule;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Gathers attributes of an entity as a value, which stands where the first of them stood. A value of that name with just these attributes
 * is used as it is; a new one takes the rules that look at these attributes alone.
 *
 * @param value the name of the value
 * @param attribute the name of the attribute that is one
 */
public record ToValue(String entity, List<String> attributes, String value, String attribute) implements Move {
    public ToValue {
        attributes = List.copyOf(attributes);
    }

    /** Whether an attribute can be a part of a value: one that is kept as it is said, and identifies nothing. */
    static boolean canBePart(Entity entity, Attribute attribute) {
        return !attribute.list()
                && !attribute.isComputed()
                && attribute.stamp().isEmpty()
                && !attribute.type().is(Scalar.SERIAL)
                && !entity.isKey(attribute);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.when(attributes.size() < 2, "Choose two or more attributes."),
                () -> Preconditions.attributes(design, entity, attributes),
                () -> Preconditions.inKey(design, entity, attributes),
                () -> parts(design).stream()
                        .filter(a -> !canBePart(design.entity(entity).orElseThrow(), a))
                        .findFirst()
                        .map(a -> a.name()
                                + " cannot be a part of a value: it is a list, counted up, computed or set by itself."),
                () -> Preconditions.uniqueOrShown(design, entity, attributes),
                () -> Preconditions.keptOrder(design, entity, attributes),
                () -> existing(design).isPresent() ? Optional.empty() : Preconditions.freeName(design, value),
                () -> Preconditions.when(attribute.isBlank(), "It needs a name."),
                () -> Preconditions.when(
                        !attributes.contains(attribute)
                                && Preconditions.members(design, entity).contains(attribute),
                        entity + " has a " + attribute + " already; choose another name."));
    }

    private List<Attribute> parts(Design design) {
        return design.entity(entity).orElseThrow().attributes().stream()
                .filter(a -> attributes.contains(a.name()))
                .toList();
    }

    /** A value of that name with just these attributes. */
    private Optional<AttributeGroup> existing(Design design) {
        return design.value(value).filter(v -> v.attributes().equals(parts(design)));
    }

    @Override
    public Design made(Design design) {
        List<Attribute> parts = parts(design);
        List<Attribute> all = new ArrayList<>();
        for (Attribute each : design.entity(entity).orElseThrow().attributes()) {
            if (each.equals(parts.get(0))) {
                all.add(Attribute.of(attribute, new Type.Named(value)));
            } else if (!parts.contains(each)) {
                all.add(each);
            }
        }
        boolean isNew = existing(design).isEmpty();
        List<RowRule> among = isNew ? MoveSteps.rulesAmong(design, entity, attributes) : List.of();
        Design gathered = MoveSteps.change(
                design, entity, e -> e.withAttributes(all).withRules(MoveSteps.without(e.rules(), among)));
        Design followed = FormulaPaths.followed(
                design,
                gathered,
                attributes.stream()
                        .map(a -> new FormulaPaths.Moved(entity, List.of(a), List.of(attribute, a)))
                        .toList());
        AttributeGroup made =
                AttributeGroup.of(AttributeGroup.Kind.VALUE, value, parts).withRules(among);
        return isNew ? GroupEdits.add(made).on(followed) : followed;
    }
}
