package jasperwing.physical;

/** A sequence that no column of its own has. */
public record Sequence(String name, SqlType type, long start, long increment) {}
