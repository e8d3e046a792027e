package jasperwing.dialect;

import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.Table;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tables of MariaDB. */
final class MariaDbTables extends TableSql {
    private static final int LONGEST_TABLE_COMMENT = 2048;
    private static final int LONGEST_COLUMN_COMMENT = 1024;
    private static final Pattern QUOTED_OR_TRUTH = Pattern.compile("(?s)'(?:[^']|'')*'|`[^`]*`|\\b(?:true|false)\\b");

    /** Texts are compared as they are, capitals and spaces included. */
    @Override
    String options(Table table) {
        String comment = table.comment();
        return counter(table) + " character set utf8mb4 collate " + MariaDb.OF_CHARACTERS
                + (comment.isEmpty()
                        ? ""
                        : " comment = " + MariaDb.escaped(SqlNames.cut(comment, LONGEST_TABLE_COMMENT)));
    }

    @Override
    String noColumns() {
        return "_ char(1)";
    }

    @Override
    String counted(Identity by, boolean wholeKey) {
        return wholeKey ? " auto_increment" : "";
    }

    /** What is next, which goes on with every row, and the server's own step. */
    @Override
    Identity kept(Identity by) {
        return Identity.BY_ONE;
    }

    @Override
    String counting(String column, Identity by) {
        return "auto_increment = " + by.start();
    }

    /** What the key begins with, said of the whole table. */
    private static String counter(Table table) {
        return table.columns().stream()
                .filter(c -> table.keyColumns().equals(List.of(c.name())))
                .flatMap(c -> c.identity().stream())
                .filter(i -> i.start() != Identity.BY_ONE.start())
                .map(i -> " auto_increment = " + i.start())
                .findFirst()
                .orElse("");
    }

    @Override
    String columnComment(String comment) {
        return " comment " + MariaDb.escaped(SqlNames.cut(comment, LONGEST_COLUMN_COMMENT));
    }

    /** Of a text that is kept beside the row the beginning. */
    @Override
    String indexed(String column, SqlType type) {
        return column + (type.is(SqlType.Kind.TEXT) ? "(" + MariaDb.INDEXED_OF_WIDE_TEXT + ")" : "");
    }

    /** It has one word for both. */
    @Override
    ForeignKey.Action kept(ForeignKey.Action action) {
        return action == ForeignKey.Action.NO_ACTION ? ForeignKey.Action.RESTRICT : action;
    }

    @Override
    boolean indexesForeignKeys() {
        return true;
    }

    @Override
    boolean namesPrimaryKeys() {
        return false;
    }

    /** JSON is a text with a check. */
    @Override
    SqlType kept(SqlType type) {
        return type.is(SqlType.Kind.JSON) ? SqlType.of(SqlType.Kind.TEXT) : type;
    }

    /** Truth values are numbers. */
    @Override
    SqlExpression kept(SqlExpression expression) {
        return SqlExpression.of(QUOTED_OR_TRUTH
                .matcher(UntrueColumns.compared(expression.sql(), "0"))
                .replaceAll(m -> Matcher.quoteReplacement(
                        m.group().equals("true") ? "1" : m.group().equals("false") ? "0" : m.group())));
    }

    @Override
    String keptComment(String comment) {
        return SqlNames.cut(comment, LONGEST_TABLE_COMMENT);
    }

    @Override
    String keptColumnComment(String comment) {
        return SqlNames.cut(comment, LONGEST_COLUMN_COMMENT);
    }

    @Override
    List<String> altered(Definition was, Definition now) {
        return was.equals(now) ? List.of() : List.of("modify column " + now.whole());
    }

    @Override
    String dropped(ConstraintKind kind, String name) {
        return kind == ConstraintKind.PRIMARY_KEY ? "drop primary key" : super.dropped(kind, name);
    }

    @Override
    String droppedIndex(String table, String name, String qualified) {
        return "drop index " + name + " on " + table;
    }
}
