package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.model.KindsKept;
import jasperwing.moves.KeepKinds;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import jasperwing.schema.Column;
import jasperwing.schema.Dialect;
import jasperwing.schema.GuardTriggers;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The ways to keep the kinds of an entity. */
final class Kinds {
    private final Design design;
    private final Dialect dialect;
    private final String root;
    private final String kind;
    private final List<String> family;
    private final String readOne;
    private final String readAll;
    private final String write;

    /** @param root of a family, with kinds */
    Kinds(Design design, Dialect dialect, String root) {
        this.design = design;
        this.dialect = dialect;
        this.root = root;
        this.kind = design.kinds(root).get(0).name();
        this.family = Stream.concat(
                        Stream.of(root),
                        Family.descendants(design, root).stream().map(Entity::name))
                .toList();
        this.readOne = "To read one " + Words.spoken(kind) + " with all it has";
        this.readAll = "To read every " + Words.spoken(root);
        this.write = "To write one " + Words.spoken(kind);
    }

    Weighing weigh() {
        List<Plan> plans = new ArrayList<>();
        for (KindsKept way : KindsKept.values()) {
            plans.add(
                    Family.isKept(design, root, way)
                            ? Plan.now(title(way), t -> facts(way, t), t -> statements(way, t))
                            : Plan.move(
                                    design,
                                    title(way),
                                    new KeepKinds(root, way),
                                    t -> facts(way, t),
                                    t -> statements(way, t)));
        }
        return new Weighing(
                "Ways to keep the kinds of " + Words.spoken(root),
                design.kinds(root).size() + " kinds \u00b7 " + dialect.title(),
                List.of(readOne, readAll, write),
                new Ways(design, dialect, family).of(plans));
    }

    private static String title(KindsKept way) {
        return switch (way) {
            case TABLE_EACH -> "A table each";
            case ONE_TABLE -> "One table";
            case COMPLETE_TABLES -> "A complete table each";
        };
    }

    private List<Fact> facts(KindsKept way, Tables tables) {
        return switch (way) {
            case TABLE_EACH -> tableEach();
            case ONE_TABLE -> oneTable(tables);
            case COMPLETE_TABLES -> complete();
        };
    }

    private List<Fact> tableEach() {
        int depth = Family.ancestors(design, kind).size();
        return List.of(
                good("a foreign key can refer to any kind"),
                good("every required column is NOT NULL"),
                good("a new kind is a new table, the others stay"),
                cost(depth + (depth == 1 ? " join" : " joins") + " to read a whole " + Words.spoken(kind)),
                cost(depth + 1 + " writes for one"),
                lack("no constraint keeps a row in the table of its kind" + triggers()));
    }

    private List<Fact> oneTable(Tables tables) {
        long empty = tables.table(root).columns().stream()
                .map(Column::owner)
                .filter(o -> !o.isEmpty() && !o.equals(kind))
                .count();
        return List.of(
                good("no join to read, 1 write"),
                good("a check holds what each kind must have, and what it has not"),
                cost(empty + (empty == 1 ? " column" : " columns") + " empty in every " + Words.spoken(kind)),
                cost("a new kind changes the table that all use"),
                lack("a foreign key to one kind takes a row of any"
                        + (GuardTriggers.areIn(dialect) ? "; a trigger can refuse it" : "")));
    }

    private List<Fact> complete() {
        return List.of(
                good("no join to read one, 1 write"),
                good("every required column is NOT NULL"),
                good("a new kind is a new table, the others stay"),
                cost("every " + Words.spoken(root) + " is read from "
                        + Family.withRows(design, design.entity(root).orElseThrow())
                                .size() + " tables together"),
                lack("no foreign key can refer to any kind of " + Words.spoken(root) + triggers()),
                lack("what is unique is so only among " + Plurals.plural(Words.spoken(kind))));
    }

    private String triggers() {
        return GuardTriggers.areIn(dialect) ? "; a trigger can" : "";
    }

    private Map<String, String> statements(KindsKept way, Tables tables) {
        Map<String, String> statements = new LinkedHashMap<>();
        Table own = tables.table(kind);
        List<Table> line = way == KindsKept.TABLE_EACH ? line(tables) : List.of(own);
        statements.put(readOne, joined(tables, line) + tables.whereKey(own, own.name()));
        statements.put(readAll, all(way, tables));
        statements.put(write, tables.inserts(line));
        return statements;
    }

    private List<Table> line(Tables tables) {
        return Family.line(design, design.entity(kind).orElseThrow()).stream()
                .map(e -> tables.table(e.name()))
                .toList();
    }

    private static String key(Tables tables, Table table) {
        return table.primaryKey().stream().map(tables::quote).collect(Collectors.joining(", "));
    }

    private static String joined(Tables tables, List<Table> line) {
        String first = "select *\nfrom " + tables.quote(line.get(0).name());
        return first
                + line.stream()
                        .skip(1)
                        .map(t -> "\njoin " + tables.quote(t.name()) + " using (" + key(tables, t) + ")")
                        .collect(Collectors.joining());
    }

    /** Each with what it has as the kind it is; of complete tables what all have, from the view. */
    private String all(KindsKept way, Tables tables) {
        Table top = tables.schema().rows(root).orElseThrow();
        String start = "select *\nfrom " + tables.quote(top.name());
        if (way != KindsKept.TABLE_EACH) {
            return start;
        }
        return start
                + family.stream()
                        .skip(1)
                        .map(tables::table)
                        .map(t -> "\nleft join " + tables.quote(t.name()) + " using (" + key(tables, t) + ")")
                        .collect(Collectors.joining());
    }
}
