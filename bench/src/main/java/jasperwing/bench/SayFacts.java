package jasperwing.bench;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Notes;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * What a design says, as lines that do not depend on verbs, roles or order, so that what was meant can be compared with what was understood.
 *
 * <pre>
 * Order                          an entity
 * Order.paid boolean             an attribute, with its rules
 * Order key number               a key that was said
 * Item 1 Order, Order 0..* Item  a relationship: how many of the second one of the first has
 * deleting Order deletes Item
 * </pre>
 */
final class SayFacts {
    private SayFacts() {}

    static Set<String> of(Design design) {
        Set<String> facts = new TreeSet<>();
        for (Entity entity : design.entities()) {
            entity(design, entity, facts);
        }
        design.enums()
                .forEach(e -> facts.add("enum " + e.name() + ": "
                        + String.join(
                                ", ", e.values().stream().map(v -> v.name()).toList())));
        design.relationships().forEach(r -> relationship(r, facts));
        return facts;
    }

    private static void entity(Design design, Entity entity, Set<String> facts) {
        facts.add(entity.name());
        if (entity.outside()) {
            facts.add(entity.name() + " outside");
        }
        if (!entity.inheritance().of().isEmpty()) {
            facts.add(entity.name() + " is a kind of " + entity.inheritance().of());
        }
        boolean plain = entity.key().names().equals(List.of("id"));
        if (!plain && !entity.key().isEmpty()) {
            facts.add(entity.name() + " key " + String.join(", ", entity.key().names()));
        }
        if (!entity.shown().isEmpty()) {
            facts.add(
                    entity.name() + " shown " + String.join(", ", entity.shown().names()));
        }
        for (Attribute attribute : entity.attributes()) {
            if (!(plain && attribute.name().equals("id"))) {
                Attribute bare = attribute.withNotes(Notes.NONE);
                facts.add(entity.name() + "."
                        + Notation.print(bare, false).replaceAll("\\s+", " ").strip());
            }
        }
    }

    private static void relationship(Relationship relationship, Set<String> facts) {
        List<String> lines = new ArrayList<>();
        if (relationship instanceof PolymorphicRelationship oneOf) {
            lines.add(oneOf.from() + " " + count(oneOf.forward()) + " of " + String.join(" | ", oneOf.subjects()));
        } else if (relationship instanceof BinaryRelationship binary) {
            String back = binary.back().map(SayFacts::count).orElse("0..*");
            List<String> ends = new ArrayList<>(List.of(
                    binary.from() + " " + count(binary.forward()) + " " + binary.to(),
                    binary.to() + " " + back + " " + binary.from()));
            ends.sort(null);
            lines.add(String.join(", ", ends) + (binary.via().isEmpty() ? "" : " via " + binary.via()));
        }
        relationship.deletes().stream()
                .filter(d -> d.rule() != DeleteRule.REFUSE)
                .forEach(d -> lines.add(
                        "deleting " + d.entity() + (d.rule() == DeleteRule.DELETE_TOO ? " deletes" : " empties")));
        facts.addAll(lines);
    }

    private static String count(Reading reading) {
        return reading.many() ? (reading.must() ? "1..*" : "0..*") : reading.must() ? "1" : "0..1";
    }

    /**
     * Whether a fact is what was expected. In what was expected {@code text} is any text, {@code decimal} any decimal, {@code *} many whether
     * one must be there or not, {@code 0-1} one whether it must be or not, and {@code _} any name.
     */
    static boolean fits(String fact, String expected) {
        String pattern = Pattern.quote(expected)
                .replace(" text", "\\E (?:long )?text(?:\\(\\d+\\))?\\Q")
                .replace(" decimal ", "\\E decimal\\(\\d+,\\d+\\) \\Q")
                .replaceAll(" decimal\\\\E$", "\\\\E decimal\\\\(\\\\d+,\\\\d+\\\\)")
                .replace(" * ", "\\E (?:0|1)\\.\\.\\* \\Q")
                .replace(" 0-1 ", "\\E (?:0\\.\\.)?1 \\Q")
                .replace(" ~ ", "\\E \\S+ \\Q")
                .replaceAll(" ~\\\\E$", "\\\\E \\\\S+")
                .replace("_", "\\E\\w+\\Q");
        return fact.equals(expected) || fact.matches(explicit(expected) ? Pattern.quote(expected) : pattern);
    }

    private static boolean explicit(String expected) {
        return expected.matches(".* text\\(\\d+\\).*");
    }
}
