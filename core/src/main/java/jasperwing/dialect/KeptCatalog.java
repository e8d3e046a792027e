package jasperwing.dialect;

import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.List;

/** What a database keeps of a schema: not everything it is told. */
final class KeptCatalog {
    private final TableSql sql;
    private final Dialect dialect;

    KeptCatalog(Dialect dialect) {
        this.dialect = dialect;
        this.sql = dialect.tables();
    }

    Catalog of(Catalog catalog) {
        return new Catalog(
                dialect.hasEnumTypes() ? catalog.enums() : List.of(),
                catalog.sequences(),
                catalog.tables().stream().map(this::table).toList(),
                catalog.rows(),
                catalog.views(),
                catalog.triggers());
    }

    private Table table(Table table) {
        return new Table(
                table.namespace(),
                table.name(),
                table.columns().stream().map(c -> column(table, c)).toList(),
                table.primaryKey().map(k -> new PrimaryKey(sql.namesPrimaryKeys() ? k.name() : "", k.columns())),
                table.foreignKeys().stream().map(this::foreignKey).toList(),
                table.uniques(),
                table.checks().stream()
                        .map(c -> new Check(c.name(), sql.kept(c.condition())))
                        .toList(),
                table.exclusions(),
                indexes(table),
                sql.keptComment(table.comment()));
    }

    /** Some databases make an index for a foreign key that has none. */
    private List<Index> indexes(Table table) {
        List<Index> all = new ArrayList<>(table.indexes());
        if (sql.indexesForeignKeys()) {
            table.foreignKeys().stream()
                    .filter(k -> !table.isIndexed(k.columns()))
                    .forEach(k -> all.add(Index.of(k.name(), k.columns())));
        }
        return all;
    }

    private Column column(Table table, Column column) {
        boolean counted = column.isCounted()
                && (dialect.counters().besideKey() || table.keyColumns().equals(List.of(column.name())));
        return new Column(
                column.name(),
                sql.kept(column.type()),
                column.collation(),
                column.required() || counted,
                column.identity().filter(i -> counted).map(sql::kept),
                column.defaultValue().map(sql::kept),
                column.computed().map(sql::kept),
                sql.keptColumnComment(column.comment()));
    }

    private ForeignKey foreignKey(ForeignKey key) {
        return new ForeignKey(
                key.name(),
                key.columns(),
                key.target(),
                key.targetColumns(),
                sql.kept(key.onDelete()),
                sql.kept(key.onUpdate()),
                key.timing());
    }
}
