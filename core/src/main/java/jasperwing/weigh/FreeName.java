package jasperwing.weigh;

import jasperwing.model.Design;

/** A name that nothing in a design bears. */
final class FreeName {
    private FreeName() {}

    /** The wanted name, with a number behind it where an entity or enum bears it. */
    static String of(Design design, String wanted) {
        String free = wanted;
        for (int i = 2; design.entity(free).isPresent() || design.enumType(free).isPresent(); i++) {
            free = wanted + i;
        }
        return free;
    }
}
