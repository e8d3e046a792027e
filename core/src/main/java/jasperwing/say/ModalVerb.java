package jasperwing.say;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A word that says whether something must be so, or one beside it.
 *
 * @param must empty for words that leave it open
 */
record ModalVerb(Optional<Boolean> must, int words) {
    private static final List<List<String>> MUST = split(
            "must|shall|should|always|has to|have to|needs to|need to|is required to|are required to|must always");
    private static final List<List<String>> MAY = split(
            "may|can|could|might|optionally|sometimes|is able to|are able to|is allowed to|are allowed to|may optionally|can optionally|possibly");
    private static final List<List<String>> OPEN = split("also|will|would|itself");

    private static List<List<String>> split(String words) {
        return Stream.of(words.split("\\|"))
                .map(w -> List.of(w.split(" ")))
                .sorted((a, b) -> b.size() - a.size())
                .toList();
    }

    static Optional<ModalVerb> at(List<Token> tokens, int at) {
        return at(tokens, at, MUST, Optional.of(true))
                .or(() -> at(tokens, at, MAY, Optional.of(false)))
                .or(() -> at(tokens, at, OPEN, Optional.empty()));
    }

    /** All that follow each other from a place; the last that says whether something must be so counts. */
    static ModalVerb run(List<Token> tokens, int at) {
        ModalVerb all = new ModalVerb(Optional.empty(), 0);
        Optional<ModalVerb> next = at(tokens, at);
        while (next.isPresent()) {
            Optional<Boolean> must = next.get().must().isPresent() ? next.get().must() : all.must();
            all = new ModalVerb(must, all.words() + next.get().words());
            next = at(tokens, at + all.words());
        }
        return all;
    }

    private static Optional<ModalVerb> at(List<Token> tokens, int at, List<List<String>> all, Optional<Boolean> must) {
        for (List<String> words : all) {
            if (Token.stand(words, tokens, at)) {
                return Optional.of(new ModalVerb(must, words.size()));
            }
        }
        return Optional.empty();
    }
}
