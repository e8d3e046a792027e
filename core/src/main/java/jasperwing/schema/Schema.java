package jasperwing.schema;

import jasperwing.dialect.Dialect;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Family;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The physical schema of a design in one dialect. Equal when dialect and tables are. */
public final class Schema {
    private final String title;
    private final Dialect dialect;
    private final List<EnumDefinition> enumTypes;
    private final List<Table> tables;
    private final List<View> views;
    private final List<KindsView> kindsViews;
    private final Map<String, Table> byEntity;
    private final Map<BinaryRelationship, Table> byTie = new HashMap<>();
    private final Map<List<String>, Table> byList = new HashMap<>();
    private volatile Map<String, Table> byName;
    private volatile Map<String, String> keyNames;

    /**
     * A schema.
     *
     * @param title the name of the design
     * @param enumTypes in the order of the enums
     * @param tables entities in the order of the design, each followed by its list tables; then join tables, then those of enums
     * @param shapes what entities keep that have no table to themselves: of one in a table of several kinds its part, of one whose rows
     *     are all in the tables of its kinds what those have in common
     * @param views in the order of the entities
     * @param kindsViews in the order of the entities
     */
    Schema(
            String title,
            Dialect dialect,
            List<EnumDefinition> enumTypes,
            List<Table> tables,
            List<Table> shapes,
            List<View> views,
            List<KindsView> kindsViews) {
        this.title = Objects.requireNonNull(title);
        this.dialect = Objects.requireNonNull(dialect);
        this.enumTypes = List.copyOf(enumTypes);
        this.tables = List.copyOf(tables);
        this.views = List.copyOf(views);
        this.kindsViews = List.copyOf(kindsViews);
        this.byEntity = new HashMap<>(2 * this.tables.size());
        this.tables.forEach(this::index);
        shapes.forEach(this::index);
    }

    private void index(Table table) {
        if (table.source() instanceof Table.Source.OfEntity of) {
            byEntity.putIfAbsent(of.entity(), table);
        } else if (table.source() instanceof Table.Source.OfJoin of) {
            byTie.putIfAbsent(of.tie(), table);
        } else if (table.source() instanceof Table.Source.OfList of) {
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
    public List<Table> tables() {
        return tables;
    }

    /** The types with a closed list of values that the database is told of, in the order of the enums. */
    public List<EnumDefinition> enumTypes() {
        return enumTypes;
    }

    /** The views of all rows of the entities whose kinds are kept in complete tables, in the order of the entities. */
    public List<KindsView> kindsViews() {
        return kindsViews;
    }

    /** In the order of the entities. */
    public List<View> views() {
        return views;
    }

    /** The view of an entity, if anything about it is computed from other rows. */
    public Optional<View> view(String entity) {
        return views.stream().filter(v -> v.entity().equals(entity)).findFirst();
    }

    /**
     * The table of an entity; none when the entity is outside or unknown. Of a kind in a table of several, what that keeps of it. Of an
     * entity that is only its kinds, with complete tables, what those have in common, under the name of their view.
     */
    public Optional<Table> table(String entity) {
        return Optional.ofNullable(byEntity.get(entity));
    }

    /**
     * The tables that hold the rows of an entity, those of its kinds included: one, unless its kinds have complete tables each. In the
     * order of the design.
     */
    public List<Table> tablesOf(Design design, String entity) {
        return Enforcement.of(design, entity) == Enforcement.SEVERAL_TABLES
                ? design.entity(entity).stream()
                        .flatMap(e -> Family.withRows(design, e).stream())
                        .flatMap(e -> table(e.name()).stream())
                        .toList()
                : table(entity).stream().toList();
    }

    /** What all rows of an entity can be read from, those of its kinds included: its table, or a view under that one's name. */
    public Optional<Table> rows(String entity) {
        return table(entity).map(t -> kindsViews.stream()
                .filter(v -> v.entity().equals(entity))
                .findFirst()
                .map(v -> t.named(v.name()))
                .orElse(t));
    }

    public Optional<Table> joinTable(BinaryRelationship tie) {
        return Optional.ofNullable(byTie.get(tie));
    }

    public Optional<Table> listTable(String entity, String attribute) {
        return Optional.ofNullable(byList.get(List.of(entity, attribute)));
    }

    public Optional<Table> named(String name) {
        Map<String, Table> known = byName;
        if (known == null) {
            known = new HashMap<>();
            for (Table table : tables) {
                known.putIfAbsent(table.name(), table);
            }
            byName = known;
        }
        return Optional.ofNullable(known.get(name));
    }

    /** The name of the constraint that is a table's primary key; indexes and tables have names of one namespace. */
    String keyName(Table table) {
        Map<String, String> known = keyNames;
        if (known == null) {
            Identifiers names = new Identifiers(dialect.nameLimit(), 2 * tables.size());
            tables.forEach(t -> names.take(t.name()));
            known = new HashMap<>();
            for (Table each : tables) {
                known.put(each.name(), names.take("pk_" + PhysicalNames.orElse(Words.snake(each.name()), "table")));
            }
            keyNames = known;
        }
        return known.get(table.name());
    }

    /** The SQL that creates everything, in an order that works; ends with a line end. */
    public String sql() {
        return script().text();
    }

    /** The SQL that creates one of its tables, when those it points to are there; ends with a line end. */
    public String sql(Table table) {
        return script(List.of(table)).text();
    }

    /** The SQL that creates everything, in an order that works, with where each line comes from. */
    public SqlScript script() {
        return SqlWriter.all(this);
    }

    /** The SQL that creates some of its tables, when the others they point to are there. */
    public SqlScript script(List<Table> some) {
        return SqlWriter.some(this, some);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Schema schema
                && title.equals(schema.title)
                && dialect == schema.dialect
                && enumTypes.equals(schema.enumTypes)
                && tables.equals(schema.tables)
                && views.equals(schema.views)
                && kindsViews.equals(schema.kindsViews);
    }

    @Override
    public int hashCode() {
        return Objects.hash(dialect, tables, views, kindsViews);
    }
}
