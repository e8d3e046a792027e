package jasperwing.catalog;

import jasperwing.dialect.Dialects;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Table;
import jasperwing.physical.Unique;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

final class MariaDbCatalog implements CatalogReader {
    /** The order of characters in a new table, and that in which JSON is kept. */
    private static final Set<String> USUAL = Set.of("utf8mb4_nopad_bin", "utf8mb4_bin");

    private static final String HERE = " where table_schema = database() and table_name = ?";
    private static final String CONSTRAINT_HERE = " where constraint_schema = database() and table_name = ?";

    private Query query;

    @Override
    public Catalog read(Connection connection) throws SQLException {
        query = new Query(connection);
        List<Table> tables = new ArrayList<>();
        for (String name : query.names("select table_name from information_schema.tables"
                + " where table_schema = database() and table_type = 'BASE TABLE' order by binary table_name")) {
            tables.add(table(name));
        }
        return Catalog.of(tables);
    }

    private Table table(String name) throws SQLException {
        List<Column> columns = query.all(
                "select * from information_schema.columns" + HERE + " order by ordinal_position",
                MariaDbCatalog::column,
                name);
        List<String> key = columnsOf(name, "PRIMARY");
        List<Unique> uniques = new ArrayList<>();
        List<Index> indexes = new ArrayList<>();
        for (String index : query.names("select distinct index_name from information_schema.statistics" + HERE, name)) {
            boolean unique = query.names(
                            "select non_unique from information_schema.statistics" + HERE + " and index_name = ?",
                            name,
                            index)
                    .get(0)
                    .equals("0");
            if (unique && !index.equals("PRIMARY")) {
                uniques.add(new Unique(index, columnsOf(name, index)));
            } else if (!unique) {
                indexes.add(Index.of(index, columnsOf(name, index)));
            }
        }
        return new Table(
                name,
                columns,
                key.isEmpty() ? Optional.empty() : Optional.of(new PrimaryKey("", key)),
                foreignKeys(name),
                uniques,
                query.all(
                        "select constraint_name, check_clause from information_schema.check_constraints"
                                + CONSTRAINT_HERE + " and level = 'Table'",
                        r -> new Check(r.getString(1), expression(r.getString(2))),
                        name),
                indexes,
                query.names("select table_comment from information_schema.tables" + HERE, name)
                        .get(0));
    }

    private List<String> columnsOf(String table, String index) throws SQLException {
        return query.names(
                "select column_name from information_schema.statistics" + HERE
                        + " and index_name = ? order by seq_in_index",
                table,
                index);
    }

    private List<ForeignKey> foreignKeys(String table) throws SQLException {
        List<ForeignKey> keys = new ArrayList<>();
        for (ForeignKey bare : query.all(
                "select constraint_name, referenced_table_name, delete_rule, update_rule"
                        + " from information_schema.referential_constraints" + CONSTRAINT_HERE,
                r -> new ForeignKey(
                        r.getString(1),
                        List.of(),
                        r.getString(2),
                        List.of(),
                        action(r.getString(3)),
                        action(r.getString(4)),
                        ForeignKey.Timing.IMMEDIATE),
                table)) {
            String from = " from information_schema.key_column_usage" + CONSTRAINT_HERE
                    + " and constraint_name = ? order by ordinal_position";
            keys.add(new ForeignKey(
                    bare.name(),
                    query.names("select column_name" + from, table, bare.name()),
                    bare.target(),
                    query.names("select referenced_column_name" + from, table, bare.name()),
                    bare.onDelete(),
                    bare.onUpdate(),
                    bare.timing()));
        }
        return keys;
    }

    private static ForeignKey.Action action(String rule) {
        return ForeignKey.Action.valueOf(rule.replace(' ', '_'));
    }

    private static Column column(ResultSet row) throws SQLException {
        String type = row.getString("column_type");
        String computed = row.getString("generation_expression");
        String value = row.getString("column_default");
        String collation = row.getString("collation_name");
        boolean identity = row.getString("extra").contains("auto_increment");
        return new Column(
                row.getString("column_name"),
                Dialects.MARIADB.read(type),
                collation == null || USUAL.contains(collation) ? "" : collation,
                row.getString("is_nullable").equals("NO"),
                identity ? Optional.of(Identity.BY_ONE) : Optional.empty(),
                value == null || value.equals("NULL") ? Optional.empty() : Optional.of(expression(value)),
                Optional.ofNullable(computed).map(MariaDbCatalog::expression),
                row.getString("column_comment"));
    }

    /** It escapes a quote in a text by a backslash, where others double it. */
    private static SqlExpression expression(String sql) {
        return SqlExpression.of(sql.replaceAll("(?<!\\\\)((?:\\\\\\\\)*)\\\\'", "$1''"));
    }
}
