package jasperwing.say;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Tie;
import jasperwing.naming.Plurals;
import jasperwing.notation.Notation;
import jasperwing.notation.Parsed;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Understands what is said. Nothing is guessed: what is not a sentence, a new entity or a name is not understood. */
public final class Say {
    /** The form to show to whoever has said nothing that could be understood. */
    public static final String FORM = "each Dive may have many Photo, which must belong to one Dive";

    /** A word where a sentence names an entity. */
    private static final Pattern NAME = Pattern.compile(
            "(\\b(?:each|one|many|of|via|or)\\s+|,\\s*)(?!one\\b|of\\b|which\\b)([\\p{L}_][\\p{L}\\p{N}_]*)");

    private Say() {}

    public static Understanding understand(Design design, String said) {
        String text = said.strip();
        if (text.isEmpty()) {
            return new Understanding(Edit.NOTHING, List.of(), List.of(), "");
        }
        String first = text.split("\\s", 2)[0].toLowerCase(Locale.ROOT);
        return switch (first) {
            case "each" -> sentence(design, "each" + text.substring(4));
            case "area", "enum", "sheet" -> statement(design, first + text.substring(first.length()));
            case "entity" -> entity(design, "entity" + text.substring(6));
            default -> name(design, text);
        };
    }

    private static Understanding sentence(Design design, String text) {
        Parsed<Optional<Relationship>> parsed = Notation.sentence(known(design, text));
        if (parsed.value().isEmpty()) {
            return notUnderstood(parsed, text);
        }
        Relationship relationship = parsed.value().get();
        Edit edit = Edit.NOTHING;
        for (String name : missing(design, relationship)) {
            boolean link = relationship instanceof Tie tie && tie.via().equals(name);
            edit = edit.then(EntityEdits.add(link ? Entity.of(name) : Entity.keyed(name)));
        }
        edit = edit.then(RelationshipEdits.add(relationship));
        return new Understanding(edit, Additions.of(design, edit.on(design)), List.of(), "");
    }

    private static Understanding entity(Design design, String text) {
        Parsed<Optional<Entity>> parsed = Notation.entity(text);
        if (parsed.value().isEmpty()) {
            return notUnderstood(parsed, text);
        }
        Entity entity = parsed.value().get();
        if (find(design, entity.name()).isPresent()) {
            return new Understanding(
                    Edit.NOTHING,
                    List.of(),
                    List.of(entity.name()),
                    "There is an entity " + entity.name() + " already.");
        }
        Edit edit = EntityEdits.add(entity);
        return new Understanding(edit, Additions.of(design, edit.on(design)), List.of(), "");
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
        return new Understanding(edit, List.of("+ " + text), List.of(), "");
    }

    private static <T> List<T> concat(List<T> first, List<T> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    private static Understanding name(Design design, String text) {
        String folded = text.toLowerCase(Locale.ROOT);
        List<String> goTo = design.entities().stream()
                .map(Entity::name)
                .filter(n -> n.toLowerCase(Locale.ROOT).startsWith(folded))
                .toList();
        String problem = goTo.isEmpty() ? "Not understood. A sentence starts with each: " + FORM : "";
        return new Understanding(Edit.NOTHING, List.of(), goTo, problem);
    }

    private static Understanding notUnderstood(Parsed<?> parsed, String text) {
        String problem = parsed.problems().get(0).sentence();
        int column = Math.min(parsed.problems().get(0).column() - 1, text.length());
        String place = column >= text.length()
                ? "at the end"
                : "at '" + text.substring(column).split("\\s", 2)[0] + "'";
        return new Understanding(Edit.NOTHING, List.of(), List.of(), place + ": " + problem);
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
        if (relationship instanceof Tie tie && !tie.via().isEmpty()) {
            names.add(tie.via());
        }
        return names;
    }

    private static List<String> missing(Design design, Relationship relationship) {
        return names(relationship).stream()
                .filter(n -> design.entity(n).isEmpty())
                .toList();
    }

    /** Applies several sentences one after the other; stops at the first that changes nothing. */
    public static Result all(Design design, List<String> sentences) {
        Design current = design;
        List<String> problems = new ArrayList<>();
        for (String sentence : sentences) {
            Understanding understanding = understand(current, sentence);
            if (!understanding.changes()) {
                String why = understanding.problem().isEmpty()
                        ? "says nothing that changes the design"
                        : understanding.problem();
                problems.add("\"" + sentence + "\": " + why);
                break;
            }
            current = understanding.edit().on(current);
        }
        return new Result(current, problems);
    }

    /** What came of several sentences; the design is meant only when there is no problem. */
    public record Result(Design design, List<String> problems) {
        public Result {
            problems = List.copyOf(problems);
        }
    }
}
