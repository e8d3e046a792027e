package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads what a clause says about its object besides: attributes it has, or which entity plays the part that it names. */
final class ObjectSpeech {
    private static final SentenceForm PLAYED = SentenceForm.of("is (also)? (a|an) N:noun");

    /** What a pair usually carries, and not one of the two. */
    private static final Set<String> OF_PAIRS = Set.of(
            "quantity",
            "amount",
            "grade",
            "score",
            "share",
            "percentage",
            "role",
            "rank",
            "position",
            "dose",
            "dosage",
            "discount");

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;

    ObjectSpeech(Design design, SpokenNouns nouns, GuessChoices choices) {
        this.design = design;
        this.nouns = nouns;
        this.choices = choices;
    }

    /**
     * The entity that plays the part which the object names: the Player of {@code a team has a captain, who is a player}. Empty where nothing
     * like that is said, or a kind is meant.
     *
     * @param guesses takes what was guessed
     */
    Optional<String> player(String object, ClauseTail tail, List<String> guesses) {
        if (tail.hasSubject() || nouns.known(object).isPresent()) {
            return Optional.empty();
        }
        Optional<String> player = PLAYED.read(tail.otherSide(), nouns, m -> nouns.named(m.text("N")))
                .filter(p -> !p.equals(object));
        return player.filter(p -> taken(
                "guessed: the " + Words.spoken(object) + " is one " + p,
                "guessed: " + object + " is a kind of " + p,
                guesses));
    }

    /** Whether attributes behind {@code with} are the object's, and not those of each pair. */
    boolean describes(String subject, String object, boolean many, ClauseTail tail, List<String> guesses) {
        if (tail.attributes().isEmpty()
                || !tail.via().isEmpty()
                || nouns.known(object).isPresent()) {
            return false;
        }
        if (!many) {
            return true;
        }
        String with = Token.text(tail.attributes());
        String its = "guessed: each " + object + " has " + with;
        String ofPair = "guessed: each pair of " + subject + " and " + object + " has " + with;
        boolean pair = tail.attributes().stream().anyMatch(t -> OF_PAIRS.contains(t.low()));
        return pair ? !taken(ofPair, its, guesses) : taken(its, ofPair, guesses);
    }

    /** Whether the likelier of two ways is meant. */
    private boolean taken(String likely, String other, List<String> guesses) {
        List<String> ways = List.of(likely, other);
        int way = choices.of(ways);
        guesses.add(ways.get(way));
        return way == 0;
    }

    /** What was meant, followed by the attributes of the object. */
    Optional<List<ClauseMeaning>> described(List<ClauseMeaning> meanings, String object, List<Token> attributes) {
        Design then = design;
        for (ClauseMeaning meaning : meanings) {
            then = meaning.edit().on(then);
        }
        return new HavingSpeech(then, new SpokenNouns(then), choices)
                .items(object, attributes)
                .filter(items -> items.stream().allMatch(ClauseMeaning.Described.class::isInstance))
                .map(items -> {
                    List<ClauseMeaning> all = new ArrayList<>(meanings);
                    all.addAll(items);
                    return all;
                });
    }
}
