package jasperwing.naming;

import jasperwing.model.Design;

/** A name that nothing in a design bears. */
public final class FreeName {
    private FreeName() {}

    /** The wanted name, with a number behind it where an entity, enum, value or trait bears it. */
    public static String of(Design design, String wanted) {
        String free = wanted;
        for (int i = 2; isTaken(design, free); i++) {
            free = wanted + i;
        }
        return free;
    }

    private static boolean isTaken(Design design, String name) {
        return design.entity(name).isPresent()
                || design.enumType(name).isPresent()
                || design.groups().stream().anyMatch(g -> g.name().equals(name));
    }
}
