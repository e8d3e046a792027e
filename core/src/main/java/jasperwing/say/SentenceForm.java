package jasperwing.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A form that sentences have. Words stand for themselves; {@code (a|b c)} is one of several, with {@code ?} behind it none of them too;
 * {@code X:noun} captures words of a {@link Capture}. A form fits a sentence only when it takes up every word of it.
 *
 * <pre>{@code
 * SentenceForm.of("E:noun (is|are) identified by (its|their)? K:nouns")
 * }</pre>
 */
final class SentenceForm {
    private static final Pattern PART = Pattern.compile("(\\p{Lu}):(\\w+)|\\(([^)]*)\\)(\\??)|(\\S+)");

    /** Words that a form has at one place; none of the alternatives has any when it may be left out. */
    private record Part(String capture, Capture kind, List<List<String>> alternatives) {}

    /** What a form captured of a sentence, by the letter of the capture. */
    record Match(Map<String, List<Token>> captured) {
        List<Token> get(String name) {
            return captured.getOrDefault(name, List.of());
        }

        String text(String name) {
            return Token.text(get(name));
        }
    }

    private final List<Part> parts = new ArrayList<>();

    private SentenceForm(String form) {
        Matcher part = PART.matcher(form);
        while (part.find()) {
            if (part.group(1) != null) {
                parts.add(new Part(part.group(1), Capture.valueOf(part.group(2).toUpperCase(Locale.ROOT)), List.of()));
            } else if (part.group(3) != null) {
                List<List<String>> all = new ArrayList<>();
                for (String words : part.group(3).split("\\|")) {
                    all.add(List.of(words.split(" ")));
                }
                if (!part.group(4).isEmpty()) {
                    all.add(List.of());
                }
                parts.add(new Part("", Capture.ANY, all));
            } else {
                parts.add(new Part("", Capture.ANY, List.of(List.of(part.group(5)))));
            }
        }
    }

    static SentenceForm of(String form) {
        return new SentenceForm(form);
    }

    /** The meaning by the first of several forms that has one. */
    static <T> Optional<T> first(
            List<SentenceForm> forms, List<Token> tokens, SpokenNouns nouns, Function<Match, Optional<T>> meaning) {
        return forms.stream()
                .flatMap(f -> f.read(tokens, nouns, meaning).stream())
                .findFirst();
    }

    /** The first meaning that a fitting way to read the sentence has; shorter captures are tried first. */
    <T> Optional<T> read(List<Token> tokens, SpokenNouns nouns, Function<Match, Optional<T>> meaning) {
        return canFit(tokens) ? read(0, 0, tokens, nouns, new HashMap<>(), meaning) : Optional.empty();
    }

    /** Whether of each place with words, some of them are in the sentence at all. */
    private boolean canFit(List<Token> tokens) {
        Set<String> words = new HashSet<>();
        tokens.forEach(t -> words.add(t.low()));
        return parts.stream().filter(p -> p.capture().isEmpty()).allMatch(p -> p.alternatives().stream()
                .anyMatch(words::containsAll));
    }

    private <T> Optional<T> read(
            int part,
            int at,
            List<Token> tokens,
            SpokenNouns nouns,
            Map<String, List<Token>> captured,
            Function<Match, Optional<T>> meaning) {
        if (part == parts.size()) {
            return at == tokens.size() ? meaning.apply(new Match(Map.copyOf(captured))) : Optional.empty();
        }
        Part now = parts.get(part);
        for (List<String> words : now.alternatives()) {
            if (Token.stand(words, tokens, at)) {
                Optional<T> found = read(part + 1, at + words.size(), tokens, nouns, captured, meaning);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        if (!now.capture().isEmpty()) {
            for (int end : now.kind().ends(tokens, at, nouns)) {
                captured.put(now.capture(), tokens.subList(at, end));
                Optional<T> found = read(part + 1, end, tokens, nouns, captured, meaning);
                if (found.isPresent()) {
                    return found;
                }
                captured.remove(now.capture());
            }
        }
        return Optional.empty();
    }
}
