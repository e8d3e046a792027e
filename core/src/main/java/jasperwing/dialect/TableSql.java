package jasperwing.dialect;

import jasperwing.physical.ForeignKey;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a database writes tables and what alters them. Names it is given are quoted. */
abstract class TableSql {
    /**
     * The statement that creates a namespace unless it is there.
     *
     * @param text its name, not quoted
     */
    String createNamespace(String name, String text) {
        return "create schema if not exists " + name;
    }

    /** The namespace that is looked in first, where foreign keys look elsewhere for what says none; else empty. */
    String usualNamespace() {
        return "";
    }

    /**
     * What a new index is called.
     *
     * @param qualified the same in the namespace of its table
     */
    String createdIndex(String name, String qualified) {
        return name;
    }

    /** What stands behind the columns of a new table. */
    String options(String comment) {
        return "";
    }

    /** What stands in a new table without columns. */
    String noColumns() {
        return "_ text";
    }

    /** Whether foreign keys come behind indexes: they would make their own. */
    boolean keysComeLast() {
        return false;
    }

    /** Whether a key that is counted up is declared with its column. */
    boolean declaresKeyInline() {
        return false;
    }

    /**
     * What stands behind a column that the database counts up.
     *
     * @param wholeKey whether it is the key alone
     */
    abstract String counted(boolean wholeKey);

    /** A column that is computed, behind its name. */
    String computed(String type, String expression) {
        return type + " generated always as (" + expression + ") stored";
    }

    /** What stands behind a column with a comment. */
    String columnComment(String comment) {
        return "";
    }

    /**
     * The statement that comments a table or a column; empty where a comment is said with what it is about. Names are not quoted.
     *
     * @param column empty for the table
     */
    Optional<String> comment(Dialect dialect, String namespace, String table, Optional<String> column, String text) {
        return Optional.empty();
    }

    /** The same as the standard of most databases has it. */
    static Optional<String> commentOn(
            Dialect dialect, String namespace, String table, Optional<String> column, String text) {
        String named = dialect.quote(namespace, table);
        String what =
                column.map(c -> "column " + named + "." + dialect.quote(c)).orElse("table " + named);
        return Optional.of("comment on " + what + " is " + dialect.literal(text));
    }

    /** The order of texts of which nothing is said; empty where it is that of the database. */
    String usualCollation() {
        return "";
    }

    /**
     * What stands behind a column with a default.
     *
     * @param name that the default could have
     */
    String defaulted(String name, String value) {
        return " default " + value;
    }

    /** What a database writes for an action it has no word for. */
    ForeignKey.Action written(ForeignKey.Action action) {
        return action;
    }

    /** What adds a column, behind {@code alter table}. */
    String addedColumn(String column) {
        return "add column " + column;
    }

    /** A column as an index has it. */
    String indexed(String column, SqlType type) {
        return column;
    }

    /** Whether a column can be changed where it is. */
    boolean altersColumns() {
        return true;
    }

    /** What changes a column that is written so to another, each behind {@code alter table}. */
    List<String> altered(Definition was, Definition now) {
        String column = "alter column " + now.name();
        List<String> changes = new ArrayList<>();
        if (!was.type().equals(now.type())) {
            changes.add(column + " set data type " + now.type());
        }
        if (was.required() != now.required()) {
            changes.add(column + (now.required() ? " set not null" : " drop not null"));
        }
        if (!was.defaultValue().equals(now.defaultValue())) {
            changes.add(
                    column + now.defaultValue().map(d -> " set default " + d).orElse(" drop default"));
        }
        return changes;
    }

    /**
     * A column as it is written.
     *
     * @param type with its collation
     * @param whole all of it
     * @param defaultName the name its default could have
     * @param defaultValue empty for none
     */
    record Definition(
            String name,
            String type,
            boolean required,
            String defaultName,
            Optional<String> defaultValue,
            String whole) {}

    /** That a table is called otherwise. */
    String renamed(String table, String now) {
        return "alter table " + table + " rename to " + now;
    }

    /** That a column is called otherwise. */
    String renamed(String table, String column, String now) {
        return "alter table " + table + " rename column " + column + " to " + now;
    }

    /** What removes a constraint, behind {@code alter table}. */
    String dropped(ConstraintKind kind, String name) {
        return "drop constraint " + name;
    }

    /** What a constraint is. */
    enum ConstraintKind {
        PRIMARY_KEY,
        FOREIGN_KEY,
        UNIQUE,
        CHECK
    }

    /** Whether there are sequences that belong to no column. */
    boolean hasSequences() {
        return true;
    }

    /**
     * What removes an index.
     *
     * @param qualified its name in the namespace of its table
     */
    String droppedIndex(String table, String name, String qualified) {
        return "drop index " + qualified;
    }

    // what the database keeps of what it is told

    /** Whether the constraint of a primary key has the name it was given. */
    boolean namesPrimaryKeys() {
        return true;
    }

    /** Whether a foreign key without an index is given one, under its own name. */
    boolean indexesForeignKeys() {
        return false;
    }

    SqlType kept(SqlType type) {
        return type;
    }

    ForeignKey.Action kept(ForeignKey.Action action) {
        return action;
    }

    SqlExpression kept(SqlExpression expression) {
        return expression;
    }

    String keptComment(String comment) {
        return comment;
    }

    String keptColumnComment(String comment) {
        return comment;
    }
}
