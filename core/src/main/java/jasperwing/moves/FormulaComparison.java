package jasperwing.moves;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RowRule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is computed before a move and after it. */
final class FormulaComparison {
    private FormulaComparison() {}

    static boolean isIn(Design design) {
        return design.whole().entities().stream()
                .anyMatch(e -> !e.rules().isEmpty() || e.attributes().stream().anyMatch(Attribute::isComputed));
    }

    /** The first attribute that could no longer be computed or rule that would mean nothing, and why; empty when all that could be still can. */
    static Optional<String> broken(Design before, Design after) {
        List<String> wrong = List.copyOf(mistakes(before).values());
        return mistakes(after).entrySet().stream()
                .filter(m -> !wrong.contains(m.getValue()))
                .findFirst()
                .map(m -> m.getKey() + ": it " + m.getValue() + ". Change it first.");
    }

    /** The first mistake of every formula and rule that has any, by what would be wrong. */
    private static Map<String, String> mistakes(Design design) {
        Map<String, String> mistakes = new LinkedHashMap<>();
        for (Entity entity : design.whole().entities()) {
            for (Attribute attribute : entity.attributes()) {
                if (attribute.isComputed()) {
                    Formula.of(design, entity.name(), attribute).mistakes().stream()
                            .findFirst()
                            .ifPresent(m -> mistakes.put(
                                    "The formula of " + entity.name() + "'s " + attribute.name()
                                            + " would be wrong then",
                                    m.message()));
                }
            }
            for (RowRule rule : entity.rules()) {
                Formula.condition(design, entity.name(), rule.condition()).mistakes().stream()
                        .findFirst()
                        .ifPresent(m -> mistakes.put(
                                "The rule \u201c" + rule.message() + "\u201d of " + entity.name()
                                        + " would be wrong then",
                                m.message()));
            }
        }
        return mistakes;
    }
}
