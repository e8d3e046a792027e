package jasperwing.app.keys;

import jasperwing.app.keys.LedgerTable.Cell;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Enforcement;
import jasperwing.derive.Reference;
import jasperwing.findings.Level;
import jasperwing.findings.Rule;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.reading.Readings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the ledger shows of a design, as text.
 *
 * @param updates whether foreign keys have a cell for what a changed key does
 */
record KeyRows(List<KeyRow> foreignKeys, List<KeyRow> joins, List<KeyRow> oneOfs, boolean updates) {
    /**
     * One row.
     *
     * @param about what to select for it
     * @param state empty when every rule holds for it
     * @param parent the table pointed to; of a join table or a one-of what holds it
     * @param area of what holds it, or empty
     */
    record KeyRow(Selection about, Optional<Level> state, List<Cell> cells, String parent, String area) {
        /** Whether a text stands in one of the cells, whatever its capitals. */
        boolean has(String text) {
            String wanted = text.toLowerCase(Locale.ROOT);
            return cells.stream()
                    .anyMatch(c -> c.text().toLowerCase(Locale.ROOT).contains(wanted));
        }
    }

    static KeyRows of(Projection projection) {
        Builder builder = new Builder(projection);
        projection.schema().tables().forEach(builder::foreignKeys);
        projection.design().relationships().forEach(builder::relationship);
        return new KeyRows(builder.foreignKeys, builder.joins, builder.oneOfs, builder.updates);
    }

    private static final class Builder {
        private final Projection projection;
        private final Map<Relationship, Level> levels;
        private final boolean updates;
        private final List<KeyRow> foreignKeys = new ArrayList<>();
        private final List<KeyRow> joins = new ArrayList<>();
        private final List<KeyRow> oneOfs = new ArrayList<>();

        Builder(Projection projection) {
            this.projection = projection;
            this.levels = projection.report().byRelationship();
            this.updates = projection.schema().tables().stream()
                    .flatMap(t -> t.references().stream())
                    .flatMap(r -> r.foreignKeys().stream())
                    .anyMatch(k -> k.onUpdate() != ForeignKey.Action.NO_ACTION);
        }

        private Optional<Level> state(Relationship relationship) {
            return Optional.ofNullable(levels.get(relationship));
        }

        private String area(String entity) {
            return projection.design().entity(entity).map(Entity::area).orElse("");
        }

        void foreignKeys(DerivedTable table) {
            for (Reference key : table.references()) {
                foreignKeys.add(
                        key.role().map(role -> foreignKey(table, key, role)).orElseGet(() -> table.source()
                                .match(
                                        of -> ofEntity(
                                                table,
                                                key,
                                                of.entity(),
                                                (isEnum(key) ? "is one of " : "is a kind of ") + key.targetEntity()),
                                        join -> ofJoin(table, key, join.binary()),
                                        list -> ofEntity(
                                                table,
                                                key,
                                                list.entity(),
                                                isEnum(key)
                                                        ? "is one of " + key.targetEntity()
                                                        : "is in " + list.attribute() + " of " + list.entity()),
                                        of -> ofEntity(table, key, "", ""))));
            }
        }

        private KeyRow ofEntity(DerivedTable table, Reference key, String entity, String because) {
            return new KeyRow(
                    Selection.of(entity), Optional.empty(), cells(table, key, because), key.target(), area(entity));
        }

        private KeyRow ofJoin(DerivedTable table, Reference key, BinaryRelationship binary) {
            return new KeyRow(
                    Selection.of(binary),
                    state(binary),
                    cells(table, key, "pairs " + binary.from() + " and " + binary.to()),
                    key.target(),
                    area(binary.from()));
        }

        private boolean isEnum(Reference key) {
            return projection
                    .schema()
                    .named(key.target())
                    .filter(t -> t.source() instanceof DerivedTable.Source.OfEnum)
                    .isPresent();
        }

        private KeyRow foreignKey(DerivedTable table, Reference key, Role role) {
            return new KeyRow(
                    Selection.of(role.relationship()),
                    state(role.relationship()),
                    cells(table, key, because(role, key.targetEntity())),
                    key.target(),
                    area(role.holder()));
        }

        private List<Cell> cells(DerivedTable table, Reference key, String because) {
            Column first = table.column(key.columns().get(0)).orElseThrow();
            String types = key.allColumns().stream()
                    .map(c -> projection.schema().type(table.column(c).orElseThrow()))
                    .distinct()
                    .collect(Collectors.joining(", "));
            String target = key.target() + "." + String.join(", ", key.allTargetColumns());
            String loose = key.enforcement() == Enforcement.OUTSIDE ? " (outside)" : " (several tables)";
            List<Cell> cells = new ArrayList<>(List.of(
                    Cell.code(table.name() + "." + String.join(", ", key.allColumns())),
                    Cell.code("\u2192 " + target + (key.enforced() ? "" : loose)),
                    Cell.words(because),
                    Cell.code(types),
                    Cell.words(first.required() ? "no" : "yes"),
                    Cell.words(deleting(key)),
                    Cell.words(
                            table.isUnique(key.columns()) ? "unique" : table.isIndexed(key.columns()) ? "yes" : "no")));
            if (updates) {
                cells.add(Cell.words(updating(key)));
            }
            return cells;
        }

        private String updating(Reference key) {
            return key.foreignKeys().stream()
                    .findFirst()
                    .map(k -> projection.schema().dialect().write(k.onUpdate()))
                    .orElse("");
        }

        private String deleting(Reference key) {
            return key.foreignKeys().stream()
                    .findFirst()
                    .map(k -> projection.schema().dialect().write(k.onDelete()) + (key.late() ? ", deferred" : ""))
                    .orElseGet(() -> key.effect().words());
        }

        private static String because(Role role, String target) {
            Relationship relationship = role.relationship();
            if (relationship instanceof BinaryRelationship binary
                    && binary.shape() == BinaryRelationship.Shape.LINKED) {
                return "links " + target;
            }
            boolean forward = relationship instanceof PolymorphicRelationship
                    || relationship instanceof BinaryRelationship binary && binary.fromHolds();
            Optional<Reading> reading = forward ? Optional.of(relationship.forward()) : relationship.back();
            return reading.map(r -> Readings.thirdPerson(r.verb()) + " " + target)
                    .orElse("of " + target);
        }

        void relationship(Relationship relationship) {
            if (relationship instanceof PolymorphicRelationship oneOf) {
                oneOf(oneOf);
            } else if (relationship instanceof BinaryRelationship binary && binary.isOfPairsAlone()) {
                projection
                        .schema()
                        .joinTable(binary)
                        .ifPresent(t -> joins.add(new KeyRow(
                                Selection.of(binary),
                                state(binary),
                                List.of(
                                        Cell.code(t.name()),
                                        Cell.words(binary.from() + " \u00d7 " + binary.to()),
                                        Cell.code("(" + String.join(", ", t.keyColumns()) + ")"),
                                        Cell.words("nothing"),
                                        Cell.words(
                                                binary.back().isPresent()
                                                        ? "a set on both sides"
                                                        : "a set on " + binary.from())),
                                binary.from(),
                                area(binary.from()))));
            } else if (relationship instanceof BinaryRelationship binary
                    && binary.shape() == BinaryRelationship.Shape.LINKED) {
                projection.schema().table(binary.via()).ifPresent(t -> joins.add(link(binary, t)));
            }
        }

        private KeyRow link(BinaryRelationship binary, DerivedTable table) {
            String carries = projection.design().entity(binary.via()).stream()
                    .map(Entity::attributes)
                    .flatMap(List::stream)
                    .map(a -> a.name())
                    .collect(Collectors.joining(", "));
            String uniques = table.uniqueKeys().stream()
                    .map(u -> " + unique (" + String.join(", ", u.compared()) + ")")
                    .collect(Collectors.joining());
            return new KeyRow(
                    Selection.of(binary),
                    state(binary),
                    List.of(
                            Cell.code(table.name()),
                            Cell.words(binary.from() + " \u00d7 " + binary.to()),
                            Cell.code("(" + String.join(", ", table.keyColumns()) + ")" + uniques),
                            Cell.words(carries.isEmpty() ? "nothing" : carries),
                            Cell.words("a class of its own")),
                    binary.from(),
                    area(binary.via()));
        }

        private void oneOf(PolymorphicRelationship oneOf) {
            List<String> columns = projection.schema().table(oneOf.from()).stream()
                    .flatMap(t -> t.columnsOf(Roles.forward(oneOf)).stream())
                    .map(Column::name)
                    .toList();
            boolean each = oneOf.kept() == PolymorphicMapping.COLUMN_EACH;
            Optional<DerivedTable> holder = projection.schema().table(oneOf.from());
            String types = columns.stream()
                    .flatMap(c -> holder.flatMap(t -> t.column(c)).stream())
                    .map(projection.schema()::type)
                    .distinct()
                    .collect(Collectors.joining(", "));
            boolean indexed = each
                    ? holder.filter(t -> t.referencesOf(Roles.of(oneOf).get(0)).stream()
                                    .allMatch(k -> t.isIndexed(k.columns())))
                            .isPresent()
                    : holder.filter(t -> t.isIndexed(columns)).isPresent();
            oneOfs.add(new KeyRow(
                    Selection.of(oneOf),
                    state(oneOf),
                    List.of(
                            Cell.code(projection
                                            .schema()
                                            .table(oneOf.from())
                                            .map(DerivedTable::name)
                                            .orElse("") + "."
                                    + (each ? Roles.forward(oneOf) + "_\u2026" : String.join(" + ", columns))),
                            Cell.words(String.join(", ", oneOf.subjects())),
                            Cell.words(oneOf.kept().words()),
                            Cell.code(types),
                            Cell.words(indexed ? "yes" : "no"),
                            Cell.words(enforced(oneOf))),
                    oneOf.from(),
                    area(oneOf.from())));
        }

        private String enforced(PolymorphicRelationship oneOf) {
            Role role = Roles.of(oneOf).get(0);
            Optional<Enforcement> gap = oneOf.subjects().stream()
                    .map(s -> Enforcement.of(projection.design(), role, s))
                    .filter(e -> !e.isForeignKey())
                    .findFirst();
            boolean differ = projection.report().findings().stream()
                    .anyMatch(f -> f.rule() == Rule.ONE_OF_KEYS_DIFFER
                            && f.subject().relationship().equals(Optional.of(oneOf)));
            if (gap.isPresent()) {
                return differ ? "no: the keys differ" : "no: " + gap.get().reason();
            }
            return Enforcement.checksOneFilled(projection.schema().dialect(), oneOf)
                    ? "yes, each key and that " + (oneOf.forward().must() ? "exactly" : "at most") + " one is filled"
                    : "each key, but not that only one is filled";
        }
    }
}
