package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.derive.ValueColumns;
import jasperwing.formula.FormulaPaths;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.GroupEdits;
import jasperwing.model.RowRule;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Makes the parts of a value attributes of the entity itself, where the value stood. They may all be empty when it could. A value nothing is
 * any more goes.
 */
public record FromValue(String entity, String attribute) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.attributes(design, entity, List.of(attribute)),
                () -> Preconditions.when(value(design).isEmpty(), attribute + " is no value."),
                () -> Preconditions.when(
                        before(design).list(), "A list of values cannot be taken apart; make it entities first."),
                () -> Preconditions.uniqueOrShown(design, entity, List.of(attribute)),
                () -> value(design).orElseThrow().attributes().stream()
                        .map(Attribute::name)
                        .filter(n -> !n.equals(attribute))
                        .flatMap(n -> Preconditions.freeMember(design, entity, n).stream())
                        .findFirst());
    }

    private Attribute before(Design design) {
        return design.entity(entity).orElseThrow().attribute(attribute).orElseThrow();
    }

    private Optional<AttributeGroup> value(Design design) {
        return ValueColumns.value(design, before(design).type());
    }

    @Override
    public Design made(Design design) {
        AttributeGroup value = value(design).orElseThrow();
        boolean optional = before(design).optional();
        List<Attribute> all = new ArrayList<>();
        for (Attribute each : design.entity(entity).orElseThrow().attributes()) {
            if (each.name().equals(attribute)) {
                value.attributes().forEach(a -> all.add(a.withOptional(a.optional() || optional)));
            } else {
                all.add(each);
            }
        }
        List<RowRule> rules = value.rules().stream()
                .flatMap(r -> (optional ? MoveSteps.unlessMissing(r, value.attributes()) : Optional.of(r)).stream())
                .toList();
        Design taken = MoveSteps.change(
                design, entity, e -> e.withAttributes(all).withRules(MoveSteps.both(e.rules(), rules)));
        Design apart = FormulaPaths.followed(
                design,
                taken,
                value.attributes().stream()
                        .map(a -> new FormulaPaths.Moved(entity, List.of(attribute, a.name()), List.of(a.name())))
                        .toList());
        return isUsed(apart, value.name())
                ? apart
                : GroupEdits.remove(AttributeGroup.Kind.VALUE, value.name()).on(apart);
    }

    private static boolean isUsed(Design design, String value) {
        Type type = new Type.Named(value);
        return Stream.concat(
                        design.entities().stream().map(Entity::attributes),
                        design.groups().stream().map(AttributeGroup::attributes))
                .flatMap(List::stream)
                .anyMatch(a -> a.type().equals(type));
    }
}
