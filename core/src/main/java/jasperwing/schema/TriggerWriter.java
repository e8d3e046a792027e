package jasperwing.schema;

import jasperwing.naming.Identifiers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes triggers in one dialect, each under a name of its own. H2 has triggers in Java alone and gets none. */
final class TriggerWriter {
    /** MariaDB takes error messages of so many characters. */
    private static final int LONGEST_MESSAGE = 128;

    /** SQLite has no limit; a name remains readable with as many bytes. */
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
        triggers.addAll(
                switch (dialect) {
                    case POSTGRESQL -> List.of(postgresql(
                            wanted,
                            table,
                            "before",
                            events,
                            "  if " + condition + " then\n    raise exception using message = " + said
                                    + ", errcode = 'integrity_constraint_violation';\n  end if;\n",
                            message));
                    case MARIADB -> each(
                            wanted,
                            table,
                            events,
                            "\n  if " + condition + " then\n    signal sqlstate '23000' set message_text = " + said
                                    + ";\n  end if",
                            message);
                    case SQLITE -> each(
                            wanted,
                            table,
                            events,
                            "\n  when " + condition + "\nbegin\n  select raise(abort, " + said + ");\nend",
                            message);
                    case H2 -> List.of();
                });
    }

    /** Does something after a row is deleted. */
    void afterDelete(String wanted, Table table, String statement, String purpose) {
        List<Event> deleted = List.of(Event.DELETE);
        triggers.addAll(
                switch (dialect) {
                    case POSTGRESQL -> List.of(
                            postgresql(wanted, table, "after", deleted, "  " + statement + ";\n", purpose));
                    case MARIADB -> List.of(single(wanted, table, "after delete", "\n  " + statement, purpose));
                    case SQLITE -> List.of(
                            single(wanted, table, "after delete", "\nbegin\n  " + statement + ";\nend", purpose));
                    case H2 -> List.of();
                });
    }

    private List<Trigger> each(String wanted, Table table, List<Event> events, String body, String purpose) {
        return events.stream()
                .map(e -> single(
                        events.size() == 1 ? wanted : wanted + "_" + e.word(),
                        table,
                        "before " + e.word(),
                        body,
                        purpose))
                .toList();
    }

    private Trigger single(String wanted, Table table, String when, String body, String purpose) {
        String name = names.take(wanted);
        String sql = "create trigger " + dialect.quote(name) + " " + when + " on " + dialect.quote(table.name())
                + "\n  for each row" + body;
        return new Trigger(name, table.name(), purpose, List.of(sql));
    }

    private Trigger postgresql(
            String wanted, Table table, String when, List<Event> events, String body, String purpose) {
        String name = names.take(wanted);
        String row = events.contains(Event.DELETE) ? "old" : "new";
        String mark = mark(body);
        String function = "create function " + dialect.quote(name) + "() returns trigger language plpgsql as " + mark
                + "\nbegin\n" + body + "  return " + row + ";\nend " + mark;
        String trigger = "create trigger " + dialect.quote(name) + " " + when + " "
                + events.stream().map(Event::word).collect(Collectors.joining(" or ")) + " on "
                + dialect.quote(table.name()) + "\n  for each row execute function " + dialect.quote(name) + "()";
        return new Trigger(name, table.name(), purpose, List.of(function, trigger));
    }

    /** What quotes the body of a function and does not stand in it. */
    private static String mark(String body) {
        String mark = "$$";
        for (int i = 1; body.contains(mark); i++) {
            mark = "$body" + i + "$";
        }
        return mark;
    }
}
