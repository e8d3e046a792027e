package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Tie;
import jasperwing.naming.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Attributes that are references in disguise. */
final class UndeclaredRules {
    private static final List<String> KEY_WORDS = List.of("_id", "_key", "_ref", "_no", "_code");

    private UndeclaredRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Map<String, Entity> bySnake = new HashMap<>();
        checked.design().entities().forEach(e -> bySnake.putIfAbsent(Words.snake(e.name()), e));
        for (Entity entity : checked.design().entities()) {
            for (Attribute attribute : entity.attributes()) {
                target(bySnake, attribute)
                        .filter(t -> t != entity && !entity.isKey(attribute))
                        .ifPresent(t -> found.accept(finding(entity, attribute, t)));
            }
        }
    }

    /** The entity an attribute's name points to: {@code dive_id}, {@code diveId}, or {@code dive} kept as text. */
    private static Optional<Entity> target(Map<String, Entity> bySnake, Attribute attribute) {
        String snake = Words.snake(attribute.name());
        for (String word : KEY_WORDS) {
            if (snake.endsWith(word)) {
                Entity target = bySnake.get(snake.substring(0, snake.length() - word.length()));
                return Optional.ofNullable(target);
            }
        }
        return attribute.type().isText() ? Optional.ofNullable(bySnake.get(snake)) : Optional.empty();
    }

    private static Finding finding(Entity entity, Attribute attribute, Entity target) {
        Reading forward = new Reading(!attribute.optional(), "belong to", false, Words.camel(target.name()));
        Reading back = new Reading(false, "have", true, "");
        Tie tie = new Tie(entity.name(), target.name(), "", forward, Optional.of(back), List.of(), Notes.NONE);
        return new Finding(
                Rule.UNDECLARED_REFERENCE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " looks like a reference to " + target.name()
                        + " that no relationship states.",
                "The database will not notice when it points to nothing.",
                List.of(new Fix(
                        "Make it a relationship to " + target.name(),
                        EntityEdits.removeAttribute(entity.name(), attribute.name())
                                .then(RelationshipEdits.add(tie)))));
    }
}
