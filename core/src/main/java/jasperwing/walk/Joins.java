package jasperwing.walk;

import jasperwing.derive.RoleJoins;
import jasperwing.derive.RoleJoins.Aliased;
import jasperwing.derive.RoleJoins.Joined;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.model.SortedReading;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Writes the statement that follows a path. */
final class Joins {
    private final RoleJoins joins;
    private final Walk walk;
    private final StringBuilder joined = new StringBuilder();
    private final List<String> orders = new ArrayList<>();
    private final List<String> besides = new ArrayList<>();

    Joins(Schema schema, Walk walk) {
        this.joins = new RoleJoins(schema);
        this.walk = walk;
    }

    /** Reads what the path leads to, in the order the last step asks for. */
    String sql(Design design) {
        return sql(Optional.of(design));
    }

    /** Reads the keys of what the path leads to; blank where that has none. */
    String keys() {
        return sql(Optional.empty());
    }

    /** @param rows the design, when whole rows are read and not keys */
    private String sql(Optional<Design> rows) {
        Optional<Aliased> start = joins.start(walk.start());
        Optional<Aliased> at = start;
        List<Joined> last = List.of();
        for (Step step : walk.steps()) {
            last = at.map(here -> joins.of(here, step)).orElse(List.of());
            last.forEach(this::join);
            at = last.isEmpty() ? Optional.empty() : Optional.of(there(last));
        }
        String read = at.map(there -> rows.isPresent() ? there.alias() + ".*" : key(there))
                .orElse("");
        if (read.isEmpty()) {
            return "";
        }
        if (rows.isPresent() && !last.isEmpty()) {
            order(rows.get(), walk.steps().get(walk.steps().size() - 1), last);
        }
        return statement(start.orElseThrow(), read);
    }

    private static Aliased there(List<Joined> step) {
        return step.get(step.size() - 1).table();
    }

    private String key(Aliased there) {
        return there.table().keyColumns().stream()
                .map(k -> joins.column(there, k))
                .collect(Collectors.joining(", "));
    }

    /** What is ordered by must be read where only different rows are. */
    private String statement(Aliased first, String read) {
        boolean several = walk.steps().stream().anyMatch(Step::many);
        String key = first.table().keyColumns().stream()
                .map(k -> joins.column(first, k) + " = ?")
                .collect(Collectors.joining(" and "));
        String more = several ? besides.stream().map(b -> ", " + b).collect(Collectors.joining()) : "";
        return "select " + (several ? "distinct " : "") + read + more + "\nfrom " + joins.named(first) + joined
                + (key.isEmpty() ? "" : "\nwhere " + key)
                + (orders.isEmpty() ? "" : "\norder by " + String.join(", ", orders)) + "\n";
    }

    private void join(Joined each) {
        joined.append("\njoin ")
                .append(joins.named(each.table()))
                .append(" on ")
                .append(each.condition());
    }

    private void order(Design design, Step step, List<Joined> last) {
        for (SortedReading sorted : step.sorted().stream().toList()) {
            sorted.resolved(design).forEach(key -> order(design, sorted, key, last));
        }
    }

    /** An attribute lies in the row that is read, in that of what it is a kind of, or in that of the link. */
    private void order(Design design, SortedReading sorted, SortedReading.Resolved key, List<Joined> last) {
        Aliased there = there(last);
        boolean ofLink = !key.entity().equals(sorted.many());
        Aliased row = ofLink ? last.get(last.size() - 2).table() : there;
        Optional<String> column = joins.column(design, row, key.path());
        if (column.isEmpty()) {
            Optional<Joined> ancestor = joins.ancestor(row, key.owner(design));
            ancestor.ifPresent(this::join);
            column = ancestor.flatMap(a -> joins.column(design, a.table(), key.path()));
            column.ifPresent(besides::add);
        } else if (ofLink) {
            column.ifPresent(besides::add);
        }
        column.ifPresent(c -> orders.add(c + (key.falling() ? " desc" : "")));
    }
}
