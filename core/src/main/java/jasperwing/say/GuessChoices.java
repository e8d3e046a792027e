package jasperwing.say;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a person chose where something had to be guessed. A guess is known by the words of what would be taken if nothing were chosen.
 *
 * <p>It remembers what there was to choose from while a text was read, so that it can be shown.
 */
final class GuessChoices {
    private final Map<String, Integer> chosen;
    private final Map<String, Understanding.Guess> offered = new HashMap<>();

    /** @param chosen by the words of a guess, which of its alternatives is meant instead; the guess itself is 0 */
    GuessChoices(Map<String, Integer> chosen) {
        this.chosen = Map.copyOf(chosen);
    }

    static GuessChoices none() {
        return new GuessChoices(Map.of());
    }

    /**
     * Which of several ways to understand something is meant.
     *
     * @param words of each, the likeliest first
     */
    int of(List<String> words) {
        String key = words.get(0);
        int index = Math.floorMod(chosen.getOrDefault(key, 0), words.size());
        offered.put(words.get(index), new Understanding.Guess(words.get(index), key, index, words.size()));
        return index;
    }

    /** A guess with the alternatives it has. */
    Understanding.Guess guess(String words) {
        return Optional.ofNullable(offered.get(words)).orElseGet(() -> new Understanding.Guess(words, words, 0, 1));
    }
}
