package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.naming.Identifiers;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Trigger;
import jasperwing.physical.Trigger.Event;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Gathers triggers for one dialect, each under a name of its own; none where there are none in SQL. */
final class TriggerWriter {
    /** Short enough for every database. */
    private static final int NAME_LIMIT = 63;

    private final Dialect dialect;
    private final Identifiers names = new Identifiers(NAME_LIMIT);
    private final List<Trigger> triggers = new ArrayList<>();

    TriggerWriter(Dialect dialect) {
        this.dialect = dialect;
    }

    List<Trigger> triggers() {
        return List.copyOf(triggers);
    }

    /**
     * Refuses what is done to a row while a condition is met.
     *
     * @param condition of {@code new} and {@code old}
     */
    void refuse(String wanted, DerivedTable table, List<Event> events, String condition, String message) {
        Trigger.Action action = new Trigger.Action.Refuse(SqlExpression.of(condition), message);
        dialect.triggers().ifPresent(sql -> {
            if (sql.takesSeveralEvents() || events.size() == 1) {
                add(wanted, table, message, events, action);
            } else {
                events.forEach(
                        e -> add(wanted + "_" + e.name().toLowerCase(Locale.ROOT), table, message, List.of(e), action));
            }
        });
    }

    /** Does something after a row is deleted or changed. */
    void after(Event event, String wanted, DerivedTable table, String statement, String purpose) {
        if (dialect.triggers().isPresent()) {
            add(wanted, table, purpose, List.of(event), new Trigger.Action.Execute(statement));
        }
    }

    private void add(String wanted, DerivedTable table, String purpose, List<Event> events, Trigger.Action action) {
        triggers.add(new Trigger(names.take(wanted), table.name(), purpose, events, action));
    }
}
