package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import java.util.List;

/**
 * The meaning of a computed attribute.
 *
 * @param term what it gives; of parts that are wrong, nothing
 * @param mistakes what is wrong with it, in the order of the text; with any, it is left out of tables and classes
 */
public record Formula(Term term, List<Mistake> mistakes) {
    /** What can be wrong. */
    public enum Fault {
        UNKNOWN,
        TYPE,
        CIRCLE,
        SIZE
    }

    /** Something wrong, in one sentence without a full stop. */
    public record Mistake(Fault fault, String message) {}

    public Formula {
        mistakes = List.copyOf(mistakes);
    }

    /**
     * Resolves and types the formula of a computed attribute.
     *
     * @param entity whose attribute it is
     */
    public static Formula of(Design design, String entity, Attribute attribute) {
        return new Resolution(design.whole()).of(entity, attribute);
    }

    /** Whether tables and classes can be made of it. */
    public boolean isSound() {
        return mistakes.isEmpty();
    }

    /** Whether it looks at nothing but the row it belongs to, so that a table can keep it. */
    public boolean isLocal() {
        return term.all()
                .noneMatch(t -> t instanceof Term.Aggregate
                        || t instanceof Term.Member m && !m.steps().isEmpty());
    }
}
