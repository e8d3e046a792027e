package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.RowRules;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.RowRule;
import jasperwing.model.StorageNotes;
import jasperwing.naming.Roles;
import jasperwing.physical.Check;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Names given for the database that nothing has there: what they name is not written, or the name is too long or taken. */
final class GivenNameRules {
    /**
     * A name that is given.
     *
     * @param what it is the name of
     * @param away takes it away
     */
    private record Given(Subject subject, String name, String what, Edit away) {}

    private final Checked checked;
    private final Schema schema;
    private final Consumer<Finding> found;
    private final Set<String> used = new HashSet<>();

    private GivenNameRules(Checked checked, Consumer<Finding> found) {
        this.checked = checked;
        this.schema = checked.schema();
        this.found = found;
    }

    static void check(Checked checked, Consumer<Finding> found) {
        GivenNameRules rules = new GivenNameRules(checked, found);
        checked.design().relationships().forEach(rules::relationship);
        List<Given> constraints = new ArrayList<>();
        checked.design().entities().forEach(e -> constraints.addAll(rules.ofEntity(e)));
        checked.design().relationships().forEach(r -> constraints.addAll(foreignKeys(r)));
        if (!constraints.isEmpty()) {
            rules.constraints(constraints);
        }
    }

    private void relationship(Relationship relationship) {
        StorageNotes stored = relationship.notes().stored();
        if (stored.equals(StorageNotes.NONE)) {
            return;
        }
        Subject subject = subject(relationship);
        List<DerivedTable> tables = tables(relationship);
        if (!stored.name().isEmpty() && tables.stream().noneMatch(t -> isJoin(t, stored.name()))) {
            tell(new Given(subject, stored.name(), "a join table", change(relationship, s -> s.withName(""))));
        }
        stored.columns().stream()
                .filter(c -> tables.stream().noneMatch(t -> t.column(c).isPresent()))
                .forEach(c -> tell(new Given(
                        subject, c, "a column", change(relationship, s -> s.withColumns(without(s.columns(), c))))));
    }

    private static boolean isJoin(DerivedTable table, String name) {
        return table.source() instanceof DerivedTable.Source.OfJoin
                && table.name().equals(name);
    }

    /** The tables that hold its references. */
    private List<DerivedTable> tables(Relationship relationship) {
        Stream<DerivedTable> joins =
                relationship.match(binary -> schema.joinTable(binary).stream(), oneOf -> Stream.<DerivedTable>empty());
        Stream<DerivedTable> holders =
                Roles.of(relationship).stream().flatMap(r -> schema.tablesOf(checked.design(), r.holder()).stream());
        return Stream.concat(joins, holders).toList();
    }

    private List<Given> ofEntity(Entity entity) {
        List<Given> all = new ArrayList<>();
        if (!entity.outside()) {
            add(
                    all,
                    entity,
                    entity.key().constraint(),
                    "the key",
                    e -> e.withKey(e.key().withConstraint("")));
            members(all, entity);
            rules(all, entity);
        }
        return all;
    }

    private static void members(List<Given> all, Entity entity) {
        for (Members unique : entity.uniques()) {
            add(
                    all,
                    entity,
                    unique.constraint(),
                    "a unique constraint",
                    e -> e.withUniques(changed(e.uniques(), unique, u -> u.withConstraint(""))));
        }
        for (Indexing index : entity.indexes()) {
            String what = index.unique() ? "a unique constraint" : "an index";
            add(
                    all,
                    entity,
                    index.members().constraint(),
                    what,
                    e -> e.withIndexes(changed(
                            e.indexes(), index, i -> i.withMembers(i.members().withConstraint("")))));
        }
    }

    /** Those that triggers hold give the names to these. */
    private void rules(List<Given> all, Entity entity) {
        Design whole = checked.design().whole();
        Entity filled = whole.entity(entity.name()).orElse(entity);
        for (RowRule rule : entity.rules()) {
            if (RowRules.holder(whole, checked.dialect(), filled, rule) != RowRules.Holder.TRIGGER) {
                add(
                        all,
                        entity,
                        rule.constraint(),
                        "a rule",
                        e -> e.withRules(changed(e.rules(), rule, r -> r.withConstraint(""))));
            }
        }
    }

    private static <T> List<T> changed(List<T> all, T one, UnaryOperator<T> change) {
        return all.stream().map(t -> t.equals(one) ? change.apply(t) : t).toList();
    }

    private static void add(List<Given> all, Entity entity, String name, String what, UnaryOperator<Entity> away) {
        if (!name.isEmpty()) {
            all.add(new Given(
                    Subject.of(entity.name()),
                    name,
                    what + " of " + entity.name(),
                    EntityEdits.change(entity.name(), away)));
        }
    }

    private static List<Given> foreignKeys(Relationship relationship) {
        return relationship.notes().stored().constraints().stream()
                .map(c -> new Given(
                        subject(relationship),
                        c,
                        "a foreign key",
                        change(relationship, s -> s.withConstraints(without(s.constraints(), c)))))
                .toList();
    }

    private void constraints(List<Given> given) {
        Set<String> there = new HashSet<>();
        schema.tables().forEach(t -> there.addAll(names(t)));
        for (Given each : given) {
            boolean first = used.add(each.name().toLowerCase(Locale.ROOT));
            if (!first || !there.contains(each.name())) {
                tell(each);
            }
        }
    }

    private static List<String> names(DerivedTable table) {
        List<String> names = new ArrayList<>();
        table.table().primaryKey().map(PrimaryKey::name).ifPresent(names::add);
        table.references().stream().map(Reference::name).forEach(names::add);
        table.uniqueKeys().forEach(u -> names.add(u.name()));
        table.table().checks().stream().map(Check::name).forEach(names::add);
        table.guards().stream().map(Check::name).forEach(names::add);
        table.table().exclusions().stream().map(ExclusionConstraint::name).forEach(names::add);
        table.indexes().stream().map(Index::name).forEach(names::add);
        return names;
    }

    private void tell(Given given) {
        found.accept(new Finding(
                Rule.NAME_NOT_USED,
                given.subject(),
                given.name() + " is given as the name of " + given.what() + ", and nothing is called so in "
                        + checked.dialect().title() + ".",
                "There is nothing of the kind to name, or the name is too long or taken.",
                List.of(new Fix("Take the name away", given.away()))));
    }

    private static Subject subject(Relationship relationship) {
        return Subject.of(relationship, Roles.forward(relationship));
    }

    private static Edit change(Relationship relationship, UnaryOperator<StorageNotes> change) {
        return RelationshipEdits.replace(
                relationship,
                relationship.withNotes(relationship
                        .notes()
                        .withStored(change.apply(relationship.notes().stored()))));
    }

    private static List<String> without(List<String> names, String name) {
        List<String> rest = new ArrayList<>(names);
        rest.remove(rest.lastIndexOf(name));
        return rest;
    }
}
