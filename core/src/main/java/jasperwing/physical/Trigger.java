package jasperwing.physical;

import java.util.List;

/**
 * A trigger of each row that is written.
 *
 * @param table the table it watches
 * @param purpose what it does, in one sentence
 * @param events that fire it
 */
public record Trigger(String name, String table, String purpose, List<Event> events, Action action) {
    /** What is done to a row. */
    public enum Event {
        INSERT,
        UPDATE,
        DELETE
    }

    /** What a trigger does. */
    public sealed interface Action {
        /**
         * Refuses the change before it is made.
         *
         * @param condition that is met then, of the row {@code new} and the row {@code old}
         * @param message as people read it
         */
        record Refuse(SqlExpression condition, String message) implements Action {}

        /**
         * Does something after the change.
         *
         * @param statement of the row {@code new} and the row {@code old}
         */
        record Execute(String statement) implements Action {}
    }

    public Trigger {
        events = List.copyOf(events);
    }
}
