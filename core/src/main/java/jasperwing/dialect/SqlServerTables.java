package jasperwing.dialect;

import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Tables of SQL Server. */
final class SqlServerTables extends TableSql {
    @Override
    String noColumns() {
        return "_ bit";
    }

    @Override
    String counted(Identity by, boolean wholeKey) {
        return " identity(" + by.start() + "," + by.step() + ")";
    }

    @Override
    String computed(String type, String expression) {
        return "as (" + expression + ")";
    }

    /** Texts are compared as they are, capitals included, whatever the order of the database is. */
    @Override
    String usualCollation() {
        return SqlServer.OF_CHARACTERS;
    }

    /** A default has a name, by which it can be dropped. */
    @Override
    String defaulted(String name, String value) {
        return " constraint " + name + " default " + value;
    }

    @Override
    ForeignKey.Action written(ForeignKey.Action action) {
        return action == ForeignKey.Action.RESTRICT ? ForeignKey.Action.NO_ACTION : action;
    }

    /** Comments are properties of what they are about. */
    @Override
    Optional<String> comment(Dialect dialect, String namespace, String table, Optional<String> column, String text) {
        return Optional.of("exec sp_addextendedproperty N'MS_Description', " + dialect.literal(text)
                + ", N'schema', " + (namespace.isEmpty() ? "N'dbo'" : dialect.literal(namespace)) + ", N'table', "
                + dialect.literal(table)
                + column.map(c -> ", N'column', " + dialect.literal(c)).orElse(""));
    }

    @Override
    String addedColumn(String column) {
        return "add " + column;
    }

    @Override
    List<String> altered(Definition was, Definition now) {
        List<String> changes = new ArrayList<>();
        boolean defaults = !was.defaultValue().equals(now.defaultValue());
        if (defaults && was.defaultValue().isPresent()) {
            changes.add("drop constraint " + was.defaultName());
        }
        if (!was.type().equals(now.type()) || was.required() != now.required()) {
            changes.add("alter column " + now.name() + " " + now.type() + (now.required() ? " not null" : " null"));
        }
        if (defaults) {
            now.defaultValue()
                    .ifPresent(d -> changes.add(
                            "add constraint " + now.defaultName() + " default " + d + " for " + now.name()));
        }
        return changes;
    }

    @Override
    String renamed(String table, String now) {
        return "exec sp_rename " + text(table) + ", " + text(bare(now));
    }

    @Override
    String renamed(String table, String column, String now) {
        return "exec sp_rename " + text(table + "." + column) + ", " + text(bare(now)) + ", N'column'";
    }

    private static String text(String name) {
        return "N" + SqlNames.literal(name);
    }

    /** The new name is taken as it stands. */
    private static String bare(String name) {
        return name.startsWith("[") ? name.substring(1, name.length() - 1).replace("]]", "]") : name;
    }

    @Override
    String droppedIndex(String table, String name, String qualified) {
        return "drop index " + name + " on " + table;
    }

    /** The statement must be alone in what is executed. */
    @Override
    String createNamespace(String name, String text) {
        return "if schema_id(" + text(text) + ") is null exec(" + text("create schema " + name) + ")";
    }
}
