package jasperwing.formula;

import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A way along roles from an entity. */
final class RoleWay {
    private final Design design;
    private final List<Step> steps = new ArrayList<>();
    private String at;
    private boolean must = true;
    private boolean many;

    RoleWay(Design design, String start) {
        this.design = design;
        this.at = start;
    }

    List<Step> steps() {
        return steps;
    }

    /** The entity it leads to. */
    String at() {
        return at;
    }

    /** Whether each row has what it leads to. */
    boolean must() {
        return must;
    }

    boolean many() {
        return many;
    }

    /** Follows names as long as they are roles and not attributes. @return how many were */
    int follow(List<String> path, boolean toMany) {
        int i = 0;
        while (i < path.size()) {
            String name = path.get(i);
            boolean attribute = InheritanceTree.attribute(design, at, name).isPresent();
            Optional<Step> step = attribute
                    ? Optional.empty()
                    : Steps.from(design, at).stream()
                            .filter(s -> s.name().equals(name) && (toMany || !s.many()) && isKeptHere(s.to()))
                            .findFirst();
            if (step.isEmpty()) {
                return i;
            }
            steps.add(step.get());
            at = step.get().to();
            must &= step.get().must();
            many |= step.get().many();
            i++;
        }
        return i;
    }

    private boolean isKeptHere(String entity) {
        return design.entity(entity).map(e -> !e.outside()).orElse(false);
    }
}
