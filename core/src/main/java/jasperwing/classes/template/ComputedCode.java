package jasperwing.classes.template;

import jasperwing.classes.ClassRule;
import jasperwing.classes.ModelClass;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Formulas;
import jasperwing.classes.language.Imports;
import jasperwing.classes.language.RowFormula;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What computes the computed attributes of one entity, and tells whether its rules hold.
 *
 * @param ofRows what computes from a row alone, by the properties of columns
 * @param overRow a rule over a row
 */
record ComputedCode(
        ChosenClasses classes,
        ModelClass subject,
        Supplier<Map<String, RowFormula>> ofRows,
        Function<ClassRule, RowFormula> overRow)
        implements RuleCode {
    /** The statements over a row; none when there is no such property. */
    Optional<List<String>> ofRow(String property, Imports imports, Set<String> primitives) {
        return Optional.ofNullable(ofRows.get().get(property))
                .map(f -> formulas().map(c -> c.ofRow(f, imports, primitives)).orElse(List.of()));
    }

    /** The statements over an object; none when there is no such property. */
    Optional<List<String>> ofObject(String property, Imports imports) {
        return subject.computed().stream()
                .filter(c -> c.name().equals(property))
                .findFirst()
                .map(c -> formulas()
                        .map(f -> f.ofObject(classes.model(), subject, c, imports))
                        .orElse(List.of()));
    }

    @Override
    public Optional<List<String>> ruleOfObject(String rule, Imports imports) {
        return rule(rule).map(r -> formulas()
                .map(f -> f.ofObject(classes.model(), subject, r, imports))
                .orElse(List.of()));
    }

    @Override
    public Optional<List<String>> ruleOfRow(String rule, Imports imports, Set<String> primitives) {
        return rule(rule).map(r -> formulas()
                .map(f -> f.ofRow(overRow.apply(r), imports, primitives))
                .orElse(List.of()));
    }

    private Optional<ClassRule> rule(String name) {
        return subject.rules().stream().filter(r -> r.name().equals(name)).findFirst();
    }

    private Optional<Formulas> formulas() {
        return classes.language().formulas();
    }
}
