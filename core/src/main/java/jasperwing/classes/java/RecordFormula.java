package jasperwing.classes.java;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A formula over one row as code of a record.
 *
 * @param type of what it gives
 * @param components what the record calls what it reads, by the names of attributes and of the parts of values, with points between
 */
public record RecordFormula(Formula formula, Type type, Map<String, Component> components) {
    /**
     * A component of the record, a part of one that is a value, or a method like one.
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

    /** The names that lead to an attribute and its own, with points between. */
    private static String path(Term.Member member) {
        return member.path().stream().map(Attribute::name).collect(Collectors.joining("."));
    }

    /**
     * The statements that give its value; none when it reads more than the record has.
     *
     * @param primitives the names of the components whose type has no null
     */
    public List<String> statements(Imports imports, Set<String> primitives) {
        boolean reached = formula.term()
                .all()
                .allMatch(t -> !(t instanceof Term.Aggregate)
                        && (!(t instanceof Term.Member m) || components.containsKey(path(m))));
        if (!reached) {
            return List.of();
        }
        AccessorResolver reach = new Components(components, primitives);
        return new FormulaCode(
                        reach, components.values().stream().map(c -> c.names().get(0)), imports)
                .statements(formula, type);
    }

    private record Components(Map<String, Component> components, Set<String> primitives) implements AccessorResolver {
        @Override
        public Optional<List<String>> roles(List<Step> steps) {
            return steps.isEmpty() ? Optional.of(List.of()) : Optional.empty();
        }

        @Override
        public List<String> attribute(Term.Member member) {
            Component component = components.get(path(member));
            List<String> names = new ArrayList<>(component.names());
            if (component.isEnum()) {
                names.add("stored");
            }
            return names;
        }

        @Override
        public boolean isAlways(Term.Member member) {
            return primitives.contains(components.get(path(member)).name());
        }
    }
}
