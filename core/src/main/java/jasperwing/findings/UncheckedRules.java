package jasperwing.findings;

import jasperwing.derive.Enforcement;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Scalar;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** What a design states of attributes and no check constraint of the database can enforce. */
final class UncheckedRules {
    private UncheckedRules() {}

    static void check(Entity entity, Attribute attribute, Dialect dialect, Consumer<Finding> found) {
        String pattern = attribute.textConstraint().matching();
        if (!pattern.isEmpty() && dialect.pattern(pattern).isEmpty()) {
            found.accept(pattern(entity, attribute, dialect));
        }
        boolean list = attribute.isListInRow() && !attribute.type().is(Scalar.JSON);
        if (list && !Enforcement.checksElements(dialect, attribute)) {
            found.accept(list(entity, attribute, dialect));
        }
    }

    private static Finding pattern(Entity entity, Attribute attribute, Dialect dialect) {
        boolean none = !dialect.hasPatterns();
        return new Finding(
                Rule.PATTERN_NOT_CHECKED,
                Subject.of(entity.name(), attribute.name()),
                dialect.title() + (none ? " has no regular expressions" : " has no such regular expression")
                        + ", so no check constraint holds " + entity.name() + "'s " + attribute.name()
                        + " to its pattern.",
                "Only the generated classes check it; rows written past them can break it.",
                none
                        ? List.of()
                        : List.of(new Fix(
                                "Remove the pattern",
                                EntityEdits.changeAttribute(
                                        entity.name(),
                                        attribute.name(),
                                        a -> a.withTextConstraint(
                                                a.textConstraint().withMatching(""))))));
    }

    private static Finding list(Entity entity, Attribute attribute, Dialect dialect) {
        return new Finding(
                Rule.LIST_NOT_CHECKED,
                Subject.of(entity.name(), attribute.name()),
                dialect.title() + " cannot fully check the elements of " + entity.name() + "'s " + attribute.name()
                        + " while they are in its row.",
                "Elements of another type, length or range are accepted.",
                List.of(new Fix(
                        "Keep them as rows of a table",
                        EntityEdits.changeAttribute(
                                entity.name(), attribute.name(), a -> a.withKept(Optional.empty())))));
    }
}
