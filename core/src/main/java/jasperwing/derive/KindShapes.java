package jasperwing.derive;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.naming.Identifiers;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What kinds keep that have no table to themselves. */
final class KindShapes {
    private final Design design;
    private final PhysicalNames names;

    KindShapes(Design design, PhysicalNames names) {
        this.design = design;
        this.names = names;
    }

    /** Whether all rows of an entity are in the complete tables of its kinds, so that it has none. */
    static boolean isOnlyShape(Design design, Entity entity) {
        return entity.inheritance().onlyKinds()
                && !design.kinds(entity.name()).isEmpty()
                && InheritanceTree.isKept(design, entity.name(), KindsKept.COMPLETE_TABLES);
    }

    /** The parts of kinds in the tables that keep several. */
    List<DerivedTable> amongOthers(List<DerivedTable> tables) {
        Map<String, DerivedTable> byEntity = new LinkedHashMap<>();
        for (DerivedTable table : tables) {
            if (table.source() instanceof DerivedTable.Source.OfEntity of
                    && table.kinds().isPresent()) {
                byEntity.put(of.entity(), table);
            }
        }
        List<DerivedTable> parts = new ArrayList<>();
        byEntity.forEach((root, table) -> InheritanceTree.descendants(design, root).stream()
                .filter(k -> PhysicalNames.isAmongOthers(design, k))
                .forEach(k -> parts.add(part(table, k))));
        return parts;
    }

    private DerivedTable part(DerivedTable table, Entity kind) {
        Set<String> owners = new HashSet<>(Set.of(kind.name()));
        InheritanceTree.ancestors(design, kind.name()).forEach(a -> owners.add(a.name()));
        List<String> rows = InheritanceTree.withRows(design, kind).stream()
                .map(Entity::name)
                .toList();
        return table.of(
                new DerivedTable.Source.OfEntity(kind.name()),
                owners,
                new DerivedTable.Kinds(table.kinds().orElseThrow().column(), rows, true),
                kind.notes().doc());
    }

    /** The views of all rows of those whose kinds are kept in complete tables. */
    List<KindsView> views(Schema schema) {
        return design.entities().stream()
                .filter(e -> !design.kinds(e.name()).isEmpty()
                        && InheritanceTree.isKept(design, e.name(), KindsKept.COMPLETE_TABLES)
                        && !InheritanceTree.withRows(design, e).isEmpty()
                        && design.entity(e.name()).orElseThrow() == e)
                .map(e -> view(schema, e))
                .toList();
    }

    private KindsView view(Schema schema, Entity entity) {
        DerivedTable shape = schema.table(entity.name()).orElseThrow();
        List<String> columns = shape.columns().stream().map(Column::name).toList();
        Identifiers columnNames = names.columns();
        columns.forEach(columnNames::take);
        List<KindsView.OfKind> tables = InheritanceTree.withRows(design, entity).stream()
                .map(k -> new KindsView.OfKind(k.name(), names.table(k.name())))
                .toList();
        return new KindsView(names.allKinds(entity), entity.name(), columnNames.take("kind"), columns, tables);
    }
}
