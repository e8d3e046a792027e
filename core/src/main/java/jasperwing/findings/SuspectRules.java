package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Attributes and uniqueness that work, and surprise later: dates as text, lists of keys, unique columns that may be null. */
final class SuspectRules {
    private static final Type MONEY = new Type.Decimal(12, 2);

    /** What an attribute of text is likely meant to be, by the last word of its name. */
    private static final Map<String, Type> BY_LAST_WORD = Map.ofEntries(
            Map.entry("date", Type.of(Scalar.DATE)),
            Map.entry("birthday", Type.of(Scalar.DATE)),
            Map.entry("birthdate", Type.of(Scalar.DATE)),
            Map.entry("deadline", Type.of(Scalar.DATE)),
            Map.entry("timestamp", Type.of(Scalar.TIMESTAMP)),
            Map.entry("price", MONEY),
            Map.entry("salary", MONEY),
            Map.entry("wage", MONEY),
            Map.entry("fee", MONEY),
            Map.entry("quantity", Type.of(Scalar.INT)),
            Map.entry("qty", Type.of(Scalar.INT)),
            Map.entry("age", Type.of(Scalar.INT)));

    private static final Set<String> DELETED =
            Set.of("deleted", "deleted_at", "deleted_on", "is_deleted", "removed_at");

    private SuspectRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Attribute attribute : entity.attributes()) {
            textForType(entity, attribute).ifPresent(found);
            listOfIds(checked, entity, attribute).ifPresent(found);
        }
        entity.uniques().forEach(u -> withNulls(entity, u).ifPresent(found));
        softDelete(entity).ifPresent(found);
    }

    private static Optional<Finding> textForType(Entity entity, Attribute attribute) {
        if (!attribute.type().isText()) {
            return Optional.empty();
        }
        List<String> words = Words.split(attribute.name());
        Type type = words.isEmpty() ? null : BY_LAST_WORD.get(words.get(words.size() - 1));
        if (type == null || !isPlain(attribute) || entity.isKey(attribute)) {
            return Optional.empty();
        }
        String meant = type.match(
                text -> "",
                decimal -> "decimal(12,2)",
                scalar -> scalar.scalar().words(),
                named -> "");
        return Optional.of(new Finding(
                Rule.TEXT_FOR_TYPE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is a text, and its name says " + meant + ".",
                "As text it sorts by characters, cannot be added or compared, and accepts anything.",
                List.of(new Fix(
                        "Make it " + meant,
                        EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withType(type))))));
    }

    private static boolean isPlain(Attribute attribute) {
        return attribute.equals(Attribute.of(attribute.name(), attribute.type())
                .withOptional(attribute.optional())
                .withNotes(attribute.notes()));
    }

    private static Optional<Finding> listOfIds(Checked checked, Entity entity, Attribute attribute) {
        String snake = Words.snake(attribute.name());
        if (!snake.endsWith("_ids") || !attribute.list() && !attribute.type().isText()) {
            return Optional.empty();
        }
        String stem = snake.substring(0, snake.length() - "_ids".length());
        return Stream.of(stem, Words.snake(Plurals.singular(stem)))
                .map(checked.bySnake()::get)
                .filter(t -> t != null)
                .findFirst()
                .map(target -> new Finding(
                        Rule.LIST_OF_IDS,
                        Subject.of(entity.name(), attribute.name()),
                        entity.name() + "'s " + attribute.name() + " holds keys of " + target + " in one column.",
                        "No foreign key can check them, and a join must take the list apart; a many-to-many does both.",
                        List.of()));
    }

    private static Optional<Finding> withNulls(Entity entity, Members unique) {
        List<String> nullable = unique.names().stream()
                .filter(n -> entity.attribute(n).filter(Attribute::optional).isPresent())
                .toList();
        if (unique.names().size() < 2 || nullable.isEmpty()) {
            return Optional.empty();
        }
        String first = nullable.get(0);
        return Optional.of(new Finding(
                Rule.UNIQUE_WITH_NULLS,
                Subject.ofUnique(entity.name(), unique, first),
                entity.name() + "'s " + Subject.line("unique", unique) + " has "
                        + nullable.stream().collect(Collectors.joining(" and ")) + ", which may be null.",
                "Null equals nothing, so rows without a value are never compared and can repeat.",
                List.of(new Fix(
                        "Make " + first + " required",
                        EntityEdits.changeAttribute(entity.name(), first, a -> a.withOptional(false))))));
    }

    private static Optional<Finding> softDelete(Entity entity) {
        Optional<String> unique = Stream.concat(
                        entity.attributes().stream().filter(Attribute::unique).map(Attribute::name),
                        entity.uniques().stream().map(u -> String.join(", ", u.names())))
                .findFirst();
        if (unique.isEmpty()) {
            return Optional.empty();
        }
        Optional<Attribute> mark = entity.attributes().stream()
                .filter(a -> DELETED.contains(Words.snake(a.name())) && !a.list())
                .findFirst();
        if (mark.isEmpty()) {
            return Optional.empty();
        }
        String among = mark.get().type().is(Scalar.BOOLEAN)
                ? "not " + mark.get().name()
                : mark.get().name() + " is null";
        return Optional.of(new Finding(
                Rule.SOFT_DELETE_UNIQUE,
                Subject.of(entity.name(), mark.get().name()),
                entity.name() + " marks rows as deleted by " + mark.get().name() + ", and (" + unique.get()
                        + ") is unique among all rows.",
                "A deleted row blocks its values for ever. Write unique (" + unique.get() + ") where " + among + ".",
                List.of()));
    }
}
