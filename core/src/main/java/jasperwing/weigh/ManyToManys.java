package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.dialect.Dialect;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.moves.OwnKey;
import jasperwing.moves.Relink;
import jasperwing.naming.FreeName;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
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
    private final BinaryRelationship binary;
    private final String link;
    private final String read;
    private final String write;

    ManyToManys(Design design, Dialect dialect, BinaryRelationship binary) {
        this.design = design;
        this.dialect = dialect;
        this.binary = binary;
        this.link = binary.via().isEmpty() ? FreeName.of(design, binary.from() + binary.to()) : binary.via();
        this.read = "To read the " + Plurals.plural(Words.spoken(binary.to())) + " of a " + Words.spoken(binary.from());
        this.write = "To add one";
    }

    Alternatives weigh() {
        boolean plain = binary.via().isEmpty();
        boolean ownKey = !plain && !isKeyedByPair();
        Plan.Facts links = (now, then) -> linked(then);
        List<Plan> plans = new ArrayList<>();
        if (plain) {
            Relink linked = new Relink(binary, link);
            plans.add(Plan.now("Pairs alone", (now, then) -> pairs(then), this::joined));
            plans.add(Plan.move(design, "A link, keyed by the pair", linked, links, this::statements));
            Edit both = linked.then(new OwnKey(link));
            plans.add(new Plan(
                    "A link with a key of its own", false, both, linked.hindrance(design), links, this::statements));
        } else {
            plans.add(
                    Plan.move(design, "Pairs alone", new Relink(binary, ""), (now, then) -> pairs(then), this::joined));
            if (!ownKey) {
                plans.add(Plan.now("A link, keyed by the pair", links, this::statements));
                plans.add(Plan.move(design, "A link with a key of its own", new OwnKey(link), links, this::statements));
            } else {
                plans.add(Plan.now("A link with a key of its own", links, this::statements));
            }
        }
        return new Alternatives(
                "Ways to keep which " + Words.spoken(binary.from()) + " has which " + Words.spoken(binary.to()),
                "many-to-many \u00b7 " + dialect.title(),
                List.of(read, write),
                new AlternativeDerivation(
                                design,
                                dialect,
                                plain ? List.of(binary.from(), binary.to()) : List.of(binary.from(), binary.to(), link))
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
        return asked(tables, join(tables));
    }

    private Optional<DerivedTable> join(Tables tables) {
        return tables.schema().tables().stream()
                .filter(t -> t.source() instanceof DerivedTable.Source.OfJoin of
                        && of.binary().from().equals(binary.from())
                        && of.binary().to().equals(binary.to()))
                .findFirst();
    }

    private Map<String, String> statements(Tables tables) {
        return asked(tables, tables.schema().table(link));
    }

    private Map<String, String> asked(Tables tables, Optional<DerivedTable> written) {
        Map<String, String> statements = new LinkedHashMap<>();
        String role = Roles.forward(binary);
        statements.put(read, tables.read(binary.from(), role));
        statements.put(write, written.map(tables::insert).orElse(""));
        return statements;
    }

    private List<Fact> pairs(Tables tables) {
        return join(tables).map(t -> pairs(tables, t)).orElse(List.of());
    }

    private List<Fact> pairs(Tables tables, DerivedTable table) {
        return List.of(
                once(table, columns(table.references())),
                SchemaFacts.deletedWithEnds(table.references()),
                SchemaFacts.joins(joined(tables).get(read)),
                SchemaFacts.writes(joined(tables).get(write), "to add one"),
                Fact.of(
                        table.columns().size() > columns(table.references()).size(),
                        "a pair can have attributes",
                        "a pair has no attributes: no time, no duty, no order"));
    }

    private List<Fact> linked(Tables tables) {
        DerivedTable table = tables.table(link);
        List<Reference> ends = ends(tables, table);
        List<Fact> facts = new ArrayList<>();
        facts.add(once(table, columns(ends)));
        facts.add(SchemaFacts.deletedWithEnds(ends));
        facts.add(good("a pair can have attributes"));
        int key = table.keyColumns().size();
        facts.add(
                key == 1
                        ? good("a reference to " + link + " takes 1 column")
                        : cost("a reference to " + link + " takes " + key + " columns"));
        facts.add(SchemaFacts.joins(statements(tables).get(read)));
        facts.add(SchemaFacts.writes(statements(tables).get(write), "to add one"));
        ownKey(table, ends).ifPresent(facts::add);
        return facts;
    }

    /** A key beside the columns of the pair, with the unique constraint that the pair then needs. */
    private static Optional<Fact> ownKey(DerivedTable table, List<Reference> ends) {
        long own = table.keyColumns().stream()
                .filter(c -> !columns(ends).contains(c))
                .count();
        boolean beside = own == table.keyColumns().size() && own > 0;
        return beside
                ? Optional.of(cost("a key of " + Words.count(own, "column") + " beside those of the pair"))
                : Optional.empty();
    }

    private static List<String> columns(List<Reference> keys) {
        return keys.stream().flatMap(k -> k.columns().stream()).toList();
    }

    /** The foreign keys of the link to both ends. */
    private List<Reference> ends(Tables tables, DerivedTable table) {
        return tables.design().relationships().stream()
                .filter(r -> r instanceof BinaryRelationship t && t.via().equals(link))
                .findFirst()
                .map(r -> tables.keysOf(table, r))
                .orElse(List.of());
    }

    /** Whether a key or a unique constraint keeps the same pair from being stored twice. */
    private static Fact once(DerivedTable table, List<String> pair) {
        return Fact.of(
                Tables.isOnce(table, pair),
                "a pair is stored once, by a "
                        + (Set.copyOf(pair).equals(Set.copyOf(table.keyColumns()))
                                ? "primary key"
                                : "unique constraint"),
                "the same pair can be stored several times");
    }
}
