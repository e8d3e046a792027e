package jasperwing.physical;

/** A check constraint: a condition that is never false of a row. */
public record Check(String name, SqlExpression condition) {}
