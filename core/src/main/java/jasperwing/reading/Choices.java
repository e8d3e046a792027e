package jasperwing.reading;

import jasperwing.model.DeleteRule;
import jasperwing.model.Keeping;
import jasperwing.model.OneOf;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The relationships each choice of a word leads to. */
final class Choices {
    private Choices() {}

    static List<Option> of(Relationship r, Phrase phrase) {
        Function<Reading, Relationship> back = reading -> r.withBack(Optional.of(reading));
        return switch (phrase.slot()) {
            case MUST -> modal(r.forward(), r::withForward);
            case COUNT -> count(r.forward(), r::withForward);
            case BACK_MUST -> r.back().map(b -> modal(b, back)).orElse(List.of());
            case BACK_COUNT -> r.back().map(b -> count(b, back)).orElse(List.of());
            case READ_BACK -> List.of(
                    new Option("not read back", r, true),
                    new Option("read back", back.apply(new Reading(false, "have", r.backMany(), "")), false));
            case DELETE -> deleting(r, phrase.entity());
            case KEEPING -> keeping((OneOf) r);
            case NONE, VERB, BACK_VERB -> List.of();
        };
    }

    private static List<Option> modal(Reading reading, Function<Reading, Relationship> with) {
        return List.of(
                new Option("may", with.apply(reading.withMust(false)), !reading.must()),
                new Option("must", with.apply(reading.withMust(true)), reading.must()));
    }

    private static List<Option> count(Reading reading, Function<Reading, Relationship> with) {
        return List.of(
                new Option("one", with.apply(reading.withMany(false)), !reading.many()),
                new Option("many", with.apply(reading.withMany(true)), reading.many()));
    }

    private static List<Option> deleting(Relationship relationship, String entity) {
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

    private static List<Option> keeping(OneOf oneOf) {
        return Arrays.stream(Keeping.values())
                .map(k -> new Option(k.words(), oneOf.withKeeping(k), oneOf.kept() == k))
                .toList();
    }
}
