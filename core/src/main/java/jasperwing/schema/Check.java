package jasperwing.schema;

/**
 * A condition every row obeys, as SQL.
 *
 * @param declared whether the dialect takes it as a check constraint; else it is a condition on {@code new}, for triggers
 */
public record Check(String name, String condition, boolean declared) {}
