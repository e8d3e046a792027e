package jasperwing.moves;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is computed before a move and after it. */
final class FormulaComparison {
    private FormulaComparison() {}

    static boolean isIn(Design design) {
        return design.whole().entities().stream()
                .flatMap(e -> e.attributes().stream())
                .anyMatch(Attribute::isComputed);
    }

    /** The first attribute that could no longer be computed, and why; empty when all that could be still can. */
    static Optional<String> broken(Design before, Design after) {
        List<String> wrong = List.copyOf(mistakes(before).values());
        return mistakes(after).entrySet().stream()
                .filter(m -> !wrong.contains(m.getValue()))
                .findFirst()
                .map(m ->
                        m.getKey() + " could not be computed then: it " + m.getValue() + ". Change its formula first.");
    }

    /** The first mistake of every formula that has any, by the attribute. */
    private static Map<String, String> mistakes(Design design) {
        Map<String, String> mistakes = new LinkedHashMap<>();
        for (Entity entity : design.whole().entities()) {
            for (Attribute attribute : entity.attributes()) {
                if (attribute.isComputed()) {
                    Formula.of(design, entity.name(), attribute).mistakes().stream()
                            .findFirst()
                            .ifPresent(m -> mistakes.put(entity.name() + "'s " + attribute.name(), m.message()));
                }
            }
        }
        return mistakes;
    }
}
