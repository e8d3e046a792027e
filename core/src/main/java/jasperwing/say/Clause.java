package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Reading;
import jasperwing.naming.Plurals;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a clause that ties things to each other: {@code an orchard has many trees}, {@code a note is about a dive or a specimen}. */
final class Clause {
    private static final Pattern QUANTIFIED = Pattern.compile("(?i)^(.+?)\\s+(" + Vocabulary.QUANTITY + ")\\s+(.+)$");
    private static final Pattern TAIL =
            Pattern.compile("(?i)^(.+?),?\\s+(and|each of which|of which|which|who|that)\\s+(.+)$");
    private static final Pattern VIA = Pattern.compile("(?i)^(.+?)\\s+(?:via|through|by way of)\\s+(.+)$");

    private final Design design;
    private final Nouns nouns;
    private final Set<String> named;

    Clause(Design design) {
        this(design, Set.of());
    }

    /** @param named entities that were named just before and may not be there yet */
    private Clause(Design design, Set<String> named) {
        this.design = design;
        this.nouns = new Nouns(design);
        this.named = named;
    }

    private Optional<String> known(String phrase) {
        return nouns.known(phrase).or(() -> nouns.named(phrase).filter(named::contains));
    }

    /** Who does what: the words before what it is done to. */
    private record Opening(String subject, boolean plural, Optional<Boolean> must, List<String> verb) {}

    /** What the clause means; empty when it ties nothing to anything. */
    List<Meaning> read(String text) {
        Matcher quantified = QUANTIFIED.matcher(text);
        if (quantified.matches()) {
            Optional<Opening> opening = opening(quantified.group(1));
            if (opening.isPresent()) {
                return counted(opening.get(), quantified.group(2).toLowerCase(Locale.ROOT), quantified.group(3));
            }
        }
        return uncounted(text);
    }

    private List<Meaning> counted(Opening opening, String quantity, String rest) {
        if (quantity.equals("one") && rest.toLowerCase(Locale.ROOT).startsWith("of ")) {
            return oneOf(opening, rest.substring(3));
        }
        if (quantity.equals("one") && rest.matches("(?i).+\\s+or\\s+.+")) {
            return oneOf(opening, rest);
        }
        boolean many = quantity.equals("at least one") || !quantity.matches(".*\\bone$|a single");
        boolean least = quantity.matches("at least one|one or more|one or many|exactly one|only one|just one|a single");
        boolean most = quantity.matches("at most one|zero or one|zero or more");
        boolean must = opening.must().orElse(least || !many && !most);
        String object = rest.replaceFirst("(?i)^of\\s+", "");
        String tail = "";
        Matcher tailed = TAIL.matcher(object);
        if (tailed.matches()) {
            object = tailed.group(1);
            String word = tailed.group(2).toLowerCase(Locale.ROOT);
            tail = word.equals("and") ? tailed.group(3) : object + " " + tailed.group(3);
        }
        String via = "";
        Matcher linked = VIA.matcher(object);
        if (linked.matches()) {
            object = linked.group(1);
            via = nouns.named(linked.group(2)).orElse("");
        }
        Optional<String> target = nouns.named(object);
        return target.isEmpty()
                ? List.of()
                : related(opening, new Reading(must, verb(opening), many, ""), target.get(), via, tail);
    }

    private List<Meaning> related(Opening opening, Reading forward, String target, String via, String tail) {
        List<Meaning> meanings = new ArrayList<>();
        Optional<Reading> back = Optional.empty();
        if (!tail.isEmpty()) {
            Optional<Meaning.Related> said = new Clause(design, Set.of(opening.subject(), target))
                    .read(tail).stream()
                            .filter(Meaning.Related.class::isInstance)
                            .map(Meaning.Related.class::cast)
                            .findFirst();
            boolean converse = said.isPresent()
                    && said.get().relationship().from().equals(target)
                    && said.get().relationship().targets().equals(List.of(opening.subject()));
            if (!converse) {
                return List.of();
            }
            back = Optional.of(said.get().relationship().forward());
        }
        if (back.isEmpty() && via.isEmpty()) {
            Optional<Meaning.Reread> reread =
                    Meaning.Reread.of(design.relationships(), opening.subject(), target, forward);
            if (reread.isPresent()) {
                return List.of(reread.get());
            }
        }
        List<String> guesses = new ArrayList<>();
        Reading other = back.orElseGet(() -> otherSide(opening.subject(), target, forward, guesses));
        if (!via.isEmpty()) {
            other = other.withMany(true).withMust(false).withVerb("have");
        }
        String link = forward.many() && other.many() ? via : "";
        meanings.add(new Meaning.Related(
                Meaning.relationship(opening.subject(), List.of(target), forward, Optional.of(other), link), guesses));
        return meanings;
    }

    /** What is likely true the other way round; shown as a guess. */
    private static Reading otherSide(String from, String to, Reading forward, List<String> guesses) {
        if (from.equals(to)) {
            return new Reading(false, "have", !forward.many(), forward.many() ? "parent" : "children");
        }
        if (forward.many()) {
            guesses.add("guessed: each " + to + " belongs to one " + from);
            return new Reading(true, "belong to", false, "");
        }
        boolean owning = forward.verb().equals("have");
        guesses.add("guessed: "
                + (owning
                        ? "each " + to + " belongs to one " + from
                        : "a " + to + " may have many " + Plurals.plural(from)));
        return owning ? new Reading(true, "belong to", false, "") : new Reading(false, "have", true, "");
    }

    private List<Meaning> oneOf(Opening opening, String rest) {
        List<String> targets = targets(rest);
        if (targets.size() < 2) {
            return List.of();
        }
        Reading forward = new Reading(opening.must().orElse(true), verb(opening), false, "");
        Reading back = new Reading(false, "have", true, "");
        return List.of(new Meaning.Related(
                Meaning.relationship(opening.subject(), targets, forward, Optional.of(back), ""), List.of()));
    }

    /** A clause without a word for how many: only where the verb ends in a preposition is it one thing that is meant. */
    private List<Meaning> uncounted(String text) {
        String[] words = text.split("\\s+");
        for (int i = 2; i < words.length; i++) {
            boolean preposition = Vocabulary.isPreposition(words[i - 1]);
            Optional<Opening> opening =
                    preposition ? opening(String.join(" ", List.of(words).subList(0, i))) : Optional.empty();
            if (opening.isPresent() && opening.get().verb().size() > 1) {
                String rest = String.join(" ", List.of(words).subList(i, words.length));
                return toOne(opening.get(), rest);
            }
        }
        return List.of();
    }

    private List<Meaning> toOne(Opening opening, String rest) {
        if (rest.matches("(?i).+\\bor\\b.+")) {
            return oneOf(opening, rest);
        }
        List<Meaning> meanings = new ArrayList<>();
        for (String target : targets(rest)) {
            Reading forward = new Reading(opening.must().orElse(true), verb(opening), false, "");
            meanings.addAll(related(opening, forward, target, "", ""));
        }
        return meanings;
    }

    /** The things a list names; none at all when one of them is no noun. */
    private List<String> targets(String list) {
        List<String> targets = new ArrayList<>();
        for (String item : list.split("\\s*,\\s*(?:or\\s+|and\\s+)?|\\s+or\\s+|\\s+and\\s+")) {
            Optional<String> named = nouns.named(item);
            if (named.isEmpty()) {
                return List.of();
            }
            targets.add(named.get());
        }
        return targets.stream().distinct().toList();
    }

    private static String verb(Opening opening) {
        return Vocabulary.base(opening.verb(), opening.plural());
    }

    /** Tells the subject from the verb: where the subject is known, at its end; else before the first modal or verb. */
    private Optional<Opening> opening(String text) {
        List<String> words = List.of(text.strip().split("\\s+"));
        for (int i = Math.min(words.size() - 1, 5); i >= 1; i--) {
            Optional<String> known = known(String.join(" ", words.subList(0, i)));
            if (known.isPresent()) {
                return opening(known.get(), words, i);
            }
        }
        for (int i = 1; i < Math.min(words.size(), 6); i++) {
            boolean third = i >= 2
                    && words.get(0).matches("(?i)an?|each|every|the")
                    && words.get(i).matches("(?i)[\\p{L}]{3,}s");
            if (third || Vocabulary.isModal(words.get(i)) || Vocabulary.isVerb(words.get(i))) {
                int at = i;
                return nouns.named(String.join(" ", words.subList(0, i))).flatMap(s -> opening(s, words, at));
            }
        }
        return Optional.empty();
    }

    private static Optional<Opening> opening(String subject, List<String> words, int at) {
        String noun = words.get(at - 1);
        int verb = at;
        Optional<Boolean> must = Optional.empty();
        while (verb < words.size() && Vocabulary.isModal(words.get(verb))) {
            must = Optional.of(Vocabulary.MUST.contains(words.get(verb).toLowerCase(Locale.ROOT)));
            verb++;
        }
        List<String> said = words.subList(verb, words.size());
        String joined = String.join(" ", said);
        if (said.isEmpty() || !Reading.isVerb(joined) || said.size() > 5) {
            return Optional.empty();
        }
        return Optional.of(new Opening(subject, must.isPresent() || Plurals.isPlural(noun), must, said));
    }
}
