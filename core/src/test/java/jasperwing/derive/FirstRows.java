package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.Literal;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Stores a row of each entity in the order the tables can be filled in, each pointing to rows stored before. Of a family each kind has a row:
 * in every table that keeps a part of it. Rows that must wait for others of the same circle of tables are stored when it is gone through again.
 */
public final class FirstRows {
    private final Design design;
    private final Schema schema;
    /** By the table and the entity, the entities of a table in the order their rows were stored. */
    private final Map<String, Map<String, Map<String, String>>> rows = new HashMap<>();

    /** How many parts of its row each entity still waits for. */
    private final Map<String, Integer> parts = new HashMap<>();

    /** By the reference, the rows it points to, where no other may. */
    private final Map<Role, List<Map<String, String>>> taken = new HashMap<>();

    private List<Wanted> all = List.of();
    private int number;

    public FirstRows(Design design, Schema schema) {
        this.design = design.whole();
        this.schema = schema;
    }

    /** @throws SQLException when the database refuses one; its message has the statement */
    public void insert(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            all = wanted();
            List<Wanted> wanted = all;
            while (!wanted.isEmpty()) {
                List<Wanted> waiting = new ArrayList<>();
                for (Wanted each : wanted) {
                    if (canBeStored(each)) {
                        store(statement, each);
                    } else {
                        waiting.add(each);
                    }
                }
                if (waiting.size() == wanted.size()) {
                    store(statement, waiting.remove(0));
                }
                wanted = waiting;
            }
        }
    }

    /** A row of an entity in one of its tables; of no entity for pairs and elements of lists. */
    private record Wanted(DerivedTable table, String entity) {}

    private List<Wanted> wanted() {
        List<Wanted> wanted = new ArrayList<>();
        for (DerivedTable table : Order.of(schema).tables()) {
            if (table.source() instanceof DerivedTable.Source.OfEnum of) {
                String value = of.type().values().get(0).name();
                rows.put(
                        table.name(),
                        Map.of("", Map.of(DerivedTable.VALUE, schema.dialect().literal(value))));
            } else if (table.source() instanceof DerivedTable.Source.OfEntity of) {
                Entity entity = design.entity(of.entity()).orElseThrow();
                boolean complete = InheritanceTree.isKept(design, entity.name(), KindsKept.COMPLETE_TABLES);
                (complete ? List.of(entity) : InheritanceTree.withRows(design, entity))
                        .forEach(e -> wanted.add(new Wanted(table, e.name())));
            } else {
                wanted.add(new Wanted(table, ""));
            }
        }
        wanted.forEach(w -> parts.merge(w.entity(), 1, Integer::sum));
        return wanted;
    }

    private void store(Statement statement, Wanted wanted) throws SQLException {
        for (Reference key : wanted.table().references()) {
            Optional<Role> alone = key.role().filter(r -> r.unique() && r.must() && isOf(key, wanted));
            Map<String, String> target = alone.flatMap(r -> target(key, wanted)).orElse(null);
            if (target != null && isTaken(alone, target)) {
                another(statement, key);
            }
        }
        String sql = insert(wanted);
        try {
            statement.executeUpdate(sql);
        } catch (SQLException e) {
            throw new SQLException(e.getMessage() + "\n" + sql, e);
        }
        parts.merge(wanted.entity(), -1, Integer::sum);
    }

    /** Stores one more row of what a reference points to, with its parts in all tables of its family. */
    private void another(Statement statement, Reference key) throws SQLException {
        Entity target = design.entity(key.targetEntity()).orElseThrow();
        String kind = InheritanceTree.withRows(design, target).stream()
                .map(Entity::name)
                .filter(e -> all.stream().anyMatch(w -> w.entity().equals(e)))
                .findFirst()
                .orElse(target.name());
        List<Wanted> more = all.stream().filter(w -> w.entity().equals(kind)).toList();
        parts.merge(kind, more.size(), Integer::sum);
        for (Wanted each : more) {
            store(statement, each);
        }
    }

    /** Whether each reference that must be filled can be. */
    private boolean canBeStored(Wanted wanted) {
        Map<Object, Boolean> filled = new HashMap<>();
        for (Reference key : wanted.table().references()) {
            boolean must = key.role().map(Role::must).orElse(true) && isOf(key, wanted);
            if (must) {
                Object what = key.role().isPresent() ? key.role().get() : key;
                boolean can = !key.enforced() || target(key, wanted).isPresent();
                filled.merge(what, can, Boolean::logicalOr);
            }
        }
        return !filled.containsValue(false);
    }

    /** Whether a row of the entity fills the key at all: where rows of other kinds lie beside it, it need not. */
    private boolean isOf(Reference key, Wanted wanted) {
        String owner = wanted.table()
                .origin(wanted.table().column(key.columns().get(0)).orElseThrow())
                .owner();
        return owner.isEmpty() || isIn(wanted.entity(), owner);
    }

    private boolean isIn(String kind, String entity) {
        return kind.equals(entity)
                || InheritanceTree.ancestors(design, kind).stream()
                        .anyMatch(a -> a.name().equals(entity));
    }

    /** The row a key points to: of a part of a kind that kind's, of a reference the first one that is whole and one of its target. */
    private Optional<Map<String, String>> target(Reference key, Wanted wanted) {
        Map<String, Map<String, String>> there = rows.getOrDefault(key.target(), Map.of());
        boolean part = key.role().isEmpty() && !wanted.entity().isEmpty();
        return there.entrySet().stream()
                .filter(e -> e.getKey().isEmpty()
                        || (part
                                ? e.getKey().equals(wanted.entity())
                                : parts.get(e.getKey()) == 0 && isIn(e.getKey(), key.targetEntity())))
                .map(Map.Entry::getValue)
                .min(Comparator.comparing(row -> isTaken(key.role().filter(Role::unique), row)));
    }

    private boolean isTaken(Optional<Role> role, Map<String, String> row) {
        return role.map(taken::get).filter(t -> t.contains(row)).isPresent();
    }

    private String insert(Wanted wanted) {
        DerivedTable table = wanted.table();
        number++;
        Map<String, String> values = values(wanted);
        rows.computeIfAbsent(table.name(), t -> new LinkedHashMap<>()).put(wanted.entity(), values);
        String start = "insert into " + quote(table.name());
        if (values.isEmpty()) {
            return start + (schema.dialect() == Dialects.MARIADB ? " () values ()" : " default values");
        }
        String columns = values.keySet().stream().map(this::quote).collect(Collectors.joining(", "));
        return start + " (" + columns + ") values (" + String.join(", ", values.values()) + ")";
    }

    private String quote(String name) {
        return schema.dialect().quote(name);
    }

    private Map<String, String> values(Wanted wanted) {
        DerivedTable table = wanted.table();
        Map<String, String> values = new LinkedHashMap<>();
        references(wanted, values);
        if (table.source() instanceof DerivedTable.Source.OfEntity of) {
            table.kinds().ifPresent(k -> values.put(k.column(), schema.dialect().literal(wanted.entity())));
            for (Entity part :
                    InheritanceTree.line(design, design.entity(wanted.entity()).orElseThrow())) {
                String owner = part.name().equals(of.entity()) || !isIn(part.name(), of.entity()) ? "" : part.name();
                looseReferences(table, owner, part.name(), values);
                for (Attribute attribute : part.attributes()) {
                    leaves(columnsOf(table, owner, attribute.name()), attribute, values);
                }
            }
        } else if (table.source() instanceof DerivedTable.Source.OfList of) {
            element(table, of, values);
        }
        return values;
    }

    private static List<Column> columnsOf(DerivedTable table, String owner, String member) {
        return table.columnsOf(new ColumnOrigin(member, owner));
    }

    /** Each points to the row its target has by now; of a one-of only the first that can. */
    private void references(Wanted wanted, Map<String, String> values) {
        DerivedTable table = wanted.table();
        Map<Role, Boolean> chosen = new HashMap<>();
        for (Reference key : table.references()) {
            Map<String, String> target = isOf(key, wanted) ? target(key, wanted).orElse(null) : null;
            boolean oneOf = key.role()
                    .filter(r -> r.relationship() instanceof PolymorphicRelationship)
                    .isPresent();
            boolean first = !oneOf || chosen.get(key.role().orElseThrow()) == null;
            if (key.enforced() && target != null && first && isFree(key, target)) {
                key.role().ifPresent(r -> chosen.put(r, true));
                key.role().filter(Role::unique).ifPresent(r -> taken.computeIfAbsent(r, t -> new ArrayList<>())
                        .add(target));
                for (int i = 0; i < key.columns().size(); i++) {
                    values.put(
                            key.columns().get(i), target.get(key.targetColumns().get(i)));
                }
            }
        }
        for (Reference key : table.references()) {
            boolean oneOf = key.role()
                    .filter(r -> r.relationship() instanceof PolymorphicRelationship && r.must())
                    .isPresent();
            if (oneOf
                    && isOf(key, wanted)
                    && !key.enforced()
                    && chosen.putIfAbsent(key.role().orElseThrow(), true) == null) {
                for (int i = 0; i < key.columns().size(); i++) {
                    values.put(key.columns().get(i), outside(key, i));
                }
            }
            for (int i = 0; i < key.columns().size(); i++) {
                String column = key.columns().get(i);
                boolean must = table.column(column).orElseThrow().required()
                        || table.keyColumns().contains(column);
                if (must && !values.containsKey(column)) {
                    values.put(column, key.enforced() ? "null" : outside(key, i));
                }
            }
        }
    }

    /** What lives in another system can be pointed to by any value of its key's type. */
    private String outside(Reference key, int index) {
        return keyAttribute(key.targetEntity(), index).map(this::sample).orElse("null");
    }

    private Optional<Attribute> keyAttribute(String entity, int index) {
        return design.entity(InheritanceTree.root(design, entity))
                .flatMap(e -> e.attribute(e.key().names().get(index)));
    }

    /** Whether a reference may point to a row: of those that no two may share, to one that none points to yet. */
    private boolean isFree(Reference key, Map<String, String> target) {
        return key.role()
                .filter(r -> !r.must() && isTaken(Optional.of(r).filter(Role::unique), target))
                .isEmpty();
    }

    private void looseReferences(DerivedTable table, String owner, String entity, Map<String, String> values) {
        for (Role role : Roles.heldBy(design, entity)) {
            if (role.relationship() instanceof PolymorphicRelationship oneOf
                    && oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
                List<Column> both = columnsOf(table, owner, role.name());
                if (both.isEmpty()) {
                    continue;
                }
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
        Optional<String> stored = schema.table(entity)
                .flatMap(t -> rows.getOrDefault(t.name(), Map.of()).values().stream()
                        .map(r -> r.get(t.keyColumns().get(0)))
                        .findFirst());
        return stored.or(() -> keyAttribute(entity, 0).map(this::sample)).orElse("1");
    }

    private void leaves(List<Column> columns, Attribute attribute, Map<String, String> values) {
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, attribute);
        for (int i = 0; i < Math.min(columns.size(), leaves.size()); i++) {
            Column column = columns.get(i);
            boolean bare = column.computed().isEmpty() && column.defaultValue().isEmpty();
            boolean must =
                    column.required() || column.isCounted() || !leaves.get(i).optional();
            if (bare && must && !attribute.isListInRow()) {
                values.putIfAbsent(column.name(), sample(leaves.get(i).attribute()));
            }
        }
    }

    private void element(DerivedTable table, DerivedTable.Source.OfList of, Map<String, String> values) {
        Attribute list =
                InheritanceTree.attribute(design, of.entity(), of.attribute()).orElseThrow();
        values.put("position", "1");
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, list);
        int start = table.columns().size() - leaves.size();
        for (int i = 0; i < leaves.size(); i++) {
            Column column = table.columns().get(start + i);
            if (column.required() && column.defaultValue().isEmpty()) {
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
            int length = attribute.textConstraint().longerThan().orElse(0);
            return schema.dialect().literal("a".repeat(length) + (char) ('a' + number % 26));
        }
        if (type.isNumeric()) {
            return bound.map(Literal::text).orElse(String.valueOf(number % 100 + 1));
        }
        return sample(((Type.Plain) type).scalar(), bound);
    }

    private String sample(Scalar scalar, Optional<Literal> bound) {
        Dialect dialect = schema.dialect();
        return switch (scalar) {
            case BOOLEAN -> dialect == Dialects.SQLITE ? "1" : "true";
            case DATE -> dialect.literal(bound.map(Literal::text).orElse("2026-03-01"));
            case TIME -> "'08:00:00'";
            case TIMESTAMP, LOCAL_TIMESTAMP -> "'2026-03-01 08:00:00'";
            case UUID -> "'6f1b0a52-0f43-4a53-9c0e-1d8f5f2c7a%02d'".formatted(number % 100);
            case JSON -> (dialect == Dialects.H2 ? "json " : "") + "'{}'";
            case BINARY -> dialect == Dialects.POSTGRESQL ? "'\\x00'" : "x'00'";
            default -> "1";
        };
    }
}
