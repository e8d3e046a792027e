package jasperwing.reading;

import jasperwing.model.Relationship;

/** One choice for a word, and the relationship it leads to. */
public record Option(String words, Relationship result, boolean chosen) {}
