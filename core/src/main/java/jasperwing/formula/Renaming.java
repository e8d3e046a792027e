package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression.Name;
import jasperwing.model.Indexing;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Formulas follow an attribute or role to its new name, wherever roles lead to it. */
public final class Renaming {
    private Renaming() {}

    /**
     * The design with the new name in all formulas; what bears it is not renamed.
     *
     * @param entity whose attribute or role is renamed
     */
    public static Design inFormulas(Design design, String entity, String oldName, String newName) {
        boolean none = design.entities().stream()
                .allMatch(e -> e.indexes().stream().allMatch(i -> i.where().isEmpty())
                        && e.attributes().stream().noneMatch(Attribute::isComputed));
        if (none) {
            return design;
        }
        return design.withEntities(design.entities().stream()
                .map(e -> renamed(design, e, entity, oldName, newName))
                .toList());
    }

    /** As {@link EntityEdits#retype}, and the formulas of every entity follow what is renamed. */
    public static Edit retype(String entity, List<Attribute> attributes, List<String> key) {
        return design -> {
            Design followed = design;
            Map<String, String> renames = design.entity(entity)
                    .map(e -> EntityEdits.renames(e, attributes))
                    .orElse(Map.of());
            for (Map.Entry<String, String> rename : renames.entrySet()) {
                followed = inFormulas(followed, entity, rename.getKey(), rename.getValue());
            }
            return EntityEdits.retype(entity, attributes, key).on(followed);
        };
    }

    private static Entity renamed(Design design, Entity holder, String entity, String oldName, String newName) {
        List<Attribute> attributes = holder.attributes().stream()
                .map(a -> a.formula()
                        .map(f -> f.withNames(n -> renamed(design, holder.name(), n, entity, oldName, newName)))
                        .filter(f -> !f.equals(a.formula().get()))
                        .map(f -> a.withFormula(Optional.of(f)))
                        .orElse(a))
                .toList();
        List<Indexing> indexes = holder.indexes().stream()
                .map(i -> i.withWhere(i.where()
                        .map(w -> w.withNames(n -> renamed(design, holder.name(), n, entity, oldName, newName)))))
                .toList();
        boolean same = attributes.equals(holder.attributes()) && indexes.equals(holder.indexes());
        return same ? holder : holder.withAttributes(attributes).withIndexes(indexes);
    }

    /** Follows the roles a name goes along as far as the one that is renamed. */
    private static Name renamed(Design design, String start, Name name, String entity, String oldName, String newName) {
        String at = start;
        for (int i = 0; i < name.path().size(); i++) {
            String each = name.path().get(i);
            if (each.equals(oldName) && isOf(design, at, entity)) {
                return with(name, i, newName);
            }
            if (InheritanceTree.attribute(design, at, each).isPresent()) {
                return name;
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

    /** Whether an entity is the other, or a kind of it. */
    private static boolean isOf(Design design, String kind, String entity) {
        return kind.equals(entity)
                || InheritanceTree.ancestors(design, kind).stream()
                        .anyMatch(a -> a.name().equals(entity));
    }

    private static Name with(Name name, int index, String newName) {
        List<String> path = new ArrayList<>(name.path());
        path.set(index, newName);
        return new Name(path);
    }
}
