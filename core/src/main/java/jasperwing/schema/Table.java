package jasperwing.schema;

import jasperwing.model.Tie;
import jasperwing.naming.Role;
import java.util.List;
import java.util.Optional;

/**
 * A table.
 *
 * @param source what it keeps
 * @param primaryKey its columns, in order; empty when the entity has no key
 * @param comment documentation, or empty
 */
public record Table(
        String name,
        Source source,
        List<Column> columns,
        List<String> primaryKey,
        List<ForeignKey> foreignKeys,
        List<UniqueKey> uniques,
        List<Check> checks,
        List<Index> indexes,
        String comment) {
    public Table {
        columns = List.copyOf(columns);
        primaryKey = List.copyOf(primaryKey);
        foreignKeys = List.copyOf(foreignKeys);
        uniques = List.copyOf(uniques);
        checks = List.copyOf(checks);
        indexes = List.copyOf(indexes);
    }

    /** What a table keeps. */
    public sealed interface Source {
        /** The rows of an entity. */
        record OfEntity(String entity) implements Source {}

        /** The pairs of a plain many-to-many. */
        record OfJoin(Tie tie) implements Source {}

        /** The elements of a list attribute. */
        record OfList(String entity, String attribute) implements Source {}
    }

    Table withIndexes(List<Index> newIndexes) {
        return new Table(name, source, columns, primaryKey, foreignKeys, uniques, checks, newIndexes, comment);
    }

    public Optional<Column> column(String columnName) {
        return columns.stream().filter(c -> c.name().equals(columnName)).findFirst();
    }

    /** The columns that come from an attribute or role, in order. */
    public List<Column> columnsOf(String member) {
        return columns.stream().filter(c -> c.member().equals(member)).toList();
    }

    /** The foreign keys a role became: one, or one per subject. */
    public List<ForeignKey> foreignKeysOf(Role role) {
        return foreignKeys.stream()
                .filter(f -> f.role().map(role::equals).orElse(false))
                .toList();
    }

    /** Whether rows can be found by these columns: some key or index begins with them, the first one leading. */
    public boolean isIndexed(List<String> wanted) {
        return startsWith(primaryKey, wanted)
                || uniques.stream().anyMatch(u -> startsWith(u.columns(), wanted))
                || indexes.stream().anyMatch(i -> startsWith(i.columns(), wanted));
    }

    /** Whether a key says that no two rows share these columns. */
    public boolean isUnique(List<String> wanted) {
        return same(primaryKey, wanted) || uniques.stream().anyMatch(u -> same(u.columns(), wanted));
    }

    private static boolean startsWith(List<String> columns, List<String> wanted) {
        return columns.size() >= wanted.size()
                && columns.get(0).equals(wanted.get(0))
                && columns.subList(0, wanted.size()).containsAll(wanted);
    }

    private static boolean same(List<String> columns, List<String> wanted) {
        return columns.size() == wanted.size() && columns.containsAll(wanted);
    }
}
