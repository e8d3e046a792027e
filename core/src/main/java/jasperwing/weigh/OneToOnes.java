package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Design;
import jasperwing.model.Tie;
import jasperwing.moves.Fold;
import jasperwing.moves.OwnKey;
import jasperwing.moves.Reverse;
import jasperwing.moves.ShareKey;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Dialect;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The ways to keep a one-to-one. */
final class OneToOnes {
    private final Design design;
    private final Dialect dialect;
    private final Tie tie;
    private final String holder;
    private final String parent;
    private final String read;
    private final String write;

    OneToOnes(Design design, Dialect dialect, Tie tie) {
        this.design = design;
        this.dialect = dialect;
        this.tie = tie;
        this.holder = tie.holder();
        this.parent = tie.parent();
        this.read = "To read the " + Words.spoken(holder) + " of a " + Words.spoken(parent);
        this.write = "To write a " + Words.spoken(parent) + " with its " + Words.spoken(holder);
    }

    Weighing weigh() {
        boolean shared = design.entity(holder)
                .map(e -> e.key().names().equals(List.of(Roles.holding(tie))))
                .orElse(false);
        List<Plan> plans = new ArrayList<>();
        Plan.Statements both = t -> asked(t, List.of(t.table(parent), t.table(holder)));
        if (shared) {
            plans.add(Plan.move(design, holder + " points", new OwnKey(holder), t -> points(), both));
            plans.add(Plan.now("One key for both", t -> shares(), both));
        } else {
            plans.add(Plan.now(holder + " points", t -> points(), both));
            plans.add(Plan.move(design, "One key for both", new ShareKey(tie), t -> shares(), both));
        }
        plans.add(Plan.move(
                design,
                parent + " points",
                new Reverse(tie),
                t -> reversed(),
                t -> asked(t, List.of(t.table(holder), t.table(parent)))));
        plans.add(Plan.move(design, "In one table", new Fold(tie, -1), t -> folded(), this::together));
        return new Weighing(
                "Ways to keep a " + Words.spoken(holder) + " with its " + Words.spoken(parent),
                "one-to-one \u00b7 " + dialect.title(),
                List.of(read, write),
                new Ways(design, dialect, List.of(parent, holder)).of(plans));
    }

    private Map<String, String> asked(Tables tables, List<Table> written) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, tables.between(parent, holder));
        statements.put(write, tables.inserts(written));
        return statements;
    }

    private Map<String, String> together(Tables tables) {
        Table table = tables.table(parent);
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, "select * from " + tables.quote(table.name()) + tables.whereKey(table, ""));
        statements.put(write, tables.insert(table));
        return statements;
    }

    private List<Fact> points() {
        return List.of(
                good("the database holds it one-to-one, by a unique key"),
                good(parent + " stays as narrow as it is"),
                Fact.of(
                        tie.holding().orElseThrow().must(),
                        "no " + Words.spoken(holder) + " without its " + Words.spoken(parent),
                        "a " + Words.spoken(holder) + " can be without"),
                cost("1 join to read"),
                cost("2 writes, 2 indexes on " + holder));
    }

    private List<Fact> shares() {
        return List.of(
                good("one key: found without an index more"),
                good("cannot point to another later"),
                good("no " + Words.spoken(holder) + " without its " + Words.spoken(parent)),
                cost("1 join to read, 2 writes"),
                cost("what points to " + holder + " takes the key of " + parent));
    }

    private List<Fact> reversed() {
        return List.of(
                good("the database holds it one-to-one, by a unique key"),
                good("a " + Words.spoken(parent) + " knows its " + Words.spoken(holder) + " without looking"),
                cost("1 join to read, 2 writes"),
                cost("an empty column in every " + Words.spoken(parent) + " without one"),
                lack("deleting a " + Words.spoken(parent) + " leaves its " + Words.spoken(holder)));
    }

    private List<Fact> folded() {
        return List.of(
                good("no join to read, 1 write"),
                good("nothing to keep together"),
                cost("all columns of " + holder + " in every " + Words.spoken(parent)),
                lack("empty where there is none: the musts of " + holder + " are not held"));
    }
}
