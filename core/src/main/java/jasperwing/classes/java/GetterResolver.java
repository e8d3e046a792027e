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

/** The getters of classes. */
final class GetterResolver implements AccessorResolver {
    private final ClassModel model;
    private final Optional<AttributeGroup> within;

    GetterResolver(ClassModel model) {
        this(model, Optional.empty());
    }

    /** @param within the value whose own getters are meant; empty for those of an entity */
    GetterResolver(ClassModel model, Optional<AttributeGroup> within) {
        this.model = model;
        this.within = within;
    }

    @Override
    public Optional<List<String>> roles(List<Step> steps) {
        List<String> getters = new ArrayList<>();
        for (Step step : steps) {
            Optional<String> property = model.property(step);
            if (property.isEmpty()) {
                return Optional.empty();
            }
            getters.add(JavaNames.method("get", property.get()));
        }
        return Optional.of(getters);
    }

    @Override
    public List<String> attribute(Term.Member member) {
        List<String> getters = new ArrayList<>();
        List<Attribute> path = member.path();
        getters.add(JavaNames.method(
                "get",
                within.map(v -> model.property(v, path.get(0)))
                        .orElseGet(() -> model.property(member.entity(), path.get(0)))));
        for (int i = 1; i < path.size(); i++) {
            String value = ((Type.Named) path.get(i - 1).type()).name();
            AttributeGroup group = model.design().value(value).orElseThrow();
            getters.add(JavaNames.method("get", model.property(group, path.get(i))));
        }
        boolean isEnum = member.leaf().type() instanceof Type.Named named
                && model.design().enumType(named.name()).isPresent();
        if (isEnum) {
            getters.add("stored");
        }
        return getters;
    }

    @Override
    public boolean isAlways(Term.Member member) {
        return false;
    }
}
