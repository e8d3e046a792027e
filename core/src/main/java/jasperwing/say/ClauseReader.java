package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads one sentence of a person's speech: every word of it must have been taken up by what it is taken to mean. */
final class ClauseReader {
    /** A longer sentence says too much at once. */
    private static final int MOST_WORDS = 60;

    private static final int MOST_CLAUSES = 4;

    private final Design design;
    private final SpokenNouns nouns;
    private final GuessChoices choices;
    private final DeleteSpeech deleting;
    private final KindSpeech kinds;
    private final RuleSpeech rules;
    private final RouteSpeech routes;
    private final OrderSpeech orders;
    private final OverlapSpeech overlaps;
    private final UniqueSpeech uniques;
    private final DatabaseSpeech database;
    private final EnumSpeech enums;
    private final EntitySpeech entities;
    private final AttributeSpeech attributes;
    private final HavingSpeech having;
    private final RelateSpeech relating;
    private final NamingSpeech naming;

    private final int clauses;

    ClauseReader(Design design, GuessChoices choices) {
        this(design, choices, MOST_CLAUSES);
    }

    /** @param clauses how many more a sentence may have */
    private ClauseReader(Design design, GuessChoices choices, int clauses) {
        this.choices = choices;
        this.clauses = clauses;
        this.design = design;
        this.nouns = new SpokenNouns(design);
        this.deleting = new DeleteSpeech(design, nouns);
        this.kinds = new KindSpeech(design, nouns);
        this.rules = new RuleSpeech(design, nouns);
        this.routes = new RouteSpeech(design, nouns);
        this.orders = new OrderSpeech(design, nouns);
        this.overlaps = new OverlapSpeech(design, nouns);
        this.uniques = new UniqueSpeech(design, nouns);
        this.database = new DatabaseSpeech(design, nouns);
        this.enums = new EnumSpeech(design, nouns);
        this.entities = new EntitySpeech(design, nouns, choices);
        this.attributes = new AttributeSpeech(design, nouns, choices);
        this.having = new HavingSpeech(design, nouns, choices);
        this.relating = new RelateSpeech(design, nouns, choices);
        this.naming = new NamingSpeech(nouns);
    }

    /** What was meant, in the order said; empty when it was not understood. */
    Optional<List<ClauseMeaning>> read(List<Token> tokens) {
        if (tokens.isEmpty() || tokens.size() > MOST_WORDS) {
            return Optional.empty();
        }
        return alone(tokens).or(() -> compound(tokens));
    }

    private Optional<List<ClauseMeaning>> alone(List<Token> tokens) {
        Optional<List<ClauseMeaning>> found = database.read(tokens)
                .or(() -> deleting.read(tokens))
                .or(() -> kinds.read(tokens))
                .or(() -> rules.read(tokens))
                .or(() -> routes.read(tokens))
                .or(() -> orders.read(tokens))
                .or(() -> overlaps.read(tokens))
                .or(() -> uniques.read(tokens))
                .or(() -> enums.read(tokens))
                .or(() -> entities.read(tokens))
                .or(() -> attributes.read(tokens));
        if (found.isPresent() || isNegative(tokens)) {
            return found;
        }
        return having.read(tokens)
                .or(() -> UniqueSpeech.isMeant(tokens) ? Optional.empty() : relating.read(tokens))
                .or(() -> naming.read(tokens));
    }

    private static boolean isNegative(List<Token> tokens) {
        return tokens.stream()
                .anyMatch(t -> t.is("not", "cannot", "never", "nor", "none", "nobody", "nothing", "no") && !t.is("no")
                        || t.low().endsWith("n't"));
    }

    /** Two clauses about one subject, or two with a subject each: {@code a line is for one lot and each lot has a code}. */
    private Optional<List<ClauseMeaning>> compound(List<Token> tokens) {
        for (int i = 3; clauses > 1 && i < tokens.size() - 2; i++) {
            if (tokens.get(i).is("and", ";", ",", "but")) {
                boolean comma = tokens.get(i).is(",") && tokens.get(i + 1).is("and", "but");
                int next = i + (comma ? 2 : 1);
                Optional<List<ClauseMeaning>> both = both(tokens.subList(0, i), tokens.subList(next, tokens.size()));
                if (both.isPresent()) {
                    return both;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<List<ClauseMeaning>> both(List<Token> first, List<Token> second) {
        Optional<List<ClauseMeaning>> one = alone(first);
        if (one.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        Design then = design;
        for (ClauseMeaning meaning : one.get()) {
            then = meaning.edit().on(then);
        }
        List<Token> clause = new ArrayList<>();
        if (Lexicon.isVerb(second.get(0).low())
                || ModalVerb.at(second, 0).isPresent()
                || second.get(0).is("is", "are", "belongs", "contains", "consists", "includes")) {
            clause.addAll(subject(first, one.get().get(0)));
        } else if (second.get(0).is("it", "they")) {
            clause.addAll(subject(first, one.get().get(0)));
            second = second.subList(1, second.size());
        }
        clause.addAll(second);
        Optional<List<ClauseMeaning>> other = new ClauseReader(then, choices, clauses - 1).read(clause);
        return other.map(o -> {
            List<ClauseMeaning> all = new ArrayList<>(one.get());
            all.addAll(o);
            return all;
        });
    }

    /** The words that name what a clause is about. */
    private List<Token> subject(List<Token> clause, ClauseMeaning meaning) {
        return meaning.subject().map(s -> Token.of("each " + Notation.name(s))).orElseGet(() -> {
            List<Integer> ends = Capture.NOUN.ends(clause, 0, nouns);
            return ends.isEmpty() ? List.of() : clause.subList(0, ends.get(0));
        });
    }
}
