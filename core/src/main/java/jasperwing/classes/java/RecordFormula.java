package jasperwing.classes.java;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.Type;
import jasperwing.naming.Step;
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
     * A component of the record, or a method like one.
     *
     * @param isEnum whether it is of an enum that knows what is stored of it
     */
    public record Component(String name, boolean isEnum) {}

    /** The names that lead to an attribute and its own, with points between. */
    private static String path(Term.Member member) {
        return member.path().stream().map(Attribute::name).collect(Collectors.joining("."));
    }

    /**
     * The statements that give its value; none when it reads more than the record has.
     *
     * @param primitives the components whose type has no null
     */
    public List<String> statements(Imports imports, Set<String> primitives) {
        boolean reached = formula.term()
                .all()
                .allMatch(t -> !(t instanceof Term.Aggregate)
                        && (!(t instanceof Term.Member m) || components.containsKey(path(m))));
        if (!reached) {
            return List.of();
        }
        Reach reach = new Components(components, primitives);
        return new FormulaCode(reach, components.values().stream().map(Component::name), imports)
                .statements(formula, type);
    }

    private record Components(Map<String, Component> components, Set<String> primitives) implements Reach {
        @Override
        public Optional<List<String>> roles(List<Step> steps) {
            return steps.isEmpty() ? Optional.of(List.of()) : Optional.empty();
        }

        @Override
        public List<String> attribute(Term.Member member) {
            Component component = components.get(path(member));
            return component.isEnum() ? List.of(component.name(), "stored") : List.of(component.name());
        }

        @Override
        public boolean isAlways(Term.Member member) {
            return primitives.contains(components.get(path(member)).name());
        }
    }
}
