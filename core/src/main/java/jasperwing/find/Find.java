package jasperwing.find;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Notes;
import jasperwing.model.Relationship;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Looks through a design. Capitals make no difference; several words must all occur. */
public final class Find {
    private final Design design;
    private final List<String> words;
    private final List<FoundPlace> found = new ArrayList<>();

    private Find(Design design, String text) {
        this.design = design;
        this.words = List.of(text.strip().toLowerCase(Locale.ROOT).split("\\s+"));
    }

    /** Where the words occur: entities by name first, then attributes, relationships, types and notes. Nothing for a blank text. */
    public static List<FoundPlace> in(Design design, String text) {
        return text.isBlank() ? List.of() : new Find(design, text).run();
    }

    private List<FoundPlace> run() {
        for (Entity entity : design.entities()) {
            entity(entity);
            entity.attributes().forEach(a -> attribute(entity, a));
        }
        for (Relationship relationship : design.relationships()) {
            relationship(relationship);
        }
        found.sort(Comparator.comparingInt(FoundPlace::rank));
        return List.copyOf(found);
    }

    private void entity(Entity entity) {
        int rank = rank(entity.name(), 0);
        if (rank >= 0) {
            add(entity.name(), "", Optional.empty(), entity.name(), rank);
        } else if (occurs(notes(entity.notes()) + " " + entity.area())) {
            add(entity.name(), "", Optional.empty(), entity.name() + " \u2013 " + said(entity), 6);
        }
    }

    private static String said(Entity entity) {
        return entity.notes().doc().isEmpty()
                ? entity.area()
                : entity.notes().doc().lines().findFirst().orElse("");
    }

    private void attribute(Entity entity, Attribute attribute) {
        String line = entity.name() + ": " + Notation.print(attribute, entity.isKey(attribute));
        int rank = rank(attribute.name(), 2);
        if (rank >= 0) {
            add(entity.name(), attribute.name(), Optional.empty(), line, rank);
        } else if (occurs(line) || occurs(notes(attribute.notes()) + " " + values(attribute))) {
            add(entity.name(), attribute.name(), Optional.empty(), line, 5);
        }
    }

    private String values(Attribute attribute) {
        StringBuilder values = new StringBuilder();
        if (attribute.type() instanceof Type.Named named) {
            design.enumType(named.name())
                    .map(EnumType::values)
                    .ifPresent(all -> all.forEach(v -> values.append(v.name())
                            .append(' ')
                            .append(notes(v.notes()))
                            .append(' ')));
        }
        return values.toString();
    }

    private void relationship(Relationship relationship) {
        String sentence = Notation.print(relationship);
        if (occurs(sentence)) {
            add(relationship.from(), "", Optional.of(relationship), sentence, 4);
        }
    }

    private void add(String entity, String attribute, Optional<Relationship> relationship, String text, int rank) {
        found.add(new FoundPlace(entity, attribute, relationship, text, rank));
    }

    private static String notes(Notes notes) {
        return notes.doc() + " " + notes.label() + " " + notes.physical() + " " + notes.was();
    }

    /** How well a name answers: the rank when it begins so, one more when it occurs within, -1 when it does not. */
    private int rank(String name, int best) {
        String folded = name.toLowerCase(Locale.ROOT);
        if (words.size() == 1 && folded.startsWith(words.get(0))) {
            return best;
        }
        return occurs(name) ? best + 1 : -1;
    }

    private boolean occurs(String text) {
        String folded = text.toLowerCase(Locale.ROOT);
        return words.stream().allMatch(folded::contains);
    }
}
