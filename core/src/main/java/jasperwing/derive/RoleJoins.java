package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Step;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The tables a step along a role joins, and on what. Aliases are the roles, numbered where one comes twice. */
public final class RoleJoins {
    private static final Set<Step.Way> HELD = Set.of(Step.Way.REFERENCE, Step.Way.LINKED_FROM, Step.Way.LINKED_TO);

    private final Schema schema;
    private final Dialect dialect;
    private final Identifiers aliases = new Identifiers(30);

    public RoleJoins(Schema schema) {
        this.schema = schema;
        this.dialect = schema.dialect();
    }

    /** A table under the name a statement calls it by; the alias is quoted where it must be. */
    public record Aliased(DerivedTable table, String alias) {}

    /** A table that is joined, and the condition it is joined on. */
    public record Joined(Aliased table, String condition) {}

    /** What all rows of an entity can be read from in this database, its own table or one of others. */
    private Optional<DerivedTable> rows(String entity) {
        return schema.rows(entity).or(() -> schema.tableOfAny(entity));
    }

    /** The table of an entity; empty where it is in another system. */
    public Optional<Aliased> start(String entity) {
        return rows(entity).map(t -> aliased(t, Words.snake(entity)));
    }

    private Aliased aliased(DerivedTable table, String wanted) {
        return new Aliased(table, dialect.quote(aliases.take(wanted.isEmpty() ? "row" : wanted)));
    }

    /** A table that a statement knows already by a name. */
    Aliased under(DerivedTable table, String alias) {
        aliases.take(table.name());
        return new Aliased(table, alias);
    }

    /** How a statement names a table for the first time. */
    public String named(Aliased table) {
        String name = dialect.quote(table.table().table());
        boolean own = dialect.quote(table.table().name()).equals(table.alias());
        return own ? name : name + " " + table.alias();
    }

    public String column(Aliased table, String name) {
        return table.alias() + "." + dialect.quote(name);
    }

    /** An attribute, or a part of its value, as a statement names it; empty where a row has no column for it. */
    public Optional<String> column(Design design, Aliased row, List<Attribute> path) {
        List<String> columns = row.table().columnsOf(path.get(0).name()).stream()
                .map(Column::name)
                .toList();
        return FormulaSql.find(design, columns, path).map(c -> column(row, c));
    }

    /** What a step joins, that which it leads to last; empty when that is in another system. */
    public List<Joined> of(Aliased here, Step step) {
        return rows(step.to()).map(t -> joined(here, t, step)).orElse(List.of());
    }

    /** A reference a kind has from what it is a kind of lies in the row of that one. */
    private List<Joined> joined(Aliased here, DerivedTable target, Step step) {
        boolean held = HELD.contains(step.way());
        Optional<Joined> ancestor = held ? ancestor(here, step.from()) : Optional.empty();
        Aliased from = ancestor.map(Joined::table).orElse(here);
        List<Joined> joined = joined(from, aliased(target, Words.snake(step.name())), step).stream()
                .map(j -> new Joined(
                        j.table(),
                        j.condition() + ofKind(j.table()).map(c -> " and " + c).orElse("")))
                .toList();
        return joined.isEmpty()
                ? joined
                : Stream.concat(ancestor.stream(), joined.stream()).toList();
    }

    /** That a row is of the kind it is read as; empty where all rows are. */
    public Optional<String> ofKind(Aliased row) {
        return row.table()
                .kinds()
                .filter(k -> k.others() && !k.names().isEmpty())
                .map(k -> column(row, k.column()) + " in ("
                        + k.names().stream().map(dialect::literal).collect(Collectors.joining(", ")) + ")");
    }

    /** The row of what a kind is a kind of, where that lies in a table of its own. */
    public Optional<Joined> ancestor(Aliased here, String entity) {
        boolean its = here.table().source() instanceof DerivedTable.Source.OfEntity of
                && !of.entity().equals(entity)
                && here.table().references().stream()
                        .anyMatch(k -> k.role().isEmpty()
                                && k.columns().equals(here.table().keyColumns()));
        return its
                ? schema.table(entity)
                        .filter(t -> isKeyedAlike(t, here.table()))
                        .map(t -> {
                            Aliased there = aliased(t, Words.snake(entity));
                            return new Joined(there, sameKey(there, here));
                        })
                : Optional.empty();
    }

    private static boolean isKeyedAlike(DerivedTable one, DerivedTable other) {
        return one.keyColumns().size() == other.keyColumns().size();
    }

    private String sameKey(Aliased one, Aliased other) {
        return IntStream.range(0, one.table().keyColumns().size())
                .mapToObj(i -> column(one, one.table().keyColumns().get(i)) + " = "
                        + column(other, other.table().keyColumns().get(i)))
                .collect(Collectors.joining(" and "));
    }

    private List<Joined> joined(Aliased here, Aliased there, Step step) {
        return switch (step.way()) {
            case REFERENCE, LINKED_FROM, LINKED_TO -> one(there, condition(here, there, role(step), step.to()));
            case HOLDERS -> one(there, condition(there, here, role(step), step.from()));
            case PAIRS, PAIRS_BACK -> step.relationship()
                    .match(t -> pairs(here, there, t, step.way() == Step.Way.PAIRS), oneOf -> List.of());
            case LINK, LINK_BACK -> step.relationship()
                    .match(t -> link(here, there, t, step.way() == Step.Way.LINK), oneOf -> List.of());
        };
    }

    private static List<Joined> one(Aliased table, Optional<String> condition) {
        return condition.map(c -> List.of(new Joined(table, c))).orElse(List.of());
    }

    private static Role role(Step step) {
        List<Role> roles = Roles.of(step.relationship());
        return roles.get(step.way() == Step.Way.LINKED_TO ? 1 : 0);
    }

    /** When a row of the holder points to a row of the target. */
    private Optional<String> condition(Aliased holder, Aliased target, Role role, String entity) {
        Optional<String> key = holder.table().referencesOf(role).stream()
                .filter(k -> k.targetEntity().equals(entity))
                .findFirst()
                .map(k -> equal(holder, target, k));
        return key.isPresent() ? key : kindAndId(holder, target, role, entity);
    }

    private String equal(Aliased holder, Aliased target, Reference key) {
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> column(holder, key.columns().get(i)) + " = "
                        + column(target, key.targetColumns().get(i)))
                .collect(Collectors.joining(" and "));
    }

    /** A kind and an id are compared as text where the keys of the kinds differ. */
    private Optional<String> kindAndId(Aliased holder, Aliased target, Role role, String entity) {
        List<Column> columns = holder.table().columnsOf(role.name());
        if (!(role.relationship() instanceof PolymorphicRelationship)
                || columns.size() != 2
                || target.table().keyColumns().size() != 1) {
            return Optional.empty();
        }
        String keyName = target.table().keyColumns().get(0);
        String key = column(target, keyName);
        boolean alike = target.table()
                .column(keyName)
                .map(c -> c.type().equals(columns.get(1).type()))
                .orElse(false);
        return Optional.of(column(holder, columns.get(0).name()) + " = " + dialect.literal(entity) + " and "
                + column(holder, columns.get(1).name()) + " = "
                + (alike ? key : "cast(" + key + " as " + dialect.textCast() + ")"));
    }

    private List<Joined> pairs(Aliased here, Aliased there, BinaryRelationship binary, boolean forward) {
        return schema.joinTable(binary)
                .map(t -> between(
                        here,
                        there,
                        t,
                        t.references().get(forward ? 0 : 1),
                        t.references().get(forward ? 1 : 0)))
                .orElse(List.of());
    }

    private List<Joined> link(Aliased here, Aliased there, BinaryRelationship binary, boolean forward) {
        List<Role> roles = Roles.of(binary);
        return schema.table(binary.via())
                .filter(t -> roles.stream().allMatch(r -> t.referencesOf(r).size() == 1))
                .map(t -> between(
                        here,
                        there,
                        t,
                        t.referencesOf(roles.get(forward ? 0 : 1)).get(0),
                        t.referencesOf(roles.get(forward ? 1 : 0)).get(0)))
                .orElse(List.of());
    }

    private List<Joined> between(Aliased here, Aliased there, DerivedTable table, Reference toHere, Reference toThere) {
        Aliased middle = aliased(table, table.name());
        return Stream.of(
                        new Joined(middle, equal(middle, here, toHere)),
                        new Joined(there, equal(middle, there, toThere)))
                .toList();
    }
}
