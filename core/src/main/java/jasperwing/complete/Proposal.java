package jasperwing.complete;

/**
 * One way to go on.
 *
 * @param insert what replaces the word that is being typed
 * @param hint what it means, in a few words
 */
public record Proposal(String insert, String hint) {}
