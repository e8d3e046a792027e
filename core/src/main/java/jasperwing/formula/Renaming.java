package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.model.RowRule;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Formulas follow an attribute or role to its new name, wherever roles lead to it. */
public final class Renaming {
    private Renaming() {}

    /**
     * The design with the new name in all formulas; what bears it is not renamed.
     *
     * @param entity whose attribute or role is renamed
     */
    public static Design inFormulas(Design design, String entity, String oldName, String newName) {
        return FormulaPaths.followed(
                design, design, List.of(new FormulaPaths.Moved(entity, List.of(oldName), List.of(newName))));
    }

    /** Gives an attribute of an entity, a value or a trait another name. Whatever names it follows. */
    public static Edit attribute(String owner, String oldName, String newName) {
        return design -> {
            UnaryOperator<Attribute> renamed = a -> a.withName(newName);
            if (design.entity(owner).isPresent()) {
                return EntityEdits.changeAttribute(owner, oldName, renamed)
                        .on(inFormulas(design, owner, oldName, newName));
            }
            Design after = GroupEdits.changeAttribute(owner, oldName, renamed).on(design);
            return inGroup(design, after, owner, Map.of(oldName, newName));
        };
    }

    /**
     * A value or trait whose lines were typed anew. A line that stands where another stood and bears a new name is a rename, which
     * everything follows but the rules that were typed as well.
     *
     * @param before the design before
     * @param typed the same with what was typed
     */
    public static Design retypedGroup(Design before, Design typed, String group) {
        Optional<AttributeGroup> was = group(before, group);
        Optional<AttributeGroup> is = group(typed, group);
        if (was.isEmpty() || is.isEmpty()) {
            return typed;
        }
        Map<String, String> renames =
                EntityEdits.renames(was.get().attributes(), is.get().attributes());
        Edit rules = GroupEdits.change(
                group,
                g -> g.withRules(g.rules().stream()
                        .map(r -> was.get().rules().contains(r) ? renamed(r, renames) : r)
                        .toList()));
        return inGroup(before, rules.on(typed), group, renames);
    }

    private static Optional<AttributeGroup> group(Design design, String name) {
        return design.groups().stream().filter(g -> g.name().equals(name)).findFirst();
    }

    private static RowRule renamed(RowRule rule, Map<String, String> renames) {
        RowRule renamed = rule;
        for (Map.Entry<String, String> rename : renames.entrySet()) {
            renamed = renamed.renamed(rename.getKey(), rename.getValue());
        }
        return renamed;
    }

    /**
     * What names attributes of a value or a trait follows them; the rules of the group itself are left as they are.
     *
     * @param before the design with the old names
     * @param after the same with the attributes under their new names
     * @param renames the new names by the old ones
     */
    public static Design inGroup(Design before, Design after, String group, Map<String, String> renames) {
        Design followed = after;
        for (AttributeGroup each : before.groups()) {
            if (each.name().equals(group) && !renames.isEmpty()) {
                followed = new GroupRenaming(before, each, renames).followed(followed);
            }
        }
        return followed;
    }

    /** As {@link EntityEdits#retype}, and the formulas of every entity follow what is renamed. */
    public static Edit retype(String entity, List<Attribute> attributes, List<String> key) {
        return design -> {
            Design followed = design;
            Map<String, String> renames = design.entity(entity)
                    .map(e -> EntityEdits.renames(e.attributes(), attributes))
                    .orElse(Map.of());
            for (Map.Entry<String, String> rename : renames.entrySet()) {
                followed = inFormulas(followed, entity, rename.getKey(), rename.getValue());
            }
            return EntityEdits.retype(entity, attributes, key).on(followed);
        };
    }
}
