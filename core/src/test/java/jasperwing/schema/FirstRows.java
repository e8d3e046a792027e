package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumType;
import jasperwing.model.Family;
import jasperwing.model.Keeping;
import jasperwing.model.Literal;
import jasperwing.model.OneOf;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Stores one row in each table of a design without kinds, in the order the tables can be filled in, each pointing to the rows stored before. */
final class FirstRows {
    private final Design design;
    private final Schema schema;
    private final Map<String, Map<String, String>> rows = new HashMap<>();

    FirstRows(Design design, Schema schema) {
        this.design = design.whole();
        this.schema = schema;
    }

    /** @throws SQLException when the database refuses one; its message has the statement */
    void insert(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (Table table : Order.of(schema).tables()) {
                if (table.source() instanceof Table.Source.OfEnum of) {
                    String value = of.type().values().get(0).name();
                    rows.put(table.name(), Map.of(Table.VALUE, schema.dialect().literal(value)));
                    continue;
                }
                String sql = insert(table);
                try {
                    statement.executeUpdate(sql);
                } catch (SQLException e) {
                    throw new SQLException(e.getMessage() + "\n" + sql, e);
                }
            }
        }
    }

    private String insert(Table table) {
        Map<String, String> values = values(table);
        rows.put(table.name(), values);
        String start = "insert into " + quote(table.name());
        if (values.isEmpty()) {
            return start + (schema.dialect() == Dialect.MARIADB ? " () values ()" : " default values");
        }
        String columns = values.keySet().stream().map(this::quote).collect(Collectors.joining(", "));
        return start + " (" + columns + ") values (" + String.join(", ", values.values()) + ")";
    }

    private String quote(String name) {
        return schema.dialect().quote(name);
    }

    private Map<String, String> values(Table table) {
        Map<String, String> values = new LinkedHashMap<>();
        references(table, values);
        if (table.source() instanceof Table.Source.OfEntity of) {
            looseReferences(table, of.entity(), values);
            for (Attribute attribute : design.entity(of.entity()).orElseThrow().attributes()) {
                leaves(table.columnsOf(attribute.name()), attribute, values);
            }
        } else if (table.source() instanceof Table.Source.OfList of) {
            element(table, of, values);
        }
        return values;
    }

    /** Each points to the row its target has by now; of a one-of only the first that can. */
    private void references(Table table, Map<String, String> values) {
        Map<Role, Boolean> chosen = new HashMap<>();
        for (ForeignKey key : table.foreignKeys()) {
            Map<String, String> target = rows.get(key.target());
            boolean oneOf =
                    key.role().filter(r -> r.relationship() instanceof OneOf).isPresent();
            boolean first = !oneOf || chosen.get(key.role().orElseThrow()) == null;
            if (key.enforced() && target != null && first) {
                key.role().ifPresent(r -> chosen.put(r, true));
                for (int i = 0; i < key.columns().size(); i++) {
                    values.put(
                            key.columns().get(i), target.get(key.targetColumns().get(i)));
                }
            }
        }
        for (ForeignKey key : table.foreignKeys()) {
            boolean oneOf = key.role()
                    .filter(r -> r.relationship() instanceof OneOf && r.must())
                    .isPresent();
            if (oneOf && !key.enforced() && chosen.putIfAbsent(key.role().orElseThrow(), true) == null) {
                values.put(key.columns().get(0), outside(key));
            }
            for (String column : key.columns()) {
                boolean must = table.column(column).orElseThrow().required()
                        || table.primaryKey().contains(column);
                if (must && !values.containsKey(column)) {
                    values.put(column, key.enforced() ? "null" : outside(key));
                }
            }
        }
    }

    /** What lives in another system can be pointed to by any value of its key's type. */
    private String outside(ForeignKey key) {
        return design.entity(key.targetEntity())
                .flatMap(e -> e.attribute(e.key().names().get(0)))
                .map(this::sample)
                .orElse("null");
    }

    private void looseReferences(Table table, String entity, Map<String, String> values) {
        for (Role role : Roles.heldBy(design, entity)) {
            if (role.relationship() instanceof OneOf oneOf && oneOf.kept() == Keeping.KIND_AND_ID) {
                List<Column> both = table.columnsOf(role.name());
                String subject = oneOf.subjects().get(0);
                values.put(both.get(0).name(), schema.dialect().literal(subject));
                values.put(
                        both.get(1).name(),
                        schema.dialect().literal(key(subject).replace("'", "")));
            }
        }
    }

    /** The key of the row stored before; where there is none, one that a row could have. */
    private String key(String entity) {
        Optional<String> stored = schema.table(entity).flatMap(t -> Optional.ofNullable(rows.get(t.name()))
                .map(r -> r.get(t.primaryKey().get(0))));
        return stored.or(() -> design.entity(entity)
                        .flatMap(e -> e.attribute(e.key().names().get(0)))
                        .map(this::sample))
                .orElse("1");
    }

    private void leaves(List<Column> columns, Attribute attribute, Map<String, String> values) {
        List<Leaves.Leaf> leaves = Leaves.of(design, attribute);
        for (int i = 0; i < Math.min(columns.size(), leaves.size()); i++) {
            Column column = columns.get(i);
            boolean bare = column.computed().isEmpty() && column.defaultSql().isEmpty();
            if (bare && !attribute.isListInRow() && (column.required() || column.generated())) {
                values.putIfAbsent(column.name(), sample(leaves.get(i).attribute()));
            }
        }
    }

    private void element(Table table, Table.Source.OfList of, Map<String, String> values) {
        Attribute list = Family.attribute(design, of.entity(), of.attribute()).orElseThrow();
        values.put("position", "1");
        List<Leaves.Leaf> leaves = Leaves.of(design, list);
        int start = table.columns().size() - leaves.size();
        for (int i = 0; i < leaves.size(); i++) {
            Column column = table.columns().get(start + i);
            if (column.required() && column.defaultSql().isEmpty()) {
                values.put(column.name(), sample(leaves.get(i).attribute()));
            }
        }
    }

    /** A value the attribute's type and rules allow. */
    private String sample(Attribute attribute) {
        Type type = attribute.type();
        Optional<Literal> bound = attribute
                .range()
                .filter(r -> Literals.rangeFits(type, r))
                .flatMap(r -> r.from().or(r::to));
        if (type instanceof Type.Named named) {
            return schema.dialect()
                    .literal(design.enumType(named.name())
                            .map(EnumType::values)
                            .map(v -> v.get(0).name())
                            .orElse("a"));
        }
        if (type.isText()) {
            int length = attribute.form().longerThan().orElse(0) + 1;
            return schema.dialect().literal("a".repeat(length));
        }
        if (type.isNumeric()) {
            return bound.map(Literal::text).orElse("1");
        }
        return sample(((Type.Plain) type).scalar(), bound);
    }

    private String sample(Scalar scalar, Optional<Literal> bound) {
        Dialect dialect = schema.dialect();
        return switch (scalar) {
            case BOOLEAN -> dialect == Dialect.SQLITE ? "1" : "true";
            case DATE -> dialect.literal(bound.map(Literal::text).orElse("2026-03-01"));
            case TIME -> "'08:00:00'";
            case TIMESTAMP, LOCAL_TIMESTAMP -> "'2026-03-01 08:00:00'";
            case UUID -> "'6f1b0a52-0f43-4a53-9c0e-1d8f5f2c7a11'";
            case JSON -> (dialect == Dialect.H2 ? "json " : "") + "'{}'";
            case BINARY -> dialect == Dialect.POSTGRESQL ? "'\\x00'" : "x'00'";
            default -> "1";
        };
    }
}
