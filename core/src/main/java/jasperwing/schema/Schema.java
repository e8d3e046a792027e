package jasperwing.schema;

import jasperwing.model.Design;
import jasperwing.model.Tie;
import java.util.List;
import java.util.Optional;

/**
 * The physical schema of a design in one dialect.
 *
 * @param tables entities in the order of the design, each followed by its list tables; then join tables
 */
public record Schema(Dialect dialect, List<Table> tables) {
    public Schema {
        tables = List.copyOf(tables);
    }

    /** Derives the schema. Relationships with unknown or keyless ends leave no trace; findings tell of them. */
    public static Schema derive(Design design, Dialect dialect) {
        return new Derivation(design, dialect).run();
    }

    /** The table of an entity; none when the entity is outside or unknown. */
    public Optional<Table> table(String entity) {
        return tables.stream()
                .filter(t -> t.source() instanceof Table.Source.OfEntity e
                        && e.entity().equals(entity))
                .findFirst();
    }

    public Optional<Table> joinTable(Tie tie) {
        return tables.stream()
                .filter(t ->
                        t.source() instanceof Table.Source.OfJoin j && j.tie().equals(tie))
                .findFirst();
    }

    public Optional<Table> listTable(String entity, String attribute) {
        return tables.stream()
                .filter(t -> t.source().equals(new Table.Source.OfList(entity, attribute)))
                .findFirst();
    }

    public Optional<Table> named(String name) {
        return tables.stream().filter(t -> t.name().equals(name)).findFirst();
    }

    /** The SQL that creates everything, in an order that works; ends with a line end. */
    public String sql() {
        StringBuilder out = new StringBuilder();
        new SqlWriter(this, out).write();
        return out.toString();
    }
}
