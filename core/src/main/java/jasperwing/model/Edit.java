package jasperwing.model;

/** A change of mind: a pure function from design to design. */
@FunctionalInterface
public interface Edit {
    Edit NOTHING = design -> design;

    /** The design as it is after this edit; the given one is not changed. */
    Design on(Design design);

    default Edit then(Edit next) {
        return design -> next.on(on(design));
    }
}
