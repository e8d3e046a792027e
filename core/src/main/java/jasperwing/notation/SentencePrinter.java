package jasperwing.notation;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.Sorting;
import java.util.stream.Collectors;

/** Writes relationships as sentences. */
final class SentencePrinter {
    private SentencePrinter() {}

    static String sentence(Relationship relationship) {
        StringBuilder out = new StringBuilder("each ")
                .append(Quoting.name(relationship.from()))
                .append(' ')
                .append(verb(relationship.forward()))
                .append(
                        relationship.forward().many()
                                ? " " + relationship.forward().count() + " "
                                : relationship instanceof PolymorphicRelationship ? " one of " : " one ")
                .append(relationship.targets().stream().map(Quoting::name).collect(Collectors.joining(", ")))
                .append(role(relationship.forward()));
        if (relationship instanceof BinaryRelationship binary && !binary.via().isEmpty()) {
            out.append(" via ").append(Quoting.name(binary.via()));
        }
        relationship.back().ifPresent(back -> out.append(", which ")
                .append(verb(back))
                .append(" " + back.count() + " ")
                .append(Quoting.name(relationship.from()))
                .append(role(back)));
        return out.toString();
    }

    static String rule(Relationship relationship, OnDelete rule) {
        String start = "deleting " + Quoting.name(rule.entity());
        return switch (rule.rule()) {
            case REFUSE -> start + " is refused";
            case EMPTY -> start + " empties it";
            case DELETE_TOO -> start
                    + " deletes "
                    + Quoting.name(ReferenceHolders.of(relationship).getOrDefault(rule.entity(), relationship.from()))
                    + " too";
        };
    }

    static String rule(OnKeyChange rule) {
        String start = "changing the key of " + Quoting.name(rule.entity());
        return switch (rule.rule()) {
            case REFUSE -> start + " is refused";
            case FOLLOW -> start + " is followed";
            case EMPTY -> start + " empties it";
        };
    }

    private static String verb(Reading reading) {
        return (reading.must() ? "must " : "may ") + reading.verb();
    }

    private static String role(Reading reading) {
        String role = reading.role().isEmpty() ? "" : " as " + Quoting.name(reading.role());
        String was = reading.was().isEmpty() || role.isEmpty() ? "" : " was " + Quoting.name(reading.was());
        return role + was + reading.sorting().map(SentencePrinter::sorting).orElse("");
    }

    private static String sorting(Sorting sorting) {
        return " " + sorting.words(Quoting::name);
    }
}
