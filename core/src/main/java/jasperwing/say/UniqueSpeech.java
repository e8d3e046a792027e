package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What no two rows share together: {@code the number of a hive is unique within its apiary}. All of it must be there. */
final class UniqueSpeech {
    private static final String ARE = "(is|are|must be|has to be|have to be|should be)";
    private static final String WITHIN = " (only)? (within|in|inside|per|for|for each|among|at)"
            + " (its|their|the|the same|a|an|one|each|every)? S:any";
    private static final String SAME =
            "(can have|may have|must have|have|share|can share|may share) the same K:members";

    private static final List<SentenceForm> FORMS = List.of(
            SentenceForm.of("(the|each)? K:members of E:noun " + ARE + " unique" + WITHIN),
            SentenceForm.of("E:noun 's K:members " + ARE + " unique" + WITHIN),
            SentenceForm.of("E:noun (has|have|must have) (a|an)? unique K:members" + WITHIN),
            SentenceForm.of("no two E:noun (of|in|on|at|for|with) (the same|a|an|one) S:any " + SAME),
            SentenceForm.of("no two E:noun " + SAME + " (within|in|inside|at) (the same|a|an|one|their|its) S:any"),
            SentenceForm.of("no two E:noun " + SAME),
            SentenceForm.of("(the|each)? (combination|pair) of K:members of E:noun " + ARE + " unique"),
            SentenceForm.of("(the|each)? K:members of E:noun " + ARE + " (unique together|together unique)"));

    private final Design design;
    private final SpokenNouns nouns;

    UniqueSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    /** Whether something is said to be unique, which no relationship does. */
    static boolean isMeant(List<Token> tokens) {
        return IntStream.range(1, tokens.size())
                .anyMatch(i -> tokens.get(i).is("unique") && tokens.get(i - 1).is("is", "are", "be", "together"));
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        return tokens.stream().anyMatch(t -> t.is("unique", "same"))
                ? SentenceForm.first(FORMS, tokens, nouns, this::unique)
                : Optional.empty();
    }

    private Optional<List<ClauseMeaning>> unique(SentenceForm.Match match) {
        return nouns.known(match.text("E")).flatMap(entity -> {
            List<String> said = new ArrayList<>();
            if (!match.get("S").isEmpty()) {
                said.addAll(SpokenNouns.items(match.get("S")));
            }
            said.addAll(SpokenNouns.items(match.get("K")));
            List<String> members = said.stream()
                    .flatMap(s -> member(entity, s).stream())
                    .distinct()
                    .toList();
            return members.size() == said.size() ? unique(entity, members) : Optional.empty();
        });
    }

    /** An attribute or role there is already. */
    private Optional<String> member(String entity, String said) {
        List<String> all = Stream.concat(
                        Roles.heldBy(design, entity).stream().map(Role::name),
                        design.entity(entity).stream()
                                .flatMap(e -> e.attributes().stream())
                                .map(Attribute::name))
                .toList();
        String word = said.replaceFirst("(?i)^(?:the same|the|its|their|an?|each|every) ", "");
        return SpokenNouns.among(all, word).or(() -> SpokenNouns.among(all, Plurals.singular(Words.camel(word))));
    }

    private Optional<List<ClauseMeaning>> unique(String entity, List<String> members) {
        if (members.size() > 1) {
            return done(
                    entity,
                    "unique (" + String.join(", ", members) + ")",
                    EntityEdits.addUnique(entity, Members.of(members.toArray(String[]::new))));
        }
        String only = members.get(0);
        return design.entity(entity)
                .flatMap(e -> e.attribute(only))
                .map(a -> a.withUnique(true))
                .flatMap(a -> done(
                        entity,
                        Notation.print(a, false),
                        EntityEdits.changeAttribute(entity, only, b -> b.withUnique(true))));
    }

    private static Optional<List<ClauseMeaning>> done(String entity, String line, Edit edit) {
        return Optional.of(List.of(new ClauseMeaning.Done(Notation.name(entity) + ": " + line, edit, List.of())));
    }
}
