package jasperwing.model;

import java.util.function.UnaryOperator;

/** Edits of subject areas. */
public final class AreaEdits {
    private AreaEdits() {}

    /** Adds an area; changes nothing where one bears the name. */
    public static Edit add(Area area) {
        return design -> design.area(area.name()).isPresent()
                ? design
                : design.withAreas(EntityEdits.append(design.areas(), area));
    }

    /** Renames an area, and its entities follow; changes nothing where another bears the name. */
    public static Edit rename(String oldName, String newName) {
        return design -> {
            if (design.area(newName).isPresent() || design.area(oldName).isEmpty()) {
                return design;
            }
            return each(design, oldName, a -> a.withName(newName))
                    .withEntities(design.entities().stream()
                            .map(e -> e.area().equals(oldName) ? e.withArea(newName) : e)
                            .toList());
        };
    }

    public static Edit recolor(String name, AreaColor color) {
        return design -> each(design, name, a -> a.withColor(color));
    }

    /** Says in which schema its tables lie; an empty name says nothing of it any more. */
    public static Edit schema(String name, String schema) {
        return design -> each(design, name, a -> a.withSchema(schema));
    }

    /** Removes an area; its entities are in none then. */
    public static Edit remove(String name) {
        return design -> design.withAreas(design.areas().stream()
                        .filter(a -> !a.name().equals(name))
                        .toList())
                .withEntities(design.entities().stream()
                        .map(e -> e.area().equals(name) ? e.withArea("") : e)
                        .toList());
    }

    private static Design each(Design design, String name, UnaryOperator<Area> change) {
        return design.withAreas(design.areas().stream()
                .map(a -> a.name().equals(name) ? change.apply(a) : a)
                .toList());
    }
}
