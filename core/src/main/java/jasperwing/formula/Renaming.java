package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import java.util.List;
import java.util.Map;

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
}
