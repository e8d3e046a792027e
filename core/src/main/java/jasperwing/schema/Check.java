package jasperwing.schema;

/** A condition every row obeys, as SQL. */
public record Check(String name, String condition) {}
