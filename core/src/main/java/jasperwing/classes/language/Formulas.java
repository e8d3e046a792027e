package jasperwing.classes.language;

import jasperwing.classes.ClassModel;
import jasperwing.classes.ClassRule;
import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import java.util.List;
import java.util.Set;

/** Writes formulas as code. */
public interface Formulas {
    /** The statements that give a computed property of an object; none when the formula names what the classes do not lead to. */
    List<String> ofObject(ClassModel model, ModelClass subject, Computed computed, Imports imports);

    /** The statements that tell whether an object fulfils a rule; none when the rule names what the classes do not lead to. */
    List<String> ofObject(ClassModel model, ModelClass subject, ClassRule rule, Imports imports);

    /** The statements that tell whether a value fulfils a rule. */
    List<String> ofValue(ClassModel model, ModelGroup value, ClassRule rule, Imports imports);

    /**
     * The statements that give what follows from a row; none when the formula reads more than the row has.
     *
     * @param primitives the names of components whose type has no null
     */
    List<String> ofRow(RowFormula formula, Imports imports, Set<String> primitives);
}
