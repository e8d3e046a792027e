package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Understands speech looser than the notation's sentences. What it has to guess it says. */
final class Loose {
    private static final Pattern RENAME =
            Pattern.compile("(?i)^(?:rename|call)\\s+(.+?)\\s+(?:to|as|into)?\\s*(\\S+)$");
    private static final Pattern REMOVE = Pattern.compile("(?i)^(?:remove|delete|drop|forget)\\s+(.+)$");
    private static final Pattern THERE = Pattern.compile(
            "(?i)^(?:there (?:is|are)|we (?:have|keep|need|store|record)|add|new|entities|keep)\\s+(.+)$");
    private static final Pattern BOTH = Pattern.compile(
            "(?i)^(?:(?:there is )?(?:a )?many[- ]to[- ]many (?:between )?(.+?) and (.+)|(.+?) and (.+?) (?:are )?many[- ]to[- ]many)$");
    private static final Pattern UNIQUE = Pattern.compile("(?i)^(?:the )?(\\S+) of (.+?) (?:is|are|must be) unique$");

    private static final Pattern AND =
            Pattern.compile("(?i)^(.+?),?\\s+and\\s+((?:has|have|is|are|belongs?|can|may|must)\\s.+)$");

    private final Design design;
    private final Nouns nouns;

    Loose(Design design) {
        this.design = design;
        this.nouns = new Nouns(design);
    }

    /** What was meant, in the order said; empty when it was not understood. */
    List<Meaning> read(String said) {
        String text = said.strip().replaceAll("\\s+", " ").replaceFirst("[.!;,]+$", "");
        if (Vocabulary.NEGATIVE.matcher(text).find()) {
            return List.of();
        }
        List<Meaning> command = command(text);
        if (!command.isEmpty()) {
            return command;
        }
        List<Meaning> listing = isListing(text) ? new Listing(design).read(text) : List.of();
        if (!listing.isEmpty()) {
            return listing;
        }
        List<Meaning> clause = new Clause(design).read(text);
        if (clause.isEmpty()) {
            clause = new Listing(design).read(text);
        }
        return clause.isEmpty() ? both(text) : clause;
    }

    /** Two clauses about one subject: {@code a line is for one lot and has a quantity}. */
    private List<Meaning> both(String text) {
        Matcher parts = AND.matcher(text);
        if (!parts.matches()) {
            return List.of();
        }
        List<Meaning> first = new Clause(design).read(parts.group(1));
        if (first.size() != 1 || !(first.get(0) instanceof Meaning.Related related)) {
            return List.of();
        }
        Design then = related.edit().on(design);
        List<Meaning> second = new Loose(then).read(related.relationship().from() + " " + parts.group(2));
        return second.isEmpty()
                ? List.of()
                : Stream.concat(first.stream(), second.stream()).toList();
    }

    /** Whether several things are listed after a verb of having, or one without a word for how many. */
    private static boolean isListing(String text) {
        boolean has = text.matches("(?i).+?(\\s(has|have|with)\\s|:).+");
        boolean quantified = text.matches("(?i).*\\b(has|have|with)\\s+" + Vocabulary.QUANTITY + "\\s.*");
        return has
                && (!quantified
                        || text.matches(
                                "(?i).*\\b(has|have|with)\\b[^,]*,(?!\\s*(which|each of which|and each|and an? )).*"));
    }

    private List<Meaning> command(String text) {
        Matcher both = BOTH.matcher(text);
        if (both.matches()) {
            String first = both.group(1) != null ? both.group(1) : both.group(3);
            String second = both.group(2) != null ? both.group(2) : both.group(4);
            return nouns.named(first)
                    .flatMap(a -> nouns.named(second).map(b -> new Clause(design)
                            .read(a + " may have many " + b + " and " + b + " may have many " + a)))
                    .orElse(List.of());
        }
        Matcher unique = UNIQUE.matcher(text);
        if (unique.matches()) {
            return unique(unique.group(1), unique.group(2));
        }
        Matcher rename = RENAME.matcher(text);
        if (rename.matches()) {
            return rename(rename.group(1), rename.group(2));
        }
        Matcher remove = REMOVE.matcher(text);
        if (remove.matches()) {
            return remove(remove.group(1));
        }
        Matcher there = THERE.matcher(text);
        return there.matches() && !text.matches("(?i)add .+ to .+") ? named(there.group(1)) : List.of();
    }

    private List<Meaning> unique(String attribute, String phrase) {
        Optional<String> entity = nouns.known(phrase)
                .filter(e ->
                        design.entity(e).flatMap(x -> x.attribute(attribute)).isPresent());
        return entity.map(e -> List.<Meaning>of(new Meaning.Done(
                        e + "." + attribute + " unique",
                        EntityEdits.changeAttribute(e, attribute, a -> a.withUnique(true)),
                        List.of())))
                .orElse(List.of());
    }

    private List<Meaning> rename(String from, String to) {
        return nouns.known(from)
                .filter(e -> design.entity(to).isEmpty())
                .map(e -> List.<Meaning>of(new Meaning.Done(
                        "rename " + Notation.name(e) + " to " + Notation.name(to),
                        EntityEdits.rename(e, to),
                        List.of())))
                .orElse(List.of());
    }

    private List<Meaning> remove(String phrase) {
        return nouns.known(phrase)
                .map(e -> List.<Meaning>of(
                        new Meaning.Done("remove " + Notation.name(e), EntityEdits.remove(e), List.of())))
                .orElse(List.of());
    }

    private List<Meaning> named(String list) {
        List<String> names = new ArrayList<>();
        for (String item : list.split("\\s*,\\s*(?:and\\s+)?|\\s+and\\s+")) {
            Optional<String> name = nouns.named(item.replaceFirst("(?i)^" + Vocabulary.QUANTITY + "\\s+", ""));
            if (name.isEmpty()) {
                return List.of();
            }
            names.add(name.get());
        }
        return List.of(new Meaning.Named(names, List.of()));
    }

    /** The form nearest to what was said that would be understood. */
    static String nearest(String said) {
        if (said.matches("(?i).*\\b(belongs?|part of)\\b.*")) {
            return "a photo belongs to a dive";
        }
        if (said.matches("(?i).*\\bor\\b.*")) {
            return "a note is about a dive, a specimen or an instrument";
        }
        if (said.matches("(?i).*\\b(many|several|multiple)\\b.*")) {
            return "a dive has many photos";
        }
        if (said.matches("(?i).*\\b(has|have|with)\\b.*")) {
            return "a dive has startedAt timestamp, maxDepth decimal(5,1)";
        }
        return Say.FORM;
    }
}
