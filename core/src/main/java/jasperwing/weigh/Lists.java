package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.ListKept;
import jasperwing.model.Type;
import jasperwing.moves.ListToEntity;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.notation.Notation;
import jasperwing.schema.Column;
import jasperwing.schema.Dialect;
import jasperwing.schema.Leaves;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The ways to keep a list. */
final class Lists {
    private final Design design;
    private final Dialect dialect;
    private final Entity entity;
    private final Attribute attribute;
    private final String one;
    private final String many;
    private final String find;
    private final String add;

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
    }

    Weighing weigh() {
        List<Plan> plans = new ArrayList<>();
        ListKept now = Leaves.isInRow(design, attribute) ? attribute.kept().orElse(ListKept.ROWS) : ListKept.ROWS;
        if (Leaves.canBeInRow(design, attribute.type())) {
            plans.add(kept("In one column", ListKept.ARRAY, now, t -> inRow(), this::array));
            plans.add(kept("In one column, as JSON", ListKept.JSON, now, t -> inRow(), this::json));
        }
        plans.add(kept("A row for each", ListKept.ROWS, now, t -> rows(), this::rowStatements));
        ListToEntity move = new ListToEntity(entity.name(), attribute.name(), name(), true);
        plans.add(Plan.move(design, "An entity of its own", move, t -> entity(), this::entityStatements));
        return new Weighing(
                "Ways to keep the " + Words.spoken(attribute.name()) + " of " + article(),
                Notation.type(attribute) + " \u00b7 " + dialect.title(),
                List.of(find, add),
                new Ways(design, dialect, List.of(entity.name())).of(plans));
    }

    private String article() {
        return ("aeiou".indexOf(Character.toLowerCase(one.charAt(0))) >= 0 ? "an " : "a ") + entity.name();
    }

    private Plan kept(String title, ListKept way, ListKept now, Plan.Facts facts, Plan.Statements statements) {
        Edit edit = EntityEdits.changeAttribute(
                entity.name(),
                attribute.name(),
                a -> a.withKept(way == ListKept.ROWS ? Optional.empty() : Optional.of(way)));
        return Plan.edit(title, way == now, edit, facts, statements);
    }

    /** A name for the entity that nothing bears. */
    private String name() {
        String wanted = Plurals.singular(Words.pascal(attribute.name()));
        String name = wanted.isEmpty() ? "Element" : wanted;
        String free = name;
        for (int i = 2; design.entity(free).isPresent() || design.enumType(free).isPresent(); i++) {
            free = name + i;
        }
        return free;
    }

    private List<Fact> inRow() {
        return List.of(
                good("read with the " + one + ", no join"),
                good("1 write for a " + one + ", however many"),
                cost("searched with an index of its own kind, or not at all"),
                spelling(true),
                lack("cannot be counted or renamed in one place"));
    }

    /** Whether a check refuses values nobody thought of; SQLite checks no element of a list in a row. */
    private Fact spelling(boolean inRow) {
        boolean checked = !(inRow && dialect == Dialect.SQLITE)
                && (attribute.type() instanceof Type.Named || !attribute.type().isText());
        return Fact.of(checked, "a check refuses values of another type", "any spelling goes in");
    }

    private List<Fact> rows() {
        return List.of(
                good("counted and searched directly"),
                good("goes with its " + one),
                cost("1 join to read"),
                cost("1 more write for each"),
                spelling(false));
    }

    private List<Fact> entity() {
        return List.of(
                good("each once, renamed in one place"),
                good("the database refuses unknown ones"),
                good("can say more later: a colour, a rule"),
                cost("2 joins to read"),
                cost("1 more write for each, 2 for a new one"),
                lack("order and repeats are lost: each is there once, in any order"));
    }

    private Map<String, String> asked(String finding, String adding) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(find, finding);
        statements.put(add, adding);
        return statements;
    }

    /** @param where the condition that finds the row of the list, on a line of its own */
    private record Own(String table, String column, String type, String where) {}

    private Own own(Tables tables) {
        Table table = tables.table(entity.name());
        Column column = table.columnsOf(attribute.name()).get(0);
        return new Own(
                tables.quote(table.name()), tables.quote(column.name()), column.type(), tables.whereKey(table, ""));
    }

    private Map<String, String> array(Tables tables) {
        Own own = own(tables);
        if (!own.type().endsWith("[]") && !own.type().endsWith(" array")) {
            return json(tables);
        }
        String found = dialect == Dialect.H2
                ? "array_contains(" + own.column() + ", ?)"
                : own.column() + " @> array[?]::" + own.type();
        return asked(
                "select * from " + own.table() + "\nwhere " + found,
                "update " + own.table() + "\nset " + own.column() + " = array_append(" + own.column() + ", ?)"
                        + own.where());
    }

    private Map<String, String> json(Tables tables) {
        Own own = own(tables);
        String element = "to_jsonb(?::" + (attribute.type().isNumeric() ? "numeric" : "text") + ")";
        String found =
                switch (dialect) {
                    case POSTGRESQL -> own.column() + " @> " + element;
                    case MARIADB -> "json_contains(" + own.column() + ", json_quote(?))";
                    case SQLITE -> "? in (select value from json_each(" + own.column() + "))";
                    case H2 -> "cast(" + own.column() + " as varchar) like '%' || ? || '%'";
                };
        String appended =
                switch (dialect) {
                    case POSTGRESQL -> own.column() + " || " + element;
                    case MARIADB -> "json_array_append(" + own.column() + ", '$', ?)";
                    case SQLITE -> "json_insert(" + own.column() + ", '$[#]', ?)";
                    case H2 -> "? format json";
                };
        return asked(
                "select * from " + own.table() + "\nwhere " + found,
                "update " + own.table() + "\nset " + own.column() + " = " + appended + own.where());
    }

    private Map<String, String> rowStatements(Tables tables) {
        Table owner = tables.table(entity.name());
        Optional<Table> list = tables.schema().listTable(entity.name(), attribute.name());
        if (list.isEmpty() || !pointsTo(list.get(), owner)) {
            return Map.of();
        }
        Table table = list.get();
        String element = table.columns().get(table.columns().size() - 1).name();
        List<String> on = new ArrayList<>();
        for (int i = 0; i < owner.primaryKey().size(); i++) {
            on.add("e." + tables.quote(table.foreignKeys().get(0).columns().get(i)) + " = o."
                    + tables.quote(owner.primaryKey().get(i)));
        }
        return asked(
                "select distinct o.* from " + tables.quote(owner.name()) + " o\njoin " + tables.quote(table.name())
                        + " e on " + String.join(" and ", on) + "\nwhere e." + tables.quote(element) + " = ?",
                tables.insert(table));
    }

    /** Not while the keys of a design are faulty. */
    private static boolean pointsTo(Table list, Table owner) {
        return list.foreignKeys().get(0).targetColumns().equals(owner.primaryKey());
    }

    private Map<String, String> entityStatements(Tables tables) {
        String name = tables.design().entities().stream()
                .map(Entity::name)
                .filter(e -> design.entity(e).isEmpty())
                .findFirst()
                .orElseThrow();
        Table table = tables.table(name);
        String found = tables.between(name, entity.name())
                .replaceAll(
                        "(?s)\nwhere .*$",
                        "\nwhere " + tables.quote(Words.snake(name)) + "."
                                + tables.quote(table.columns()
                                        .get(table.columns().size() - 1)
                                        .name()) + " = ?");
        List<Table> written = new ArrayList<>(List.of(table));
        tables.schema().tables().stream()
                .filter(t ->
                        t.source() instanceof Table.Source.OfJoin of && of.tie().mentions(name))
                .forEach(written::add);
        return asked(found, tables.inserts(written));
    }
}
