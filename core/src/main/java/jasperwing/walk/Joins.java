package jasperwing.walk;

import jasperwing.model.OneOf;
import jasperwing.model.Tie;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Column;
import jasperwing.schema.Dialect;
import jasperwing.schema.ForeignKey;
import jasperwing.schema.Schema;
import jasperwing.schema.Table;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Writes the joins of a path. Aliases are the roles, numbered where one comes twice. */
final class Joins {
    private final Schema schema;
    private final Dialect dialect;
    private final Walk walk;
    private final Identifiers aliases = new Identifiers(30);
    private final StringBuilder joins = new StringBuilder();

    Joins(Schema schema, Walk walk) {
        this.schema = schema;
        this.dialect = schema.dialect();
        this.walk = walk;
    }

    /** A table under the name a statement calls it by. */
    private record Aliased(Table table, String alias) {}

    String sql() {
        Optional<Aliased> first = schema.table(walk.start()).map(t -> aliased(t, Words.snake(walk.start())));
        Optional<Aliased> at = first;
        for (Step step : walk.steps()) {
            at = at.flatMap(a -> join(a, step));
        }
        if (at.isEmpty()) {
            return "";
        }
        boolean several = walk.steps().stream().anyMatch(Step::many);
        Aliased start = first.orElseThrow();
        String key = start.table().primaryKey().stream()
                .map(k -> column(start.alias(), k) + " = ?")
                .collect(Collectors.joining(" and "));
        return "select " + (several ? "distinct " : "") + at.get().alias() + ".*\nfrom " + named(start) + joins
                + (key.isEmpty() ? "" : "\nwhere " + key) + "\n";
    }

    private Aliased aliased(Table table, String wanted) {
        return new Aliased(table, dialect.quote(aliases.take(wanted.isEmpty() ? "row" : wanted)));
    }

    private String named(Aliased table) {
        String name = dialect.quote(table.table().name());
        return name.equals(table.alias()) ? name : name + " " + table.alias();
    }

    private String column(String alias, String name) {
        return alias + "." + dialect.quote(name);
    }

    /** Joins what a step leads to; empty when it is not kept here. */
    private Optional<Aliased> join(Aliased here, Step step) {
        Optional<Aliased> there = schema.table(step.to()).map(t -> aliased(t, Words.snake(step.name())));
        return there.filter(t -> switch (step.way()) {
            case REFERENCE, LINKED_FROM, LINKED_TO -> reference(here, t, role(step), step.to());
            case HOLDERS -> holders(here, t, role(step), step.from());
            case PAIRS, PAIRS_BACK -> pairs(here, t, (Tie) step.relationship(), step.way() == Step.Way.PAIRS);
            case LINK, LINK_BACK -> link(here, t, (Tie) step.relationship(), step.way() == Step.Way.LINK);
        });
    }

    private static Role role(Step step) {
        List<Role> roles = Roles.of(step.relationship());
        return roles.get(step.way() == Step.Way.LINKED_TO ? 1 : 0);
    }

    private boolean reference(Aliased holder, Aliased target, Role role, String entity) {
        return condition(holder, target, role, entity)
                .map(on -> append(target, on))
                .isPresent();
    }

    private boolean holders(Aliased target, Aliased holder, Role role, String entity) {
        return condition(holder, target, role, entity)
                .map(on -> append(holder, on))
                .isPresent();
    }

    private StringBuilder append(Aliased joined, String condition) {
        return joins.append("\njoin ").append(named(joined)).append(" on ").append(condition);
    }

    /** When a row of the holder points to a row of the target. */
    private Optional<String> condition(Aliased holder, Aliased target, Role role, String entity) {
        Optional<String> key = holder.table().foreignKeysOf(role).stream()
                .filter(k -> k.targetEntity().equals(entity))
                .findFirst()
                .map(k -> equal(holder, target, k));
        return key.isPresent() ? key : kindAndId(holder, target, role, entity);
    }

    private String equal(Aliased holder, Aliased target, ForeignKey key) {
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> column(holder.alias(), key.columns().get(i)) + " = "
                        + column(target.alias(), key.targetColumns().get(i)))
                .collect(Collectors.joining(" and "));
    }

    /** A kind and an id are compared as text where the keys of the kinds differ. */
    private Optional<String> kindAndId(Aliased holder, Aliased target, Role role, String entity) {
        List<Column> columns = holder.table().columnsOf(role.name());
        if (!(role.relationship() instanceof OneOf)
                || columns.size() != 2
                || target.table().primaryKey().size() != 1) {
            return Optional.empty();
        }
        String keyName = target.table().primaryKey().get(0);
        String key = column(target.alias(), keyName);
        boolean alike = target.table()
                .column(keyName)
                .map(c -> c.type().equals(columns.get(1).type()))
                .orElse(false);
        return Optional.of(column(holder.alias(), columns.get(0).name()) + " = " + Dialect.literal(entity) + " and "
                + column(holder.alias(), columns.get(1).name()) + " = "
                + (alike ? key : "cast(" + key + " as " + columns.get(1).type() + ")"));
    }

    private boolean pairs(Aliased here, Aliased there, Tie tie, boolean forward) {
        return schema.joinTable(tie)
                .map(t -> between(
                        here,
                        there,
                        t,
                        t.foreignKeys().get(forward ? 0 : 1),
                        t.foreignKeys().get(forward ? 1 : 0)))
                .isPresent();
    }

    private boolean link(Aliased here, Aliased there, Tie tie, boolean forward) {
        List<Role> roles = Roles.of(tie);
        return schema.table(tie.via())
                .flatMap(t -> Stream.of(
                                        t.foreignKeysOf(roles.get(forward ? 0 : 1)),
                                        t.foreignKeysOf(roles.get(forward ? 1 : 0)))
                                .allMatch(k -> k.size() == 1)
                        ? Optional.of(between(
                                here,
                                there,
                                t,
                                t.foreignKeysOf(roles.get(forward ? 0 : 1)).get(0),
                                t.foreignKeysOf(roles.get(forward ? 1 : 0)).get(0)))
                        : Optional.empty())
                .isPresent();
    }

    private StringBuilder between(Aliased here, Aliased there, Table table, ForeignKey toHere, ForeignKey toThere) {
        Aliased middle = aliased(table, table.name());
        append(middle, equal(middle, here, toHere));
        return append(there, equal(middle, there, toThere));
    }
}
