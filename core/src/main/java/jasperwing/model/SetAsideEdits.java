package jasperwing.model;

import java.util.List;
import java.util.function.UnaryOperator;

/** Edits of the warnings that are set aside. */
public final class SetAsideEdits {
    private SetAsideEdits() {}

    /** Sets a warning aside; one that is set aside already gets the new reason. */
    public static Edit add(SetAside aside) {
        return takeBack(aside).then(design -> design.withSetAside(EntityEdits.append(design.setAside(), aside)));
    }

    /** Lets a warning be shown again. */
    public static Edit takeBack(SetAside aside) {
        return design -> design.withSetAside(
                design.setAside().stream().filter(a -> !a.isAs(aside)).toList());
    }

    static Design entityRenamed(Design design, String oldName, String newName) {
        return each(design, a -> a.entity().equals(oldName) ? a.withEntity(newName) : a);
    }

    public static Design memberRenamed(Design design, String entity, String oldName, String newName) {
        return each(design, a -> a.entity().equals(entity) && a.member().equals(oldName) ? a.withMember(newName) : a);
    }

    static Design entityRemoved(Design design, String name) {
        return only(
                design,
                design.setAside().stream().filter(a -> !a.entity().equals(name)).toList());
    }

    private static Design each(Design design, UnaryOperator<SetAside> change) {
        return only(design, design.setAside().stream().map(change).toList());
    }

    private static Design only(Design design, List<SetAside> now) {
        return now.equals(design.setAside()) ? design : design.withSetAside(now);
    }
}
