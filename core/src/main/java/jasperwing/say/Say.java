package jasperwing.say;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Plurals;
import jasperwing.naming.Spelling;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import jasperwing.notation.Problem;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Understands what is said: sentences of the notation, looser speech, new entities, names to go to. Nothing is guessed silently:
 * what looser speech leaves open is named among the guesses.
 */
public final class Say {
    /** The form to show to whoever has said nothing that could be understood. */
    public static final String FORM = "each Dive may have many Photo, which must belong to one Dive";

    /** A word where a sentence names an entity. */
    /** A sentence of the notation, as far as it is written. */
    private static final Pattern FORMAL =
            Pattern.compile("(?is)each(\\s+(\"[^\"]*\"|\\S+))?(\\s+(must|may)\\b.*)?\\s*");

    private static final Pattern NAME = Pattern.compile(
            "(\\b(?:each|one|many|of|via|or)\\s+|,\\s*)(?!one\\b|of\\b|which\\b)([\\p{L}_][\\p{L}\\p{N}_]*)");

    private Say() {}

    /** What a text was taken to mean, with what it would add. */
    public static Understanding understand(Design design, String said) {
        return understand(design, said, Map.of());
    }

    /**
     * The same, with other ways to take what was guessed.
     *
     * @param chosen by the key of a guess, which of its ways is meant
     */
    public static Understanding understand(Design design, String said, Map<String, Integer> chosen) {
        Understanding understanding = meaning(design, said, new GuessChoices(chosen));
        if (!understanding.changes()) {
            return understanding;
        }
        Design after = understanding.edit().on(design);
        if (after.equals(design)) {
            return Understanding.problem("The design says so already; nothing would change.");
        }
        Understanding told = understanding.additions().isEmpty()
                ? understanding.withAdditions(DesignAdditions.of(design, after))
                : understanding;
        return told.withCorrected(corrected(design, after, said));
    }

    /** What was said with the name of an entity in the place of a new one that is spelled much like it; blank where none is. */
    private static String corrected(Design before, Design after, String said) {
        List<String> known = before.entities().stream().map(Entity::name).toList();
        String text = said;
        for (Entity entity : after.entities()) {
            Optional<String> meant = before.entity(entity.name()).isPresent()
                    ? Optional.empty()
                    : Spelling.nearest(entity.name(), known);
            if (meant.isPresent()) {
                for (String word : said.split("[^\\p{L}\\p{N}_]+")) {
                    boolean its = Words.pascal(Plurals.singular(word)).equalsIgnoreCase(entity.name())
                            || Words.pascal(word).equalsIgnoreCase(entity.name());
                    text = its ? text.replace(word, meant.get()) : text;
                }
            }
        }
        return text.equals(said) ? "" : text;
    }

    static Understanding meaning(Design design, String said, GuessChoices choices) {
        String text = said.strip();
        if (text.isEmpty()) {
            return Understanding.NOTHING;
        }
        Optional<Understanding> answer = new Questions(design).answer(text);
        if (answer.isPresent()) {
            return answer.get();
        }
        String first = text.split("\\s", 2)[0].toLowerCase(Locale.ROOT);
        return switch (first) {
            case "each" -> each(design, text, choices);
            case "area", "enum", "sheet" -> statement(design, first + text.substring(first.length()));
            case "entity" -> entity(design, "entity" + text.substring(6));
            default -> name(design, text, choices);
        };
    }

    /**
     * A sentence of the notation; or looser speech that begins alike: where its verb would swallow a word for how many, where it
     * is the other side of a relationship there is, or where it is no sentence of the notation.
     */
    private static Understanding each(Design design, String text, GuessChoices choices) {
        Understanding strict = sentence(design, "each" + text.substring(4));
        List<ClauseMeaning> meanings = meanings(design, text, choices);
        boolean swallows =
                text.matches("(?i)[^,]*\\b(at least|at most|exactly|only|just|a single|or more|or many|zero or) .*");
        boolean otherSide =
                !text.contains(",") && meanings.size() == 1 && meanings.get(0) instanceof ClauseMeaning.Reread;
        boolean spoken = strict.changes() && addsSmall(design, strict);
        if (!meanings.isEmpty() && (swallows || otherSide || spoken || !strict.changes())) {
            return loose(design, text, choices);
        }
        return strict.changes() || FORMAL.matcher(text).matches()
                ? strict
                : NotUnderstood.words(design, text).map(Understanding::problem).orElse(strict);
    }

    /** Whether a new entity would begin with a small letter, as it does in speech. */
    private static boolean addsSmall(Design design, Understanding strict) {
        return strict.edit().on(design).entities().stream()
                .map(Entity::name)
                .anyMatch(n -> design.entity(n).isEmpty() && Character.isLowerCase(n.charAt(0)));
    }

    private static List<ClauseMeaning> meanings(Design design, String text, GuessChoices choices) {
        return new ClauseReader(design, choices).read(Token.of(text)).orElse(List.of());
    }

    private static Understanding loose(Design design, String text, GuessChoices choices) {
        List<ClauseMeaning> meanings = meanings(design, text, choices);
        if (meanings.isEmpty()) {
            return Understanding.NOTHING;
        }
        Edit edit = Edit.NOTHING;
        List<String> sentences = new ArrayList<>();
        List<Understanding.Guess> guesses = new ArrayList<>();
        for (ClauseMeaning meaning : meanings) {
            if (meaning instanceof ClauseMeaning.Impossible impossible) {
                return Understanding.problem(impossible.problem());
            }
            edit = edit.then(meaning.edit());
            sentences.add(meaning.sentence());
            meaning.guesses().forEach(g -> guesses.add(choices.guess(g)));
        }
        return new Understanding(edit, sentences, List.of(), guesses, List.of(), "");
    }

    private static Understanding sentence(Design design, String text) {
        Parsed<Optional<Relationship>> parsed = Notation.sentence(known(design, text));
        if (parsed.value().isEmpty()) {
            return notUnderstood(parsed, text);
        }
        Relationship relationship = parsed.value().get();
        Edit edit = ClauseMeaning.adding(design, relationship).then(RelationshipEdits.add(relationship));
        return Understanding.of(edit, List.of());
    }

    private static Understanding entity(Design design, String text) {
        Parsed<Optional<Entity>> parsed = Notation.entity(text);
        if (parsed.value().isEmpty()) {
            return notUnderstood(parsed, text);
        }
        Entity entity = parsed.value().get();
        if (find(design, entity.name()).isPresent()) {
            return Understanding.goTo(List.of(entity.name()), "There is an entity " + entity.name() + " already.");
        }
        Edit edit = EntityEdits.add(entity);
        return Understanding.of(edit, List.of());
    }

    /** An area, an enum or a sheet, as the notation has it. */
    private static Understanding statement(Design design, String text) {
        Parsed<Design> parsed = Notation.parse("design \"\"\n" + text + "\n");
        if (!parsed.isSound()) {
            return notUnderstood(parsed, text);
        }
        Design said = parsed.value();
        Edit edit = d -> d.withAreas(concat(d.areas(), said.areas()))
                .withEnums(concat(d.enums(), said.enums()))
                .withSheets(concat(d.sheets(), said.sheets()));
        return Understanding.of(edit, List.of("+ " + text));
    }

    private static <T> List<T> concat(List<T> first, List<T> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    private static Understanding name(Design design, String text, GuessChoices choices) {
        String folded = text.toLowerCase(Locale.ROOT);
        List<String> goTo = design.entities().stream()
                .map(Entity::name)
                .filter(n -> n.toLowerCase(Locale.ROOT).startsWith(folded))
                .toList();
        if (!goTo.isEmpty()) {
            return Understanding.goTo(goTo, "");
        }
        Understanding loose = loose(design, text, choices);
        return loose.changes() || !loose.problem().isEmpty()
                ? loose
                : Understanding.problem(NotUnderstood.of(design, text));
    }

    /** Names the word that is no sentence of the notation, and what could stand there. */
    private static Understanding notUnderstood(Parsed<?> parsed, String text) {
        Problem problem = parsed.problems().get(0);
        int column = Math.min(problem.column() - 1, text.length());
        String expected = problem.expected().isEmpty() ? problem.message() : "expected " + problem.expected();
        return column >= text.length()
                ? Understanding.problem("Not finished: " + expected + " next.")
                : Understanding.problem(
                        "Not understood: \"" + text.substring(column).split("\\s", 2)[0] + "\"; " + expected + ".");
    }

    /** The text with the names of entities that exist, whatever their capitals and number were said as. */
    private static String known(Design design, String text) {
        return NAME.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(m.group(1)
                        + find(design, m.group(2)).map(Notation::name).orElse(m.group(2))));
    }

    private static Optional<String> find(Design design, String name) {
        if (design.entity(name).isPresent()) {
            return Optional.of(name);
        }
        String singular = Plurals.singular(name);
        return design.entities().stream()
                .map(Entity::name)
                .filter(n -> n.equalsIgnoreCase(name) || n.equalsIgnoreCase(singular))
                .findFirst();
    }

    private static Set<String> names(Relationship relationship) {
        Set<String> names = new LinkedHashSet<>();
        names.add(relationship.from());
        names.addAll(relationship.targets());
        if (relationship instanceof BinaryRelationship binary && !binary.via().isEmpty()) {
            names.add(binary.via());
        }
        return names;
    }

    static List<String> missing(Design design, Relationship relationship) {
        return names(relationship).stream()
                .filter(n -> design.entity(n).isEmpty())
                .toList();
    }

    /** One sentence of several, and what it was taken to mean, given all before it. */
    public record Heard(String sentence, Understanding understanding) {}

    /**
     * What a pasted text was taken to mean, sentence by sentence; each is understood as if those before it were true already. A
     * sentence that begins with {@code it} or {@code they} goes on about what the one before was about.
     */
    public static List<Heard> paragraph(Design design, String text) {
        return paragraph(design, text, Map.of());
    }

    /** The same, with other ways to take what was guessed, as {@link #understand(Design, String, Map)} has it. */
    public static List<Heard> paragraph(Design design, String text, Map<String, Integer> chosen) {
        return new SayMemory().paragraph(design, text, chosen);
    }

    /** Whether a text is more than one sentence. */
    public static boolean isParagraph(String text) {
        return Sentences.of(text).size() > 1;
    }

    /** Applies several texts one after the other, each sentence by sentence; stops at the first that changes nothing. */
    public static Result all(Design design, List<String> texts) {
        Design current = design;
        for (String text : texts) {
            for (Heard heard : paragraph(current, text)) {
                Understanding understanding = heard.understanding();
                if (!understanding.changes()) {
                    String why = understanding.answers().isEmpty()
                            ? understanding.problem().isEmpty()
                                    ? "says nothing that changes the design"
                                    : understanding.problem()
                            : "a question changes nothing. " + String.join("; ", understanding.answers());
                    return new Result(current, List.of("\"" + heard.sentence() + "\": " + why));
                }
                current = understanding.edit().on(current);
            }
        }
        return new Result(current, List.of());
    }

    /** What came of several sentences; the design is meant only when there is no problem. */
    public record Result(Design design, List<String> problems) {
        public Result {
            problems = List.copyOf(problems);
        }
    }
}
