package jasperwing.classes.language;

import jasperwing.formula.Formula;
import jasperwing.model.Type;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A formula over one row.
 *
 * @param type of what it gives; empty for a rule, of which the statements tell whether the row fulfils it
 * @param components what the row calls what it reads, by the names of attributes, of the parts of values, and of references with the key they
 *     refer to, with points between
 */
public record RowFormula(Formula formula, Optional<Type> type, Map<String, Component> components) {
    /**
     * A component of the row, a part of one that is a value, or a method like one.
     *
     * @param names that lead to it, one after the other
     * @param isEnum whether it is of an enum that knows what is stored of it
     */
    public record Component(List<String> names, boolean isEnum) {
        public Component {
            names = List.copyOf(names);
        }

        /** The names with points between. */
        public String name() {
            return String.join(".", names);
        }
    }

    public RowFormula {
        components = Collections.unmodifiableMap(new LinkedHashMap<>(components));
    }
}
