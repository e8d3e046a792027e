package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.SortKey;
import jasperwing.model.SortedReading;
import jasperwing.model.Sorting;
import jasperwing.model.SortingEdits;
import jasperwing.naming.Plurals;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** The order of many: {@code the dives of a station come in order of their depth}, {@code the songs of a concert are in an order kept in place}. */
final class OrderSpeech {
    private record Form(SentenceForm sentence, boolean kept, boolean falling) {}

    private static final String START = "(the|all)? P:noun (of|in|on|at) C:noun ";
    private static final String COME =
            "(come|are|are listed|are shown|are read|are kept|must come|should come|must be|should be) ";
    private static final String SORTED = "(sorted by|ordered by|in order of|in the order of|in ascending order of) ";
    private static final String FALLING = "(in falling order of|in descending order of|in reverse order of) ";
    private static final String THEIR = "(their|the|its)? K:any";
    private static final String LAST_FIRST =
            " (,)? (the)? (latest|newest|highest|largest|greatest|biggest|longest|last) (first|ones first)";
    private static final String FIRST_FIRST =
            " (,)? (the)? (earliest|oldest|lowest|smallest|least|shortest|first) (first|ones first)";

    private static final Pattern FALLING_ITEM = Pattern.compile("(?i)(falling|descending) ");
    private static final Pattern FILLERS = Pattern.compile("(?i)^(falling |descending )?(the |their |its )?");

    private static final List<Form> FORMS = List.of(
            new Form(SentenceForm.of(START + COME + SORTED + THEIR + LAST_FIRST), false, true),
            new Form(SentenceForm.of(START + COME + SORTED + THEIR + FIRST_FIRST), false, false),
            new Form(SentenceForm.of(START + COME + SORTED + THEIR + " (descending|falling)"), false, true),
            new Form(SentenceForm.of(START + COME + SORTED + THEIR), false, false),
            new Form(SentenceForm.of(START + COME + FALLING + THEIR), false, true),
            new Form(SentenceForm.of(START + COME + "in (an|the) order (that is)? kept in " + THEIR), true, false));

    private final Design design;
    private final SpokenNouns nouns;

    OrderSpeech(Design design, SpokenNouns nouns) {
        this.design = design;
        this.nouns = nouns;
    }

    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        if (tokens.stream().noneMatch(t -> t.is("order", "sorted", "ordered"))) {
            return Optional.empty();
        }
        return FORMS.stream()
                .flatMap(f -> f.sentence().read(tokens, nouns, m -> meaning(f, m)).stream())
                .findFirst();
    }

    private Optional<List<ClauseMeaning>> meaning(Form form, SentenceForm.Match match) {
        return nouns.known(match.text("P")).flatMap(many -> nouns.known(match.text("C"))
                .flatMap(one -> between(many, one))
                .flatMap(there -> sorting(form, there, match.get("K")).map(sorting -> {
                    String words = Plurals.plural(many) + " come " + sorting.words(n -> n);
                    return List.of(new ClauseMeaning.Done(
                            words, SortingEdits.replace(there, Optional.of(sorting)), List.of()));
                })));
    }

    /** The only way in which one thing leads to many of the other. */
    private Optional<SortedReading> between(String many, String one) {
        List<SortedReading> all = design.relationships().stream()
                .flatMap(SortedReading::directions)
                .filter(s -> s.reading().many()
                        && s.many().equals(many)
                        && s.starts().contains(one))
                .toList();
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    private Optional<Sorting> sorting(Form form, SortedReading there, List<Token> said) {
        List<SortKey> possible = SortedReading.possible(design, there.relationship(), there.many()).stream()
                .filter(s -> s.kept() == form.kept())
                .map(s -> s.keys().get(0).withFalling(false))
                .distinct()
                .toList();
        List<SortKey> keys = new ArrayList<>();
        for (String item : SpokenNouns.items(said)) {
            boolean falling = form.falling() || FALLING_ITEM.matcher(item).lookingAt();
            Optional<SortKey> key = named(possible, FILLERS.matcher(item).replaceFirst(""));
            if (key.isEmpty() || keys.stream().anyMatch(key.get()::isSame)) {
                return Optional.empty();
            }
            keys.add(key.get().withFalling(falling));
        }
        return keys.isEmpty() || form.kept() && keys.size() > 1
                ? Optional.empty()
                : Optional.of(new Sorting(keys, form.kept()));
    }

    /** By an attribute, or by the only part of a value of that name. */
    private static Optional<SortKey> named(List<SortKey> possible, String said) {
        List<String> whole = possible.stream().map(SortKey::words).toList();
        List<String> parts = possible.stream().map(OrderSpeech::part).toList();
        Optional<String> path = SpokenNouns.among(whole, said);
        Optional<String> part = SpokenNouns.among(parts, said).filter(p -> Collections.frequency(parts, p) == 1);
        return possible.stream()
                .filter(k -> path.map(k.words()::equals).orElse(false))
                .findFirst()
                .or(() -> possible.stream()
                        .filter(k -> part.map(part(k)::equals).orElse(false))
                        .findFirst());
    }

    private static String part(SortKey key) {
        return key.path().get(key.path().size() - 1);
    }
}
