package jasperwing.reading;

import jasperwing.model.Relationship;

/**
 * What a word of a sentence can be changed to.
 *
 * @param words what the sentence says then
 * @param result the relationship then
 * @param chosen whether it is what the sentence says now
 * @param group the words that several choices begin with, to offer them together; empty where it stands alone
 * @param item what it is called among those
 */
public record Option(String words, Relationship result, boolean chosen, String group, String item) {
    /** A choice that stands alone. */
    public Option(String words, Relationship result, boolean chosen) {
        this(words, result, chosen, "", words);
    }
}
