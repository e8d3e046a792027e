package jasperwing.model;

/** The one rule every name in a design obeys: it has at least one character that is not white space. */
public final class Names {
    private Names() {}

    /** @throws IllegalArgumentException when the name is blank */
    public static String require(String name) {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a name must not be blank, but was '" + name + "'");
        }
        return name;
    }
}
