package jasperwing.schema;

import jasperwing.model.EnumValue;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes a schema as SQL that runs as it is. */
final class SqlWriter {
    private final Schema schema;
    private final Dialect dialect;
    private final StringBuilder out;
    private final Order order;

    private SqlWriter(Schema schema, Order order, StringBuilder out) {
        this.schema = schema;
        this.dialect = schema.dialect();
        this.out = out;
        this.order = order;
    }

    /** Everything, in an order that works. */
    static String all(Schema schema) {
        StringBuilder out = new StringBuilder();
        SqlWriter writer = new SqlWriter(schema, Order.of(schema), out);
        schema.enumTypes().forEach(writer::enumType);
        writer.write();
        return out.isEmpty() ? "" : writer.head() + out + (writer.isOneTransaction() ? "\ncommit;\n" : "");
    }

    /** What it is and what it takes; where tables can be created in a transaction, the beginning of one. */
    private String head() {
        StringBuilder head = new StringBuilder("-- ");
        head.append(
                        schema.title().isBlank()
                                ? "Tables"
                                : "Tables of " + schema.title().strip().replaceAll("\\R", " "))
                .append("\n-- ")
                .append(dialect.title())
                .append(' ')
                .append(dialect.oldest())
                .append(" or later\n\n");
        if (dialect == Dialect.SQLITE) {
            head.append(
                    "-- SQLite checks foreign keys only in connections that switch them on\npragma foreign_keys = on;\n\n");
        }
        return head.append(isOneTransaction() ? "begin;\n\n" : "").toString();
    }

    private boolean isOneTransaction() {
        return dialect == Dialect.POSTGRESQL || dialect == Dialect.SQLITE;
    }

    /** One table with its indexes and comment, as it is when those it points to are there. */
    static String alone(Schema schema, Table table) {
        StringBuilder out = new StringBuilder();
        new SqlWriter(schema, new Order(List.of(List.of(table)), List.of()), out).write();
        return out.toString();
    }

    private void write() {
        for (Table table : order.tables()) {
            separate();
            table(table);
            table.uniques().stream().filter(u -> !u.folded().isEmpty()).forEach(u -> uniqueIndex(table, u));
            table.indexes().forEach(i -> index(table, i));
            if (keysComeLast()) {
                keys(table);
            }
            comments(table);
            values(table);
        }
        if (dialect.altersConstraints()) {
            order.late().forEach(this::lateKey);
        }
        schema.kindsViews().forEach(this::kindsView);
        order.tables().forEach(t -> schema.views().stream()
                .filter(v -> v.table().equals(t.name()))
                .forEach(this::view));
        schema.views().stream().filter(v -> schema.named(v.table()).isEmpty()).forEach(this::view);
    }

    private void enumType(EnumDefinition type) {
        String values = type.values().stream().map(dialect::literal).collect(Collectors.joining(", "));
        out.append("create type ")
                .append(quote(type.name()))
                .append(" as enum (")
                .append(values)
                .append(");\n");
    }

    /** The rows of the table of an enum. */
    private void values(Table table) {
        if (table.source() instanceof Table.Source.OfEnum of) {
            String columns = table.columns().stream().map(c -> quote(c.name())).collect(Collectors.joining(", "));
            int position = 0;
            Set<String> known = new HashSet<>();
            for (EnumValue value : of.type().values()) {
                if (!known.add(value.name())) {
                    continue;
                }
                String label = value.label().isEmpty() ? Words.capitalised(Words.spoken(value.name())) : value.label();
                out.append("insert into ")
                        .append(quote(table.name()))
                        .append(" (")
                        .append(columns)
                        .append(") values (")
                        .append(dialect.literal(value.name()))
                        .append(", ")
                        .append(dialect.literal(label))
                        .append(", ")
                        .append(position++)
                        .append(");\n");
            }
        }
    }

    private void kindsView(KindsView view) {
        String columns = view.columns().stream().map(c -> ", " + quote(c)).collect(Collectors.joining());
        String parts = view.tables().stream()
                .map(t -> "select " + dialect.literal(t.entity()) + " as " + quote(view.kind()) + columns + "\nfrom "
                        + quote(t.table()))
                .collect(Collectors.joining("\nunion all\n"));
        out.append("\ncreate view ")
                .append(quote(view.name()))
                .append(" as\n")
                .append(parts)
                .append(";\n");
    }

    private void view(View view) {
        String table = quote(view.table());
        out.append("\ncreate view ")
                .append(quote(view.name()))
                .append(" as\nselect\n  ")
                .append(table)
                .append(".*");
        view.columns()
                .forEach(c -> out.append(",\n  ").append(c.sql()).append(" as ").append(quote(c.name())));
        out.append("\nfrom ")
                .append(table)
                .append(view.condition().isEmpty() ? "" : "\nwhere " + view.condition())
                .append(";\n");
    }

    private void separate() {
        if (!out.isEmpty()) {
            out.append('\n');
        }
    }

    private void table(Table table) {
        List<String> lines = new ArrayList<>();
        table.columns().forEach(c -> lines.add(column(table, c)));
        if (!table.primaryKey().isEmpty() && !keyIsInline(table)) {
            lines.add("constraint " + keyName(table) + " primary key (" + names(table.primaryKey()) + ")");
        }
        table.uniques().stream()
                .filter(u -> u.folded().isEmpty())
                .forEach(u -> lines.add("constraint " + quote(u.name()) + " unique (" + names(u.columns()) + ")"));
        table.checks().stream()
                .filter(Check::declared)
                .forEach(c ->
                        lines.add("constraint " + quote(c.name()) + " check " + CheckLayout.inLines(c.condition())));
        if (!keysComeLast()) {
            table.foreignKeys().stream().filter(k -> k.enforced() && !isLate(k)).forEach(k -> lines.add(foreignKey(k)));
        }
        out.append("create table ").append(quote(table.name())).append(" (\n  ");
        out.append(lines.isEmpty() ? emptyTable() : String.join(",\n  ", lines))
                .append("\n)")
                .append(options(table))
                .append(";\n");
    }

    private String keyName(Table table) {
        return quote(schema.keyName(table));
    }

    /** Texts are compared as they are, capitals and spaces included. */
    private String options(Table table) {
        if (dialect != Dialect.MARIADB) {
            return "";
        }
        return " character set utf8mb4 collate " + Collations.OF_CHARACTERS
                + (table.comment().isEmpty() ? "" : " comment = " + dialect.literal(cut(table.comment(), 2048)));
    }

    /** PostgreSQL alone has tables without columns. */
    private String emptyTable() {
        return dialect == Dialect.POSTGRESQL
                ? ""
                : "_ " + dialect.textCast() + (dialect == Dialect.MARIADB ? "(1)" : "");
    }

    /** H2 makes an index of its own for a foreign key unless there is one already. */
    private boolean keysComeLast() {
        return dialect == Dialect.H2;
    }

    private void keys(Table table) {
        table.foreignKeys().stream().filter(k -> k.enforced() && !isLate(k)).forEach(k -> alter(table, k));
    }

    private boolean isLate(ForeignKey key) {
        return dialect.altersConstraints() && order.late().contains(key);
    }

    /** SQLite counts up a column only when it is declared as the whole key. */
    private boolean keyIsInline(Table table) {
        return dialect == Dialect.SQLITE
                && table.primaryKey().size() == 1
                && table.column(table.primaryKey().get(0))
                        .map(Column::generated)
                        .orElse(false);
    }

    private String column(Table table, Column column) {
        String comment = dialect == Dialect.MARIADB && !column.comment().isEmpty()
                ? " comment " + dialect.literal(cut(column.comment(), 1024))
                : "";
        return bareColumn(table, column) + comment;
    }

    private String bareColumn(Table table, Column column) {
        StringBuilder line = new StringBuilder(quote(column.name())).append(' ').append(column.type());
        line.append(column.collation().isEmpty() ? "" : " collate " + column.collation());
        if (column.generated() && (dialect == Dialect.POSTGRESQL || dialect == Dialect.H2)) {
            line.append(" generated by default as identity");
        } else if (counts(table, column)) {
            line.append(" auto_increment");
        }
        if (!column.computed().isEmpty()) {
            return line.append(" generated always as (")
                    .append(bare(column.computed()))
                    .append(dialect == Dialect.H2 ? ")" : ") stored")
                    .toString();
        }
        if (keyIsInline(table) && table.primaryKey().contains(column.name())) {
            return line.append(" constraint ")
                    .append(keyName(table))
                    .append(" primary key")
                    .toString();
        }
        line.append(column.required() ? " not null" : "");
        return line.append(column.defaultSql().isEmpty() ? "" : " default " + column.defaultSql())
                .toString();
    }

    /** Without the parentheses around the whole. */
    private static String bare(String sql) {
        int depth = 0;
        for (int i = 0; i < sql.length() - 1; i++) {
            depth += sql.charAt(i) == '(' ? 1 : sql.charAt(i) == ')' ? -1 : 0;
            if (depth == 0) {
                return sql;
            }
        }
        return sql.substring(1, sql.length() - 1);
    }

    /** MariaDB counts up a column that is the whole key. */
    private boolean counts(Table table, Column column) {
        return dialect == Dialect.MARIADB
                && column.generated()
                && table.primaryKey().equals(List.of(column.name()));
    }

    private String foreignKey(ForeignKey key) {
        String action =
                switch (key.onDelete()) {
                    case REFUSE -> key.late() ? "no action" : "restrict";
                    case DELETE_TOO -> "cascade";
                    case EMPTY -> "set null";
                };
        return "constraint " + quote(key.name()) + " foreign key (" + names(key.columns()) + ") references "
                + quote(key.target()) + " (" + names(key.targetColumns()) + ") on delete " + action
                + (key.late() ? " deferrable initially deferred" : "");
    }

    /** A constraint compares columns as they are; an index can compare them in small letters. */
    private void uniqueIndex(Table table, UniqueKey key) {
        String columns = key.columns().stream()
                .map(c -> key.folded().contains(c) ? "lower(" + quote(c) + ")" : quote(c))
                .collect(Collectors.joining(", "));
        out.append("create unique index ")
                .append(quote(key.name()))
                .append(" on ")
                .append(quote(table.name()))
                .append(" (")
                .append(columns)
                .append(");\n");
    }

    private void index(Table table, Index index) {
        out.append(index.unique() ? "create unique index " : "create index ")
                .append(quote(index.name()))
                .append(" on ")
                .append(quote(table.name()));
        String columns = index.columns().stream()
                .map(c -> ColumnTypes.indexed(dialect, table.column(c).orElseThrow()))
                .collect(Collectors.joining(", "));
        out.append(" (").append(columns).append(')');
        out.append(index.covered().isEmpty() ? "" : " include (" + names(index.covered()) + ")");
        out.append(index.where().isEmpty() ? "" : " where " + bare(index.where()))
                .append(";\n");
    }

    /** MariaDB takes comments of so many characters. */
    private static String cut(String text, int most) {
        return text.codePointCount(0, text.length()) <= most
                ? text
                : text.substring(0, text.offsetByCodePoints(0, most - 1)) + "\u2026";
    }

    /** MariaDB says them where tables and columns are declared, SQLite has none. */
    private void comments(Table table) {
        if (dialect != Dialect.POSTGRESQL && dialect != Dialect.H2) {
            return;
        }
        if (!table.comment().isEmpty()) {
            comment("table " + quote(table.name()), table.comment());
        }
        table.columns().stream()
                .filter(c -> !c.comment().isEmpty())
                .forEach(c -> comment("column " + quote(table.name()) + "." + quote(c.name()), c.comment()));
    }

    private void comment(String of, String text) {
        out.append("comment on ")
                .append(of)
                .append(" is ")
                .append(dialect.literal(text))
                .append(";\n");
    }

    private void lateKey(ForeignKey key) {
        Table table = schema.tables().stream()
                .filter(t -> t.foreignKeys().contains(key))
                .findFirst()
                .orElseThrow();
        out.append('\n');
        alter(table, key);
    }

    private void alter(Table table, ForeignKey key) {
        out.append("alter table ")
                .append(quote(table.name()))
                .append(" add ")
                .append(foreignKey(key))
                .append(";\n");
    }

    private String names(List<String> columns) {
        return columns.stream().map(this::quote).collect(Collectors.joining(", "));
    }

    private String quote(String name) {
        return dialect.quote(name);
    }
}
