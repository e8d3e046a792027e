package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Tie;
import jasperwing.moves.OwnKey;
import jasperwing.moves.Relink;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.schema.Dialect;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The ways to keep the pairs of a many-to-many. */
final class ManyToManys {
    private final Design design;
    private final Dialect dialect;
    private final Tie tie;
    private final String link;
    private final String read;
    private final String write;

    ManyToManys(Design design, Dialect dialect, Tie tie) {
        this.design = design;
        this.dialect = dialect;
        this.tie = tie;
        this.link = tie.via().isEmpty() ? free(tie.from() + tie.to()) : tie.via();
        this.read = "To read the " + Plurals.plural(Words.spoken(tie.to())) + " of a " + Words.spoken(tie.from());
        this.write = "To add one";
    }

    private String free(String wanted) {
        String free = wanted;
        for (int i = 2; design.entity(free).isPresent() || design.enumType(free).isPresent(); i++) {
            free = wanted + i;
        }
        return free;
    }

    Weighing weigh() {
        boolean plain = tie.via().isEmpty();
        boolean ownKey = !plain && !isKeyedByPair();
        List<Plan> plans = new ArrayList<>();
        if (plain) {
            Relink linked = new Relink(tie, link);
            plans.add(Plan.now("Pairs alone", this::pairs, this::joined));
            plans.add(Plan.move(design, "A link, keyed by the pair", linked, this::keyed, this::linked));
            Edit both = linked.then(new OwnKey(link));
            plans.add(new Plan(
                    "A link with a key of its own", false, both, linked.hindrance(design), this::own, this::linked));
        } else {
            plans.add(Plan.move(design, "Pairs alone", new Relink(tie, ""), this::pairs, this::joined));
            if (!ownKey) {
                plans.add(Plan.now("A link, keyed by the pair", this::keyed, this::linked));
                plans.add(Plan.move(design, "A link with a key of its own", new OwnKey(link), this::own, this::linked));
            } else {
                plans.add(Plan.now("A link with a key of its own", this::own, this::linked));
            }
        }
        return new Weighing(
                "Ways to keep which " + Words.spoken(tie.from()) + " has which " + Words.spoken(tie.to()),
                "many-to-many \u00b7 " + dialect.title(),
                List.of(read, write),
                new Ways(design, dialect, plain ? List.of(tie.from(), tie.to()) : List.of(tie.from(), tie.to(), link))
                        .of(plans));
    }

    /** Whether the link is told apart by what it points to, at least in part. */
    private boolean isKeyedByPair() {
        return design.entity(link)
                .map(e -> e.key().isEmpty()
                        || e.key().names().stream().anyMatch(n -> e.attribute(n).isEmpty()))
                .orElse(false);
    }

    private Map<String, String> joined(Tables tables) {
        Optional<Table> table = tables.schema().tables().stream()
                .filter(t -> t.source() instanceof Table.Source.OfJoin of
                        && of.tie().from().equals(tie.from())
                        && of.tie().to().equals(tie.to()))
                .findFirst();
        return asked(tables, table);
    }

    private Map<String, String> linked(Tables tables) {
        return asked(tables, tables.schema().table(link));
    }

    private Map<String, String> asked(Tables tables, Optional<Table> written) {
        Map<String, String> statements = new LinkedHashMap<>();
        String role = Roles.forward(tie);
        statements.put(read, tables.read(tie.from(), role));
        statements.put(write, written.map(tables::insert).orElse(""));
        return statements;
    }

    private List<Fact> pairs(Tables tables) {
        return List.of(
                good("a pair is stored once, by its primary key"),
                good("deleted with either end"),
                good("a set in the classes, nothing to manage"),
                cost(Tables.joins(joined(tables).get(read)) + " to read"),
                lack("a pair has no attributes: no time, no duty, no order"));
    }

    private List<Fact> keyed(Tables tables) {
        List<String> key = tables.table(link).primaryKey();
        return List.of(
                once(tables),
                good("a pair can have attributes"),
                good("each end has its own delete rule"),
                cost(Tables.joins(linked(tables).get(read)) + " to read, and one more class"),
                cost("a reference to " + link + " takes " + key.size() + (key.size() == 1 ? " column" : " columns")));
    }

    private List<Fact> own(Tables tables) {
        return List.of(
                good("a pair can have attributes"),
                good("a reference to " + link + " takes one column"),
                once(tables),
                cost(Tables.joins(linked(tables).get(read)) + " to read, and one more class"),
                cost("one more column and index"));
    }

    /** Whether a key or a unique constraint keeps the same pair from being stored twice. */
    private Fact once(Tables tables) {
        Table table = tables.table(link);
        List<String> pair = tables.design().relationships().stream()
                .filter(r -> r instanceof Tie t && t.via().equals(link))
                .findFirst()
                .map(r -> tables.columnsOf(table, r))
                .orElse(List.of());
        return Fact.of(
                Tables.isOnce(table, pair),
                "a pair is stored once, by a "
                        + (Set.copyOf(pair).equals(Set.copyOf(table.primaryKey()))
                                ? "primary key"
                                : "unique constraint"),
                "the same pair can be stored several times");
    }
}
