package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.KindsKept;
import jasperwing.model.Relationship;
import jasperwing.physical.Trigger;
import jasperwing.physical.Trigger.Event;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Triggers for what a design states and no constraint of its tables can hold: references by a kind and an id, to rows in several tables
 * or to one of several kinds in a table, and that a row of a family is of one kind.
 *
 * <pre>{@code
 * GuardTriggers.script(schema, GuardTriggers.of(design, schema)).text(); // to be run after the tables
 * }</pre>
 */
public final class GuardTriggers {
    private static final List<Event> WRITTEN = List.of(Event.INSERT, Event.UPDATE);

    private final Design design;
    private final Schema schema;
    private final Dialect dialect;
    private final TriggerWriter out;

    private GuardTriggers(Design design, Schema schema) {
        this.design = design;
        this.schema = schema;
        this.dialect = schema.dialect();
        this.out = new TriggerWriter(dialect);
    }

    /** Whether triggers can be written in SQL. */
    public static boolean areIn(Dialect dialect) {
        return dialect.triggers().isPresent();
    }

    /** All that a schema can have; none in a dialect without triggers in SQL, and none where constraints hold everything. */
    public static List<Trigger> of(Design design, Schema schema) {
        Design whole = design.whole();
        GuardTriggers triggers = new GuardTriggers(whole, schema);
        LooseReference.all(whole, schema).forEach(triggers::reference);
        whole.entities().forEach(triggers::kinds);
        schema.tables().forEach(triggers::checks);
        RuleTriggers rules = new RuleTriggers(whole, schema, triggers.out);
        whole.entities().forEach(e -> rules.of(e, false));
        CountLimits limits = new CountLimits(whole, schema, triggers.out);
        whole.relationships().forEach(limits::write);
        return triggers.out.triggers();
    }

    /** Those that hold how many there can be of many. */
    public static List<Trigger> ofLimits(Design design, Schema schema, Relationship relationship) {
        TriggerWriter out = new TriggerWriter(schema.dialect());
        new CountLimits(design.whole(), schema, out).write(relationship);
        return out.triggers();
    }

    /** Those alone that the design asks for: of rules it says are held by triggers. */
    public static List<Trigger> asked(Design design, Schema schema) {
        TriggerWriter out = new TriggerWriter(schema.dialect());
        Design whole = design.whole();
        RuleTriggers rules = new RuleTriggers(whole, schema, out);
        whole.entities().forEach(e -> rules.of(e, true));
        return out.triggers();
    }

    /** Those that hold the rules of one entity. */
    public static List<Trigger> ofRules(Design design, Schema schema, String entity) {
        GuardTriggers triggers = new GuardTriggers(design.whole(), schema);
        checksOf(triggers, schema, entity);
        RuleTriggers rules = new RuleTriggers(triggers.design, schema, triggers.out);
        triggers.design.entity(entity).ifPresent(e -> rules.of(e, false));
        return triggers.out.triggers();
    }

    /** Those that check rows of the entity's table where the dialect takes no check constraint. */
    public static List<Trigger> ofChecks(Design design, Schema schema, String entity) {
        GuardTriggers triggers = new GuardTriggers(design.whole(), schema);
        checksOf(triggers, schema, entity);
        return triggers.out.triggers();
    }

    private static void checksOf(GuardTriggers triggers, Schema schema, String entity) {
        schema.tablesOf(triggers.design, entity).stream()
                .flatMap(t -> schema.named(t.name()).stream())
                .forEach(triggers::checks);
    }

    /** Those that hold one reference. */
    public static List<Trigger> of(Design design, Schema schema, LooseReference reference) {
        GuardTriggers triggers = new GuardTriggers(design.whole(), schema);
        triggers.reference(reference);
        return triggers.out.triggers();
    }

    /** Those that hold that each row of an entity's family is of one kind; the entity is the one all others are a kind of. */
    public static List<Trigger> ofKinds(Design design, Schema schema, Entity root) {
        Design whole = design.whole();
        GuardTriggers triggers = new GuardTriggers(whole, schema);
        triggers.kinds(root);
        InheritanceTree.descendants(whole, root.name()).forEach(triggers::kinds);
        return triggers.out.triggers();
    }

    /** A script that a command line client of the database takes; empty without triggers. */
    public static SqlScript script(Schema schema, List<Trigger> triggers) {
        return SqlWriter.triggers(schema, triggers);
    }

    private String quote(String name) {
        return dialect.quote(name);
    }

    private void checks(DerivedTable table) {
        table.guards()
                .forEach(c -> out.refuse(
                        c.name(),
                        table,
                        WRITTEN,
                        "not (" + c.condition().sql() + ")",
                        "constraint " + c.name() + " is violated"));
    }

    private void reference(LooseReference reference) {
        DerivedTable holder = reference.holder();
        String filled = reference.columns().stream()
                .map(c -> "new." + quote(c) + " is not null")
                .collect(Collectors.joining(" and "));
        out.refuse(
                "check_" + holder.name() + "_" + reference.columns().get(0),
                holder,
                WRITTEN,
                filled + " and not (" + reference.reached("new.") + ")",
                holder.name() + "." + String.join(", ", reference.columns()) + " must refer to an existing row of "
                        + places(reference));
        Set<String> done = new HashSet<>();
        for (LooseReference.Place place : reference.places()) {
            if (!place.held()) {
                deleted(reference, place);
                if (done.add(place.table().name())) {
                    changed(reference, place);
                }
            }
        }
        reference.places().stream().filter(LooseReference.Place::held).forEach(p -> otherKind(reference, p));
    }

    private static String places(LooseReference reference) {
        return reference.places().stream()
                .map(p -> p.table().name()
                        + p.table()
                                .kinds()
                                .filter(DerivedTable.Kinds::others)
                                .map(k -> " whose " + k.column() + " is " + String.join(" or ", k.names()))
                                .orElse(""))
                .distinct()
                .collect(Collectors.joining(" or "));
    }

    private void deleted(LooseReference reference, LooseReference.Place place) {
        DerivedTable holder = reference.holder();
        String rows = dialect.quote(holder.table());
        String pointing = place.condition().apply(quote(holder.name()) + ".", "old.");
        String name = place.table().name() + "_of_" + holder.name() + "_"
                + reference.columns().get(0);
        DeleteRule rule = rule(reference, place);
        if (rule == DeleteRule.REFUSE) {
            out.refuse(
                    "keep_" + name,
                    place.table(),
                    List.of(Event.DELETE),
                    "exists (select 1 from " + rows + " where " + pointing + ")",
                    holder.name() + " has rows that refer to this row of "
                            + place.table().name());
            return;
        }
        boolean deletes = rule == DeleteRule.DELETE_TOO;
        out.after(
                Event.DELETE,
                (deletes ? "delete_" : "empty_") + name,
                place.table(),
                (deletes ? "delete from " + rows : "update " + rows + " set " + emptied(reference)) + " where "
                        + pointing,
                (deletes ? "Deletes the rows of " : "Sets to null the references in ") + holder.name()
                        + " that refer to a deleted row of " + place.table().name());
    }

    private DeleteRule rule(LooseReference reference, LooseReference.Place place) {
        return canChange(reference, place) ? place.rule() : DeleteRule.REFUSE;
    }

    /** Whether a trigger of the table referred to can change rows of the holder: not in every dialect where both are one. */
    private boolean canChange(LooseReference reference, LooseReference.Place place) {
        boolean itself = place.table().name().equals(reference.holder().name());
        return !itself || dialect.triggers().filter(t -> !t.changesItsTable()).isEmpty();
    }

    private void changed(LooseReference reference, LooseReference.Place place) {
        DerivedTable holder = reference.holder();
        String name = place.table().name() + "_of_" + holder.name() + "_"
                + reference.columns().get(0);
        String moved = place.key().stream()
                .map(k -> "old." + quote(k) + " <> new." + quote(k))
                .collect(Collectors.joining(" or "));
        boolean refuses = place.keyChange() == KeyChangeRule.REFUSE || !canChange(reference, place);
        if (refuses) {
            out.refuse(
                    "keep_key_of_" + name,
                    place.table(),
                    List.of(Event.UPDATE),
                    "(" + moved + ") and exists (select 1 from " + dialect.quote(holder.table()) + " where "
                            + place.condition().apply(quote(holder.name()) + ".", "old.") + ")",
                    holder.name() + " has rows that refer to this row of "
                            + place.table().name());
            return;
        }
        boolean follows = place.keyChange() == KeyChangeRule.FOLLOW;
        String set = follows ? followed(reference, place) : emptied(reference);
        out.after(
                Event.UPDATE,
                (follows ? "follow_key_of_" : "empty_key_of_") + name,
                place.table(),
                "update " + dialect.quote(holder.table()) + " set " + set + " where ("
                        + moved + ") and "
                        + place.condition().apply(quote(holder.name()) + ".", "old."),
                (follows ? "Lets the references in " : "Sets to null the references in ")
                        + holder.name()
                        + (follows
                                ? " follow the changed key of a row of "
                                : " that refer to a row with a changed key of ")
                        + place.table().name());
    }

    private String emptied(LooseReference reference) {
        return reference.columns().stream().map(c -> quote(c) + " = null").collect(Collectors.joining(", "));
    }

    /** The references with the new key; of a kind and an id the id alone, as text where it is no such key. */
    private String followed(LooseReference reference, LooseReference.Place place) {
        List<String> columns = reference.columns();
        List<String> key = place.key();
        int first = columns.size() - key.size();
        return IntStream.range(0, key.size())
                .mapToObj(i -> quote(columns.get(first + i)) + " = "
                        + asKept(reference.holder(), columns.get(first + i), place.table(), key.get(i)))
                .collect(Collectors.joining(", "));
    }

    private String asKept(DerivedTable holder, String column, DerivedTable target, String key) {
        boolean alike = holder.column(column)
                .flatMap(c -> target.column(key).map(k -> k.type().equals(c.type())))
                .orElse(true);
        String value = "new." + quote(key);
        return alike ? value : "cast(" + value + " as " + dialect.textCast() + ")";
    }

    /** A row that is referred to as one kind stays of that kind. */
    private void otherKind(LooseReference reference, LooseReference.Place place) {
        place.table().kinds().ifPresent(kinds -> {
            DerivedTable holder = reference.holder();
            out.refuse(
                    "keep_kind_of_" + place.table().name() + "_of_" + holder.name() + "_"
                            + reference.columns().get(0),
                    place.table(),
                    List.of(Event.UPDATE),
                    "new." + quote(kinds.column()) + " not in (" + list(kinds.names()) + ") and exists (select 1 from "
                            + dialect.quote(holder.table()) + " where "
                            + place.condition().apply(quote(holder.name()) + ".", "old.") + ")",
                    holder.name() + " has rows that refer to this row as " + String.join(" or ", kinds.names()));
        });
    }

    private String list(List<String> texts) {
        return texts.stream().map(dialect::literal).collect(Collectors.joining(", "));
    }

    private void kinds(Entity entity) {
        boolean isKind = design.parent(entity.name()).isPresent();
        if (isKind && InheritanceTree.isKept(design, entity.name(), KindsKept.TABLE_EACH)) {
            tableOfKind(entity);
        } else if (!design.kinds(entity.name()).isEmpty()
                && InheritanceTree.isKept(design, entity.name(), KindsKept.COMPLETE_TABLES)) {
            completeTables(entity);
        }
    }

    /** A row in the table of a kind is of that kind, and stays of it. */
    private void tableOfKind(Entity kind) {
        DerivedTable own = schema.table(kind.name()).orElse(null);
        DerivedTable root =
                schema.table(InheritanceTree.root(design, kind.name())).orElse(null);
        boolean keyedAlike = own != null
                && root != null
                && !own.keyColumns().isEmpty()
                && own.keyColumns().size() == root.keyColumns().size();
        List<String> names = InheritanceTree.withRows(design, kind).stream()
                .map(Entity::name)
                .toList();
        if (keyedAlike && root.kinds().isPresent() && !names.isEmpty()) {
            tableOfKind(own, root, root.kinds().get(), names);
        }
    }

    private void tableOfKind(DerivedTable own, DerivedTable root, DerivedTable.Kinds kinds, List<String> names) {
        String of = quote(kinds.column()) + " in (" + list(names) + ")";
        out.refuse(
                "check_kind_of_" + own.name(),
                own,
                WRITTEN,
                "not exists (select 1 from " + dialect.quote(root.table()) + " t where "
                        + same("t.", root.keyColumns(), "new.", own.keyColumns()) + " and t." + of + ")",
                "a row of " + own.name() + " must have a row of " + root.name() + " whose " + kinds.column() + " is "
                        + String.join(" or ", names));
        out.refuse(
                "keep_kind_of_" + own.name(),
                root,
                List.of(Event.UPDATE),
                "new." + quote(kinds.column()) + " not in (" + list(names) + ") and exists (select 1 from "
                        + dialect.quote(own.table()) + " t where "
                        + same("t.", own.keyColumns(), "old.", root.keyColumns())
                        + ")",
                "a row of " + root.name() + " with a row in " + own.name() + " must stay "
                        + String.join(" or ", names));
    }

    private String same(String one, List<String> columns, String other, List<String> others) {
        List<String> equal = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            equal.add(one + quote(columns.get(i)) + " = " + other + quote(others.get(i)));
        }
        return String.join(" and ", equal);
    }

    /** No two tables of kinds have a row with the same key, or the same in what is unique among all of them. */
    private void completeTables(Entity entity) {
        DerivedTable shape = schema.table(entity.name()).orElse(null);
        List<DerivedTable> tables = schema.tablesOf(design, entity.name());
        if (shape == null || tables.size() < 2) {
            return;
        }
        Set<List<String>> inherited = design.parent(entity.name())
                .flatMap(p -> schema.table(p.name()))
                .map(GuardTriggers::distinct)
                .orElse(Set.of());
        for (List<String> columns : distinct(shape)) {
            if (!inherited.contains(columns)) {
                tables.forEach(t -> apart(t, tables, columns));
            }
        }
    }

    private static Set<List<String>> distinct(DerivedTable table) {
        Set<List<String>> all = new LinkedHashSet<>();
        if (!table.keyColumns().isEmpty()) {
            all.add(table.keyColumns());
        }
        table.uniqueKeys().forEach(u -> all.add(u.columns()));
        return all;
    }

    private void apart(DerivedTable table, List<DerivedTable> tables, List<String> columns) {
        String taken = tables.stream()
                .filter(t -> !t.name().equals(table.name())
                        && columns.stream().allMatch(c -> t.column(c).isPresent()))
                .map(t -> "exists (select 1 from " + dialect.quote(t.table()) + " t where "
                        + same("t.", columns, "new.", columns) + ")")
                .collect(Collectors.joining("\n  or "));
        if (taken.isEmpty() || columns.stream().anyMatch(c -> table.column(c).isEmpty())) {
            return;
        }
        out.refuse(
                "check_" + table.name() + "_" + String.join("_", columns),
                table,
                WRITTEN,
                taken,
                String.join(", ", columns) + " must be unique among "
                        + tables.stream().map(DerivedTable::name).collect(Collectors.joining(", ")));
    }
}
