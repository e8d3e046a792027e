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
import java.util.Locale;
import java.util.Optional;

/** Names without quotes are kept in capitals. */
final class H2Catalog implements CatalogReader {
    private static final String HERE = " where table_schema <> 'INFORMATION_SCHEMA' and table_name = ?";

    private Query query;

    @Override
    public Catalog read(Connection connection) throws SQLException {
        query = new Query(connection);
        List<Table> tables = new ArrayList<>();
        for (String name : query.names("select table_name from information_schema.tables"
                + " where table_schema <> 'INFORMATION_SCHEMA' and table_type = 'BASE TABLE' order by 1")) {
            tables.add(table(name));
        }
        return Catalog.of(tables);
    }

    private Table table(String name) throws SQLException {
        List<PrimaryKey> keys = new ArrayList<>();
        for (String constraint : constraints(name, "PRIMARY KEY")) {
            keys.add(new PrimaryKey(folded(constraint), columns(constraint)));
        }
        List<Unique> uniques = new ArrayList<>();
        for (String constraint : constraints(name, "UNIQUE")) {
            uniques.add(new Unique(folded(constraint), columns(constraint)));
        }
        List<Index> indexes = new ArrayList<>();
        for (String index : query.names(
                "select index_name from information_schema.indexes" + HERE + " and index_type_name = 'INDEX'"
                        + " and index_name not like '%\\_INDEX\\__%'",
                name)) {
            indexes.add(Index.of(
                    folded(index),
                    folded(query.names(
                            "select column_name from information_schema.index_columns" + HERE
                                    + " and index_name = ? order by ordinal_position",
                            name,
                            index))));
        }
        String namespace = folded(query.names("select table_schema from information_schema.tables" + HERE, name)
                .get(0));
        return new Table(
                namespace.equals("public") ? "" : namespace,
                folded(name),
                query.all(
                        "select c.*, data_type_sql(table_schema, table_name, 'TABLE', dtd_identifier) as type"
                                + " from information_schema.columns c" + HERE + " order by ordinal_position",
                        H2Catalog::column,
                        name),
                keys.stream().findFirst(),
                foreignKeys(name),
                uniques,
                query.all(
                        "select k.constraint_name, check_clause from information_schema.check_constraints k"
                                + " join information_schema.table_constraints t using (constraint_schema, constraint_name)"
                                + HERE,
                        r -> new Check(folded(r.getString(1)), SqlExpression.of(r.getString(2))),
                        name),
                List.of(),
                indexes,
                query.names("select coalesce(remarks, '') from information_schema.tables" + HERE, name)
                        .get(0));
    }

    private List<String> constraints(String table, String kind) throws SQLException {
        return query.names(
                "select constraint_name from information_schema.table_constraints" + HERE + " and constraint_type = ?",
                table,
                kind);
    }

    private List<String> columns(String constraint) throws SQLException {
        return folded(query.names(
                "select column_name from information_schema.key_column_usage where constraint_name = ?"
                        + " order by ordinal_position",
                constraint));
    }

    private List<ForeignKey> foreignKeys(String table) throws SQLException {
        List<ForeignKey> keys = new ArrayList<>();
        for (String constraint : constraints(table, "FOREIGN KEY")) {
            keys.addAll(query.all(
                    "select unique_constraint_name, delete_rule, update_rule, (select max(table_name)"
                            + " from information_schema.key_column_usage k where k.constraint_name = unique_constraint_name) as target"
                            + " from information_schema.referential_constraints where constraint_name = ?",
                    r -> new ForeignKey(
                            folded(constraint),
                            columns(constraint),
                            folded(r.getString("target")),
                            targets(constraint, r.getString("unique_constraint_name")),
                            action(r.getString("delete_rule")),
                            action(r.getString("update_rule")),
                            ForeignKey.Timing.IMMEDIATE),
                    constraint));
        }
        return keys;
    }

    private List<String> targets(String constraint, String key) throws SQLException {
        return folded(query.names(
                "select t.column_name from information_schema.key_column_usage f join information_schema.key_column_usage t"
                        + " on t.constraint_name = ? and t.ordinal_position = f.position_in_unique_constraint"
                        + " where f.constraint_name = ? order by f.ordinal_position",
                key,
                constraint));
    }

    private static ForeignKey.Action action(String rule) {
        return ForeignKey.Action.valueOf(rule.replace(' ', '_'));
    }

    private static Column column(ResultSet row) throws SQLException {
        boolean computed = row.getString("is_generated").equals("ALWAYS");
        Optional<SqlExpression> value = Optional.ofNullable(
                        row.getString(computed ? "generation_expression" : "column_default"))
                .map(SqlExpression::of);
        return new Column(
                folded(row.getString("column_name")),
                Dialects.H2.read(row.getString("type")),
                "",
                row.getString("is_nullable").equals("NO"),
                row.getString("is_identity").equals("YES")
                        ? Optional.of(new Identity(row.getLong("identity_start"), row.getLong("identity_increment")))
                        : Optional.empty(),
                computed ? Optional.empty() : value,
                computed ? value : Optional.empty(),
                Optional.ofNullable(row.getString("remarks")).orElse(""));
    }

    private static List<String> folded(List<String> names) {
        return names.stream().map(H2Catalog::folded).toList();
    }

    private static String folded(String name) {
        return name.matches("[A-Z_][A-Z0-9_]*") ? name.toLowerCase(Locale.ROOT) : name;
    }
}
