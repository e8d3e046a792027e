package jasperwing.say;

import java.util.List;
import java.util.Optional;

/** Reads what only names things: {@code there are boats and field stations}, {@code we keep track of dives}. */
final class NamingSpeech {
    private static final List<SentenceForm> THERE = List.of(
            SentenceForm.of("(there is|there are) (also)? N:nouns"),
            SentenceForm.of(
                    "(we|the system|it|our system) (also)? (have|keep|need|store|record|manage|track|handle|keep track of|stores|records|manages|tracks|handles|keeps|keeps track of|deal with|know) N:nouns"),
            SentenceForm.of("(keep|store|record|track) (track of)? N:nouns"),
            SentenceForm.of("(add|new|create) (an entity|the entity|entities|entity)? N:nouns"),
            SentenceForm.of("(the)? entities (are)? (:)? N:nouns"),
            SentenceForm.of("N:noun (is|are) (an entity|entities)"));

    private final SpokenNouns nouns;

    NamingSpeech(SpokenNouns nouns) {
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        List<Token> bare = withoutQuantities(tokens);
        Optional<List<ClauseMeaning>> found = Optional.empty();
        for (SentenceForm form : THERE) {
            found = found.or(() -> form.read(
                    bare,
                    nouns,
                    m -> Optional.of(List.of(new ClauseMeaning.Named(nouns.list(m.get("N")), List.of())))));
        }
        return found;
    }

    private static List<Token> withoutQuantities(List<Token> tokens) {
        return tokens.stream().filter(t -> !t.is("many", "several", "various")).toList();
    }
}
