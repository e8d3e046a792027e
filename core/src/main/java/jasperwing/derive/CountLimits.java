package jasperwing.derive;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Trigger.Event;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Triggers for how many there can be of many: no constraint counts rows. */
final class CountLimits {
    /**
     * A limit.
     *
     * @param table whose rows are counted
     * @param columns by which they refer to what can have so many of them
     * @param most how many
     */
    private record Limit(DerivedTable table, List<String> columns, int most) {}

    private final Design design;
    private final Schema schema;
    private final TriggerWriter out;

    CountLimits(Design design, Schema schema, TriggerWriter out) {
        this.design = design;
        this.schema = schema;
        this.out = out;
    }

    void write(Relationship relationship) {
        limits(relationship).forEach(this::write);
    }

    private List<Limit> limits(Relationship relationship) {
        List<Limit> limits = new ArrayList<>();
        int forward = relationship.forward().most();
        int back = relationship.back().map(Reading::most).orElse(0);
        relationship.visit(
                binary -> {
                    switch (binary.shape()) {
                        case MANY_TO_MANY -> schema.joinTable(binary).ifPresent(t -> {
                            add(limits, t, t.references().get(0).columns(), forward);
                            add(limits, t, t.references().get(1).columns(), back);
                        });
                        case LINKED -> link(limits, binary, forward, back);
                        default -> held(limits, Roles.of(binary).get(0), binary.fromHolds() ? back : forward);
                    }
                },
                oneOf -> held(limits, Roles.of(oneOf).get(0), back));
        return limits;
    }

    private void link(List<Limit> limits, BinaryRelationship binary, int forward, int back) {
        List<Role> roles = Roles.of(binary);
        held(limits, roles.get(0), forward);
        held(limits, roles.get(1), back);
    }

    /** Of a one-of with a column for each, by each of them; of a kind and an id, by both columns. */
    private void held(List<Limit> limits, Role role, int most) {
        for (DerivedTable table : schema.tablesOf(design, role.holder())) {
            Optional<DerivedTable> whole = schema.named(table.name());
            List<Reference> references = table.referencesOf(role);
            Stream<List<String>> columns = references.isEmpty()
                    ? Stream.of(table.columnsOf(role.name()).stream()
                            .map(c -> c.name())
                            .toList())
                    : references.stream().map(Reference::columns);
            whole.ifPresent(t -> columns.forEach(c -> add(limits, t, c, most)));
        }
    }

    private static void add(List<Limit> limits, DerivedTable table, List<String> columns, int most) {
        if (most > 0 && !columns.isEmpty()) {
            limits.add(new Limit(table, columns, most));
        }
    }

    private void write(Limit limit) {
        String name = limit.table().name() + "_of_" + String.join("_", limit.columns());
        String message = "at most " + limit.most() + " rows of " + limit.table().name() + " can have the same "
                + String.join(", ", limit.columns());
        String full =
                "(select count(*) from " + schema.dialect().quote(limit.table().table()) + " t where "
                        + same(limit, "t.") + ") >= " + limit.most();
        out.refuse("limit_" + name + "_insert", limit.table(), List.of(Event.INSERT), full, message);
        String moved = "not (" + same(limit, "old.") + ") or " + anyNull(limit);
        out.refuse(
                "limit_" + name + "_update",
                limit.table(),
                List.of(Event.UPDATE),
                "(" + moved + ") and " + full,
                message);
    }

    private String same(Limit limit, String row) {
        return limit.columns().stream()
                .map(c -> row + quote(c) + " = new." + quote(c))
                .collect(Collectors.joining(" and "));
    }

    private String anyNull(Limit limit) {
        return limit.columns().stream().map(c -> "old." + quote(c) + " is null").collect(Collectors.joining(" or "));
    }

    private String quote(String name) {
        return schema.dialect().quote(name);
    }
}
