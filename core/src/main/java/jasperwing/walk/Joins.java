package jasperwing.walk;

import jasperwing.derive.RoleJoins;
import jasperwing.derive.RoleJoins.Aliased;
import jasperwing.derive.RoleJoins.Joined;
import jasperwing.derive.Schema;
import jasperwing.model.Sorting;
import jasperwing.naming.Step;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Writes the statement that follows a path. */
final class Joins {
    private final RoleJoins joins;
    private final Walk walk;

    Joins(Schema schema, Walk walk) {
        this.joins = new RoleJoins(schema);
        this.walk = walk;
    }

    /** Reads what the path leads to. */
    String sql() {
        return sql(there -> there.alias() + ".*", this::order);
    }

    /** Reads the keys of what the path leads to; blank where that has none. */
    String keys() {
        return sql(
                there -> there.table().keyColumns().stream()
                        .map(k -> joins.column(there, k))
                        .collect(Collectors.joining(", ")),
                there -> "");
    }

    /** The order the last step asks for, on a line of its own; blank where it asks for none. */
    private String order(Aliased there) {
        List<Step> steps = walk.steps();
        Optional<Sorting> sorting =
                steps.isEmpty() ? Optional.empty() : steps.get(steps.size() - 1).sorting();
        return sorting.flatMap(s -> there.table().columnsOf(s.attribute()).stream()
                        .findFirst()
                        .map(c -> "\norder by " + joins.column(there, c.name()) + (s.falling() ? " desc" : "")))
                .orElse("");
    }

    private String sql(Function<Aliased, String> read, Function<Aliased, String> order) {
        Optional<Aliased> start = joins.start(walk.start());
        StringBuilder lines = new StringBuilder();
        Optional<Aliased> at = start;
        for (Step step : walk.steps()) {
            at = at.flatMap(here -> joined(lines, joins.of(here, step)));
        }
        if (at.isEmpty() || read.apply(at.get()).isEmpty()) {
            return "";
        }
        boolean several = walk.steps().stream().anyMatch(Step::many);
        Aliased first = start.orElseThrow();
        String key = first.table().keyColumns().stream()
                .map(k -> joins.column(first, k) + " = ?")
                .collect(Collectors.joining(" and "));
        return "select " + (several ? "distinct " : "") + read.apply(at.get()) + "\nfrom " + joins.named(first) + lines
                + (key.isEmpty() ? "" : "\nwhere " + key) + order.apply(at.get()) + "\n";
    }

    /** Writes what a step joins. @return the last of it */
    private Optional<Aliased> joined(StringBuilder lines, List<Joined> step) {
        for (Joined each : step) {
            lines.append("\njoin ")
                    .append(joins.named(each.table()))
                    .append(" on ")
                    .append(each.condition());
        }
        return step.isEmpty()
                ? Optional.empty()
                : Optional.of(step.get(step.size() - 1).table());
    }
}
