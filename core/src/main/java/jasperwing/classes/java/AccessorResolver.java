package jasperwing.classes.java;

import jasperwing.formula.Term;
import jasperwing.naming.Step;
import java.util.List;
import java.util.Optional;

/** The methods without parameters that lead to what a formula names. */
interface AccessorResolver {
    /** Those of roles; empty when the classes do not lead there. */
    Optional<List<String>> roles(List<Step> steps);

    /** Those from an entity to an attribute, without its roles; enums are read as what is stored. */
    List<String> attribute(Term.Member member);

    /** Whether it reads a row alone, which has the keys of other rows and not the rows. */
    default boolean isRow() {
        return false;
    }

    /** Whether an attribute's type has no null. */
    boolean isAlways(Term.Member member);
}
