package jasperwing.dialect;

import jasperwing.dialect.TableSql.ConstraintKind;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.EnumDefinition;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.Part;
import jasperwing.physical.Part.Kind;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.Sequence;
import jasperwing.physical.Table;
import jasperwing.physical.Trigger;
import jasperwing.physical.Unique;
import jasperwing.physical.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The statements that change and drop parts of a schema in one database. Tables are given as they are before the change.
 *
 * <p>Where a database cannot change a column or constraint of a table that is there, the methods that do throw {@link
 * UnsupportedOperationException}; {@link Dialect#altersColumns()} and {@link Dialect#altersConstraints()} tell before. Recreate
 * such a table and copy its rows.
 *
 * <pre>{@code
 * dialect.changes().rename(boats, boats.column("nr").orElseThrow(), "number");
 * }</pre>
 */
public final class SchemaChanges {
    private final Dialect dialect;
    private final SchemaStatements statements;
    private final TableSql sql;
    private final TableBody body;

    SchemaChanges(Dialect dialect, Map<String, String> namespaces) {
        this.dialect = dialect;
        this.statements = dialect.statements(namespaces);
        this.sql = dialect.tables();
        this.body = new TableBody(dialect, statements::referred);
    }

    public Statement drop(Table table) {
        return Statement.of(Statement.Kind.DROP, Part.table(table.name()), "drop table " + dialect.quote(table));
    }

    public Statement rename(Table table, String now) {
        return Statement.of(
                Statement.Kind.ALTER, Part.table(table.name()), sql.renamed(dialect.quote(table), quote(now)));
    }

    /** A column that is not computed from what is stored, with its comment. */
    public List<Statement> add(Table table, Column column) {
        List<Statement> all = new ArrayList<>();
        all.add(alter(table, about(table, column), sql.addedColumn(body.column(table, column))));
        all.addAll(statements.comments(table, List.of(column)));
        return all;
    }

    public Statement drop(Table table, Column column) {
        return alter(table, about(table, column), "drop column " + quote(column.name()));
    }

    public Statement rename(Table table, Column column, String now) {
        return Statement.of(
                Statement.Kind.ALTER,
                about(table, column),
                sql.renamed(dialect.quote(table), quote(column.name()), quote(now)));
    }

    /**
     * Changes the type, default or nullability of a column.
     *
     * @throws IllegalArgumentException when a column is counted up or computed and the other is not, or its name differs
     */
    public List<Statement> alter(Table table, Column was, Column now) {
        if (!sql.altersColumns()) {
            throw new UnsupportedOperationException(dialect + " cannot change the column " + was.name());
        }
        if (!was.name().equals(now.name())
                || was.isCounted() != now.isCounted()
                || !was.computed().equals(now.computed())) {
            throw new IllegalArgumentException("the column " + was.name() + " must be dropped and added: " + now);
        }
        List<String> changes = new ArrayList<>(sql.altered(body.definition(table, was), body.definition(table, now)));
        if (!was.identity().equals(now.identity())) {
            changes.add(sql.counting(quote(now.name()), now.identity().orElseThrow()));
        }
        return changes.stream().map(c -> alter(table, about(table, was), c)).toList();
    }

    public Statement add(Table table, PrimaryKey key) {
        return add(table, ConstraintKind.PRIMARY_KEY, key.name(), body.constraint(key));
    }

    public Statement add(Table table, Unique unique) {
        return add(table, ConstraintKind.UNIQUE, unique.name(), body.constraint(unique));
    }

    public Statement add(Table table, Check check) {
        return add(table, ConstraintKind.CHECK, check.name(), body.constraint(check));
    }

    public Statement add(Table table, ForeignKey key) {
        return add(table, ConstraintKind.FOREIGN_KEY, key.name(), body.constraint(key));
    }

    public Statement drop(Table table, PrimaryKey key) {
        return drop(table, ConstraintKind.PRIMARY_KEY, key.name());
    }

    public Statement drop(Table table, Unique unique) {
        return drop(table, ConstraintKind.UNIQUE, unique.name());
    }

    public Statement drop(Table table, Check check) {
        return drop(table, ConstraintKind.CHECK, check.name());
    }

    public Statement drop(Table table, ForeignKey key) {
        return drop(table, ConstraintKind.FOREIGN_KEY, key.name());
    }

    private Statement add(Table table, ConstraintKind kind, String name, String constraint) {
        return constraint(table, kind, name, "add " + constraint);
    }

    private Statement drop(Table table, ConstraintKind kind, String name) {
        return constraint(table, kind, name, sql.dropped(kind, quote(name)));
    }

    private Statement constraint(Table table, ConstraintKind kind, String name, String change) {
        if (!dialect.altersConstraints()) {
            throw new UnsupportedOperationException(dialect + " cannot change the constraint " + name);
        }
        return alter(table, new Part(Kind.valueOf(kind.name()), table.name(), name), change);
    }

    public Statement drop(Table table, Index index) {
        return Statement.of(
                Statement.Kind.DROP,
                new Part(Kind.INDEX, table.name(), index.name()),
                sql.droppedIndex(
                        dialect.quote(table), quote(index.name()), dialect.quote(table.namespace(), index.name())));
    }

    public Statement drop(View view) {
        return Statement.of(
                Statement.Kind.DROP,
                Part.view(view.name()),
                "drop view " + dialect.quote(view.namespace(), view.name()));
    }

    /** None where the database has no sequences. */
    public List<Statement> drop(Sequence sequence) {
        return sql.hasSequences()
                ? List.of(Statement.of(
                        Statement.Kind.DROP,
                        new Part(Kind.SEQUENCE, "", sequence.name()),
                        "drop sequence " + quote(sequence.name())))
                : List.of();
    }

    /** None where enums are no types with names. */
    public List<Statement> drop(EnumDefinition type) {
        return dialect.hasEnumTypes()
                ? List.of(Statement.of(
                        Statement.Kind.DROP,
                        new Part(Kind.ENUM, "", type.name()),
                        "drop type " + dialect.quote(type.namespace(), type.name())))
                : List.of();
    }

    /** A trigger, with the function it calls where it has one; none where there are no triggers in SQL. */
    public List<Statement> drop(Trigger trigger) {
        Part about = new Part(Kind.TRIGGER, trigger.table(), trigger.name());
        return dialect.triggers()
                .map(t -> t
                        .drop(
                                quote(trigger.name()),
                                statements.beside(trigger.table(), trigger.name()),
                                statements.table(trigger.table()))
                        .stream()
                        .map(s -> Statement.of(Statement.Kind.DROP, about, s))
                        .toList())
                .orElse(List.of());
    }

    private Statement alter(Table table, Part about, String change) {
        return Statement.of(Statement.Kind.ALTER, about, "alter table " + dialect.quote(table) + " " + change);
    }

    private static Part about(Table table, Column column) {
        return Part.column(table.name(), column.name());
    }

    private String quote(String name) {
        return dialect.quote(name);
    }
}
