package jasperwing.schema;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.EnumType;
import jasperwing.naming.Role;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A table.
 *
 * @param source what it keeps
 * @param primaryKey its columns, in order; empty when the entity has no key
 * @param kinds the column that tells the kinds of rows apart; empty when all are of one kind
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
        Optional<Kinds> kinds,
        String comment) {
    /** The column of an enum's table that others point to. */
    static final String VALUE = "value";

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
        /** Applies the function for its kind; every kind must have one. */
        <R> R match(
                Function<OfEntity, R> entity,
                Function<OfJoin, R> join,
                Function<OfList, R> list,
                Function<OfEnum, R> enumeration);

        /** The rows of an entity. */
        record OfEntity(String entity) implements Source {
            @Override
            public <R> R match(
                    Function<OfEntity, R> entity,
                    Function<OfJoin, R> join,
                    Function<OfList, R> list,
                    Function<OfEnum, R> enumeration) {
                return entity.apply(this);
            }
        }

        /** The pairs of a plain many-to-many. */
        record OfJoin(BinaryRelationship tie) implements Source {
            @Override
            public <R> R match(
                    Function<OfEntity, R> entity,
                    Function<OfJoin, R> join,
                    Function<OfList, R> list,
                    Function<OfEnum, R> enumeration) {
                return join.apply(this);
            }
        }

        /** The elements of a list attribute. */
        record OfList(String entity, String attribute) implements Source {
            @Override
            public <R> R match(
                    Function<OfEntity, R> entity,
                    Function<OfJoin, R> join,
                    Function<OfList, R> list,
                    Function<OfEnum, R> enumeration) {
                return list.apply(this);
            }
        }

        /** The values of an enum, each with its label, in their order. */
        record OfEnum(EnumType type) implements Source {
            @Override
            public <R> R match(
                    Function<OfEntity, R> entity,
                    Function<OfJoin, R> join,
                    Function<OfList, R> list,
                    Function<OfEnum, R> enumeration) {
                return enumeration.apply(this);
            }
        }
    }

    /**
     * What tells the kinds of rows apart.
     *
     * @param column that holds the name of the row's kind
     * @param names the kinds whose rows these are, in the order of the design
     * @param others whether rows of other kinds lie in the table too
     */
    public record Kinds(String column, List<String> names, boolean others) {
        public Kinds {
            names = List.copyOf(names);
        }
    }

    Table withIndexes(List<Index> newIndexes) {
        return new Table(name, source, columns, primaryKey, foreignKeys, uniques, checks, newIndexes, kinds, comment);
    }

    /** The same under another name. */
    Table named(String newName) {
        return new Table(newName, source, columns, primaryKey, foreignKeys, uniques, checks, indexes, kinds, comment);
    }

    /**
     * What a table of several kinds keeps of one.
     *
     * @param owners the kind and what it is a kind of
     * @param own the rows that are of the kind
     */
    Table of(Source kind, Set<String> owners, Kinds own, String itsComment) {
        List<Column> its = columns.stream()
                .filter(c -> c.owner().isEmpty() || owners.contains(c.owner()))
                .map(Column::own)
                .toList();
        Set<String> kept = its.stream().map(Column::name).collect(Collectors.toSet());
        return new Table(
                name,
                kind,
                its,
                primaryKey,
                foreignKeys.stream().filter(k -> kept.containsAll(k.columns())).toList(),
                uniques.stream().filter(k -> kept.containsAll(k.columns())).toList(),
                checks,
                indexes.stream().filter(k -> kept.containsAll(k.columns())).toList(),
                Optional.of(own),
                itsComment);
    }

    /** The entity whose area the table belongs to: of a join table the first; empty for the values of an enum. */
    public Optional<String> entity() {
        return source.match(
                of -> Optional.of(of.entity()),
                join -> Optional.of(join.tie().from()),
                list -> Optional.of(list.entity()),
                ofEnum -> Optional.empty());
    }

    public Optional<Column> column(String columnName) {
        return columns.stream().filter(c -> c.name().equals(columnName)).findFirst();
    }

    /** The columns that come from an attribute or role of the entity itself, in order. */
    public List<Column> columnsOf(String member) {
        return columns.stream()
                .filter(c -> c.member().equals(member) && c.owner().isEmpty())
                .toList();
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
                || uniques.stream().anyMatch(u -> u.folded().isEmpty() && startsWith(u.columns(), wanted))
                || indexes.stream().anyMatch(i -> i.finds(wanted));
    }

    /** Whether a key says that no two rows share these columns. */
    public boolean isUnique(List<String> wanted) {
        return same(primaryKey, wanted) || uniques.stream().anyMatch(u -> same(u.columns(), wanted));
    }

    static boolean startsWith(List<String> columns, List<String> wanted) {
        return columns.size() >= wanted.size()
                && columns.get(0).equals(wanted.get(0))
                && columns.subList(0, wanted.size()).containsAll(wanted);
    }

    private static boolean same(List<String> columns, List<String> wanted) {
        return columns.size() == wanted.size() && columns.containsAll(wanted);
    }
}
