package jasperwing.classes.template;

import jasperwing.classes.ClassModel;
import jasperwing.classes.ClassRule;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.Formulas;
import jasperwing.classes.language.Imports;
import jasperwing.classes.language.RowFormula;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What tells whether a value fulfils its rules.
 *
 * @param value empty where there is none of the name
 */
record ValueRules(ChosenClasses classes, Optional<ModelGroup> value) implements RuleCode {
    @Override
    public Optional<List<String>> ruleOfObject(String rule, Imports imports) {
        return value.flatMap(v -> rule(v, rule).map(r -> formulas()
                .map(f -> f.ofValue(classes.model(), v, r, imports))
                .orElse(List.of())));
    }

    @Override
    public Optional<List<String>> ruleOfRow(String rule, Imports imports, Set<String> primitives) {
        return value.flatMap(v -> rule(v, rule).map(r -> formulas()
                .map(f -> f.ofRow(new RowFormula(r.formula(), Optional.empty(), components(v)), imports, primitives))
                .orElse(List.of())));
    }

    private static Optional<ClassRule> rule(ModelGroup value, String name) {
        return value.rules().stream().filter(r -> r.name().equals(name)).findFirst();
    }

    private Optional<Formulas> formulas() {
        return classes.language().formulas();
    }

    private Map<String, RowFormula.Component> components(ModelGroup group) {
        Map<String, RowFormula.Component> all = new LinkedHashMap<>();
        gather(group, List.of(), List.of(), List.of(group), all);
        return all;
    }

    /** @param seen the values it is within, since one that is a part of itself has no end */
    private void gather(
            ModelGroup group,
            List<String> attributes,
            List<String> names,
            List<ModelGroup> seen,
            Map<String, RowFormula.Component> all) {
        ClassModel model = classes.model();
        for (Property property : group.properties()) {
            List<String> path = with(attributes, property.attribute().name());
            List<String> called = with(names, property.name());
            Type type = property.attribute().type();
            Optional<ModelGroup> inner = property.isValue() && type instanceof Type.Named named
                    ? model.group(AttributeGroup.Kind.VALUE, named.name())
                    : Optional.empty();
            boolean isEnum = type instanceof Type.Named named
                    && model.design().enumType(named.name()).isPresent();
            if (inner.isEmpty()) {
                all.put(String.join(".", path), new RowFormula.Component(called, isEnum));
            } else if (!seen.contains(inner.get())) {
                List<ModelGroup> deeper =
                        Stream.concat(seen.stream(), inner.stream()).toList();
                gather(inner.get(), path, called, deeper, all);
            }
        }
    }

    private static List<String> with(List<String> names, String last) {
        List<String> all = new ArrayList<>(names);
        all.add(last);
        return all;
    }
}
