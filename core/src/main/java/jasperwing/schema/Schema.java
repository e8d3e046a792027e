package jasperwing.schema;

import jasperwing.model.Design;
import jasperwing.model.Tie;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The physical schema of a design in one dialect. Equal when dialect and tables are. */
public final class Schema {
    private final Dialect dialect;
    private final List<Table> tables;
    private final Map<Table.Source, Table> bySource = new HashMap<>();
    private final Map<String, Table> byName = new HashMap<>();

    /** @param tables entities in the order of the design, each followed by its list tables; then join tables */
    public Schema(Dialect dialect, List<Table> tables) {
        this.dialect = Objects.requireNonNull(dialect);
        this.tables = List.copyOf(tables);
        for (Table table : this.tables) {
            bySource.putIfAbsent(table.source(), table);
            byName.putIfAbsent(table.name(), table);
        }
    }

    /** Derives the schema. Relationships with unknown or keyless ends leave no trace; findings tell of them. */
    public static Schema derive(Design design, Dialect dialect) {
        return derive(design, dialect, new SchemaMemory());
    }

    /** The same schema, derived sooner by taking from the memory what an edit has left as it was. */
    public static Schema derive(Design design, Dialect dialect, SchemaMemory memory) {
        return new Derivation(design, dialect, memory).run();
    }

    public Dialect dialect() {
        return dialect;
    }

    /** Entities in the order of the design, each followed by its list tables; then join tables. */
    public List<Table> tables() {
        return tables;
    }

    /** The table of an entity; none when the entity is outside or unknown. */
    public Optional<Table> table(String entity) {
        return from(new Table.Source.OfEntity(entity));
    }

    public Optional<Table> joinTable(Tie tie) {
        return from(new Table.Source.OfJoin(tie));
    }

    public Optional<Table> listTable(String entity, String attribute) {
        return from(new Table.Source.OfList(entity, attribute));
    }

    private Optional<Table> from(Table.Source source) {
        return Optional.ofNullable(bySource.get(source));
    }

    public Optional<Table> named(String name) {
        return Optional.ofNullable(byName.get(name));
    }

    /** The SQL that creates everything, in an order that works; ends with a line end. */
    public String sql() {
        StringBuilder out = new StringBuilder();
        new SqlWriter(this, out).write();
        return out.toString();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Schema schema && dialect == schema.dialect && tables.equals(schema.tables);
    }

    @Override
    public int hashCode() {
        return Objects.hash(dialect, tables);
    }
}
