package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.List;

/** Parts of a design that rules look at; what they found stands for as long as these stay equal. */
enum Aspect {
    /** What the entities are called, here and in tables. */
    NAMES,
    /** All of the entities. */
    ENTITIES,
    RELATIONSHIPS,
    /** Areas, enums, values and traits. */
    TYPES,
    SHEETS,
    ASIDE,
    DIALECT;

    /** What is compared. */
    Object of(Checked checked) {
        Design design = checked.design();
        return switch (this) {
            case NAMES -> names(design);
            case ENTITIES -> design.entities();
            case RELATIONSHIPS -> design.relationships();
            case TYPES -> List.of(design.areas(), design.enums(), design.groups());
            case SHEETS -> design.sheets();
            case ASIDE -> design.setAside();
            case DIALECT -> checked.schema().dialect();
        };
    }

    private static List<String> names(Design design) {
        List<String> names = new ArrayList<>(design.entities().size() * 2);
        for (Entity entity : design.entities()) {
            names.add(entity.name());
            names.add(entity.notes().physical());
        }
        return names;
    }
}
