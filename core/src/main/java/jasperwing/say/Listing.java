package jasperwing.say;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.TypeGuess;
import jasperwing.naming.Words;
import jasperwing.notation.AttributeLine;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Reads what an entity is said to have: attributes with or without types, and things, many or one. */
final class Listing {
    private static final Pattern HAS = Pattern.compile(
            "(?i)^(.+?)(?:\\s+(must|may|can|should|always))?(?:\\s+(?:has|have|with|keeps|keep|records|stores|store)\\s+|\\s*:\\s*)(.+)$");
    private static final Pattern ADD = Pattern.compile("(?i)^(?:add|give)\\s+(.+?)\\s+to\\s+(.+)$");
    private static final Pattern SEPARATOR =
            Pattern.compile("\\s*,\\s*(?:and\\s+)?(?![^(]*\\))|\\s+and\\s+(?![^(]*\\))");

    private final Design design;
    private final Nouns nouns;
    private final List<String> guesses = new ArrayList<>();
    private final Set<String> keys = new LinkedHashSet<>();
    private final Set<String> typed = new LinkedHashSet<>();

    /** Whether what is listed may be had. */
    private boolean optional;

    Listing(Design design) {
        this.design = design;
        this.nouns = new Nouns(design);
    }

    List<Meaning> read(String text) {
        Matcher add = ADD.matcher(text);
        if (add.matches() && nouns.known(add.group(2)).isPresent()) {
            return items(nouns.known(add.group(2)).get(), add.group(1));
        }
        Matcher has = HAS.matcher(text);
        if (!has.matches()) {
            return List.of();
        }
        Optional<String> subject = nouns.named(has.group(1));
        optional = has.group(2) != null && Vocabulary.MAY.contains(has.group(2).toLowerCase(Locale.ROOT));
        return subject.map(s -> items(s, has.group(3))).orElse(List.of());
    }

    private List<Meaning> items(String subject, String list) {
        List<Meaning> meanings = new ArrayList<>();
        List<Attribute> attributes = new ArrayList<>();
        for (String item : SEPARATOR.split(list.strip())) {
            String clean = item.strip();
            List<Meaning> tied = tied(subject, clean);
            if (!tied.isEmpty()) {
                meanings.addAll(tied);
                continue;
            }
            Optional<Attribute> attribute = attribute(clean);
            if (attribute.isEmpty()) {
                return List.of();
            }
            attributes.add(attribute.get());
        }
        if (!attributes.isEmpty()) {
            meanings.add(0, new Meaning.Described(subject, attributes, keys, typed, guesses));
        }
        return meanings;
    }

    /** A thing among what is had: one that is known, or many. */
    private List<Meaning> tied(String subject, String item) {
        String start = subject + " has ";
        if (item.matches("(?i)" + Vocabulary.QUANTITY + "\\s+.+") && !item.matches("(?i)one\\s+\\S+\\s+\\S+.*")) {
            return new Clause(design).read(start + item);
        }
        String bare = Nouns.withoutArticle(item);
        boolean alone = bare.matches("[\\p{L}_ ]+");
        if (alone && nouns.known(bare).isPresent()) {
            return new Clause(design).read(start + (Plurals.isPlural(bare) ? "many " : "one ") + bare);
        }
        return List.of();
    }

    private Optional<Attribute> attribute(String item) {
        String bare = Nouns.withoutArticle(item);
        boolean optionally =
                optional || bare.matches("(?i)optional(ly)?\\s+.+") || bare.matches("(?i).+\\s+\\(optional\\)");
        boolean unique = bare.matches("(?i)unique\\s+.+");
        String said = Nouns.withoutArticle(
                bare.replaceFirst("(?i)^(optional(ly)?|unique)\\s+", "").replaceFirst("(?i)\\s+\\(optional\\)$", ""));
        boolean phrase = !bare.equals(item) && said.matches("\\p{Ll}+( [\\p{L} ]+)? (time|date|duration|real|key)");
        Optional<AttributeLine> line = phrase
                ? Optional.empty()
                : Notation.attribute(said)
                        .value()
                        .filter(l -> !(l.attribute().type() instanceof Type.Named named)
                                || design.enumType(named.name()).isPresent()
                                || design.value(named.name()).isPresent());
        line.ifPresent(l -> typed.add(l.attribute().name()));
        line.filter(AttributeLine::key).ifPresent(l -> keys.add(l.attribute().name()));
        Optional<Attribute> attribute = line.map(AttributeLine::attribute).or(() -> guessed(said));
        return attribute.map(a -> a.withOptional(a.optional() || optionally && !keys.contains(a.name()))
                .withUnique(a.unique() || unique));
    }

    private Optional<Attribute> guessed(String said) {
        boolean words = said.matches("[\\p{L}_][\\p{L}\\p{N}_]*(\\s+[\\p{L}\\p{N}_]+){0,3}");
        boolean sentence = List.of(said.split("\\s+")).stream().anyMatch(Vocabulary::isFunctionWord)
                && said.contains(" ")
                && said.split("\\s+").length > 3;
        if (!words || sentence || !Stream.of(said.split("\\s+")).allMatch(Vocabulary::isOfNames)) {
            return Optional.empty();
        }
        String name = said.contains(" ") || said.contains("_") ? Words.camel(said) : decapitalised(said);
        Type type = TypeGuess.of(name).orElse(new Type.Text(80));
        Attribute attribute = Attribute.of(name, type);
        guesses.add("guessed: " + name + " is " + Notation.type(attribute));
        return Optional.of(attribute);
    }

    private static String decapitalised(String word) {
        return word.substring(0, 1).toLowerCase(Locale.ROOT) + word.substring(1);
    }
}
