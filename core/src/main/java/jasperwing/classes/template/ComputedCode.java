package jasperwing.classes.template;

import jasperwing.classes.ModelClass;
import jasperwing.classes.jakarta.ChosenClasses;
import jasperwing.classes.java.Imports;
import jasperwing.classes.java.RecordFormula;
import jasperwing.classes.java.Statements;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * What computes the computed attributes of one entity.
 *
 * @param ofRows what does so from a row alone, by the properties of columns
 */
record ComputedCode(ChosenClasses classes, ModelClass subject, Supplier<Map<String, RecordFormula>> ofRows) {
    /** The statements over a row; none when there is no such property. */
    Optional<List<String>> ofRow(String property, Imports imports, Set<String> primitives) {
        return Optional.ofNullable(ofRows.get().get(property)).map(f -> f.statements(imports, primitives));
    }

    /** The statements over the getters of an object; none when there is no such property. */
    Optional<List<String>> ofObject(String property, Imports imports) {
        return subject.computed().stream()
                .filter(c -> c.name().equals(property))
                .findFirst()
                .map(c -> Statements.of(classes.model(), subject, c, imports));
    }
}
