package jasperwing.findings;

import jasperwing.derive.Literals;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumValue;
import jasperwing.model.Literal;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Constants that do not suit their attribute. */
final class ValueRules {
    private ValueRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Attribute attribute : entity.attributes()) {
            attribute.defaultValue().ifPresent(d -> defaulted(checked.design(), entity, attribute, d, found));
            attribute
                    .range()
                    .filter(r -> !Literals.rangeFits(attribute.type(), r))
                    .ifPresent(r -> found.accept(rangeNotOfType(entity, attribute)));
            if (attribute.stamp().isPresent() && attribute.stamped().isEmpty()) {
                found.accept(stampNotOfType(
                        entity,
                        attribute,
                        "cannot be set by itself: it is no time, and no number counted on updates",
                        "Nothing sets it."));
            }
            if (attribute.stamped().filter(s -> s == AutoTimestamp.UPDATE).isPresent() && entity.isKey(attribute)) {
                found.accept(stampNotOfType(
                        entity,
                        attribute,
                        "is in its key and set by itself on every update",
                        "The row would be known by something else each time."));
            }
            if (attribute.isListInRow() && !ValueColumns.canBeInRow(checked.design(), attribute.type())) {
                found.accept(notInRow(entity, attribute));
            }
            if (!attribute.textConstraint().isEmpty() && !Literals.textConstraintFits(attribute)) {
                found.accept(formNotOfType(entity, attribute));
            }
        }
    }

    private static void defaulted(
            Design design, Entity entity, Attribute attribute, Literal value, Consumer<Finding> found) {
        if (attribute.list() || !Literals.fits(design, attribute.type(), value)) {
            found.accept(defaultNotOfType(entity, attribute, value.text()));
        }
        retired(design, attribute, value).ifPresent(v -> found.accept(retiredDefault(entity, attribute, v)));
    }

    private static Finding defaultNotOfType(Entity entity, Attribute attribute, String text) {
        return new Finding(
                Rule.DEFAULT_NOT_OF_TYPE,
                Subject.of(entity.name(), attribute.name()),
                "The default " + text + " is no value of " + entity.name() + "'s " + attribute.name() + ".",
                "It is left out of the tables, so that they can be created.",
                List.of(withoutDefault(entity, attribute)));
    }

    private static Optional<String> retired(Design design, Attribute attribute, Literal value) {
        return attribute.type() instanceof Type.Named named
                ? design.enumType(named.name()).stream()
                        .flatMap(e -> e.values().stream())
                        .filter(v -> v.retired() && v.name().equals(value.text()))
                        .map(EnumValue::name)
                        .findFirst()
                : Optional.empty();
    }

    private static Finding retiredDefault(Entity entity, Attribute attribute, String value) {
        return new Finding(
                Rule.RETIRED_DEFAULT,
                Subject.of(entity.name(), attribute.name()),
                "The default of " + entity.name() + "'s " + attribute.name() + " is " + value + ", which is retired.",
                "Every new row would begin with a value that only old ones should hold.",
                List.of(withoutDefault(entity, attribute)));
    }

    private static Fix withoutDefault(Entity entity, Attribute attribute) {
        return new Fix(
                "Remove the default",
                EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withDefault(Optional.empty())));
    }

    private static Finding formNotOfType(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.FORM_NOT_OF_TYPE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " has a rule for texts, but is no single text.",
                "The rule is left out of tables and classes so that they can be created.",
                List.of(new Fix(
                        "Remove the text rules",
                        EntityEdits.changeAttribute(
                                entity.name(), attribute.name(), a -> a.withTextConstraint(TextConstraint.NONE)))));
    }

    private static Finding stampNotOfType(Entity entity, Attribute attribute, String what, String why) {
        return new Finding(
                Rule.STAMP_NOT_OF_TYPE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " " + what + ".",
                why,
                List.of(new Fix(
                        "Set it by hand",
                        EntityEdits.changeAttribute(
                                entity.name(), attribute.name(), a -> a.withStamp(Optional.empty())))));
    }

    private static Finding notInRow(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.LIST_NOT_IN_ROW,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " has elements that cannot lie in its row.",
                "They are stored as rows of a table of their own.",
                List.of(new Fix(
                        "Keep them as rows",
                        EntityEdits.changeAttribute(
                                entity.name(), attribute.name(), a -> a.withKept(Optional.empty())))));
    }

    private static Finding rangeNotOfType(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.RANGE_NOT_OF_TYPE,
                Subject.of(entity.name(), attribute.name()),
                "The range of " + entity.name() + "'s " + attribute.name()
                        + " does not suit its type or is upside down.",
                "It is left out of the tables, so that they can be created.",
                List.of(new Fix(
                        "Remove the range",
                        EntityEdits.changeAttribute(
                                entity.name(), attribute.name(), a -> a.withRange(Optional.empty())))));
    }
}
