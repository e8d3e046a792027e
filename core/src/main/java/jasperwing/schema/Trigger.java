package jasperwing.schema;

import java.util.List;

/**
 * A trigger that enforces what no constraint can.
 *
 * @param name without quotes
 * @param table it watches
 * @param purpose what it does, in one sentence
 * @param statements that create it, each to be executed alone, without a semicolon at its end
 */
public record Trigger(String name, String table, String purpose, List<String> statements) {
    public Trigger {
        statements = List.copyOf(statements);
    }
}
