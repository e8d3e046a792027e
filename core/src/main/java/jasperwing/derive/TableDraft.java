package jasperwing.derive;

import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Words;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A table while its parts are being gathered. */
final class TableDraft {
    private final String name;
    private final PhysicalNames names;
    private final ColumnTypes types;
    private final Identifiers columnNames;
    private final List<Column> columns = new ArrayList<>();
    private final List<ColumnOrigin> origins = new ArrayList<>();
    private final DraftReferences references;
    private final List<UniqueKey> uniques = new ArrayList<>();
    private final List<Check> checks = new ArrayList<>();
    private final List<Check> guards = new ArrayList<>();
    private final List<ExclusionConstraint> exclusions = new ArrayList<>();
    private final Map<String, String> statements = new HashMap<>();
    private final DraftIndexes indexes;
    /** Columns in which capitals make no difference, each with the column that holds its text in small letters, or with itself. */
    private final Map<String, String> folded = new HashMap<>();

    private List<String> primaryKey = List.of();
    private String keyName = "";
    private Optional<DerivedTable.Kinds> kinds = Optional.empty();
    private List<String> owners = List.of("");

    TableDraft(String name, PhysicalNames names, ColumnTypes types) {
        this.name = name;
        this.names = names;
        this.types = types;
        this.references = new DraftReferences(name, names, types);
        this.columnNames = names.columns();
        this.indexes = new DraftIndexes(name, names, types.dialect());
    }

    /**
     * Tells whose members are added and looked up from now on.
     *
     * @param line the entity, and then what it is a kind of, the nearest first; blank for the entity whose table it is
     */
    void of(List<String> line) {
        owners = line;
    }

    String name() {
        return name;
    }

    String column(String wanted, SqlType type, boolean required, String member) {
        return column(wanted, type, "", required, member);
    }

    private String column(String wanted, SqlType type, String collation, boolean required, String member) {
        String column = name(wanted);
        add(
                new Column(column, type, collation, required, Optional.empty(), Optional.empty(), Optional.empty(), ""),
                member);
        return column;
    }

    private void add(Column column, String member) {
        columns.add(column);
        String owner = owners.get(0);
        origins.add(member.isEmpty() && owner.isEmpty() ? ColumnOrigin.NONE : new ColumnOrigin(member, owner));
    }

    /** What a kind among others calls a column begins with the kind where another has the name. */
    private String name(String wanted) {
        String owner = owners.get(0);
        String free = owner.isEmpty() || columnNames.isFree(wanted) ? wanted : Words.snake(owner) + "_" + wanted;
        return columnNames.take(types.dialect().possible(free));
    }

    /** Adds the columns of an attribute that is a value. Where the value may be missing a default would fill a part of what is not there. */
    void value(List<ValueColumns.Leaf> leaves, Attribute attribute, boolean inKey) {
        List<String> filled = new ArrayList<>();
        List<String> further = new ArrayList<>();
        for (ValueColumns.Leaf leaf : leaves) {
            Attribute own = leaf.attribute();
            boolean always = leaf.path().stream().skip(1).noneMatch(Attribute::optional) && !own.optional();
            boolean maybe = attribute.optional() || leaf.path().stream().anyMatch(Attribute::optional);
            Attribute kept = maybe ? own.withDefault(Optional.empty()) : own;
            String column = attribute(kept.withOptional(leaf.optional()), leaf.column(), inKey, attribute.name());
            (always ? filled : further).add(types.quote(column));
        }
        if (attribute.unique()) {
            unique(columnsOf(attribute.name()));
        }
        if (attribute.optional() && !filled.isEmpty() && leaves.size() > 1) {
            check(List.of(attribute.name()), allOrNone(filled, further));
        }
    }

    /** A value is there when its first part is: then so are all that must be, and none of the others is there without it. */
    private String allOrNone(List<String> filled, List<String> further) {
        String first = filled.get(0);
        return Stream.concat(
                        filled.stream().skip(1).map(c -> types.dialect().nullTogether(first, c)),
                        further.stream().map(c -> "(" + c + " is null or " + first + " is not null)"))
                .collect(Collectors.joining(" and "));
    }

    /** Adds the column of an attribute that is no value and gives its name. */
    String attribute(Attribute attribute, String wanted, boolean inKey, String member) {
        String column = name(wanted);
        boolean required = !attribute.optional() || inKey;
        SqlType type = attribute.isListInRow()
                ? types.listType(attribute)
                : types.type(attribute.type(), attribute.notes().stored().types());
        add(
                new Column(
                        column,
                        type,
                        types.collation(attribute),
                        required,
                        types.identity(attribute),
                        types.defaultValue(attribute),
                        Optional.empty(),
                        comment(attribute)),
                member);
        String quoted = types.quote(column);
        List<String> conditions = types.conditions(attribute, quoted);
        if (!conditions.isEmpty()) {
            check(List.of(column), String.join(" and ", conditions));
        }
        types.lookup(attribute).ifPresent(t -> {
            references.add(List.of(column), t, DeleteRule.REFUSE, Optional.empty(), "", column);
            index(List.of(column));
        });
        if (types.ignoresCase(attribute)) {
            folded.put(column, types.dialect().indexesExpressions() ? column : small(column, type));
        }
        if (attribute.unique()) {
            unique(List.of(column));
        }
        return column;
    }

    /** Its documentation; a number that is a length of time says its unit. */
    private static String comment(Attribute attribute) {
        String doc = attribute.notes().doc();
        if (!attribute.type().is(Scalar.DURATION) || attribute.list()) {
            return doc;
        }
        return doc.isBlank() ? "In milliseconds" : doc + " (in milliseconds)";
    }

    /** Adds a column with the text of another in small letters. */
    private String small(String column, SqlType type) {
        String small = name(column + "_folded");
        add(Column.of(small, type).computedAs(SqlExpression.of("lower(" + types.quote(column) + ")")), "");
        return small;
    }

    /** Adds a column the database computes. */
    void computed(Attribute attribute, String sql) {
        String column = name(PhysicalNames.wantedColumn(attribute));
        add(
                Column.of(
                                column,
                                types.type(
                                        attribute.type(),
                                        attribute.notes().stored().types()))
                        .computedAs(SqlExpression.of(FormulaSql.withoutParentheses(sql)))
                        .withComment(comment(attribute)),
                attribute.name());
    }

    /** Adds the columns of a reference and gives their names. */
    List<String> reference(List<KeyColumns.KeyColumn> wanted, boolean required) {
        List<String> added = new ArrayList<>(1);
        for (KeyColumns.KeyColumn key : wanted) {
            String collation = types.collation(key.sortedAs());
            added.add(column(key.name(), types.type(key.type(), key.own()), collation, required, key.member()));
        }
        return added;
    }

    /** Where references are gathered. */
    DraftReferences references() {
        return references;
    }

    void primaryKey(List<String> key) {
        primaryKey(key, "");
    }

    void primaryKey(List<String> key, String given) {
        primaryKey = key;
        keyName = given;
        uniques.stream().filter(this::isKey).map(UniqueKey::name).forEach(names::release);
        uniques.removeIf(this::isKey);
        if (key.stream().anyMatch(folded::containsKey)) {
            unique(key);
        }
    }

    /** Whether the primary key says the same. */
    private boolean isKey(UniqueKey unique) {
        return unique.columns().equals(primaryKey) && unique.folded().isEmpty();
    }

    void unique(List<String> combination) {
        unique(combination, "");
    }

    void unique(List<String> combination, String given) {
        List<String> compared =
                combination.stream().map(c -> folded.getOrDefault(c, c)).toList();
        Set<String> inPlace = compared.stream().filter(folded::containsKey).collect(Collectors.toSet());
        boolean known = compared.equals(primaryKey) && inPlace.isEmpty()
                || uniques.stream().anyMatch(u -> u.columns().equals(compared));
        if (!combination.isEmpty() && !known) {
            uniques.add(new UniqueKey(
                    names.constraint(given, "uq", name, combination), compared, inPlace, nullable(combination)));
        }
    }

    /** Those of some columns that can be null, where the database takes one null alone in what is unique. */
    private List<String> nullable(List<String> some) {
        return types.dialect().takesSeveralNulls()
                ? List.of()
                : columns.stream()
                        .filter(c -> some.contains(c.name()) && !c.required() && !primaryKey.contains(c.name()))
                        .map(Column::name)
                        .toList();
    }

    void check(List<String> about, String condition) {
        check("", about, condition);
    }

    void check(String given, List<String> about, String condition) {
        checks.add(new Check(named(given, "ck", about), SqlExpression.of(condition)));
    }

    /**
     * Adds a check on columns, or where the dialect takes none on them what a trigger can check.
     *
     * @param condition given what stands before the name of a column
     */
    void check(List<String> about, List<String> looked, UnaryOperator<String> condition) {
        check("", about, looked, condition);
    }

    void check(String given, List<String> about, List<String> looked, UnaryOperator<String> condition) {
        if (canBeChecked(looked)) {
            check(given, about, condition.apply(""));
        } else {
            guards.add(
                    new Check(names.constraint(given, "ck", name, about), SqlExpression.of(condition.apply("new."))));
        }
    }

    private String named(String given, String kind, List<String> about) {
        String constraint = names.constraint(given, kind, name, about);
        statements.put(constraint, about.get(about.size() - 1));
        return constraint;
    }

    /** Lets no two rows with the same columns have spans that overlap. */
    void exclude(String given, List<String> about, String range, List<String> span, List<String> same) {
        exclusions.add(new ExclusionConstraint(named(given, "ex", about), same, range, span.get(0), span.get(1)));
    }

    void index(List<String> found) {
        indexes.add(found);
    }

    /**
     * Adds an index the design asks for, as far as the dialect knows such.
     *
     * @param where which rows are in it, as SQL; empty for all
     */
    void index(List<String> found, List<String> covered, String where, String given) {
        indexes.add(found, covered, where, given);
    }

    /** Lets no two of some rows share columns. */
    void uniqueAmong(List<String> columnsOfRows, String where, String given) {
        if (columnsOfRows.isEmpty()) {
            return;
        }
        if (types.dialect().indexesSomeRows()) {
            indexes.addUnique(columnsOfRows, nullable(columnsOfRows), where, given);
        } else {
            unique(comparedAmong(columnsOfRows, where), given);
        }
    }

    /** The same columns, of which a computed one is filled in these rows alone. Not every database computes from what a delete empties. */
    private List<String> comparedAmong(List<String> columnsOfRows, String where) {
        List<String> compared = new ArrayList<>(columnsOfRows);
        String first = columnsOfRows.get(0);
        if (references.change(List.of(first))) {
            compared.add(only(first, types.type(Type.of(Scalar.SMALL_INT)), "", where, "1"));
        } else {
            Column of = columns.stream()
                    .filter(c -> c.name().equals(first))
                    .findFirst()
                    .orElseThrow();
            compared.set(0, only(first, of.type(), of.collation(), where, types.quote(first)));
        }
        return compared;
    }

    /** Adds a column that holds something in some rows, and nothing in the others: what is unique there is unique in it. */
    private String only(String column, SqlType type, String collation, String where, String value) {
        String some = name(column + "_where");
        String sql = "case when " + where + " then " + value + " end";
        add(
                new Column(
                        some,
                        type,
                        collation,
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(SqlExpression.of(sql)),
                        ""),
                "");
        return some;
    }

    void kinds(DerivedTable.Kinds itsKinds) {
        kinds = Optional.of(itsKinds);
    }

    /** The columns of a member, of the nearest that has one of that name. */
    List<String> columnsOf(String member) {
        for (String owner : owners) {
            List<String> found = new ArrayList<>(1);
            for (int i = 0; i < columns.size(); i++) {
                ColumnOrigin origin = origins.get(i);
                if (origin.member().equals(member) && origin.owner().equals(owner)) {
                    found.add(columns.get(i).name());
                }
            }
            if (!found.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    /** Whether checks can look at columns: not every database takes some on what deleting another row empties. */
    boolean canBeChecked(List<String> looked) {
        return types.dialect().checksEmptied() || !references.change(looked);
    }

    /** The columns rows of an entity are filled in, and those of other kinds are not. */
    List<String> filledBy(String owner) {
        return IntStream.range(0, columns.size())
                .filter(i -> origins.get(i).owner().equals(owner))
                .mapToObj(columns::get)
                .filter(c -> c.computed().isEmpty())
                .map(Column::name)
                .toList();
    }

    /** The finished table; an index that a key or another index begins with is left out. */
    DerivedTable table(DerivedTable.Source source, String comment) {
        Table bare = new Table(
                names.namespace(source),
                name,
                columns,
                names.primaryKey(keyName, name, primaryKey),
                references.foreignKeys(),
                uniques.stream().flatMap(u -> u.constraint().stream()).toList(),
                checks,
                exclusions,
                List.of(),
                comment);
        return new DerivedTable(
                indexes.addedTo(bare, uniques), source, origins, references.all(), uniques, guards, statements, kinds);
    }
}
