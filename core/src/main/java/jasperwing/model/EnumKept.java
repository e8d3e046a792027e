package jasperwing.model;

/** How a database is told of the values of an enum. */
public enum EnumKept {
    /** Every column of the enum has a check on its values. */
    CHECK("a check"),
    /** A type of the database; a check, where it has none. */
    TYPE("a type"),
    /** A table of the values, which columns of the enum point to. */
    TABLE("a table");

    private final String words;

    EnumKept(String words) {
        this.words = words;
    }

    /** As the notation says it. */
    public String words() {
        return words;
    }
}
