package jasperwing.classes.template;

import jasperwing.classes.language.Imports;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The code that tells whether a rule is fulfilled. */
interface RuleCode {
    /** The statements over an object; none where the rule reads more than there is, and empty when there is no such rule. */
    Optional<List<String>> ruleOfObject(String rule, Imports imports);

    /** The same over the components of a row or value. @param primitives the names of components whose type has no null */
    Optional<List<String>> ruleOfRow(String rule, Imports imports, Set<String> primitives);
}
