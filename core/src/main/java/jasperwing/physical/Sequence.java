package jasperwing.physical;

/** A sequence that no column of its own has. */
public record Sequence(String name, long start, long increment) {}
