package jasperwing.derive;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.EnumType;
import jasperwing.naming.Role;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A table with what it was derived from.
 *
 * @param table the table itself
 * @param source what it keeps
 * @param origins what the columns come from, in their order
 * @param references to rows of other tables, with a foreign key of the table or without
 * @param uniqueKeys the unique constraints and unique indexes of the table that hold of all rows, in the order of the design
 * @param guards conditions that the dialect takes no check for, on {@code new}: for triggers
 * @param statements what checks and exclusions are about, by their names: a column, or a rule by its message
 * @param kinds the column that tells the kinds of rows apart; empty when all are of one kind
 */
public record DerivedTable(
        Table table,
        Source source,
        List<ColumnOrigin> origins,
        List<Reference> references,
        List<UniqueKey> uniqueKeys,
        List<Check> guards,
        Map<String, String> statements,
        Optional<Kinds> kinds) {
    /** The column of an enum's table that others point to. */
    static final String VALUE = "value";

    public DerivedTable {
        origins = List.copyOf(origins);
        references = List.copyOf(references);
        uniqueKeys = List.copyOf(uniqueKeys);
        guards = List.copyOf(guards);
        statements = Map.copyOf(statements);
    }

    /** What a table keeps. */
    public sealed interface Source {
        /** Applies the function for its kind; every kind must have one. */
        <R> R match(
                Function<OfEntity, R> entity,
                Function<OfJoin, R> join,
                Function<OfList, R> list,
                Function<OfEnum, R> enumeration);

        /** The entity whose area the table belongs to: of a join table the first; empty for the values of an enum. */
        default Optional<String> owner() {
            return match(
                    of -> Optional.of(of.entity()),
                    join -> Optional.of(join.binary().from()),
                    list -> Optional.of(list.entity()),
                    ofEnum -> Optional.empty());
        }

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
        record OfJoin(BinaryRelationship binary) implements Source {
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

    public String name() {
        return table.name();
    }

    public List<Column> columns() {
        return table.columns();
    }

    /** The columns of the primary key, in order; empty when the entity has no key. */
    public List<String> keyColumns() {
        return table.keyColumns();
    }

    public String comment() {
        return table.comment();
    }

    public Optional<Column> column(String columnName) {
        return table.column(columnName);
    }

    /** The indexes that are no unique keys. */
    public List<Index> indexes() {
        return uniqueKeys.stream().allMatch(u -> u.constraint().isPresent())
                ? table.indexes()
                : table.indexes().stream()
                        .filter(i -> uniqueKeys.stream().noneMatch(u -> u.name().equals(i.name())))
                        .toList();
    }

    /** The same under another name. */
    DerivedTable named(String newName) {
        return with(table.named(newName));
    }

    DerivedTable with(Table newTable) {
        return new DerivedTable(newTable, source, origins, references, uniqueKeys, guards, statements, kinds);
    }

    /** The same with one more unique key, which compares its columns as they are. */
    DerivedTable withUnique(UniqueKey key) {
        List<UniqueKey> all = Stream.concat(uniqueKeys.stream(), Stream.of(key)).toList();
        Table unique = table.withUniques(
                all.stream().flatMap(u -> u.constraint().stream()).toList());
        return new DerivedTable(unique, source, origins, references, all, guards, statements, kinds);
    }

    /** The same with other references, and the foreign keys that hold them. */
    DerivedTable withReferences(List<Reference> newReferences) {
        List<ForeignKey> keys =
                newReferences.stream().flatMap(r -> r.foreignKeys().stream()).toList();
        return new DerivedTable(
                table.withForeignKeys(keys), source, origins, newReferences, uniqueKeys, guards, statements, kinds);
    }

    /**
     * What a table of several kinds keeps of one.
     *
     * @param owners the kind and what it is a kind of
     * @param own the rows that are of the kind
     */
    DerivedTable of(Source kind, Set<String> owners, Kinds own, String itsComment) {
        List<Column> its = new ArrayList<>();
        List<ColumnOrigin> itsOrigins = new ArrayList<>();
        for (int i = 0; i < origins.size(); i++) {
            ColumnOrigin origin = origins.get(i);
            if (origin.owner().isEmpty() || owners.contains(origin.owner())) {
                its.add(columns().get(i));
                itsOrigins.add(origin.own());
            }
        }
        Set<String> kept = its.stream().map(Column::name).collect(Collectors.toSet());
        Table part = new Table(
                table.namespace(),
                name(),
                its,
                table.primaryKey(),
                only(table.foreignKeys(), k -> kept.containsAll(k.columns())),
                only(table.uniques(), k -> kept.containsAll(k.columns())),
                table.checks(),
                table.exclusions(),
                only(table.indexes(), k -> kept.containsAll(k.columns())),
                itsComment);
        return new DerivedTable(
                part,
                kind,
                itsOrigins,
                only(references, k -> kept.containsAll(k.columns())),
                only(uniqueKeys, k -> kept.containsAll(k.columns())),
                guards,
                statements,
                Optional.of(own));
    }

    private static <T> List<T> only(List<T> all, Predicate<T> wanted) {
        return all.stream().filter(wanted).toList();
    }

    /** The entity whose area the table belongs to: of a join table the first; empty for the values of an enum. */
    public Optional<String> entity() {
        return source.owner();
    }

    /** What one of its columns comes from. */
    public ColumnOrigin origin(Column column) {
        return origins.get(columns().indexOf(column));
    }

    /** The columns that come from an attribute or role of the entity itself, in order. */
    public List<Column> columnsOf(String member) {
        return columnsOf(new ColumnOrigin(member, ""));
    }

    /** The columns of one origin, in order. */
    public List<Column> columnsOf(ColumnOrigin origin) {
        List<Column> found = new ArrayList<>(1);
        for (int i = 0; i < origins.size(); i++) {
            if (origins.get(i).equals(origin)) {
                found.add(columns().get(i));
            }
        }
        return found;
    }

    /** The references a role became: one, or one per subject. */
    public List<Reference> referencesOf(Role role) {
        return references.stream()
                .filter(f -> f.role().map(role::equals).orElse(false))
                .toList();
    }

    /** Whether rows can be found by these columns: some key or index begins with them, the first one leading. */
    public boolean isIndexed(List<String> wanted) {
        return table.isIndexed(wanted) || uniqueKeys.stream().anyMatch(u -> u.finds(wanted));
    }

    /** Whether a key says that no two rows share these columns. */
    public boolean isUnique(List<String> wanted) {
        return same(keyColumns(), wanted) || uniqueKeys.stream().anyMatch(u -> same(u.columns(), wanted));
    }

    private static boolean same(List<String> columns, List<String> wanted) {
        return columns.size() == wanted.size() && columns.containsAll(wanted);
    }
}
