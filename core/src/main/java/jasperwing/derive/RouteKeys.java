package jasperwing.derive;

import jasperwing.formula.Term;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Step;
import jasperwing.physical.Column;
import jasperwing.physical.Index;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The foreign keys of several columns that hold rules by which two routes lead to the same row, and what must be unique for them. */
final class RouteKeys {
    private final Design design;
    private final KeyColumns keys;
    private final Identifiers names;
    private final Map<String, DerivedTable> tables = new LinkedHashMap<>();
    private final Map<String, String> tableOf = new HashMap<>();

    private RouteKeys(Design design, KeyColumns keys, Identifiers names) {
        this.design = design;
        this.keys = keys;
        this.names = names;
    }

    /**
     * The tables, with such keys where the design has such rules.
     *
     * @param constraints the names of constraints and indexes that are taken; those of the keys are not taken, so that they do not depend on what was
     *     derived before
     */
    static List<DerivedTable> added(
            Design design, KeyColumns keys, Identifiers constraints, List<DerivedTable> tables) {
        List<Entity> ruled = design.entities().stream()
                .filter(e -> e.rules().stream().anyMatch(AgreedRoutes::isStatedBy))
                .toList();
        if (ruled.isEmpty()) {
            return tables;
        }
        RouteKeys added = new RouteKeys(design, keys, constraints.copy());
        tables.forEach(added::take);
        ruled.forEach(added::hold);
        return List.copyOf(added.tables.values());
    }

    private void take(DerivedTable table) {
        tables.put(table.name(), table);
        if (table.source() instanceof DerivedTable.Source.OfEntity of) {
            tableOf.put(of.entity(), table.name());
        }
    }

    private Optional<DerivedTable> table(String entity) {
        return Optional.ofNullable(tableOf.get(entity)).map(tables::get);
    }

    private void hold(Entity entity) {
        Map<Step, List<AgreedRoutes>> byReference = AgreedRoutes.of(design, entity).values().stream()
                .collect(Collectors.groupingBy(AgreedRoutes::reference, LinkedHashMap::new, Collectors.toList()));
        byReference.forEach((step, all) -> {
            Optional<DerivedTable> own = table(entity.name());
            Optional<DerivedTable> other = table(step.to());
            Optional<Reference> reference = own.flatMap(t -> t.references().stream()
                    .filter(r -> r.enforced() && isOf(r, step))
                    .findFirst());
            if (reference.isPresent() && other.isPresent()) {
                agreed(own.get(), other.get(), all).ifPresent(a -> hold(own.get(), other.get(), reference.get(), a));
            }
        });
    }

    /** The columns that are the same; none where a table has not all that is wanted, as in a design with errors. */
    private Optional<Reference.Agreed> agreed(DerivedTable own, DerivedTable other, List<AgreedRoutes> all) {
        List<AgreedRoutes.Pair> pairs =
                all.stream().flatMap(r -> r.pairs().stream()).toList();
        List<String> here =
                pairs.stream().flatMap(p -> column(own, p.here(), 0).stream()).toList();
        List<String> there = pairs.stream()
                .flatMap(p -> column(other, p.there(), 1).stream())
                .toList();
        return here.size() == pairs.size() && there.size() == pairs.size()
                ? Optional.of(new Reference.Agreed(here, there, ""))
                : Optional.empty();
    }

    private static boolean isOf(Reference reference, Step step) {
        return reference
                .role()
                .filter(r -> r.name().equals(step.name()) && r.relationship().equals(step.relationship()))
                .isPresent();
    }

    /** @param from the first of the steps that starts at the table */
    private Optional<String> column(DerivedTable table, Term.Member member, int from) {
        List<Step> steps = member.steps().subList(from, member.steps().size());
        return keys.repeated(
                role -> table.columnsOf(role).stream().map(Column::name).toList(),
                steps,
                member.leaf().name());
    }

    private void hold(DerivedTable own, DerivedTable other, Reference held, Reference.Agreed agreed) {
        List<String> here = agreed.columns();
        boolean always = here.stream()
                .allMatch(c -> own.column(c).filter(Column::required).isPresent());
        String beside = always ? "" : name("fk", own.name(), concat(held.columns(), here));
        Reference wide = held.with(new Reference.Agreed(here, agreed.targetColumns(), beside));
        DerivedTable holding = own.withReferences(
                own.references().stream().map(r -> r.equals(held) ? wide : r).toList());
        tables.put(own.name(), holding.with(indexed(holding.table(), held.columns(), wide.allColumns())));
        tables.computeIfPresent(other.name(), (n, t) -> unique(t, wide.allTargetColumns()));
    }

    /** Rows are found by all columns of the key: a database that wants an index for it takes this one. */
    private Table indexed(Table table, List<String> less, List<String> all) {
        List<Index> indexes = new ArrayList<>(table.indexes());
        indexes.removeIf(i -> i.isPlain() && i.columns().equals(less));
        Table bare = table.withIndexes(indexes);
        if (!bare.isIndexed(all)) {
            indexes.add(Index.of(name("ix", table.name(), all), all));
        }
        return table.withIndexes(indexes);
    }

    private DerivedTable unique(DerivedTable table, List<String> columns) {
        boolean known = table.uniqueKeys().stream()
                .anyMatch(u -> u.constraint().isPresent() && u.columns().equals(columns));
        return known || table.keyColumns().equals(columns)
                ? table
                : table.withUnique(new UniqueKey(name("uq", table.name(), columns), columns, Set.of(), List.of()));
    }

    private String name(String prefix, String table, List<String> columns) {
        return PhysicalNames.constraint(design.naming(), names, prefix, table, columns);
    }

    private static List<String> concat(List<String> one, List<String> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }
}
