package jasperwing.findings;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Formulas that cannot be computed. Those of a trait are looked at where an entity has it. */
final class FormulaRules {
    private FormulaRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (Entity entity : checked.design().entities()) {
            for (Attribute attribute : checked.whole(entity).attributes()) {
                if (attribute.isComputed()) {
                    String owner = owner(checked, entity, attribute);
                    Formula.of(checked.design(), entity.name(), attribute)
                            .mistakes()
                            .forEach(m -> found.accept(finding(checked, entity, owner, attribute, m)));
                }
            }
        }
        checked.design().entities().forEach(e -> IndexRules.conditions(checked, e, found));
        for (AttributeGroup group : checked.design().groups()) {
            group.attributes().stream()
                    .filter(a -> a.isComputed() && group.is(AttributeGroup.Kind.VALUE))
                    .forEach(a -> found.accept(inValue(group, a)));
        }
    }

    /** The trait an attribute comes from, or the entity itself. */
    private static String owner(Checked checked, Entity entity, Attribute attribute) {
        if (entity.attribute(attribute.name()).isPresent()) {
            return entity.name();
        }
        return entity.traits().stream()
                .filter(t -> checked.design()
                        .trait(t)
                        .flatMap(g -> g.attribute(attribute.name()))
                        .isPresent())
                .findFirst()
                .orElse(entity.name());
    }

    private static Finding finding(
            Checked checked, Entity entity, String owner, Attribute attribute, Formula.Mistake mistake) {
        Rule rule =
                switch (mistake.error()) {
                    case UNKNOWN -> Rule.FORMULA_UNKNOWN_NAME;
                    case CIRCLE -> Rule.FORMULA_IN_CIRCLE;
                    case TYPE, SIZE -> Rule.FORMULA_NOT_OF_TYPE;
                };
        return new Finding(
                rule,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " " + mistake.message() + ".",
                "It is left out of tables and classes, so that they can be created.",
                Stream.concat(
                                respelled(checked, entity, owner, attribute, mistake).stream(),
                                Stream.of(withoutFormula(owner, attribute)))
                        .toList());
    }

    private static Optional<Fix> respelled(
            Checked checked, Entity entity, String owner, Attribute attribute, Formula.Mistake mistake) {
        return mistake.respelling().flatMap(r -> {
            Attribute mended = attribute.withFormula(attribute.formula().map(r::in));
            return Formula.of(checked.design(), entity.name(), mended).isSound()
                    ? Optional.of(new Fix(
                            "Write " + r.meant(),
                            EntityEdits.changeAttribute(
                                    owner,
                                    attribute.name(),
                                    a -> a.withFormula(a.formula().map(r::in)))))
                    : Optional.empty();
        });
    }

    private static Fix withoutFormula(String owner, Attribute attribute) {
        return new Fix(
                "Store it instead of computing it",
                EntityEdits.changeAttribute(owner, attribute.name(), a -> a.withFormula(Optional.empty())));
    }

    private static Finding inValue(AttributeGroup value, Attribute attribute) {
        return new Finding(
                Rule.FORMULA_NOT_OF_TYPE,
                Subject.of(value.name(), attribute.name()),
                "The value " + value.name() + " cannot have its " + attribute.name() + " computed.",
                "A value lies in the rows of what has it, which alone can compute.",
                List.of(withoutFormula(value.name(), attribute)));
    }
}
