package jasperwing.dialect;

import jasperwing.physical.Trigger;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** How a database writes triggers. */
public interface TriggerSql {
    /** Databases take error messages of so many characters. */
    int LONGEST_MESSAGE = 128;

    /** Whether one trigger can be of several events. */
    default boolean takesSeveralEvents() {
        return false;
    }

    /** Whether a trigger can change the table it is of. */
    default boolean changesItsTable() {
        return true;
    }

    /** What ends a trigger in a script; empty for a semicolon. */
    default String delimiter() {
        return "";
    }

    /**
     * A body that refuses what is done while a condition is met.
     *
     * @param condition of {@code new} and {@code old}
     * @param message a literal
     */
    String refusal(String condition, String message);

    /** A body that does one thing. */
    String action(String statement);

    /**
     * The statements that create a trigger, each to be executed alone.
     *
     * @param namespace of its table; or empty
     */
    default List<String> create(Dialect dialect, String namespace, Trigger trigger) {
        boolean refuses = trigger.action() instanceof Trigger.Action.Refuse;
        String events = trigger.events().stream()
                .map(e -> e.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" or "));
        return create(
                dialect.quote(trigger.name()),
                dialect.quote(namespace, trigger.name()),
                dialect.quote(namespace, trigger.table()),
                (refuses ? "before " : "after ") + events,
                trigger.events().contains(Trigger.Event.DELETE) ? "old" : "new",
                body(dialect, trigger.action()));
    }

    private String body(Dialect dialect, Trigger.Action action) {
        if (action instanceof Trigger.Action.Refuse refuse) {
            String message = SqlNames.cut(refuse.message(), LONGEST_MESSAGE);
            return refusal(refuse.condition().sql(), dialect.literal(message));
        }
        return action(((Trigger.Action.Execute) action).statement());
    }

    /**
     * The statements that create a trigger of each row.
     *
     * @param function that it calls, where it calls one
     * @param when such as {@code before insert}
     * @param row what a body gives back: {@code old} or {@code new}
     * @param body as one of the others gives it
     */
    default List<String> create(String name, String function, String table, String when, String row, String body) {
        return List.of("create trigger " + name + " " + when + " on " + table + "\n  for each row" + body);
    }

    /** The statements that drop a trigger, each to be executed alone. */
    default List<String> drop(String name, String function, String table) {
        return List.of("drop trigger " + name);
    }
}
