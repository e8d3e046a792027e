package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Schema;
import jasperwing.derive.ValueColumns;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Inheritance;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.moves.KeepKinds;
import jasperwing.naming.Articles;
import jasperwing.naming.FreeName;
import jasperwing.naming.Words;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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
                        InheritanceTree.descendants(design, root).stream().map(Entity::name))
                .toList();
        this.readOne = "To read one " + Words.spoken(kind) + " with all it has";
        this.readAll = "To read every " + Words.spoken(root);
        this.write = "To write one " + Words.spoken(kind);
    }

    Alternatives weigh() {
        List<Plan> plans = new ArrayList<>();
        for (KindsKept way : KindsKept.values()) {
            plans.add(
                    InheritanceTree.isKept(design, root, way)
                            ? Plan.now(title(way), (now, then) -> facts(way, then), t -> statements(way, t))
                            : Plan.move(
                                    design,
                                    title(way),
                                    new KeepKinds(root, way),
                                    (now, then) -> facts(way, then),
                                    t -> statements(way, t)));
        }
        return new Alternatives(
                "Ways to keep the kinds of " + Words.spoken(root),
                design.kinds(root).size() + " kinds \u00b7 " + dialect.title(),
                List.of(readOne, readAll, write),
                new AlternativeDerivation(design, dialect, family).of(plans));
    }

    private static String title(KindsKept way) {
        return switch (way) {
            case TABLE_EACH -> "A table each";
            case ONE_TABLE -> "One table";
            case COMPLETE_TABLES -> "A complete table each";
        };
    }

    private List<Fact> facts(KindsKept way, Tables tables) {
        Map<String, String> statements = statements(way, tables);
        List<Fact> facts = new ArrayList<>();
        facts.add(referable(tables));
        facts.add(required(tables));
        facts.add(SchemaFacts.growth("kind", SchemaGrowth.between(tables.schema(), withKind(tables, root))));
        String joins = Tables.joins(statements.get(readOne)) + " to read a whole " + Words.spoken(kind);
        facts.add(joins.startsWith("no ") ? good(joins) : cost(joins));
        facts.add(SchemaFacts.writes(statements.get(write), "for one"));
        long empty = empty(tables);
        if (empty > 0) {
            facts.add(cost(Words.count(empty, "column") + " empty in every " + Words.spoken(kind)));
        }
        int read = tables.schema().tablesOf(tables.design(), root).size();
        if (read > 1) {
            facts.add(cost("every " + Words.spoken(root) + " is read from " + read + " tables together"));
        }
        apart(way, tables).ifPresent(facts::add);
        return facts;
    }

    /** Whether a foreign key can say which of the family a row is. */
    private Fact referable(Tables tables) {
        Design then = tables.design();
        if (family.stream().anyMatch(e -> !Enforcement.of(then, e).isForeignKey())) {
            return lack("no foreign key can refer to " + Articles.with(Words.spoken(root)) + " of any kind"
                    + SchemaFacts.triggers(tables, "; a trigger can"));
        }
        return family.stream().anyMatch(e -> Enforcement.takesOtherKinds(then, e))
                ? lack("a foreign key to one kind takes a row of any"
                        + SchemaFacts.triggers(tables, "; a trigger can refuse it"))
                : good("a foreign key can refer to any kind");
    }

    /** Whether columns that a kind must fill are required, or nullable with a check beside them. */
    private Fact required(Tables tables) {
        long nullable = family.stream().mapToLong(e -> nullable(tables, e)).sum();
        return nullable == 0
                ? good("every required column is NOT NULL")
                : good("a check, not NOT NULL, requires " + Words.count(nullable, "column") + " of the kinds");
    }

    private static long nullable(Tables tables, String entity) {
        DerivedTable table = tables.table(entity);
        return tables.design().entity(entity).orElseThrow().attributes().stream()
                .filter(a -> !a.optional() && !a.isComputed())
                .mapToLong(a -> nullable(ValueColumns.of(tables.design(), a), table.columnsOf(a.name())))
                .sum();
    }

    private static long nullable(List<ValueColumns.Leaf> leaves, List<Column> columns) {
        return IntStream.range(0, Math.min(leaves.size(), columns.size()))
                .filter(i -> !leaves.get(i).optional() && !columns.get(i).required())
                .count();
    }

    /** The schema with one more kind, which has an attribute of its own. */
    private static Schema withKind(Tables tables, String root) {
        Design design = tables.design();
        Attribute own = Attribute.of("own", Type.of(Scalar.INT));
        Entity kind = Entity.of(FreeName.of(design, "Kind"))
                .withAttributes(List.of(own))
                .withInheritance(Inheritance.of(root));
        List<Entity> entities = new ArrayList<>(design.entities());
        entities.add(kind);
        return Schema.derive(design.withEntities(entities), tables.dialect());
    }

    /** How many columns every row of the kind leaves empty: those of kinds that are not its own. */
    private long empty(Tables tables) {
        Set<String> filled = new HashSet<>(Set.of("", kind));
        InheritanceTree.ancestors(design, kind).forEach(a -> filled.add(a.name()));
        InheritanceTree.descendants(design, kind).forEach(d -> filled.add(d.name()));
        return tables.schema().named(tables.table(kind).name()).stream()
                .flatMap(t -> t.origins().stream())
                .filter(o -> !filled.contains(o.owner()))
                .count();
    }

    /** What of a family in several tables no constraint holds together. */
    private Optional<Fact> apart(KindsKept way, Tables tables) {
        boolean severalTables = way != KindsKept.ONE_TABLE;
        if (!severalTables) {
            return Optional.empty();
        }
        Entity top = tables.design().entity(root).orElseThrow();
        boolean guarded =
                !GuardTriggers.ofKinds(tables.design(), tables.schema(), top).isEmpty();
        String words = way == KindsKept.TABLE_EACH
                ? "no constraint keeps a row in the table of its kind"
                : "no constraint keeps one key out of two tables";
        return Optional.of(lack(words + (guarded ? "; a trigger can" : "")));
    }

    private Map<String, String> statements(KindsKept way, Tables tables) {
        Map<String, String> statements = new LinkedHashMap<>();
        DerivedTable own = tables.table(kind);
        List<DerivedTable> line = way == KindsKept.TABLE_EACH ? line(tables) : List.of(own);
        statements.put(readOne, joined(tables, line) + tables.whereKey(own, own.name()));
        statements.put(readAll, all(way, tables));
        statements.put(write, tables.inserts(line));
        return statements;
    }

    private List<DerivedTable> line(Tables tables) {
        return InheritanceTree.line(design, design.entity(kind).orElseThrow()).stream()
                .map(e -> tables.table(e.name()))
                .toList();
    }

    private static String key(Tables tables, DerivedTable table) {
        return table.keyColumns().stream().map(tables::quote).collect(Collectors.joining(", "));
    }

    private static String joined(Tables tables, List<DerivedTable> line) {
        String first = "select *\nfrom " + tables.quote(line.get(0));
        return first
                + line.stream()
                        .skip(1)
                        .map(t -> "\njoin " + tables.quote(t) + " using (" + key(tables, t) + ")")
                        .collect(Collectors.joining());
    }

    /** Each with what it has as the kind it is; of complete tables what all have, from the view. */
    private String all(KindsKept way, Tables tables) {
        DerivedTable top = tables.schema().rows(root).orElseThrow();
        String start = "select *\nfrom " + tables.quote(top);
        if (way != KindsKept.TABLE_EACH) {
            return start;
        }
        return start
                + family.stream()
                        .skip(1)
                        .map(tables::table)
                        .map(t -> "\nleft join " + tables.quote(t) + " using (" + key(tables, t) + ")")
                        .collect(Collectors.joining());
    }
}
