package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ClassModel;
import jasperwing.classes.ClassRule;
import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.Formulas;
import jasperwing.classes.language.Imports;
import jasperwing.classes.language.RowFormula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Formulas over the getters of objects, and over the components of records. */
final class JavaFormulas implements Formulas {
    @Override
    public List<String> ofObject(ClassModel model, ModelClass subject, Computed computed, Imports imports) {
        return code(model, subject, imports)
                .statements(computed.formula(), computed.attribute().type());
    }

    @Override
    public List<String> ofObject(ClassModel model, ModelClass subject, ClassRule rule, Imports imports) {
        return code(model, subject, imports).condition(rule.formula());
    }

    private static FormulaCode code(ClassModel model, ModelClass subject, Imports imports) {
        Stream<String> taken = Stream.concat(
                subject.properties().stream().map(Property::name),
                subject.associations().stream().map(Association::name));
        return new FormulaCode(new GetterResolver(model), taken, imports);
    }

    @Override
    public List<String> ofValue(ClassModel model, ModelGroup value, ClassRule rule, Imports imports) {
        Stream<String> taken = value.properties().stream().map(Property::name);
        return new FormulaCode(new GetterResolver(model, Optional.of(value.group())), taken, imports)
                .condition(rule.formula());
    }

    @Override
    public List<String> ofRow(RowFormula row, Imports imports, Set<String> primitives) {
        Map<String, RowFormula.Component> components = row.components();
        boolean reached = row.formula()
                .term()
                .all()
                .allMatch(t -> !(t instanceof Term.Aggregate)
                        && (!(t instanceof Term.Member m) || components.containsKey(path(m))));
        if (!reached) {
            return List.of();
        }
        AccessorResolver reach = new Components(components, primitives);
        FormulaCode code = new FormulaCode(
                reach, components.values().stream().map(c -> c.names().get(0)), imports);
        return row.type().map(t -> code.statements(row.formula(), t)).orElseGet(() -> code.condition(row.formula()));
    }

    /** The names that lead to an attribute and its own, with points between. */
    private static String path(Term.Member member) {
        return Stream.concat(
                        member.steps().stream().map(Step::name),
                        member.path().stream().map(Attribute::name))
                .collect(Collectors.joining("."));
    }

    private record Components(Map<String, RowFormula.Component> components, Set<String> primitives)
            implements AccessorResolver {
        @Override
        public Optional<List<String>> roles(List<Step> steps) {
            return Optional.of(List.of());
        }

        @Override
        public boolean isRow() {
            return true;
        }

        @Override
        public List<String> attribute(Term.Member member) {
            RowFormula.Component component = components.get(path(member));
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
