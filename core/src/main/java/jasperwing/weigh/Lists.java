package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.Reference;
import jasperwing.derive.ValueColumns;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.ListKept;
import jasperwing.moves.ListToEntity;
import jasperwing.naming.Articles;
import jasperwing.naming.FreeName;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The ways to keep a list. */
final class Lists {
    private static final String CHECKED = "the database checks every element";

    private final Design design;
    private final Dialect dialect;
    private final Entity entity;
    private final Attribute attribute;
    private final String one;
    private final String many;
    private final String find;
    private final String add;
    private final String added;

    Lists(Design design, Dialect dialect, Entity entity, Attribute attribute) {
        this.design = design;
        this.dialect = dialect;
        this.entity = entity;
        this.attribute = attribute;
        this.one = Words.spoken(entity.name());
        this.many = Plurals.plural(one);
        String element = Words.spoken(Plurals.singular(attribute.name()));
        this.find = "To find the " + many + " with one " + element;
        this.add = "To add one " + element;
        String wanted = Plurals.singular(Words.pascal(attribute.name()));
        this.added = FreeName.of(design, wanted.isEmpty() ? "Element" : wanted);
    }

    Alternatives weigh() {
        List<Plan> plans = new ArrayList<>();
        ListKept current =
                ValueColumns.isInRow(design, attribute) ? attribute.kept().orElse(ListKept.ROWS) : ListKept.ROWS;
        if (ValueColumns.canBeInRow(design, attribute.type())) {
            plans.add(kept("In one column", ListKept.ARRAY, current, (now, then) -> inRow(then), this::array));
            plans.add(kept("In one column, as JSON", ListKept.JSON, current, (now, then) -> inRow(then), this::json));
        }
        plans.add(kept("A row for each", ListKept.ROWS, current, (now, then) -> rows(then), this::rowStatements));
        ListToEntity move = new ListToEntity(entity.name(), attribute.name(), added, true);
        plans.add(Plan.move(design, "An entity of its own", move, (now, then) -> entity(then), this::entityStatements));
        return new Alternatives(
                "Ways to keep the " + Words.spoken(attribute.name()) + " of " + Articles.with(entity.name()),
                Notation.type(attribute) + " \u00b7 " + dialect.title(),
                List.of(find, add),
                new AlternativeDerivation(design, dialect, List.of(entity.name())).of(plans));
    }

    private Plan kept(String title, ListKept way, ListKept now, Plan.Facts facts, Plan.Statements statements) {
        Edit edit = EntityEdits.changeAttribute(
                entity.name(),
                attribute.name(),
                a -> a.withKept(way == ListKept.ROWS ? Optional.empty() : Optional.of(way)));
        return way == now ? Plan.now(title, facts, statements) : Plan.edit(title, edit, facts, statements);
    }

    private List<Fact> inRow(Tables tables) {
        boolean indexable = dialect.lists().indexesElements();
        DerivedTable owner = tables.table(entity.name());
        if (owner.columnsOf(attribute.name()).isEmpty()) {
            return List.of();
        }
        return List.of(
                good("read with the " + one + ", no join"),
                good("1 write for " + Articles.with(one) + ", however many"),
                good("keeps order and repeats"),
                elements(),
                Fact.of(indexable, "a GIN index can find by element", "searched row by row: no index on elements"),
                everywhere());
    }

    private Fact everywhere() {
        return lack("a value is stored with every " + one + " that has it");
    }

    private Fact elements() {
        return Fact.of(
                Enforcement.checksElements(dialect, attribute),
                CHECKED,
                "the database cannot fully check the elements");
    }

    private List<Fact> rows(Tables tables) {
        Optional<DerivedTable> found = list(tables);
        if (found.isEmpty()) {
            return List.of();
        }
        DerivedTable list = found.get();
        Reference owner = list.references().get(0);
        Map<String, String> statements = rowStatements(tables);
        return List.of(
                SchemaFacts.deleted(owner, entity.name()),
                order(list, owner.columns().size()),
                good(CHECKED),
                SchemaFacts.searched(list, element(list)),
                cost(Tables.joins(statements.get(find)) + " to read"),
                cost(Words.count(Tables.writes(statements.get(add)), "more write") + " for each"),
                everywhere());
    }

    /** Whether the key has more than what the rows belong to, so that one element can be there twice, at its place. */
    private static Fact order(DerivedTable table, int owners) {
        return Fact.of(
                table.keyColumns().size() > owners,
                "keeps order and repeats",
                "order and repeats are lost: each is there once, in any order");
    }

    private List<Fact> entity(Tables tables) {
        return pairs(tables).stream().findFirst().map(p -> entity(tables, p)).orElse(List.of());
    }

    private List<Fact> entity(Tables tables, DerivedTable pairs) {
        DerivedTable table = tables.table(added);
        Map<String, String> statements = entityStatements(tables);
        return List.of(
                Fact.of(
                        table.isUnique(List.of(element(table))),
                        "each value is stored once, renamed in one place",
                        "the same value can be stored several times"),
                Fact.of(
                        SchemaFacts.key(pairs, added)
                                .filter(Reference::enforced)
                                .isPresent(),
                        "a foreign key refuses values that are not there",
                        "no foreign key refuses values that are not there"),
                good("can have attributes of its own"),
                SchemaFacts.searched(table, element(table)),
                cost(Tables.joins(statements.get(find)) + " to read"),
                cost(Words.count(Tables.writes(tables.insert(pairs)), "more write") + " for each, "
                        + Tables.writes(statements.get(add)) + " for a new one"),
                order(pairs, columns(pairs.references())));
    }

    private static int columns(List<Reference> keys) {
        return keys.stream().mapToInt(k -> k.columns().size()).sum();
    }

    /** The last column: the element, or the last part of a value. */
    private static String element(DerivedTable table) {
        return table.columns().get(table.columns().size() - 1).name();
    }

    private Map<String, String> asked(String finding, String adding) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(find, finding);
        statements.put(add, adding);
        return statements;
    }

    /** @param where the condition that finds the row of the list, on a line of its own */
    private record Own(String table, String column, SqlType type, String where) {}

    private Own own(Tables tables) {
        DerivedTable table = tables.table(entity.name());
        Column column = table.columnsOf(attribute.name()).get(0);
        return new Own(tables.quote(table), tables.quote(column.name()), column.type(), tables.whereKey(table, ""));
    }

    private Map<String, String> array(Tables tables) {
        Own own = own(tables);
        if (!own.type().is(SqlType.Kind.ARRAY)) {
            return json(tables);
        }
        String found = dialect.lists().arrayHas(own.column(), dialect.write(own.type()));
        return asked(
                "select * from " + own.table() + "\nwhere " + found,
                "update " + own.table() + "\nset " + own.column() + " = array_append(" + own.column() + ", ?)"
                        + own.where());
    }

    private Map<String, String> json(Tables tables) {
        Own own = own(tables);
        boolean numeric = attribute.type().isNumeric();
        String found = dialect.lists().jsonHas(own.column(), numeric);
        String appended = dialect.lists().jsonAppended(own.column(), numeric);
        return asked(
                "select * from " + own.table() + "\nwhere " + found,
                "update " + own.table() + "\nset " + own.column() + " = " + appended + own.where());
    }

    private Map<String, String> rowStatements(Tables tables) {
        DerivedTable owner = tables.table(entity.name());
        Optional<DerivedTable> list = list(tables);
        if (list.isEmpty()) {
            return Map.of();
        }
        DerivedTable table = list.get();
        List<String> on = new ArrayList<>();
        for (int i = 0; i < owner.keyColumns().size(); i++) {
            on.add("e." + tables.quote(table.references().get(0).columns().get(i)) + " = o."
                    + tables.quote(owner.keyColumns().get(i)));
        }
        return asked(
                "select distinct o.* from " + tables.quote(owner) + " o\njoin " + tables.quote(table) + " e on "
                        + String.join(" and ", on) + "\nwhere e." + tables.quote(element(table)) + " = ?",
                tables.insert(table));
    }

    /** The table of the elements; none while the keys of a design are wrong. */
    private Optional<DerivedTable> list(Tables tables) {
        List<String> key = tables.table(entity.name()).keyColumns();
        return tables.schema()
                .listTable(entity.name(), attribute.name())
                .filter(l -> l.references().get(0).targetColumns().equals(key));
    }

    private Map<String, String> entityStatements(Tables tables) {
        DerivedTable table = tables.table(added);
        String found = tables.between(added, entity.name(), r -> r.targets().contains(added))
                .replaceAll(
                        "(?s)\nwhere .*$",
                        "\nwhere " + tables.quote(Words.snake(added)) + "." + tables.quote(element(table)) + " = ?");
        List<DerivedTable> written = new ArrayList<>(List.of(table));
        written.addAll(pairs(tables));
        return asked(found, tables.inserts(written));
    }

    /** The table of the pairs; none while the keys of a design are wrong. */
    private List<DerivedTable> pairs(Tables tables) {
        return tables.schema().tables().stream()
                .filter(t -> t.source() instanceof DerivedTable.Source.OfJoin of
                        && of.binary().mentions(added))
                .toList();
    }
}
