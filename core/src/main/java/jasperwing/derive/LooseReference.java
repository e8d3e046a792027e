package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Columns of a table that refer to rows of one or more others without a foreign key that holds it, or with one that also accepts rows of
 * another kind.
 *
 * @param holder the table with the columns
 * @param columns those that refer; for a kind and an id these two
 * @param places where the rows referred to can be
 * @param unchecked for a kind and an id, the kinds whose rows cannot be looked up: they are in another system, or their key has several columns
 */
public record LooseReference(
        Dialect dialect, DerivedTable holder, List<String> columns, List<Place> places, List<String> unchecked) {
    public LooseReference {
        columns = List.copyOf(columns);
        places = List.copyOf(places);
        unchecked = List.copyOf(unchecked);
    }

    /**
     * A table in which the row referred to can be.
     *
     * @param condition when a row of the holder refers to a row of the table, given what the columns of either are called by
     * @param rule what the design wants when that row is deleted
     * @param keyChange what the design wants when its key changes
     * @param held whether a foreign key holds that there is a row, though perhaps of another kind
     */
    record Place(
            DerivedTable table,
            List<String> key,
            BiFunction<String, String, String> condition,
            DeleteRule rule,
            KeyChangeRule keyChange,
            boolean held) {}

    /** The tables of the rows it can refer to. */
    public List<DerivedTable> targets() {
        return places.stream().filter(p -> !p.held()).map(Place::table).toList();
    }

    /** All of a schema: those of a kind and an id in the order of the relationships, then the others in the order of the tables. */
    public static List<LooseReference> all(Design design, Schema schema) {
        List<LooseReference> all = new ArrayList<>();
        for (Relationship relationship : design.relationships()) {
            if (relationship instanceof PolymorphicRelationship oneOf
                    && oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
                all.addAll(ofKindAndId(design, schema, oneOf));
            }
        }
        schema.tables().forEach(t -> all.addAll(ofKeys(design, schema, t, k -> true)));
        return all;
    }

    /** Those of one relationship; none where foreign keys hold all of it. */
    public static List<LooseReference> of(Design design, Schema schema, Relationship relationship) {
        if (relationship instanceof PolymorphicRelationship oneOf && oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
            return ofKindAndId(design, schema, oneOf);
        }
        Stream<DerivedTable> holders = relationship.match(
                binary -> Stream.concat(
                        schema.joinTable(binary).stream(),
                        Roles.of(binary).stream().map(Role::holder).distinct().flatMap(h -> tables(design, schema, h))),
                oneOf -> tables(design, schema, oneOf.from()));
        return holders.flatMap(t -> ofKeys(design, schema, t, k -> isOf(k, t, relationship)).stream())
                .toList();
    }

    private static boolean isOf(Reference key, DerivedTable table, Relationship relationship) {
        return key.role().map(r -> r.relationship().equals(relationship)).orElse(false)
                || table.source() instanceof DerivedTable.Source.OfJoin join
                        && join.binary().equals(relationship);
    }

    /** The tables as they are, not what they keep of one kind. */
    private static Stream<DerivedTable> tables(Design design, Schema schema, String entity) {
        return schema.tablesOf(design, entity).stream().flatMap(t -> schema.named(t.name()).stream());
    }

    /** Not of what others keep, whose references are theirs. */
    private static List<LooseReference> ofKindAndId(Design design, Schema schema, PolymorphicRelationship oneOf) {
        List<LooseReference> found = new ArrayList<>();
        for (DerivedTable holder : schema.tablesOf(design, oneOf.from())) {
            List<String> columns = holder.columnsOf(Roles.forward(oneOf)).stream()
                    .map(Column::name)
                    .toList();
            if (columns.size() == 2 && schema.named(holder.name()).isPresent()) {
                found.add(ofKindAndId(design, schema, oneOf, holder));
            }
        }
        return found;
    }

    private static LooseReference ofKindAndId(
            Design design, Schema schema, PolymorphicRelationship oneOf, DerivedTable holder) {
        List<Column> columns = holder.columnsOf(Roles.forward(oneOf));
        List<Place> places = new ArrayList<>();
        List<String> unchecked = new ArrayList<>();
        for (String subject : oneOf.subjects()) {
            List<DerivedTable> tables = schema.tablesOf(design, subject).stream()
                    .filter(t -> t.keyColumns().size() == 1)
                    .toList();
            tables.forEach(t -> places.add(new Place(
                    t,
                    t.keyColumns(),
                    (h, at) -> kindAndId(schema.dialect(), columns, subject, t, h, at),
                    oneOf.onDelete(subject),
                    oneOf.onKeyChange(subject),
                    false)));
            if (tables.isEmpty()) {
                unchecked.add(subject);
            }
        }
        return new LooseReference(
                schema.dialect(), holder, columns.stream().map(Column::name).toList(), places, unchecked);
    }

    /** Keys of other types than the id column are compared as text. */
    private static String kindAndId(
            Dialect dialect, List<Column> columns, String subject, DerivedTable target, String holder, String at) {
        Column key = target.column(target.keyColumns().get(0)).orElseThrow();
        String value = at + dialect.quote(key.name());
        boolean alike = key.type().equals(columns.get(1).type());
        return holder + dialect.quote(columns.get(0).name()) + " = " + dialect.literal(subject) + " and " + holder
                + dialect.quote(columns.get(1).name()) + " = "
                + (alike ? value : "cast(" + value + " as " + dialect.textCast() + ")")
                + ofKind(dialect, target, at);
    }

    /** That a row of a table of several kinds is of the wanted ones; blank where all are. */
    private static String ofKind(Dialect dialect, DerivedTable table, String at) {
        return table.kinds()
                .filter(DerivedTable.Kinds::others)
                .map(k -> k.names().isEmpty()
                        ? " and 1 = 0"
                        : " and " + at + dialect.quote(k.column()) + " in ("
                                + k.names().stream().map(dialect::literal).collect(Collectors.joining(", ")) + ")")
                .orElse("");
    }

    private static List<LooseReference> ofKeys(
            Design design, Schema schema, DerivedTable holder, Predicate<Reference> wanted) {
        List<LooseReference> found = new ArrayList<>();
        for (Reference key : holder.references()) {
            boolean scattered = key.enforcement() == Enforcement.SEVERAL_TABLES;
            boolean mixed = key.enforced() && Enforcement.takesOtherKinds(design, key.targetEntity());
            if ((scattered || mixed) && wanted.test(key)) {
                List<Place> places = schema.tablesOf(design, key.targetEntity()).stream()
                        .filter(t -> t.keyColumns().size() == key.columns().size())
                        .filter(t -> scattered
                                || t.kinds().filter(k -> !k.names().isEmpty()).isPresent())
                        .map(t -> place(schema.dialect(), key, t))
                        .toList();
                if (!places.isEmpty()) {
                    found.add(new LooseReference(schema.dialect(), holder, key.columns(), places, List.of()));
                }
            }
        }
        return found;
    }

    private static Place place(Dialect dialect, Reference key, DerivedTable target) {
        return new Place(
                target,
                target.keyColumns(),
                (h, at) -> IntStream.range(0, key.columns().size())
                                .mapToObj(i -> h + dialect.quote(key.columns().get(i)) + " = " + at
                                        + dialect.quote(target.keyColumns().get(i)))
                                .collect(Collectors.joining(" and "))
                        + ofKind(dialect, target, at),
                key.onDelete(),
                key.statedKeyChange(),
                key.enforced());
    }

    /** The query for rows that refer to nothing, or to a row of another kind. */
    public String dangling() {
        String at = dialect.quote(holder.name());
        String filled = columns.stream()
                .map(c -> at + "." + dialect.quote(c) + " is not null")
                .collect(Collectors.joining(" and "));
        return "select * from " + dialect.quote(holder.table()) + "\nwhere " + filled + " and not (\n  "
                + reached(at + ".") + ");\n";
    }

    /**
     * That there is a row referred to.
     *
     * @param holding what the columns of the holder are called by, with a point at its end
     */
    String reached(String holding) {
        List<String> ways = new ArrayList<>();
        if (!unchecked.isEmpty()) {
            ways.add(holding + dialect.quote(columns.get(0)) + " in ("
                    + unchecked.stream().map(dialect::literal).collect(Collectors.joining(", ")) + ")");
        }
        places.forEach(p -> ways.add("exists (select 1 from "
                + dialect.quote(p.table().table()) + " t where " + p.condition().apply(holding, "t.") + ")"));
        return String.join("\n  or ", ways);
    }
}
