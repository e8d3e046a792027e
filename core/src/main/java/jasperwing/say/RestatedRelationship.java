package jasperwing.say;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.naming.FreeName;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Finds the relationship that a clause tells more about: its other side, another word for it, or what each pair of it carries. */
final class RestatedRelationship {
    private final Design design;
    private final GuessChoices choices;

    RestatedRelationship(Design design, GuessChoices choices) {
        this.design = design;
        this.choices = choices;
    }

    /** @param certain whether its verbs leave no doubt that it is the same relationship */
    private record Candidate(BinaryRelationship old, BinaryRelationship now, boolean certain) {}

    /**
     * The relationship as it is read now.
     *
     * @param reading as said of the first of the two
     * @param guesses takes what was guessed, also where the clause is taken to begin another relationship
     */
    Optional<List<ClauseMeaning>> read(String from, String to, Reading reading, ClauseTail tail, List<String> guesses) {
        boolean linked = !tail.via().isEmpty() || !tail.attributes().isEmpty();
        return design.relationships().stream()
                .flatMap(r -> candidate(r, from, to, reading).stream())
                .filter(c -> !linked && c.old().via().isEmpty() || isManyToMany(c.now()))
                .max(Comparator.comparing(Candidate::certain))
                .filter(c -> isMeant(c, guesses))
                .flatMap(c -> linked
                        ? carrying(c, reading.verb(), tail, guesses)
                        : Optional.of(List.of(reread(c.old(), c.now(), guesses))));
    }

    private static ClauseMeaning reread(BinaryRelationship old, BinaryRelationship now, List<String> guesses) {
        return new ClauseMeaning.Reread(old, now, List.copyOf(guesses));
    }

    private static boolean isManyToMany(BinaryRelationship binary) {
        return binary.isOfPairsAlone() || binary.shape() == BinaryRelationship.Shape.LINKED;
    }

    private static Optional<Candidate> candidate(Relationship old, String from, String to, Reading reading) {
        if (!(old instanceof BinaryRelationship binary) || binary.isSelf()) {
            return Optional.empty();
        }
        boolean general =
                isGeneral(reading.verb()) || isGeneral(binary.forward().verb());
        if (binary.from().equals(to) && binary.to().equals(from)) {
            Reading back = reading.withRole(binary.back().map(Reading::role).orElse(""));
            boolean certain = general
                    || binary.back()
                            .filter(b -> b.verb().equals(reading.verb()))
                            .isPresent()
                    || isPassiveOf(reading.verb(), binary.forward().verb())
                    || isPassiveOf(binary.forward().verb(), reading.verb());
            return Optional.of(new Candidate(binary, binary.withBack(Optional.of(back)), certain));
        }
        boolean same = binary.from().equals(from)
                && binary.to().equals(to)
                && (general || binary.forward().verb().equals(reading.verb()));
        return same
                ? Optional.of(new Candidate(
                        binary,
                        binary.withForward(reading.withRole(binary.forward().role())),
                        true))
                : Optional.empty();
    }

    private static boolean isGeneral(String verb) {
        return verb.matches("have|belong to|be (?:of|in|part of)|contain|include");
    }

    /** {@code be attended by} of {@code attend}. */
    private static boolean isPassiveOf(String passive, String active) {
        String[] words = passive.split(" ");
        return words.length > 1 && words[0].equals("be") && Lexicon.isParticipleOf(words[1], active.split(" ")[0]);
    }

    private boolean isMeant(Candidate candidate, List<String> guesses) {
        if (candidate.certain()) {
            return true;
        }
        BinaryRelationship old = candidate.old();
        String verb = "\"" + old.forward().verb() + "\"";
        String same = "guessed: the other side of " + verb;
        String another = "guessed: another relationship than " + verb;
        boolean open = old.back().filter(b -> !isGeneral(b.verb())).isEmpty();
        List<String> ways = open ? List.of(same, another) : List.of(another, same);
        String taken = ways.get(choices.of(ways));
        guesses.add(taken);
        return taken.equals(same);
    }

    /** Attributes of each pair go to the link entity, which is made where there is none. */
    private Optional<List<ClauseMeaning>> carrying(
            Candidate candidate, String verb, ClauseTail tail, List<String> guesses) {
        BinaryRelationship old = candidate.old();
        Optional<String> said = tail.via().isEmpty() ? Optional.empty() : new SpokenNouns(design).named(tail.via());
        String link = said.orElseGet(
                () -> old.via().isEmpty() ? FreeName.of(design, LinkNames.of(verb, old.from(), old.to())) : old.via());
        if (!old.via().isEmpty() && !old.via().equals(link)) {
            return Optional.empty();
        }
        ClauseMeaning reread =
                reread(old, old.via().isEmpty() ? candidate.now().withVia(link) : candidate.now(), guesses);
        if (tail.attributes().isEmpty()) {
            return Optional.of(List.of(reread));
        }
        Design then = reread.edit().on(design);
        return new HavingSpeech(then, new SpokenNouns(then), choices)
                .items(link, tail.attributes())
                .filter(items -> items.stream().allMatch(ClauseMeaning.Described.class::isInstance))
                .map(items -> Stream.concat(Stream.of(reread), items.stream()).toList());
    }
}
