package jasperwing.schema;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** What a database says of itself, in lines that can be compared with what was derived. */
final class Catalog {
    private static final Pattern CAPITALS = Pattern.compile("\\b(?!DELETE_TOO|EMPTY|REFUSE)[A-Z0-9_]+\\b");

    /** For foreign keys that no index of theirs alone supports. */
    private static final String MADE_BY_H2 = "_INDEX_";

    private Catalog() {}

    static TreeSet<String> expected(Schema schema) {
        TreeSet<String> lines = new TreeSet<>();
        for (Table table : schema.tables()) {
            String name = table.name();
            for (Column c : table.columns()) {
                boolean required = c.required() || table.primaryKey().contains(c.name());
                lines.add(name + "." + c.name() + " " + (required ? "required" : "optional")
                        + (c.defaultSql().isEmpty() ? "" : " default")
                        + (c.computed().isEmpty() ? "" : " computed"));
            }
            lines.add(name + " key " + table.primaryKey());
            table.uniques().forEach(u -> lines.add(name + " unique " + u.columns()));
            table.indexes().forEach(i -> lines.add(name + " index " + i.columns()));
            table.foreignKeys().stream()
                    .filter(ForeignKey::enforced)
                    .forEach(f -> lines.add(name + " " + f.columns() + " -> " + f.target() + " " + f.targetColumns()
                            + " " + f.onDelete()));
            lines.add(name + " checks " + table.checks().size());
        }
        return lines;
    }

    static TreeSet<String> read(Connection connection, Dialect dialect) throws SQLException {
        TreeSet<String> lines = new TreeSet<>();
        DatabaseMetaData meta = connection.getMetaData();
        List<String> tables = new ArrayList<>();
        try (ResultSet rows = meta.getTables(connection.getCatalog(), schema(dialect), "%", new String[] {
            dialect == Dialects.H2 ? "BASE TABLE" : "TABLE"
        })) {
            while (rows.next()) {
                tables.add(rows.getString("TABLE_NAME"));
            }
        }
        for (String table : tables) {
            List<String> key = key(meta, table);
            lines.add(table + " key " + key);
            columns(meta, table, key, lines);
            indexes(meta, table, key, lines);
            foreignKeys(meta, table, lines);
            lines.add(table + " checks " + checks(connection, dialect, table));
        }
        return dialect == Dialects.H2 ? folded(lines) : lines;
    }

    /** H2 keeps plain names in capitals. */
    private static TreeSet<String> folded(TreeSet<String> lines) {
        TreeSet<String> all = new TreeSet<>();
        for (String line : lines) {
            all.add(CAPITALS.matcher(line).replaceAll(r -> r.group().toLowerCase(Locale.ROOT)));
        }
        return all;
    }

    private static String schema(Dialect dialect) {
        return dialect == Dialects.POSTGRESQL ? "public" : dialect == Dialects.H2 ? "PUBLIC" : null;
    }

    private static List<String> key(DatabaseMetaData meta, String table) throws SQLException {
        TreeMap<Integer, String> key = new TreeMap<>();
        try (ResultSet rows = meta.getPrimaryKeys(meta.getConnection().getCatalog(), null, table)) {
            while (rows.next()) {
                key.put(rows.getInt("KEY_SEQ"), rows.getString("COLUMN_NAME"));
            }
        }
        return List.copyOf(key.values());
    }

    private static void columns(DatabaseMetaData meta, String table, List<String> key, TreeSet<String> lines)
            throws SQLException {
        try (ResultSet rows = meta.getColumns(meta.getConnection().getCatalog(), null, escaped(meta, table), "%")) {
            while (rows.next()) {
                String column = rows.getString("COLUMN_NAME");
                boolean required = rows.getInt("NULLABLE") == DatabaseMetaData.columnNoNulls || key.contains(column);
                String value = rows.getString("COLUMN_DEF");
                boolean computed = rows.getString("IS_GENERATEDCOLUMN").equals("YES");
                lines.add(table + "." + column + " " + (required ? "required" : "optional")
                        + (computed ? " computed" : value == null || value.equals("NULL") ? "" : " default"));
            }
        }
    }

    private static String escaped(DatabaseMetaData meta, String table) throws SQLException {
        String escape = meta.getSearchStringEscape();
        return table.replace("_", escape + "_").replace("%", escape + "%");
    }

    private static void indexes(DatabaseMetaData meta, String table, List<String> key, TreeSet<String> lines)
            throws SQLException {
        Map<String, TreeMap<Integer, String>> columns = new TreeMap<>();
        Map<String, Boolean> unique = new TreeMap<>();
        try (ResultSet rows = meta.getIndexInfo(meta.getConnection().getCatalog(), null, table, false, false)) {
            while (rows.next()) {
                String name = rows.getString("INDEX_NAME");
                columns.computeIfAbsent(name, n -> new TreeMap<>())
                        .put(rows.getInt("ORDINAL_POSITION"), bare(rows.getString("COLUMN_NAME")));
                unique.put(name, !rows.getBoolean("NON_UNIQUE"));
            }
        }
        columns.forEach((name, parts) -> {
            List<String> all = List.copyOf(parts.values());
            if (!unique.get(name) && !name.contains(MADE_BY_H2)) {
                lines.add(table + " index " + all);
            } else if (unique.get(name) && !all.equals(key)) {
                lines.add(table + " unique " + all);
            }
        });
    }

    private static String bare(String name) {
        return name.startsWith("\"") ? name.substring(1, name.length() - 1).replace("\"\"", "\"") : name;
    }

    private static void foreignKeys(DatabaseMetaData meta, String table, TreeSet<String> lines) throws SQLException {
        Map<String, TreeMap<Integer, String>> from = new TreeMap<>();
        Map<String, TreeMap<Integer, String>> to = new TreeMap<>();
        Map<String, String[]> ends = new TreeMap<>();
        try (ResultSet rows = meta.getImportedKeys(meta.getConnection().getCatalog(), null, table)) {
            while (rows.next()) {
                String name = rows.getString("FK_NAME");
                int part = rows.getInt("KEY_SEQ");
                from.computeIfAbsent(name, n -> new TreeMap<>()).put(part, rows.getString("FKCOLUMN_NAME"));
                to.computeIfAbsent(name, n -> new TreeMap<>()).put(part, rows.getString("PKCOLUMN_NAME"));
                ends.put(name, new String[] {rows.getString("PKTABLE_NAME"), rule(rows.getInt("DELETE_RULE"))});
            }
        }
        ends.forEach((name, end) ->
                lines.add(table + " " + List.copyOf(from.get(name).values()) + " -> " + end[0] + " "
                        + List.copyOf(to.get(name).values()) + " " + end[1]));
    }

    private static String rule(int rule) {
        return switch (rule) {
            case DatabaseMetaData.importedKeyCascade -> "DELETE_TOO";
            case DatabaseMetaData.importedKeySetNull -> "EMPTY";
            case DatabaseMetaData.importedKeyRestrict -> "REFUSE";
            default -> "rule " + rule;
        };
    }

    private static int checks(Connection connection, Dialect dialect, String table) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            if (dialect == Dialects.POSTGRESQL) {
                try (ResultSet rows = statement.executeQuery(
                        "select count(*) from pg_constraint c join pg_class t on t.oid = c.conrelid where contype = 'c' and relname = "
                                + dialect.literal(table))) {
                    rows.next();
                    return rows.getInt(1);
                }
            }
            if (dialect == Dialects.H2) {
                try (ResultSet rows = statement.executeQuery(
                        "select count(*) from information_schema.table_constraints where constraint_type = 'CHECK'"
                                + " and table_name = " + dialect.literal(table))) {
                    rows.next();
                    return rows.getInt(1);
                }
            }
            if (dialect == Dialects.MARIADB) {
                try (ResultSet rows = statement.executeQuery(
                        "select count(*) from information_schema.check_constraints where level = 'Table'"
                                + " and constraint_schema = database() and table_name = " + dialect.literal(table))) {
                    rows.next();
                    return rows.getInt(1);
                }
            }
            try (ResultSet rows = statement.executeQuery(
                    "select sql from sqlite_master where type = 'table' and name = " + dialect.literal(table))) {
                rows.next();
                return rows.getString(1).split(" check \\(", -1).length - 1;
            }
        }
    }
}
