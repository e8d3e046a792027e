package jasperwing.schema;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.TriggerSql;
import jasperwing.naming.Identifiers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes triggers in one dialect, each under a name of its own; none where there are none in SQL. */
final class TriggerWriter {
    /** Databases take error messages of so many characters. */
    private static final int LONGEST_MESSAGE = 128;

    /** Short enough for every database. */
    private static final int NAME_LIMIT = 63;

    private final Dialect dialect;
    private final Identifiers names = new Identifiers(NAME_LIMIT);
    private final List<Trigger> triggers = new ArrayList<>();

    TriggerWriter(Dialect dialect) {
        this.dialect = dialect;
    }

    /** What is done to a row. */
    enum Event {
        INSERT,
        UPDATE,
        DELETE;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    List<Trigger> triggers() {
        return List.copyOf(triggers);
    }

    /**
     * Refuses what is done to a row while a condition is met.
     *
     * @param condition of {@code new} and {@code old}
     */
    void refuse(String wanted, Table table, List<Event> events, String condition, String message) {
        String said = dialect.literal(
                message.length() > LONGEST_MESSAGE ? message.substring(0, LONGEST_MESSAGE - 1) + "\u2026" : message);
        dialect.triggers().ifPresent(sql -> {
            String body = sql.refusal(condition, said);
            if (sql.takesSeveralEvents()) {
                String words = events.stream().map(Event::word).collect(Collectors.joining(" or "));
                create(sql, wanted, table, "before " + words, events, body, message);
            } else {
                events.forEach(e -> create(
                        sql,
                        events.size() == 1 ? wanted : wanted + "_" + e.word(),
                        table,
                        "before " + e.word(),
                        List.of(e),
                        body,
                        message));
            }
        });
    }

    /** Does something after a row is deleted. */
    void afterDelete(String wanted, Table table, String statement, String purpose) {
        dialect.triggers()
                .ifPresent(sql -> create(
                        sql, wanted, table, "after delete", List.of(Event.DELETE), sql.action(statement), purpose));
    }

    private void create(
            TriggerSql sql, String wanted, Table table, String when, List<Event> events, String body, String purpose) {
        String name = names.take(wanted);
        String row = events.contains(Event.DELETE) ? "old" : "new";
        List<String> statements = sql.create(dialect.quote(name), dialect.quote(table.name()), when, row, body);
        triggers.add(new Trigger(name, table.name(), purpose, statements));
    }
}
