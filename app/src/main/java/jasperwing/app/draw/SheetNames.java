package jasperwing.app.draw;

import jasperwing.model.Design;

/** Names for new sheets. */
final class SheetNames {
    private SheetNames() {}

    static String around(String entity) {
        return "Around " + entity;
    }

    /** The name, with a number when there is a sheet of it already. */
    static String free(Design design, String wanted) {
        String name = wanted;
        for (int i = 2; isTaken(design, name); i++) {
            name = wanted + " " + i;
        }
        return name;
    }

    static boolean isTaken(Design design, String name) {
        return design.sheets().stream().anyMatch(s -> s.name().equals(name));
    }
}
