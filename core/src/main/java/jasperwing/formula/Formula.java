package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;

/**
 * The meaning of a computed attribute.
 *
 * @param term what it gives; of parts that are wrong, nothing
 * @param mistakes what is wrong with it, in the order of the text; with any, it is left out of tables and classes
 */
public record Formula(Term term, List<Mistake> mistakes) {
    /** What can be wrong. */
    public enum Error {
        UNKNOWN,
        TYPE,
        CIRCLE,
        SIZE
    }

    /**
     * Something wrong.
     *
     * @param message in one sentence without a full stop
     * @param respelling what mends it, where a name is nearly one there is
     */
    public record Mistake(Error error, String message, Optional<Respelling> respelling) {
        Mistake(Error error, String message) {
            this(error, message, Optional.empty());
        }

        /** A name or function there is not. @param meant what is nearly written so */
        static Mistake unknown(String message, String written, Optional<String> meant) {
            return new Mistake(
                    Error.UNKNOWN,
                    message + meant.map(n -> "; perhaps " + n + " is meant").orElse(""),
                    meant.map(n -> new Respelling(written, n)));
        }
    }

    public Formula {
        mistakes = List.copyOf(mistakes);
    }

    /**
     * Resolves and types the formula of a computed attribute.
     *
     * @param entity whose attribute it is
     */
    public static Formula of(Design design, String entity, Attribute attribute) {
        return new FormulaResolver(design.whole()).of(entity, attribute);
    }

    /** Resolves and types a condition over the rows of an entity. */
    public static Formula condition(Design design, String entity, Expression condition) {
        Attribute holds = Attribute.of("condition", Type.of(Scalar.BOOLEAN)).withFormula(Optional.of(condition));
        return of(design, entity, holds);
    }

    /** Resolves and types a condition over the parts of a value, which knows nothing of what has it. */
    public static Formula condition(Design design, AttributeGroup value, Expression condition) {
        Entity row = Entity.of(value.name()).withAttributes(value.attributes());
        Design alone = Design.named(value.name())
                .withEnums(design.enums())
                .withGroups(design.groups())
                .withEntities(List.of(row));
        return condition(alone, row.name(), condition);
    }

    /** Whether tables and classes can be made of it. */
    public boolean isSound() {
        return mistakes.isEmpty();
    }

    /** Whether it gives another value at another time. */
    public boolean readsClock() {
        return term.all().anyMatch(Operations::isClock);
    }

    /** Whether it looks at nothing but the row it belongs to and the references of that, so that a table can keep it. */
    public boolean isLocal() {
        return term.all()
                .noneMatch(t -> t instanceof Term.Aggregate
                        || Operations.isClock(t)
                        || t instanceof Term.Member m && !m.isInRow()
                        || OverlapRule.isStatedBy(t));
    }
}
