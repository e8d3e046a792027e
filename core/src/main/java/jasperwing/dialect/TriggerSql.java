package jasperwing.dialect;

import java.util.List;

/** How a database writes triggers. */
public interface TriggerSql {
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
     * The statements that create a trigger of each row.
     *
     * @param when such as {@code before insert}
     * @param row what a body gives back: {@code old} or {@code new}
     * @param body as one of the others gives it
     */
    default List<String> create(String name, String table, String when, String row, String body) {
        return List.of("create trigger " + name + " " + when + " on " + table + "\n  for each row" + body);
    }
}
