package jasperwing.findings;

import jasperwing.derive.ColumnCounts;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** What is said of values and traits, and of those that have them. */
final class GroupRules {
    private GroupRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (AttributeGroup group : checked.design().groups()) {
            Entity alike = Entity.of(group.name()).withAttributes(group.attributes());
            UnknownRules.types(checked, alike, found);
            ValueRules.check(checked, alike, found);
            group.attributes().forEach(a -> UncheckedRules.check(alike, a, checked.dialect(), found));
            if (group.is(AttributeGroup.Kind.VALUE)) {
                group.attributes().stream()
                        .filter(a -> isPartOfItself(checked.design(), group, a))
                        .forEach(a -> found.accept(partOfItself(group, a)));
                tooWide(checked.design(), group, found);
            }
        }
        for (Entity entity : checked.design().entities()) {
            for (String trait : entity.traits()) {
                if (checked.design().trait(trait).isEmpty()) {
                    found.accept(unknownTrait(entity, trait));
                }
            }
        }
    }

    private static boolean isPartOfItself(Design design, AttributeGroup value, Attribute part) {
        Optional<AttributeGroup> inner = ValueColumns.value(design, part.type());
        return inner.equals(Optional.of(value))
                || inner.isPresent()
                        && !inner.get().attributes().isEmpty()
                        && ColumnCounts.ofType(design, part.type()) <= ColumnCounts.MOST_OF_VALUE
                        && ValueColumns.of(design, part).isEmpty();
    }

    private static Finding partOfItself(AttributeGroup value, Attribute part) {
        Edit without = GroupEdits.change(
                value.name(),
                v -> v.withAttributes(
                        v.attributes().stream().filter(a -> !a.equals(part)).toList()));
        return new Finding(
                Rule.VALUE_IN_ITSELF,
                Subject.of(value.name(), part.name()),
                "The value " + value.name() + " is a part of itself, by its " + part.name() + ".",
                "It would need an endless number of columns; it gets none.",
                List.of(new Fix("Take " + part.name() + " out of " + value.name(), without)));
    }

    /** A value within a value within a value doubles with each that has two. */
    private static void tooWide(Design design, AttributeGroup value, Consumer<Finding> found) {
        long count = ColumnCounts.ofType(design, new Type.Named(value.name()));
        boolean here = count > ColumnCounts.MOST_OF_VALUE
                && value.attributes().stream()
                        .allMatch(a -> ColumnCounts.ofType(design, a.type()) <= ColumnCounts.MOST_OF_VALUE);
        if (here) {
            found.accept(new Finding(
                    Rule.VALUE_TOO_WIDE,
                    Subject.of(value.name()),
                    "The value " + value.name() + " comes to " + count + " columns, counting the values within it.",
                    "More than " + ColumnCounts.MOST_OF_VALUE + " are not kept; make an entity of it or of a part.",
                    List.of()));
        }
    }

    private static Finding unknownTrait(Entity entity, String trait) {
        AttributeGroup empty = AttributeGroup.of(AttributeGroup.Kind.TRAIT, trait, List.of());
        Edit without = EntityEdits.change(
                entity.name(),
                e -> e.withTraits(
                        e.traits().stream().filter(t -> !t.equals(trait)).toList()));
        return new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(entity.name()),
                entity.name() + " has the trait " + trait + ", which is not declared.",
                "It gets no attributes from it.",
                List.of(
                        new Fix("Take the trait away", without),
                        new Fix("Add a trait " + trait, GroupEdits.add(empty))));
    }
}
