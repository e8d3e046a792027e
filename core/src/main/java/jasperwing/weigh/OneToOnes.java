package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.dialect.Dialect;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.moves.Fold;
import jasperwing.moves.OwnKey;
import jasperwing.moves.ShareKey;
import jasperwing.moves.SwapKeyHolder;
import jasperwing.naming.Articles;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The ways to keep a one-to-one. */
final class OneToOnes {
    private final Design design;
    private final Dialect dialect;
    private final BinaryRelationship binary;
    private final String holder;
    private final String parent;
    private final String read;
    private final String write;

    OneToOnes(Design design, Dialect dialect, BinaryRelationship binary) {
        this.design = design;
        this.dialect = dialect;
        this.binary = binary;
        this.holder = binary.holder();
        this.parent = binary.parent();
        this.read = "To read the " + Words.spoken(holder) + " of a " + Words.spoken(parent);
        this.write = "To write a " + Words.spoken(parent) + " with its " + Words.spoken(holder);
    }

    Alternatives weigh() {
        boolean shared = design.entity(holder)
                .map(e -> e.key().names().equals(List.of(Roles.holding(binary))))
                .orElse(false);
        List<Plan> plans = new ArrayList<>();
        Plan.Facts held = (now, then) -> held(then, holder, parent);
        Plan.Statements both = t -> asked(t, List.of(t.table(parent), t.table(holder)));
        if (shared) {
            plans.add(Plan.move(design, holder + " points", new OwnKey(holder), held, both));
            plans.add(Plan.now("One key for both", held, both));
        } else {
            plans.add(Plan.now(holder + " points", held, both));
            plans.add(Plan.move(design, "One key for both", new ShareKey(binary), held, both));
        }
        plans.add(Plan.move(
                design,
                parent + " points",
                new SwapKeyHolder(binary),
                (now, then) -> reversed(then),
                t -> asked(t, List.of(t.table(holder), t.table(parent)))));
        plans.add(Plan.move(design, "In one table", new Fold(binary, -1), this::folded, this::together));
        return new Alternatives(
                "Ways to keep a " + Words.spoken(holder) + " with its " + Words.spoken(parent),
                "one-to-one \u00b7 " + dialect.title(),
                List.of(read, write),
                new AlternativeDerivation(design, dialect, List.of(parent, holder)).of(plans));
    }

    private Map<String, String> asked(Tables tables, List<DerivedTable> written) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, tables.between(parent, holder, this::isOurs));
        statements.put(write, tables.inserts(written));
        return statements;
    }

    private Map<String, String> together(Tables tables) {
        DerivedTable table = tables.table(parent);
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, "select * from " + tables.quote(table) + tables.whereKey(table, ""));
        statements.put(write, tables.insert(table));
        return statements;
    }

    /** What is so while one of them has a foreign key to the other. */
    private List<Fact> held(Tables tables, String from, String to) {
        DerivedTable table = tables.table(from);
        Optional<Reference> found = key(tables, table);
        if (found.isEmpty()) {
            return List.of();
        }
        Reference key = found.get();
        boolean sharesKey = table.keyColumns().equals(key.columns());
        List<Fact> facts = new ArrayList<>();
        facts.add(oneToOne(table, key, to));
        facts.add(required(table, key, from, to));
        facts.add(SchemaFacts.deleted(key, to));
        if (sharesKey) {
            facts.add(good("one key: found without another index"));
        }
        facts.add(SchemaFacts.joins(tables.between(parent, holder, this::isOurs)));
        facts.add(cost(Words.count(
                Tables.writes(tables.inserts(List.of(tables.table(parent), tables.table(holder)))), "write")));
        facts.add(
                sharesKey
                        ? cost("to refer to another " + Words.spoken(to) + ", a " + Words.spoken(from)
                                + " changes its key")
                        : cost(Words.count(indexes(table), "index") + " on " + table.name()));
        return facts;
    }

    private static int indexes(DerivedTable table) {
        return table.indexes().size()
                + table.uniqueKeys().size()
                + (table.keyColumns().isEmpty() ? 0 : 1);
    }

    /** Whether it is the relationship itself, which a move may have turned round. */
    private boolean isOurs(Relationship relationship) {
        return relationship instanceof BinaryRelationship t
                && t.from().equals(binary.from())
                && t.to().equals(binary.to())
                && t.forward().equals(binary.forward());
    }

    private Optional<Reference> key(Tables tables, DerivedTable table) {
        return tables.design().relationships().stream()
                .filter(this::isOurs)
                .flatMap(r -> tables.keysOf(table, r).stream())
                .findFirst();
    }

    /** Whether a unique constraint or key keeps two rows from referring to the same one. */
    private static Fact oneToOne(DerivedTable table, Reference key, String to) {
        return Fact.of(
                Tables.isOnce(table, key.columns()),
                (table.keyColumns().equals(key.columns()) ? "the primary key" : "a unique constraint")
                        + " enforces one-to-one",
                "no constraint keeps two rows from referring to the same " + Words.spoken(to));
    }

    private static Fact required(DerivedTable table, Reference key, String from, String to) {
        boolean required = key.columns().stream()
                .allMatch(c -> table.column(c).filter(Column::required).isPresent());
        String one = Words.spoken(from);
        return required
                ? good("no " + one + " without its " + Words.spoken(to))
                : cost(Words.count(key.columns().size(), "column") + " null in " + Articles.with(one) + " without its "
                        + Words.spoken(to));
    }

    private List<Fact> reversed(Tables tables) {
        List<Fact> facts = new ArrayList<>(held(tables, parent, holder));
        if (key(tables, tables.table(holder)).isEmpty()) {
            facts.add(lack("deleting " + Articles.with(Words.spoken(parent)) + " leaves its " + Words.spoken(holder)));
        }
        return facts;
    }

    private List<Fact> folded(Tables now, Tables then) {
        DerivedTable table = then.table(parent);
        Map<String, String> statements = together(then);
        int more = table.columns().size() - now.table(parent).columns().size();
        long nullable = nowNullable(now.table(holder), table);
        return List.of(
                SchemaFacts.joins(statements.get(read)),
                SchemaFacts.writes(statements.get(write), "for both"),
                cost(Words.count(more, "more column") + " in every row of " + table.name()),
                Fact.of(
                        nullable == 0,
                        "every required column stays NOT NULL",
                        Words.count(nullable, "NOT NULL column") + " of " + Words.spoken(holder)
                                + (nullable == 1 ? " becomes" : " become") + " nullable"));
    }

    /** How many required columns of attributes can be null once they are in the other table. */
    private long nowNullable(DerivedTable before, DerivedTable after) {
        return design.entity(holder).orElseThrow().attributes().stream()
                .filter(a -> !before.keyColumns().equals(columns(before.columnsOf(a.name()))))
                .mapToLong(a -> required(before, a.name()) - required(after, a.name()))
                .filter(lost -> lost > 0)
                .sum();
    }

    private static List<String> columns(List<Column> columns) {
        return columns.stream().map(Column::name).toList();
    }

    private static long required(DerivedTable table, String member) {
        return table.columnsOf(member).stream().filter(Column::required).count();
    }
}
