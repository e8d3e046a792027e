package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Articles;
import jasperwing.naming.Plurals;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says of a sentence that was not understood which words stood in the way, and how it could be said with its own things. */
final class NotUnderstood {
    private static final int MOST_WORDS = 5;

    private NotUnderstood() {}

    static String of(Design design, String text) {
        List<Token> tokens = Token.of(text);
        Optional<Token> any = tokens.stream()
                .filter(t -> t.is("anything", "everything", "something", "anyone", "everyone"))
                .findFirst();
        if (any.isPresent()) {
            return which(design, any.get());
        }
        return words(design, text)
                .orElseGet(() -> "Not understood. "
                        + nearest(design, tokens)
                                .map(n -> "The nearest that would be: " + n)
                                .orElse("Say what something has, is, consists of or belongs to."));
    }

    /** Names the words in the way, where the rest is understood without them. */
    static Optional<String> words(Design design, String text) {
        return inTheWay(design, Token.of(text)).map(w -> "Not understood: \"" + w + "\". The rest is understood.");
    }

    private static String which(Design design, Token any) {
        List<String> names =
                design.entities().stream().map(Entity::name).limit(2).toList();
        String such = names.size() < 2 ? "" : ", such as " + String.join(" or ", names);
        return "Which? Say names in the place of \"" + any.text() + "\"" + such + ".";
    }

    /** Words at the end that begin a further clause, or the fewest in a row, without which the rest is understood. */
    private static Optional<String> inTheWay(Design design, List<Token> tokens) {
        ClauseReader reader = new ClauseReader(design, GuessChoices.none());
        for (int start = 3; start < tokens.size(); start++) {
            boolean clause = !Lexicon.isOfNames(tokens.get(start).low())
                    && !tokens.get(start).is(",", "and");
            int before = tokens.get(start - 1).is(",", "and") ? start - 1 : start;
            if (clause && reader.read(tokens.subList(0, before)).isPresent()) {
                return Optional.of(Token.text(tokens.subList(start, tokens.size())));
            }
        }
        for (int length = 1; length <= Math.min(MOST_WORDS, tokens.size() - 3); length++) {
            for (int start = tokens.size() - length; start >= 0; start--) {
                List<Token> rest = new ArrayList<>(tokens.subList(0, start));
                rest.addAll(tokens.subList(start + length, tokens.size()));
                if (reader.read(rest).isPresent()) {
                    return Optional.of(Token.text(tokens.subList(start, start + length)));
                }
            }
        }
        return Optional.empty();
    }

    /** A form that says something alike about the things the sentence names. */
    private static Optional<String> nearest(Design design, List<Token> tokens) {
        List<String> things = things(design, tokens);
        if (things.size() < 2) {
            return Optional.empty();
        }
        String first = things.get(0);
        String second = things.get(1);
        if (tokens.stream().anyMatch(t -> t.is("or")) && things.size() > 2) {
            return Optional.of(a(first) + " is about " + a(second) + " or " + a(things.get(2)));
        }
        if (tokens.stream().anyMatch(t -> t.is("belong", "belongs", "part"))) {
            return Optional.of(a(first) + " belongs to " + a(second));
        }
        boolean having = tokens.stream().anyMatch(t -> t.is("has", "have", "with", "many"));
        return having ? Optional.of(a(first) + " has many " + Plurals.plural(second)) : Optional.empty();
    }

    private static String a(String thing) {
        return Articles.with(thing);
    }

    private static List<String> things(Design design, List<Token> tokens) {
        SpokenNouns nouns = new SpokenNouns(design);
        List<String> things = new ArrayList<>();
        for (Token token : tokens) {
            boolean noun = token.isName()
                    && (nouns.known(token.text()).isPresent()
                            || Lexicon.isOfNames(token.low())
                                    && !Lexicon.isVerb(token.low())
                                    && !Lexicon.isParticiple(token.low()));
            if (noun) {
                things.add(Plurals.singular(token.low()));
            }
        }
        return things.stream().distinct().toList();
    }
}
