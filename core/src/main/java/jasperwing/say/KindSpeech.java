package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.naming.Plurals;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;

/** Speech that says what is a kind of what: {@code a sonde is a kind of instrument}, {@code traps and nets are kinds of gear}. */
final class KindSpeech {
    private static final String KIND =
            "(a kind|a sort|a type|a subtype|a special kind|a special type|a form|kinds|sorts|types|subtypes|special kinds)";
    private static final List<SentenceForm> KIND_OF = List.of(
            SentenceForm.of("K:nouns (is|are) " + KIND + " of P:noun"),
            SentenceForm.of(
                    "(there are)? (two|three|four|five|several|different) (kinds|types|sorts) of P:noun : K:nouns"),
            SentenceForm.of(
                    "there are (two|three|four|five|several|different) (kinds|types|sorts) of P:noun (:|,|namely) K:nouns"),
            SentenceForm.of("(the)? (kinds|types|sorts) of P:noun are K:nouns"),
            SentenceForm.of("P:noun is either K:nouns"));
    private static final SentenceForm IS_A = SentenceForm.of("K:noun is P:noun");

    private static final SentenceForm ARE = SentenceForm.of("K:nouns are P:noun");

    private final Design design;
    private final SpokenNouns nouns;

    KindSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        if (tokens.get(0).is("entity")) {
            return Optional.empty();
        }
        return SentenceForm.first(KIND_OF, tokens, nouns, this::kinds)
                .or(() -> IS_A.read(tokens, nouns, this::isA))
                .or(() -> ARE.read(tokens, nouns, this::are));
    }

    private Optional<List<ClauseMeaning>> kinds(SentenceForm.Match match) {
        List<String> kinds = nouns.list(match.get("K"));
        boolean articles = match.text("K").matches("(?i)an? .+ or an? .+");
        boolean either = match.text("P").matches("(?i)(?:an?|each|every) .+")
                && match.get("K").stream().anyMatch(t -> t.is("or"));
        return nouns.named(match.text("P")).filter(p -> !either || articles).flatMap(p -> meaning(kinds, p, List.of()));
    }

    /** {@code an employee is a person}: with articles, and no type; a guess where neither is there and it is no usual thing. */
    private Optional<List<ClauseMeaning>> isA(SentenceForm.Match match) {
        boolean articles = match.text("K").matches("(?i)(?:an?|each|every) .+")
                && match.text("P").matches("(?i)an? .+");
        boolean type = TypePhrases.of(match.text("P")).isPresent();
        boolean sure = isThing(match);
        return articles && !type
                ? nouns.named(match.text("K")).flatMap(k -> nouns.named(match.text("P"))
                        .flatMap(p -> meaning(List.of(k), p, guess(sure, k, p))))
                : Optional.empty();
    }

    private boolean isThing(SentenceForm.Match match) {
        String last = match.get("P").get(match.get("P").size() - 1).low();
        return nouns.known(match.text("P")).isPresent() || Lexicon.isThing(last) || last.matches("person|animal|thing");
    }

    private static List<String> guess(boolean sure, String kind, String parent) {
        return sure ? List.of() : List.of("guessed: " + kind + " is a kind of " + parent);
    }

    /** {@code dogs and cats are animals}. */
    private Optional<List<ClauseMeaning>> are(SentenceForm.Match match) {
        String last = match.get("P").get(match.get("P").size() - 1).low();
        String one = Plurals.singular(last);
        boolean thing = Plurals.isPlural(last)
                && !one.equals(last)
                && (nouns.known(match.text("P")).isPresent()
                        || Lexicon.isThing(one)
                        || one.matches("animal|person|thing"));
        return thing
                ? nouns.named(match.text("P")).flatMap(p -> meaning(nouns.list(match.get("K")), p, List.of()))
                : Optional.empty();
    }

    private Optional<List<ClauseMeaning>> meaning(List<String> kinds, String parent, List<String> guesses) {
        if (kinds.isEmpty()) {
            return Optional.empty();
        }
        Optional<String> circle =
                kinds.stream().filter(k -> isCircle(k, parent)).findFirst();
        if (circle.isPresent()) {
            String why = circle.get().equals(parent) ? ", which it is itself." : ", which is a kind of it.";
            return Optional.of(
                    List.of(new ClauseMeaning.Impossible(circle.get() + " cannot be a kind of " + parent + why)));
        }
        Edit add = design.entity(parent).isPresent() ? Edit.NOTHING : EntityEdits.add(Entity.keyed(parent));
        return Optional.of(kinds.stream()
                .map(k -> (ClauseMeaning) new ClauseMeaning.Done(
                        "entity " + Notation.name(k) + " is a kind of " + Notation.name(parent),
                        design -> missing(add, design, parent)
                                .then(d -> d.entity(k).isPresent()
                                        ? d
                                        : EntityEdits.add(Entity.of(k)).on(d))
                                .then(KindEdits.become(k, parent))
                                .on(design),
                        guesses))
                .toList());
    }

    private static Edit missing(Edit add, Design design, String parent) {
        return design.entity(parent).isPresent() ? Edit.NOTHING : add;
    }

    private boolean isCircle(String kind, String parent) {
        return kind.equals(parent)
                || InheritanceTree.ancestors(design, parent).stream()
                        .anyMatch(a -> a.name().equals(kind));
    }
}
