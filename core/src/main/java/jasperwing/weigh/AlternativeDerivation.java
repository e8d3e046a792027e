package jasperwing.weigh;

import jasperwing.classes.ClassDeclarations;
import jasperwing.classes.targets.Targets;
import jasperwing.derive.DerivedTable;
import jasperwing.dialect.Dialect;
import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Neighbours;
import jasperwing.model.Relationship;
import jasperwing.physical.Column;
import jasperwing.physical.Index;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Derives what follows from each of several plans, and what sets them apart. */
final class AlternativeDerivation {
    private final Design design;
    private final Dialect dialect;
    private final Set<String> ends;
    private final Set<String> witnesses;

    /** @param ends the entities that are always shown */
    AlternativeDerivation(Design design, Dialect dialect, Collection<String> ends) {
        this(design, dialect, ends, Set.of());
    }

    /** @param witnesses those of the ends that are shown by their keys alone, and without what else they point to */
    AlternativeDerivation(Design design, Dialect dialect, Collection<String> ends, Set<String> witnesses) {
        this.ends = new LinkedHashSet<>(ends);
        this.witnesses = witnesses;
        this.design = near(design, this.ends);
        this.dialect = dialect;
    }

    /** The design without what is too far away to matter. */
    private static Design near(Design design, Set<String> ends) {
        Set<String> kept = new HashSet<>();
        ends.forEach(e -> kept.addAll(Neighbours.within(design, e, 1)));
        List<Entity> entities =
                design.entities().stream().filter(e -> kept.contains(e.name())).toList();
        List<Relationship> relationships = design.relationships().stream()
                .filter(r -> kept.containsAll(Neighbours.of(r)))
                .toList();
        return design.withEntities(entities).withRelationships(relationships).withSheets(List.of());
    }

    List<Alternative> of(List<Plan> plans) {
        List<Tables> all =
                plans.stream().map(p -> Tables.of(p.edit().on(design), dialect)).toList();
        Tables now = all.get(plans.stream().map(Plan::now).toList().indexOf(true));
        List<Map<String, Set<String>>> code = all.stream().map(this::classLines).toList();
        List<Alternative> ways = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            Plan plan = plans.get(i);
            Tables tables = all.get(i);
            boolean there = plan.hindrance().isEmpty();
            ways.add(new Alternative(
                    plan.title(),
                    plan.now(),
                    plan.edit(),
                    plan.hindrance(),
                    plan.now() || !there ? "" : more(now, tables),
                    there ? facts(plan, now, tables) : List.of(),
                    there ? plan.statements().of(tables) : Map.of(),
                    there ? apart(code, i) : List.of(),
                    there ? sketch(tables, all) : new TableSketch(List.of(), List.of())));
        }
        return ways;
    }

    /** The good first, then what it costs, then what it lacks. */
    private static List<Fact> facts(Plan plan, Tables now, Tables then) {
        return plan.facts().of(now, then).stream()
                .sorted(Comparator.comparing(Fact::weight))
                .toList();
    }

    /** How many more tables, columns and indexes there are. */
    private static String more(Tables now, Tables then) {
        List<String> parts = new ArrayList<>();
        count(parts, then.schema().tables().size() - now.schema().tables().size(), "table");
        count(parts, columns(then) - columns(now), "column");
        count(parts, indexes(then) - indexes(now), "index");
        return String.join(", ", parts);
    }

    private static void count(List<String> parts, int difference, String what) {
        if (difference != 0) {
            String plural = what.equals("index") ? "indexes" : what + "s";
            parts.add((difference > 0 ? "+" : "\u2212") + Math.abs(difference) + " "
                    + (Math.abs(difference) == 1 ? what : plural));
        }
    }

    private static int columns(Tables tables) {
        return tables.schema().tables().stream()
                .mapToInt(t -> t.columns().size())
                .sum();
    }

    private static int indexes(Tables tables) {
        return tables.schema().tables().stream()
                .mapToInt(t -> t.indexes().size() + t.uniqueKeys().size())
                .sum();
    }

    /** The tables that are not the same in every way, and those at the ends. */
    private TableSketch sketch(Tables tables, List<Tables> all) {
        List<DerivedTable> shown = tables.schema().tables().stream()
                .filter(t -> isEnd(t)
                        || all.stream()
                                .anyMatch(o -> !shape(o.schema().named(t.name()).orElse(null))
                                        .equals(shape(t))))
                .toList();
        Map<String, Set<String>> matters = new HashMap<>();
        shown.forEach(t -> matters.put(t.name(), own(t, tables, all)));
        Set<String> quiet = shown.stream()
                .filter(t -> t.source() instanceof DerivedTable.Source.OfEntity of && witnesses.contains(of.entity()))
                .map(DerivedTable::name)
                .collect(Collectors.toSet());
        return TableSketch.of(tables.dialect(), shown, matters, quiet, colors(tables));
    }

    /** The columns that are there in this way and not in every way that has the table, or the like of it. */
    private static Set<String> own(DerivedTable table, Tables here, List<Tables> all) {
        Set<String> common = new HashSet<>();
        boolean alone = true;
        for (Tables other : all) {
            Optional<DerivedTable> same = other.schema().named(table.name());
            if (other != here && same.isPresent()) {
                if (alone) {
                    common.addAll(names(same.get()));
                }
                common.retainAll(names(same.get()));
                alone = false;
            }
        }
        if (alone) {
            all.stream()
                    .flatMap(o -> o.schema().tables().stream())
                    .filter(t -> here.schema().named(t.name()).isEmpty())
                    .forEach(t -> common.addAll(names(t)));
        }
        Set<String> own = new HashSet<>(names(table));
        own.removeAll(common);
        return own;
    }

    private boolean isEnd(DerivedTable table) {
        return table.source() instanceof DerivedTable.Source.OfEntity of && ends.contains(of.entity());
    }

    private static List<Object> shape(DerivedTable table) {
        return table == null
                ? List.of()
                : List.of(
                        table.columns(),
                        table.keyColumns(),
                        table.indexes().stream().map(Index::columns).toList(),
                        table.references().stream()
                                .map(k -> k.columns() + k.target())
                                .toList());
    }

    private static Set<String> names(DerivedTable table) {
        return table.columns().stream().map(Column::name).collect(Collectors.toSet());
    }

    private static Map<String, AreaColor> colors(Tables tables) {
        Map<String, AreaColor> colors = new HashMap<>();
        for (DerivedTable table : tables.schema().tables()) {
            table.entity()
                    .flatMap(tables.design()::entity)
                    .flatMap(e -> tables.design().area(e.area()))
                    .map(Area::color)
                    .ifPresent(c -> colors.put(table.name(), c));
        }
        return colors;
    }

    /** The lines that tell of the shape of the classes of all entities, by the entity. */
    private Map<String, Set<String>> classLines(Tables tables) {
        Set<String> entities = tables.design().entities().stream()
                .map(Entity::name)
                .filter(e -> ends.contains(e) || design.entity(e).isEmpty())
                .collect(Collectors.toSet());
        Map<String, Set<String>> fields = new TreeMap<>();
        Design plain = tables.design().withTargets(List.of());
        Targets.usual().files(plain, tables.schema(), entities).stream()
                .filter(f -> entities.contains(f.entity()))
                .forEach(f -> fields.computeIfAbsent(f.entity(), e -> new LinkedHashSet<>())
                        .addAll(shape(ClassDeclarations.of(f))));
        return fields;
    }

    /** How its kinds are kept, and its fields, each on a line without what says where it is kept or what it is at first. */
    private static List<String> shape(ClassDeclarations declarations) {
        Stream<String> kinds = declarations.head().stream().filter(l -> l.startsWith("@Inheritance"));
        Stream<String> fields = declarations.fields().stream()
                .map(d -> d.lines().get(d.lines().size() - 1).strip());
        return Stream.concat(kinds, fields)
                .map(l -> l.replaceAll("^private |^public |^@", "").replaceAll(" = .*;$|;$", ""))
                .toList();
    }

    /** What one way's classes have that not every way's have. */
    private static List<String> apart(List<Map<String, Set<String>>> all, int index) {
        List<String> lines = new ArrayList<>();
        all.get(index).forEach((entity, fields) -> fields.stream()
                .filter(f -> all.stream()
                        .anyMatch(o -> !o.getOrDefault(entity, Set.of()).contains(f)))
                .forEach(f -> lines.add(entity + ": " + f)));
        return lines;
    }
}
