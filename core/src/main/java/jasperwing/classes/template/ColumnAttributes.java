package jasperwing.classes.template;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.KeyTypes;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Which attribute a column keeps the values of: its own, or that of the key it points to. */
final class ColumnAttributes {
    private static final Attribute TEXT = Attribute.of("text", Type.of(Scalar.LONG_TEXT));
    private static final Attribute NUMBER = Attribute.of("position", Type.of(Scalar.INT));

    /** Keys can point to each other in a circle that can never be filled. */
    private static final int DEEPEST = 12;

    private final Design design;
    private final Schema schema;
    private final Map<String, Attribute> known = new HashMap<>();

    /** @param design with the attributes of traits in the entities that have them */
    ColumnAttributes(Design design, Schema schema) {
        this.design = design;
        this.schema = schema;
    }

    Attribute of(DerivedTable table, Column column) {
        return of(table, column, 0);
    }

    private Attribute of(DerivedTable table, Column column, int depth) {
        String at = table.name() + "." + column.name();
        Attribute found = known.get(at);
        if (found == null) {
            found = pointed(table, column, depth)
                    .or(() -> own(table, column))
                    .or(() -> kindAndId(table, column))
                    .orElse(TEXT);
            known.put(at, found);
        }
        return found;
    }

    private Optional<Attribute> pointed(DerivedTable table, Column column, int depth) {
        for (Reference key : table.references()) {
            int index = key.columns().indexOf(column.name());
            if (index >= 0 && depth < DEEPEST && !isEnum(schema, key)) {
                return Optional.of(target(key.targetEntity(), key.targetColumns(), index, depth));
            }
        }
        return Optional.empty();
    }

    /** Whether a key points to the table of an enum. */
    static boolean isEnum(Schema schema, Reference key) {
        return schema.named(key.target())
                .filter(t -> t.source() instanceof DerivedTable.Source.OfEnum)
                .isPresent();
    }

    private Attribute target(String entity, List<String> columns, int index, int depth) {
        Optional<DerivedTable> target =
                schema.table(entity).or(() -> schema.table(InheritanceTree.root(design, entity)));
        return target.flatMap(t -> t.column(columns.get(index)).map(c -> of(t, c, depth + 1)))
                .or(() -> outside(entity, index))
                .orElse(TEXT);
    }

    private Optional<Attribute> outside(String entity, int index) {
        return design.entity(entity)
                .filter(e -> index < e.key().names().size())
                .flatMap(e -> e.attribute(e.key().names().get(index)));
    }

    private Optional<Attribute> own(DerivedTable table, Column column) {
        return leaf(table, column)
                .map(ValueColumns.Leaf::attribute)
                .or(() -> table.source() instanceof DerivedTable.Source.OfList && position(table, column) == 0
                        ? Optional.of(NUMBER)
                        : Optional.empty());
    }

    /** What a column that is no reference keeps: an attribute of its entity, or a part of one that is a value. */
    Optional<ValueColumns.Leaf> leaf(DerivedTable table, Column column) {
        return table.source()
                .match(
                        entity -> design.entity(entity.entity()).flatMap(e -> ofEntity(e, table, column)),
                        join -> Optional.empty(),
                        list -> ofList(list, table, column),
                        enumeration -> Optional.empty());
    }

    private Optional<ValueColumns.Leaf> ofEntity(Entity entity, DerivedTable table, Column column) {
        String member = table.origin(column).member();
        return Stream.concat(Stream.of(entity), relatives(entity))
                .flatMap(e -> e.attributes().stream())
                .filter(a -> a.name().equals(member))
                .findFirst()
                .flatMap(a -> ofAttribute(a, table, column));
    }

    private Stream<Entity> relatives(Entity entity) {
        return Stream.concat(
                InheritanceTree.ancestors(design, entity.name()).stream(),
                InheritanceTree.descendants(design, entity.name()).stream());
    }

    private Optional<ValueColumns.Leaf> ofAttribute(Attribute attribute, DerivedTable table, Column column) {
        if (attribute.isListInRow()
                || ValueColumns.value(design, attribute.type()).isEmpty()) {
            return Optional.of(new ValueColumns.Leaf(List.of(), attribute, column.name(), attribute.optional()));
        }
        List<Column> columns = table.columnsOf(table.origin(column));
        return at(ValueColumns.of(design, attribute), columns.indexOf(column));
    }

    private Optional<ValueColumns.Leaf> ofList(DerivedTable.Source.OfList of, DerivedTable table, Column column) {
        return design.entity(of.entity())
                .flatMap(e -> e.attribute(of.attribute()))
                .flatMap(a -> at(ValueColumns.of(design, a), position(table, column) - 1));
    }

    private static Optional<ValueColumns.Leaf> at(List<ValueColumns.Leaf> leaves, int index) {
        return index >= 0 && index < leaves.size() ? Optional.of(leaves.get(index)) : Optional.empty();
    }

    /** Where a column of a list's table is, counted from that of the position. */
    private static int position(DerivedTable table, Column column) {
        return table.columns().indexOf(column) - table.keyColumns().size() + 1;
    }

    /** Of a kind and an id the second column has the type that holds the keys of all subjects. */
    private Optional<Attribute> kindAndId(DerivedTable table, Column column) {
        String member = table.origin(column).member();
        List<Column> both = table.columnsOf(member);
        if (both.size() != 2 || !both.get(1).equals(column)) {
            return Optional.empty();
        }
        return design.relationships().stream()
                .filter(r -> r instanceof PolymorphicRelationship oneOf
                        && oneOf.kept() == PolymorphicMapping.KIND_AND_ID
                        && Roles.forward(oneOf).equals(member)
                        && table.source() instanceof DerivedTable.Source.OfEntity of
                        && isOfFamily(of.entity(), r.from()))
                .findFirst()
                .map(r -> Attribute.of(member, KeyTypes.idType(design, r.targets())));
    }

    /** Whether rows of one entity can have what another refers to. */
    private boolean isOfFamily(String entity, String other) {
        return InheritanceTree.root(design, entity).equals(InheritanceTree.root(design, other));
    }
}
