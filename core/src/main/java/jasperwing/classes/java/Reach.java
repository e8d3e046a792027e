package jasperwing.classes.java;

import jasperwing.classes.ClassModel;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The getters that lead to an attribute. */
final class Reach {
    private final ClassModel model;

    Reach(ClassModel model) {
        this.model = model;
    }

    /** The getters of roles; empty when the classes do not lead there. */
    Optional<List<String>> roles(List<Step> steps) {
        List<String> getters = new ArrayList<>();
        for (Step step : steps) {
            Optional<String> property = model.property(step);
            if (property.isEmpty()) {
                return Optional.empty();
            }
            getters.add(Accessors.method("get", property.get()));
        }
        return Optional.of(getters);
    }

    /** The getters from an entity to the attribute a formula names, without its roles; enums are read as what is stored. */
    List<String> attribute(Term.Member member) {
        List<String> getters = new ArrayList<>();
        List<Attribute> path = member.path();
        getters.add(Accessors.method("get", model.property(member.entity(), path.get(0))));
        for (int i = 1; i < path.size(); i++) {
            String value = ((Type.Named) path.get(i - 1).type()).name();
            AttributeGroup group = model.design().value(value).orElseThrow();
            getters.add(Accessors.method("get", model.property(group, path.get(i))));
        }
        boolean isEnum = member.leaf().type() instanceof Type.Named named
                && model.design().enumType(named.name()).isPresent();
        if (isEnum) {
            getters.add("stored");
        }
        return getters;
    }
}
