package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads one sentence of a person's speech: every word of it must have been taken up by what it is taken to mean. */
final class ClauseReader {
    private final Design design;

    ClauseReader(Design design) {
        this.design = design;
    }

    /** What was meant, in the order said; empty when it was not understood. */
    Optional<List<Meaning>> read(List<Token> tokens) {
        if (tokens.isEmpty()) {
            return Optional.empty();
        }
        Optional<List<Meaning>> found = new DeleteSpeech(design)
                .read(tokens)
                .or(() -> new KindSpeech(design).read(tokens))
                .or(() -> new EntitySpeech(design).read(tokens))
                .or(() -> new AttributeSpeech(design).read(tokens));
        if (found.isPresent() || isNegative(tokens)) {
            return found;
        }
        return new HavingSpeech(design)
                .read(tokens)
                .or(() -> new RelateSpeech(design).read(tokens))
                .or(() -> new NamingSpeech(design).read(tokens))
                .or(() -> compound(tokens));
    }

    private static boolean isNegative(List<Token> tokens) {
        return tokens.stream()
                .anyMatch(t -> t.is("not", "cannot", "never", "nor", "none", "nobody", "nothing", "no") && !t.is("no")
                        || t.low().endsWith("n't"));
    }

    /** Two clauses about one subject, or two with a subject each: {@code a line is for one lot and each lot has a code}. */
    private Optional<List<Meaning>> compound(List<Token> tokens) {
        for (int i = 3; i < tokens.size() - 2; i++) {
            if (tokens.get(i).is("and", ";", ",", "but")) {
                boolean comma = tokens.get(i).is(",") && tokens.get(i + 1).is("and", "but");
                int next = i + (comma ? 2 : 1);
                Optional<List<Meaning>> both = both(tokens.subList(0, i), tokens.subList(next, tokens.size()));
                if (both.isPresent()) {
                    return both;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<List<Meaning>> both(List<Token> first, List<Token> second) {
        Optional<List<Meaning>> one = new ClauseReader(design).read(first);
        if (one.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        Design then = design;
        for (Meaning meaning : one.get()) {
            then = meaning.edit().on(then);
        }
        List<Token> clause = new ArrayList<>();
        if (Lexicon.isVerb(second.get(0).low())
                || Modal.at(second, 0).isPresent()
                || second.get(0).is("is", "are", "belongs", "contains", "consists", "includes")) {
            clause.addAll(subject(first, one.get().get(0)));
        } else if (second.get(0).is("it", "they")) {
            clause.addAll(subject(first, one.get().get(0)));
            second = second.subList(1, second.size());
        }
        clause.addAll(second);
        Optional<List<Meaning>> other = new ClauseReader(then).read(clause);
        return other.map(o -> {
            List<Meaning> all = new ArrayList<>(one.get());
            all.addAll(o);
            return all;
        });
    }

    /** The words that name what a clause is about. */
    private List<Token> subject(List<Token> clause, Meaning meaning) {
        return meaning.subject().map(s -> Token.of("each " + Notation.name(s))).orElseGet(() -> {
            List<Integer> ends = Capture.NOUN.ends(clause, 0, new Nouns(design));
            return ends.isEmpty() ? List.of() : clause.subList(0, ends.get(0));
        });
    }
}
