package jasperwing.reading;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SortedReading;
import jasperwing.model.Sorting;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The relationships each choice of a word leads to. */
final class ReadingChoices {
    private ReadingChoices() {}

    static List<Option> of(Design design, Relationship r, Phrase phrase) {
        Function<Reading, Relationship> back = reading -> r.withBack(Optional.of(reading));
        return switch (phrase.slot()) {
            case MUST -> modal(r.forward(), r::withForward);
            case COUNT -> count(r.forward(), r::withForward);
            case BACK_MUST -> r.back().map(b -> modal(b, back)).orElse(List.of());
            case BACK_COUNT -> r.back().map(b -> count(b, back)).orElse(List.of());
            case READ_BACK -> readBack(r, back);
            case DELETE -> deleting(r, phrase.entity());
            case KEY_CHANGE -> changingKey(r, phrase.entity());
            case KEEPING -> r.match(binary -> List.of(), ReadingChoices::keeping);
            case LINK -> r.match(ReadingChoices::link, oneOf -> List.of());
            case SORTING -> sorting(design, r, phrase.entity(), r.forward(), r::withForward);
            case BACK_SORTING -> r.back()
                    .map(b -> sorting(design, r, phrase.entity(), b, back))
                    .orElse(List.of());
            case NONE, VERB, BACK_VERB, ROLE, BACK_ROLE -> List.of();
        };
    }

    private static List<Option> readBack(Relationship r, Function<Reading, Relationship> back) {
        Relationship both = r.back().isPresent() ? r : back.apply(new Reading(false, "have", r.backMany(), ""));
        return List.of(
                new Option("one way", r.withBack(Optional.empty()), r.back().isEmpty()),
                new Option("both ways", both, r.back().isPresent()));
    }

    private static List<Option> link(BinaryRelationship binary) {
        String name = Words.pascal(binary.from()) + Words.pascal(binary.to());
        return List.of(
                new Option("pairs alone", binary.relinked(""), binary.via().isEmpty()),
                new Option(
                        "an entity of its own",
                        binary.via().isEmpty() ? binary.relinked(name) : binary,
                        !binary.via().isEmpty()));
    }

    private static List<Option> modal(Reading reading, Function<Reading, Relationship> with) {
        return List.of(
                new Option("may", with.apply(reading.withMust(false)), !reading.must()),
                new Option("must", with.apply(reading.withMust(true)), reading.must()));
    }

    private static List<Option> count(Reading reading, Function<Reading, Relationship> with) {
        List<Option> options = new ArrayList<>(List.of(
                new Option("one", counted(reading, false, with), !reading.many()),
                new Option("many", counted(reading, true, with), reading.count().equals("many"))));
        if (reading.most() > 0) {
            options.add(new Option(reading.count(), with.apply(reading), true));
        }
        return options;
    }

    private static Relationship counted(Reading reading, boolean many, Function<Reading, Relationship> with) {
        Relationship now = with.apply(reading.withMost(0).withMany(many));
        return reading.many() == many ? now : RelationshipReversal.sensible(now);
    }

    /** No order, the one there is, those there can be by one attribute, and the one there is with another attribute behind. */
    private static List<Option> sorting(
            Design design, Relationship r, String many, Reading reading, Function<Reading, Relationship> with) {
        Optional<Sorting> now = reading.sorting();
        List<Option> options = new ArrayList<>();
        Stream.of(Optional.<Sorting>empty(), now)
                .distinct()
                .forEach(s -> options.add(
                        new Option(Readings.sorting(s), with.apply(reading.withSorting(s)), s.equals(now))));
        List<Sorting> possible = SortedReading.possible(design, r, many);
        for (Sorting each : possible) {
            if (!now.equals(Optional.of(each))) {
                options.add(grouped(each, each.start(), each.keys().get(0).words(), reading, with));
            }
        }
        now.filter(s -> !s.kept()).ifPresent(s -> possible.stream()
                .filter(p -> !p.kept() && s.keys().stream().noneMatch(p.keys().get(0)::isSame))
                .forEach(p -> options.add(grouped(
                        s.then(p.keys().get(0)), "and then by", p.keys().get(0).saidNext(), reading, with))));
        return options;
    }

    private static Option grouped(
            Sorting sorting, String group, String item, Reading reading, Function<Reading, Relationship> with) {
        Optional<Sorting> now = Optional.of(sorting);
        return new Option(Readings.sorting(now), with.apply(reading.withSorting(now)), false, group, item);
    }

    private static List<Option> deleting(Relationship relationship, String entity) {
        return relationship.match(
                binary -> binary.isOfPairsAlone() ? deletingPairs(binary, entity) : deletingOne(binary, entity),
                oneOf -> deletingOne(oneOf, entity));
    }

    private static List<Option> deletingPairs(BinaryRelationship binary, String entity) {
        return Stream.of(DeleteRule.DELETE_TOO, DeleteRule.REFUSE)
                .map(rule -> new Option(
                        Readings.onPairs(rule) + Readings.ofPairs(rule, binary, entity),
                        RelationshipEdits.withRule(binary, entity, rule),
                        binary.onDelete(entity) == rule))
                .toList();
    }

    private static List<Option> deletingOne(Relationship relationship, String entity) {
        Role role = Roles.of(relationship).stream()
                .filter(r -> r.targets().contains(entity))
                .findFirst()
                .orElseThrow();
        return Arrays.stream(DeleteRule.values())
                .map(rule -> new Option(
                        Readings.verb(rule) + " " + Readings.consequence(rule, role),
                        RelationshipEdits.withRule(relationship, entity, rule),
                        relationship.onDelete(entity) == rule))
                .toList();
    }

    private static List<Option> changingKey(Relationship relationship, String entity) {
        return Arrays.stream(KeyChangeRule.values())
                .map(rule -> new Option(
                        Readings.words(rule),
                        RelationshipEdits.withRule(relationship, entity, rule),
                        relationship.onKeyChange(entity) == rule))
                .toList();
    }

    private static List<Option> keeping(PolymorphicRelationship oneOf) {
        return Arrays.stream(PolymorphicMapping.values())
                .map(k -> new Option(k.words(), oneOf.withKeeping(k), oneOf.kept() == k))
                .toList();
    }
}
