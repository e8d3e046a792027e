package jasperwing.classes.java;

import jasperwing.formula.Term;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The methods that lead from one of many, which a lambda calls {@code each}. */
record OfEach(AccessorResolver resolver) implements AccessorResolver {
    @Override
    public Optional<List<String>> roles(List<Step> steps) {
        return resolver.roles(steps).map(OfEach::fromEach);
    }

    @Override
    public List<String> attribute(Term.Member member) {
        List<String> getters = resolver.attribute(member);
        return member.steps().isEmpty() ? fromEach(getters) : getters;
    }

    @Override
    public boolean isAlways(Term.Member member) {
        return resolver.isAlways(member);
    }

    private static List<String> fromEach(List<String> getters) {
        List<String> all = new ArrayList<>(getters);
        if (!all.isEmpty()) {
            all.set(0, "each." + all.get(0));
        }
        return all;
    }
}
