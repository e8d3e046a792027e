package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.SchemaStatements;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.physical.Catalog;
import jasperwing.physical.Column;
import jasperwing.physical.View;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The physical schema of a design in one dialect. Equal when dialect and tables are. */
public final class Schema {
    private final String title;
    private final Dialect dialect;
    private final List<DerivedEnum> enums;
    private final List<DerivedTable> tables;
    private final List<DerivedTable> others;
    private final List<ComputedView> views;
    private final List<KindsView> kindsViews;
    private final Map<String, DerivedTable> byEntity;
    private final Map<BinaryRelationship, DerivedTable> byBinary = new HashMap<>();
    private final Map<List<String>, DerivedTable> byList = new HashMap<>();
    private volatile Map<String, DerivedTable> byName;
    private volatile Map<String, String> namespaces;

    /**
     * A schema.
     *
     * @param title the name of the design
     * @param enums in the order of the enums
     * @param tables entities in the order of the design, each followed by its list tables; then join tables, then those of enums
     * @param shapes what entities keep that have no table to themselves: of one in a table of several kinds its part, of one whose rows
     *     are all in the tables of its kinds what those have in common
     * @param others what others keep in the same database, in the order of the entities
     * @param views in the order of the entities
     * @param kindsViews in the order of the entities
     */
    Schema(
            String title,
            Dialect dialect,
            List<DerivedEnum> enums,
            List<DerivedTable> tables,
            List<DerivedTable> shapes,
            List<DerivedTable> others,
            List<ComputedView> views,
            List<KindsView> kindsViews) {
        this.title = Objects.requireNonNull(title);
        this.dialect = Objects.requireNonNull(dialect);
        this.enums = List.copyOf(enums);
        this.tables = List.copyOf(tables);
        this.views = List.copyOf(views);
        this.kindsViews = List.copyOf(kindsViews);
        this.byEntity = new HashMap<>(2 * this.tables.size());
        this.tables.forEach(this::index);
        shapes.forEach(this::index);
        this.others = List.copyOf(others);
    }

    private void index(DerivedTable table) {
        if (table.source() instanceof DerivedTable.Source.OfEntity of) {
            byEntity.putIfAbsent(of.entity(), table);
        } else if (table.source() instanceof DerivedTable.Source.OfJoin of) {
            byBinary.putIfAbsent(of.binary(), table);
        } else if (table.source() instanceof DerivedTable.Source.OfList of) {
            byList.putIfAbsent(List.of(of.entity(), of.attribute()), table);
        }
    }

    /** Derives the schema. Relationships with unknown or keyless ends leave no trace; findings tell of them. */
    public static Schema derive(Design design, Dialect dialect) {
        return derive(design, dialect, new SchemaCache());
    }

    /** The same schema, derived sooner by taking from the memory what an edit has left as it was. */
    public static Schema derive(Design design, Dialect dialect, SchemaCache memory) {
        return new Derivation(design.whole(), dialect, memory).run();
    }

    /** The name of the design. */
    public String title() {
        return title;
    }

    /** The type of a column as the database writes it. */
    public String type(Column column) {
        return dialect.write(column.type());
    }

    public Dialect dialect() {
        return dialect;
    }

    /** Entities in the order of the design, each followed by its list tables; then join tables. */
    public List<DerivedTable> tables() {
        return tables;
    }

    /** Tables that others keep in the same database, in the order of the design: pointed to, and never created. */
    public List<DerivedTable> others() {
        return others;
    }

    /** The types with a closed list of values that the database is told of, in the order of the enums. */
    List<DerivedEnum> enums() {
        return enums;
    }

    /** The views of all rows of the entities whose kinds are kept in complete tables, in the order of the entities. */
    public List<KindsView> kindsViews() {
        return kindsViews;
    }

    /** In the order of the entities. */
    public List<ComputedView> views() {
        return views;
    }

    /** The view of an entity, if anything about it is computed from other rows. */
    public Optional<ComputedView> view(String entity) {
        return views.stream().filter(v -> v.entity().equals(entity)).findFirst();
    }

    /**
     * The table of an entity; none when the entity is outside or unknown. Of a kind in a table of several, what that keeps of it. Of an
     * entity that is only its kinds, with complete tables, what those have in common, under the name of their view.
     */
    public Optional<DerivedTable> table(String entity) {
        return Optional.ofNullable(byEntity.get(entity));
    }

    /** The table of an entity in this database, its own or one of others; none when it lives in another system or is unknown. */
    public Optional<DerivedTable> tableOfAny(String entity) {
        return table(entity).or(() -> others.stream()
                .filter(t -> t.entity().equals(Optional.of(entity)))
                .findFirst());
    }

    /**
     * The tables of this database that hold the rows of an entity, its own or one of others, those of its kinds included: one, unless its
     * kinds have complete tables each. In the order of the design.
     */
    public List<DerivedTable> tablesOf(Design design, String entity) {
        return Enforcement.of(design, entity) == Enforcement.SEVERAL_TABLES
                ? design.entity(entity).stream()
                        .flatMap(e -> InheritanceTree.withRows(design, e).stream())
                        .flatMap(e -> table(e.name()).stream())
                        .toList()
                : tableOfAny(entity).stream().toList();
    }

    /** What all rows of an entity can be read from, those of its kinds included: its table, or a view under that one's name. */
    public Optional<DerivedTable> rows(String entity) {
        return table(entity).map(t -> kindsViews.stream()
                .filter(v -> v.entity().equals(entity))
                .findFirst()
                .map(v -> t.named(v.name()))
                .orElse(t));
    }

    public Optional<DerivedTable> joinTable(BinaryRelationship binary) {
        return Optional.ofNullable(byBinary.get(binary));
    }

    public Optional<DerivedTable> listTable(String entity, String attribute) {
        return Optional.ofNullable(byList.get(List.of(entity, attribute)));
    }

    public Optional<DerivedTable> named(String name) {
        Map<String, DerivedTable> known = byName;
        if (known == null) {
            known = new HashMap<>();
            for (DerivedTable table : tables) {
                known.putIfAbsent(table.name(), table);
            }
            byName = known;
        }
        return Optional.ofNullable(known.get(name));
    }

    /** The schema as it is in the database, without the design: tables in an order in which they can be created. */
    public Catalog catalog() {
        return catalogOf(Order.of(this).tables(), true);
    }

    /**
     * Some of the tables, with the views of them.
     *
     * @param ordered in an order in which they can be created
     * @param enumTypes whether the types come with it
     */
    Catalog catalogOf(List<DerivedTable> ordered, boolean enumTypes) {
        Set<String> there = ordered.stream().map(DerivedTable::name).collect(Collectors.toSet());
        List<KindsView> together = kindsViews.stream()
                .filter(v -> v.tables().stream().allMatch(t -> there.contains(t.table())))
                .toList();
        List<View> all = new ArrayList<>();
        together.forEach(
                v -> all.add(v.view(dialect, namespace(v.tables().get(0).table()))));
        ordered.forEach(t -> viewsOf(t).forEach(all::add));
        views.stream()
                .filter(v -> together.stream().anyMatch(k -> k.name().equals(v.table())))
                .forEach(v -> all.add(
                        v.view(table(v.entity()).map(t -> t.table().namespace()).orElse(""))));
        return new Catalog(
                enumTypes ? enums.stream().map(DerivedEnum::type).toList() : List.of(),
                List.of(),
                ordered.stream().map(DerivedTable::table).toList(),
                ordered.stream().flatMap(t -> Enums.rows(t).stream()).toList(),
                all,
                List.of());
    }

    private Stream<View> viewsOf(DerivedTable table) {
        return views.stream()
                .filter(v -> v.table().equals(table.name()))
                .map(v -> v.view(table.table().namespace()));
    }

    private String namespace(String table) {
        return named(table).map(t -> t.table().namespace()).orElse("");
    }

    /** The statements that create parts of it. */
    public SchemaStatements statements() {
        Map<String, String> known = namespaces;
        if (known == null) {
            known = dialect.hasNamespaces()
                    ? new HashMap<>(catalogOf(tables, false).namespaces())
                    : Map.of();
            for (DerivedTable other : others) {
                if (!other.table().namespace().isEmpty()) {
                    known.put(other.name(), other.table().namespace());
                }
            }
            namespaces = known;
        }
        return dialect.statements(known);
    }

    /** Which element of the design each part comes from. */
    public Provenance provenance() {
        return new Provenance(this);
    }

    /** The SQL that creates everything, in an order that works; ends with a line end. */
    public String sql() {
        return script().text();
    }

    /** The SQL that creates one of its tables, when those it points to are there; ends with a line end. */
    public String sql(DerivedTable table) {
        return script(List.of(table)).text();
    }

    /** The SQL that creates everything, in an order that works, with where each line comes from. */
    public SqlScript script() {
        return SqlWriter.all(this);
    }

    /** The SQL that creates some of its tables, when the others they point to are there. */
    public SqlScript script(List<DerivedTable> some) {
        return SqlWriter.some(this, some);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Schema schema
                && title.equals(schema.title)
                && dialect == schema.dialect
                && enums.equals(schema.enums)
                && tables.equals(schema.tables)
                && others.equals(schema.others)
                && views.equals(schema.views)
                && kindsViews.equals(schema.kindsViews);
    }

    @Override
    public int hashCode() {
        return Objects.hash(dialect, tables, views, kindsViews);
    }
}
