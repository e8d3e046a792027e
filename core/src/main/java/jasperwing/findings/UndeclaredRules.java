package jasperwing.findings;

import jasperwing.derive.KeyTypes;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Attributes that are references in disguise. */
final class UndeclaredRules {
    private static final List<String> KEY_WORDS = List.of("_id", "_key", "_ref", "_no", "_code");

    private static final List<String> KINDS = List.of("_type", "_kind", "_class", "_table", "_entity");

    private UndeclaredRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Attribute attribute : entity.attributes()) {
            target(checked.bySnake(), attribute)
                    .filter(t -> !t.equals(entity.name()) && !entity.isKey(attribute))
                    .filter(t -> !RepeatRules.hasRepeats(entity) && !isKindAndId(entity, attribute))
                    .ifPresent(t -> {
                        found.accept(finding(entity, attribute, t));
                        type(checked, entity, attribute, t, found);
                    });
        }
    }

    /** Whether the attribute is the id beside a kind, as in {@code docType} and {@code docId}: which entity it refers to depends on the row. */
    private static boolean isKindAndId(Entity entity, Attribute attribute) {
        String snake = Words.snake(attribute.name());
        int end = snake.lastIndexOf('_');
        return end > 0
                && entity.attributes().stream().map(a -> Words.snake(a.name())).anyMatch(n -> KINDS.stream()
                        .anyMatch(k -> n.equals(snake.substring(0, end) + k)));
    }

    /** Whether its key follows from nothing but its own attributes, so that what is found stands as long as these do. */
    private static boolean isKeyedByItself(Design design, String entity) {
        return design.entity(entity)
                .filter(e -> e.inheritance().of().isEmpty())
                .filter(e ->
                        e.key().names().stream().allMatch(k -> e.attribute(k).isPresent()))
                .isPresent();
    }

    /** What holds the key of a row has the type of that key. */
    private static void type(
            Checked checked, Entity entity, Attribute attribute, String target, Consumer<Finding> found) {
        List<Type> key = isKeyedByItself(checked.design(), target)
                ? KeyTypes.keyOf(checked.design().whole(), target)
                : List.of();
        if (key.size() != 1 || key.get(0).equals(attribute.type())) {
            return;
        }
        Type type = key.get(0);
        found.accept(new Finding(
                Rule.REFERENCE_TYPE_DIFFERS,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is of another type than the key of " + target + ".",
                "Some keys do not fit, and every join converts one type into the other.",
                List.of(new Fix(
                        "Make it of the type of that key",
                        EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withType(type))))));
    }

    /** The entity an attribute's name points to. */
    private static Optional<String> target(Map<String, String> bySnake, Attribute attribute) {
        return hint(attribute).map(bySnake::get);
    }

    /** What an attribute's name may point to, in snake case: {@code dive} of {@code dive_id}, {@code diveId}, or {@code dive} kept as text. */
    private static Optional<String> hint(Attribute attribute) {
        String snake = Words.snake(attribute.name());
        boolean several = snake.indexOf('_') > 0;
        for (String word : several ? KEY_WORDS : List.<String>of()) {
            if (snake.endsWith(word)) {
                return Optional.of(snake.substring(0, snake.length() - word.length()));
            }
        }
        return attribute.type().isText() ? Optional.of(snake) : Optional.empty();
    }

    /** All that the names of an entity's attributes may point to. */
    static Set<String> hints(Entity entity) {
        Set<String> hints = new HashSet<>();
        entity.attributes().forEach(a -> hint(a).ifPresent(hints::add));
        return hints;
    }

    /** Whether what was found of an entity that is as it was holds: whether its names point nowhere, or nothing is named or keyed anew. */
    static boolean stands(Checked checked, OtherChanges others, Entity entity, List<Finding> found) {
        return !others.changed(Aspect.NAMES) && !others.changed(Aspect.KEYS)
                || found.isEmpty()
                        && checked.hints(entity).references().stream().noneMatch(checked.bySnake()::containsKey);
    }

    private static Finding finding(Entity entity, Attribute attribute, String target) {
        return new Finding(
                Rule.UNDECLARED_REFERENCE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " looks like a reference to " + target
                        + " that no relationship states.",
                "The database cannot check that the row exists.",
                saysNothingElse(entity, attribute) ? List.of(relationship(entity, attribute, target)) : List.of());
    }

    private static Fix relationship(Entity entity, Attribute attribute, String target) {
        Reading forward = new Reading(!attribute.optional(), "belong to", false, Words.camel(target));
        Reading back = new Reading(false, "have", !attribute.unique(), "");
        Notes notes = Notes.of(attribute.notes().comments());
        BinaryRelationship binary =
                new BinaryRelationship(entity.name(), target, "", forward, Optional.of(back), List.of(), notes);
        return new Fix(
                "Make it a relationship to " + target,
                EntityEdits.removeAttribute(entity.name(), attribute.name()).then(RelationshipEdits.add(binary)));
    }

    /** Whether a relationship can say all that is said of an attribute. */
    static boolean saysNothingElse(Entity entity, Attribute attribute) {
        Attribute plain = Attribute.of(attribute.name(), attribute.type())
                .withOptional(attribute.optional())
                .withUnique(attribute.unique())
                .withNotes(Notes.of(attribute.notes().comments()));
        Stream<List<String>> named = Stream.concat(
                Stream.concat(entity.uniques().stream(), Stream.of(entity.shown()))
                        .map(Members::names),
                entity.indexes().stream().map(Indexing::named));
        return attribute.equals(plain) && named.noneMatch(n -> n.contains(attribute.name()));
    }
}
