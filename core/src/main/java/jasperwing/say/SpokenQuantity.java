package jasperwing.say;

import java.util.List;
import java.util.Optional;

/**
 * How many of something there are, as it was said.
 *
 * @param many whether there can be several
 * @param least whether there is one at least; empty when that was not said
 * @param words how many words say it
 * @param most how many there can be, at least 2; 0 where that was not said
 * @param unkept the numbers that a design does not keep, or empty
 */
record SpokenQuantity(boolean many, Optional<Boolean> least, int words, int most, String unkept) {
    /** One without a greatest number. */
    SpokenQuantity(boolean many, Optional<Boolean> least, int words, String unkept) {
        this(many, least, words, 0, unkept);
    }

    private static final int MOST_DIGITS = 6;

    private record Form(List<String> words, boolean many, Optional<Boolean> least) {}

    private static final List<Form> FORMS = List.of(
            form("exactly one", false, true),
            form("only one", false, true),
            form("just one", false, true),
            form("precisely one", false, true),
            form("at most one", false, false),
            form("no more than one", false, false),
            form("not more than one", false, false),
            form("maximum one", false, false),
            form("zero or one", false, false),
            form("up to one", false, false),
            form("at least one", true, true),
            form("one or more", true, true),
            form("one or many", true, true),
            form("one or several", true, true),
            form("zero or more", true, false),
            form("zero or many", true, false),
            form("any number of", true, false),
            form("a number of", true),
            form("as many", true),
            form("lots of", true),
            form("a lot of", true),
            form("plenty of", true),
            form("a list of", true),
            form("a set of", true),
            form("a collection of", true),
            form("a series of", true),
            form("a single", false),
            form("several", true),
            form("multiple", true),
            form("various", true),
            form("numerous", true),
            form("some", true),
            form("many", true),
            form("a few", true),
            form("one", false));

    private static Form form(String words, boolean many) {
        return new Form(List.of(words.split(" ")), many, Optional.empty());
    }

    private static Form form(String words, boolean many, boolean least) {
        return new Form(List.of(words.split(" ")), many, Optional.of(least));
    }

    /** The one that begins at a place; empty when none does. */
    static Optional<SpokenQuantity> at(List<Token> tokens, int at) {
        for (Form form : FORMS) {
            if (Token.stand(form.words(), tokens, at)) {
                return Optional.of(new SpokenQuantity(
                        form.many(), form.least(), form.words().size(), ""));
            }
        }
        return counted(tokens, at);
    }

    /** {@code between 2 and 6}, {@code up to 5}, {@code at least two}, {@code three}. */
    private static Optional<SpokenQuantity> counted(List<Token> tokens, int at) {
        List<List<String>> starts = List.of(
                List.of("at", "least"),
                List.of("at", "most"),
                List.of("up", "to"),
                List.of("no", "more", "than"),
                List.of("more", "than"),
                List.of("exactly"),
                List.of());
        if (at + 4 <= tokens.size() && tokens.get(at).is("between", "from")) {
            Optional<String> from = Numerals.of(tokens.get(at + 1));
            Optional<String> to = Numerals.of(tokens.get(at + 3));
            if (from.isPresent() && to.isPresent()) {
                return Optional.of(many(tokens, at, 4, !from.get().equals("0")).upTo(to.get(), isBound(from.get())));
            }
        }
        for (List<String> start : starts) {
            int number = at + start.size();
            if (Token.stand(start, tokens, at) && number < tokens.size()) {
                Optional<String> said = Numerals.of(tokens.get(number)).filter(n -> !n.startsWith("-"));
                if (said.isPresent()) {
                    boolean least = start.isEmpty() || start.contains("least") || start.contains("exactly");
                    SpokenQuantity found =
                            range(tokens, at, number, least && !said.get().equals("0"));
                    boolean most = start.contains("most") || start.contains("up") || start.contains("no");
                    return Optional.of(most ? found.upTo(said.get(), false) : found);
                }
            }
        }
        return Optional.empty();
    }

    /** Perhaps with an upper bound behind: {@code 2 to 6}, {@code 2 or 3}. */
    private static SpokenQuantity range(List<Token> tokens, int at, int number, boolean least) {
        boolean to = number + 2 < tokens.size()
                && tokens.get(number + 1).is("to", "or")
                && Numerals.of(tokens.get(number + 2)).isPresent();
        return many(tokens, at, number + (to ? 3 : 1) - at, least);
    }

    /** @param more whether something besides that is not kept, such as how many there are at least */
    private SpokenQuantity upTo(String number, boolean more) {
        return isBound(number) && number.length() <= MOST_DIGITS
                ? new SpokenQuantity(many, least, words, Integer.parseInt(number), more ? unkept : "")
                : this;
    }

    private static boolean isBound(String number) {
        return number.matches("\\d+") && !number.matches("0*[01]");
    }

    private static SpokenQuantity many(List<Token> tokens, int at, int words, boolean least) {
        return new SpokenQuantity(true, Optional.of(least), words, Token.text(tokens.subList(at, at + words)));
    }
}
