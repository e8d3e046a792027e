package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Design;
import jasperwing.model.Reading;
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
            plans.add(Plan.move(design, holder + " points", new OwnKey(holder), t -> points(t), both));
            plans.add(Plan.now("One key for both", t -> shares(t), both));
        } else {
            plans.add(Plan.now(holder + " points", t -> points(t), both));
            plans.add(Plan.move(design, "One key for both", new ShareKey(tie), t -> shares(t), both));
        }
        plans.add(Plan.move(
                design,
                parent + " points",
                new Reverse(tie),
                this::reversed,
                t -> asked(t, List.of(t.table(holder), t.table(parent)))));
        plans.add(Plan.move(design, "In one table", new Fold(tie, -1), this::folded, this::together));
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

    private List<Fact> points(Tables tables) {
        Table table = tables.table(holder);
        int indexes = table.indexes().size()
                + table.uniques().size()
                + (table.primaryKey().isEmpty() ? 0 : 1);
        return List.of(
                oneToOne(tables, holder),
                good(parent + " gets no column"),
                Fact.of(
                        tie.holding().orElseThrow().must(),
                        "no " + Words.spoken(holder) + " without its " + Words.spoken(parent),
                        "a " + Words.spoken(holder) + " can be without"),
                cost(joins(tables)),
                cost("2 writes, " + indexes + (indexes == 1 ? " index on " : " indexes on ") + holder));
    }

    private String joins(Tables tables) {
        return Tables.joins(tables.between(parent, holder)) + " to read";
    }

    /** Whether a unique constraint or key keeps two rows from referring to the same one. */
    private Fact oneToOne(Tables tables, String from) {
        Table table = tables.table(from);
        boolean once = tables.design().relationships().stream()
                .filter(r -> r instanceof Tie t && t.mentions(parent) && t.mentions(holder))
                .map(r -> tables.columnsOf(table, r))
                .anyMatch(c -> !c.isEmpty() && Tables.isOnce(table, c));
        return Fact.of(
                once,
                "a unique constraint enforces one-to-one",
                "no constraint keeps two rows from referring to the same " + Words.spoken(parent));
    }

    private List<Fact> shares(Tables tables) {
        return List.of(
                good("one key: found without another index"),
                good("cannot refer to another one later"),
                good("no " + Words.spoken(holder) + " without its " + Words.spoken(parent)),
                cost(joins(tables) + ", 2 writes"),
                cost("a reference to " + holder + " takes the key of " + parent));
    }

    private List<Fact> reversed(Tables tables) {
        List<Fact> facts = new ArrayList<>();
        facts.add(oneToOne(tables, parent));
        facts.add(good("a " + Words.spoken(parent) + " refers to its " + Words.spoken(holder) + " itself"));
        facts.add(cost(joins(tables) + ", 2 writes"));
        Table table = tables.table(parent);
        boolean optional = tables.design().relationships().stream()
                .filter(r -> r instanceof Tie t && t.mentions(parent) && t.mentions(holder))
                .flatMap(r -> tables.columnsOf(table, r).stream())
                .anyMatch(c ->
                        table.column(c).filter(column -> !column.required()).isPresent());
        if (optional) {
            facts.add(cost("a null column in every " + Words.spoken(parent) + " without one"));
        }
        facts.add(lack("deleting a " + Words.spoken(parent) + " leaves its " + Words.spoken(holder)));
        return facts;
    }

    private List<Fact> folded(Tables tables) {
        List<Fact> facts = new ArrayList<>();
        facts.add(good("no join to read, 1 write"));
        facts.add(good("nothing to keep together"));
        facts.add(cost("all columns of " + holder + " in every " + Words.spoken(parent)));
        boolean always = tie.forward().must() && tie.back().map(Reading::must).orElse(false);
        if (!always) {
            facts.add(lack("null where there is none: NOT NULL columns of " + holder + " become nullable"));
        }
        return facts;
    }
}
