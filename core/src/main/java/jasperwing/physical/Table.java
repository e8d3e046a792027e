package jasperwing.physical;

import java.util.List;
import java.util.Optional;

/**
 * A table.
 *
 * <pre>{@code
 * new Table(
 *     "boats",
 *     List.of(Column.of("id", SqlType.of(SqlType.Kind.BIGINT)).notNull().counted()),
 *     Optional.of(new PrimaryKey("pk_boats", List.of("id"))),
 *     List.of(), List.of(), List.of(), List.of(), "");
 * }</pre>
 *
 * @param namespace the schema it lies in, as databases call their namespaces; empty for the one that is looked in first. Names of tables are different
 *     in all namespaces of one catalog
 * @param primaryKey empty when it has none
 * @param comment documentation, or empty
 */
public record Table(
        String namespace,
        String name,
        List<Column> columns,
        Optional<PrimaryKey> primaryKey,
        List<ForeignKey> foreignKeys,
        List<Unique> uniques,
        List<Check> checks,
        List<ExclusionConstraint> exclusions,
        List<Index> indexes,
        String comment) {
    public Table {
        columns = List.copyOf(columns);
        foreignKeys = List.copyOf(foreignKeys);
        uniques = List.copyOf(uniques);
        checks = List.copyOf(checks);
        exclusions = List.copyOf(exclusions);
        indexes = List.copyOf(indexes);
    }

    /** One in the namespace that is looked in first, whose rows may overlap. */
    public Table(
            String name,
            List<Column> columns,
            Optional<PrimaryKey> primaryKey,
            List<ForeignKey> foreignKeys,
            List<Unique> uniques,
            List<Check> checks,
            List<Index> indexes,
            String comment) {
        this("", name, columns, primaryKey, foreignKeys, uniques, checks, List.of(), indexes, comment);
    }

    /** The same in another namespace. */
    public Table in(String newNamespace) {
        return new Table(
                newNamespace, name, columns, primaryKey, foreignKeys, uniques, checks, exclusions, indexes, comment);
    }

    /** The same under another name. */
    public Table named(String newName) {
        return new Table(
                namespace, newName, columns, primaryKey, foreignKeys, uniques, checks, exclusions, indexes, comment);
    }

    public Table withPrimaryKey(PrimaryKey key) {
        return new Table(
                namespace, name, columns, Optional.of(key), foreignKeys, uniques, checks, exclusions, indexes, comment);
    }

    public Table withForeignKeys(List<ForeignKey> newKeys) {
        return new Table(namespace, name, columns, primaryKey, newKeys, uniques, checks, exclusions, indexes, comment);
    }

    public Table withUniques(List<Unique> newUniques) {
        return new Table(
                namespace, name, columns, primaryKey, foreignKeys, newUniques, checks, exclusions, indexes, comment);
    }

    public Table withIndexes(List<Index> newIndexes) {
        return new Table(
                namespace, name, columns, primaryKey, foreignKeys, uniques, checks, exclusions, newIndexes, comment);
    }

    /** The columns of the primary key, in order; empty when it has none. */
    public List<String> keyColumns() {
        return primaryKey.map(PrimaryKey::columns).orElse(List.of());
    }

    public Optional<Column> column(String columnName) {
        for (Column column : columns) {
            if (column.name().equals(columnName)) {
                return Optional.of(column);
            }
        }
        return Optional.empty();
    }

    Table normal() {
        List<String> key = keyColumns();
        return new Table(
                namespace,
                name,
                columns.stream()
                        .map(c -> key.contains(c.name()) ? c.notNull().normal() : c.normal())
                        .toList(),
                primaryKey,
                Catalog.sorted(foreignKeys, ForeignKey::name),
                Catalog.sorted(uniques, Unique::name),
                Catalog.sorted(
                        checks.stream()
                                .map(c -> new Check(c.name(), c.condition().normal()))
                                .toList(),
                        Check::name),
                Catalog.sorted(exclusions, ExclusionConstraint::name),
                Catalog.sorted(indexes.stream().map(Index::normal).toList(), Index::name),
                comment);
    }

    /** Whether rows can be found by these columns: some key or index begins with them, the first one leading. */
    public boolean isIndexed(List<String> wanted) {
        return startsWith(keyColumns(), wanted)
                || uniques.stream().anyMatch(u -> startsWith(u.columns(), wanted))
                || indexes.stream().anyMatch(i -> i.finds(wanted));
    }

    static boolean startsWith(List<String> columns, List<String> wanted) {
        return columns.size() >= wanted.size()
                && columns.get(0).equals(wanted.get(0))
                && columns.subList(0, wanted.size()).containsAll(wanted);
    }
}
