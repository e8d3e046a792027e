package jasperwing.moves;

import java.util.List;

/**
 * A move that a selection allows, with what it asks.
 *
 * @param title what it does, in a few words
 * @param about what becomes of what, in a sentence
 * @param choices what may be chosen for it, in order; empty when there is nothing to choose
 * @param chosen of these to begin with
 * @param asks what its text field is for; empty when it has none
 * @param suggestion what stands in the text field to begin with
 * @param maker makes the move of what was chosen and said
 */
public record Offer(
        String title,
        String about,
        List<String> choices,
        List<String> chosen,
        String asks,
        String suggestion,
        Maker maker) {
    public Offer {
        choices = List.copyOf(choices);
        chosen = List.copyOf(chosen);
    }

    /** Makes a move of the answers. */
    @FunctionalInterface
    public interface Maker {
        Move of(List<String> chosen, String said);
    }

    /** The move as it is suggested. */
    public Move suggested() {
        return maker.of(chosen, suggestion);
    }
}
