package jasperwing.model;

import java.util.List;
import java.util.function.UnaryOperator;

/** Edits of the warnings that are accepted. */
public final class AcceptedWarningEdits {
    private AcceptedWarningEdits() {}

    /** Sets a warning accepted; one that is accepted already gets the new reason. */
    public static Edit add(AcceptedWarning accepted) {
        return takeBack(accepted).then(design -> design.withAccepted(EntityEdits.append(design.accepted(), accepted)));
    }

    /** Lets a warning be shown again. */
    public static Edit takeBack(AcceptedWarning accepted) {
        return design -> design.withAccepted(
                design.accepted().stream().filter(a -> !a.isAs(accepted)).toList());
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
                design.accepted().stream().filter(a -> !a.entity().equals(name)).toList());
    }

    private static Design each(Design design, UnaryOperator<AcceptedWarning> change) {
        return only(design, design.accepted().stream().map(change).toList());
    }

    private static Design only(Design design, List<AcceptedWarning> now) {
        return now.equals(design.accepted()) ? design : design.withAccepted(now);
    }
}
