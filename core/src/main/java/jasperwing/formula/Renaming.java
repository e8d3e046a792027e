package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression.Name;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Formulas follow an attribute to its new name, wherever roles lead to it. */
public final class Renaming {
    private Renaming() {}

    /**
     * The design with the attribute's new name in all formulas; the attribute itself is not renamed.
     *
     * @param entity whose attribute is renamed
     */
    public static Design inFormulas(Design design, String entity, String oldName, String newName) {
        if (design.entities().stream().flatMap(e -> e.attributes().stream()).noneMatch(Attribute::isComputed)) {
            return design;
        }
        return design.withEntities(design.entities().stream()
                .map(e -> renamed(design, e, entity, oldName, newName))
                .toList());
    }

    private static Entity renamed(Design design, Entity holder, String entity, String oldName, String newName) {
        List<Attribute> attributes = holder.attributes().stream()
                .map(a -> a.formula()
                        .map(f -> f.withNames(n -> renamed(design, holder.name(), n, entity, oldName, newName)))
                        .filter(f -> !f.equals(a.formula().get()))
                        .map(f -> a.withFormula(Optional.of(f)))
                        .orElse(a))
                .toList();
        return attributes.equals(holder.attributes()) ? holder : holder.withAttributes(attributes);
    }

    /** Follows the roles a name goes along; the first that is none is the attribute. */
    private static Name renamed(Design design, String start, Name name, String entity, String oldName, String newName) {
        String at = start;
        for (int i = 0; i < name.path().size(); i++) {
            String each = name.path().get(i);
            if (design.entity(at).flatMap(e -> e.attribute(each)).isPresent()) {
                return at.equals(entity) && each.equals(oldName) ? with(name, i, newName) : name;
            }
            Optional<Step> step = Steps.from(design, at).stream()
                    .filter(s -> s.name().equals(each))
                    .findFirst();
            if (step.isEmpty()) {
                return name;
            }
            at = step.get().to();
        }
        return name;
    }

    private static Name with(Name name, int index, String newName) {
        List<String> path = new ArrayList<>(name.path());
        path.set(index, newName);
        return new Name(path);
    }
}
