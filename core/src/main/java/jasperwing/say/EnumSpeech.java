package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EnumEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;

/** That a value of an enum is retired: {@code expired is retired as a state}. */
final class EnumSpeech {
    private static final String OLD =
            "(retired|obsolete|discontinued|no longer used|not used any more|no longer allowed)";
    private static final List<SentenceForm> RETIRED = List.of(
            SentenceForm.of("(the)? (value)? V:value of (the)? T:member (is|are) " + OLD),
            SentenceForm.of("V:value (is|are) " + OLD + " (as|for) (a|an|the)? T:member"),
            SentenceForm.of("(retire|discontinue) (the)? (value)? V:value (of|as|for|from) (a|an|the)? T:member"));

    private final Design design;
    private final SpokenNouns nouns;

    EnumSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return SentenceForm.first(RETIRED, tokens, nouns, this::retired);
    }

    private Optional<List<ClauseMeaning>> retired(SentenceForm.Match match) {
        String value = match.text("V");
        return named(match.text("T")).map(type -> type.values().stream()
                .filter(v -> isCalled(v, value))
                .findFirst()
                .map(v -> retired(type, v))
                .orElseGet(() -> List.of(new ClauseMeaning.Impossible(type.name() + " has no value " + value))));
    }

    private static List<ClauseMeaning> retired(EnumType type, EnumValue value) {
        Edit edit = EnumEdits.changeValue(type.name(), value.name(), v -> new EnumValue(v.name(), true, v.notes()));
        String sentence = Notation.name(type.name()) + ": " + Notation.name(value.name()) + " retired";
        return List.of(new ClauseMeaning.Done(sentence, edit, List.of()));
    }

    private Optional<EnumType> named(String said) {
        return design.enums().stream()
                .filter(e -> e.name().equalsIgnoreCase(said)
                        || Words.spoken(e.name()).equalsIgnoreCase(said)
                        || Words.pascal(said).equalsIgnoreCase(e.name()))
                .findFirst();
    }

    private static boolean isCalled(EnumValue value, String said) {
        String bare = said.replace("\"", "");
        return value.name().equalsIgnoreCase(bare) || value.label().equalsIgnoreCase(bare);
    }
}
