package jasperwing.schema;

import jasperwing.dialect.Dialect;
import jasperwing.model.EnumValue;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes a schema as SQL that runs as it is. */
final class SqlWriter {
    private final Schema schema;
    private final Dialect dialect;
    private final SqlScript.Draft out = new SqlScript.Draft();
    private final Order order;

    private SqlWriter(Schema schema, Order order) {
        this.schema = schema;
        this.dialect = schema.dialect();
        this.order = order;
    }

    /** Everything, in an order that works. */
    static SqlScript all(Schema schema) {
        SqlWriter writer = new SqlWriter(schema, Order.of(schema));
        schema.enumTypes().forEach(writer::enumType);
        writer.write();
        if (writer.out.isEmpty()) {
            return writer.out.script();
        }
        if (writer.dialect.isTransactional()) {
            writer.out.add("\ncommit;");
        }
        return writer.head().then(writer.out.script());
    }

    /** What it is and what it takes; where tables can be created in a transaction, the beginning of one. */
    private SqlScript head() {
        SqlScript.Draft head = new SqlScript.Draft();
        String title = schema.title().strip().replaceAll("\\R", " ");
        head.add(title.isEmpty() ? "-- Tables" : "-- Tables of " + title);
        head.add("-- " + dialect.title() + ' ' + dialect.oldest() + " or later\n");
        if (!dialect.preamble().isEmpty()) {
            head.add(dialect.preamble());
        }
        if (dialect.isTransactional()) {
            head.add("begin;\n");
        }
        return head.script();
    }

    /** Some tables with their indexes and comments, as they are when those they point to are there. */
    static SqlScript some(Schema schema, List<Table> tables) {
        boolean one = tables.size() == 1;
        SqlWriter writer =
                new SqlWriter(schema, one ? new Order(List.of(tables), List.of()) : Order.of(schema, tables));
        writer.write();
        return writer.out.script();
    }

    private void write() {
        Set<String> written = order.tables().stream().map(Table::name).collect(Collectors.toSet());
        for (Table table : order.tables()) {
            out.separate();
            table(table);
            table.uniques().stream().filter(u -> !u.folded().isEmpty()).forEach(u -> uniqueIndex(table, u));
            table.indexes().forEach(i -> index(table, i));
            if (dialect.keysComeLast()) {
                keys(table);
            }
            comments(table);
            values(table);
        }
        if (dialect.altersConstraints()) {
            order.late().forEach(this::lateKey);
        }
        schema.kindsViews().stream()
                .filter(v -> v.tables().stream().allMatch(t -> written.contains(t.table())))
                .forEach(this::kindsView);
        views(written);
    }

    /** Of the tables that are written, in their order; then of those kinds whose rows a view brings together. */
    private void views(Set<String> written) {
        order.tables().forEach(t -> schema.views().stream()
                .filter(v -> v.table().equals(t.name()))
                .forEach(this::view));
        Set<String> together = schema.kindsViews().stream()
                .filter(v -> v.tables().stream().allMatch(t -> written.contains(t.table())))
                .map(KindsView::name)
                .collect(Collectors.toSet());
        schema.views().stream().filter(v -> together.contains(v.table())).forEach(this::view);
    }

    private void enumType(EnumDefinition type) {
        String values = type.values().stream().map(dialect::literal).collect(Collectors.joining(", "));
        out.add(
                "create type " + quote(type.name()) + " as enum (" + values + ");",
                SqlOrigin.of(type.declaration(), ""));
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
                out.add(
                        "insert into " + quote(table.name()) + " (" + columns + ") values ("
                                + dialect.literal(value.name()) + ", " + dialect.literal(label) + ", " + position++
                                + ");",
                        SqlOrigin.of(of.type().name(), value.name()));
            }
        }
    }

    private void kindsView(KindsView view) {
        String columns = view.columns().stream().map(c -> ", " + quote(c)).collect(Collectors.joining());
        String parts = view.tables().stream()
                .map(t -> "select " + dialect.literal(t.entity()) + " as " + quote(view.kind()) + columns + "\nfrom "
                        + quote(t.table()))
                .collect(Collectors.joining("\nunion all\n"));
        out.separate();
        out.add("create view " + quote(view.name()) + " as\n" + parts + ";", SqlOrigin.of(view.entity(), ""));
    }

    private void view(View view) {
        String table = quote(view.table());
        SqlOrigin rows = SqlOrigin.of(view.entity(), "");
        out.separate();
        out.add("create view " + quote(view.name()) + " as\nselect", rows);
        out.add("  " + table + ".*" + (view.columns().isEmpty() ? "" : ","), rows);
        for (View.Computed column : view.columns()) {
            boolean last = column == view.columns().get(view.columns().size() - 1);
            out.add(
                    "  " + column.sql() + " as " + quote(column.name()) + (last ? "" : ","),
                    SqlOrigin.of(view.entity(), column.member()));
        }
        String condition = view.condition().isEmpty() ? "" : "\nwhere " + view.condition();
        out.add("from " + table + condition + ";", rows);
    }

    private void table(Table table) {
        List<SqlScript.Line> body = body(table);
        SqlOrigin whole = SqlOrigin.of(table);
        out.add("create table " + quote(table.name()) + " (", whole);
        for (int i = 0; i < body.size(); i++) {
            out.add(
                    "  " + body.get(i).text() + (i < body.size() - 1 ? "," : ""),
                    body.get(i).origin());
        }
        if (body.isEmpty()) {
            out.add("  " + dialect.noColumns(), whole);
        }
        out.add(")" + dialect.tableOptions(table.comment()) + ";", whole);
    }

    /** The columns and constraints in parentheses; a long check takes several lines. */
    private List<SqlScript.Line> body(Table table) {
        Body body = new Body();
        SqlOrigin whole = SqlOrigin.of(table);
        table.columns().forEach(c -> body.add(column(table, c), SqlOrigin.of(table, c)));
        if (!table.primaryKey().isEmpty() && !keyIsInline(table)) {
            body.add("constraint " + keyName(table) + " primary key (" + names(table.primaryKey()) + ")", whole);
        }
        table.uniques().stream()
                .filter(u -> u.folded().isEmpty())
                .forEach(u -> body.add(
                        "constraint " + quote(u.name()) + " unique (" + names(u.columns()) + ")",
                        SqlOrigin.ofLeading(table, u.columns().get(0))));
        table.checks().stream()
                .filter(Check::declared)
                .forEach(c -> body.add(
                        "constraint " + quote(c.name()) + " check " + CheckLayout.inLines(c.condition()), whole));
        if (!dialect.keysComeLast()) {
            table.foreignKeys().stream()
                    .filter(k -> k.enforced() && !isLate(k))
                    .forEach(k -> body.add(foreignKey(k), SqlOrigin.of(table, k)));
        }
        return body.lines();
    }

    private record Body(List<SqlScript.Line> lines) {
        Body() {
            this(new ArrayList<>());
        }

        void add(String text, SqlOrigin origin) {
            lines.add(new SqlScript.Line(text, Optional.of(origin)));
        }
    }

    private String keyName(Table table) {
        return quote(schema.keyName(table));
    }

    private void keys(Table table) {
        table.foreignKeys().stream().filter(k -> k.enforced() && !isLate(k)).forEach(k -> alter(table, k));
    }

    private boolean isLate(ForeignKey key) {
        return dialect.altersConstraints() && order.late().contains(key);
    }

    private boolean keyIsInline(Table table) {
        return dialect.declaresKeyInline()
                && table.primaryKey().size() == 1
                && table.column(table.primaryKey().get(0))
                        .map(Column::generated)
                        .orElse(false);
    }

    private String column(Table table, Column column) {
        return bareColumn(table, column) + (column.comment().isEmpty() ? "" : dialect.columnComment(column.comment()));
    }

    private String bareColumn(Table table, Column column) {
        StringBuilder line = new StringBuilder(quote(column.name())).append(' ').append(dialect.write(column.type()));
        line.append(column.collation().isEmpty() ? "" : " collate " + column.collation());
        if (column.generated()) {
            line.append(dialect.counted(table.primaryKey().equals(List.of(column.name()))));
        }
        if (!column.computed().isEmpty()) {
            return line.append(dialect.computed(bare(column.computed()))).toString();
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
        out.add(
                "create unique index " + quote(key.name()) + " on " + quote(table.name()) + " (" + columns + ");",
                SqlOrigin.ofLeading(table, key.columns().get(0)));
    }

    private void index(Table table, Index index) {
        String columns = index.columns().stream()
                .map(c -> dialect.indexed(c, table.column(c).orElseThrow().type()))
                .collect(Collectors.joining(", "));
        String covered = index.covered().isEmpty() ? "" : " include (" + names(index.covered()) + ")";
        String where = index.where().isEmpty() ? "" : " where " + bare(index.where());
        out.add(
                (index.unique() ? "create unique index " : "create index ") + quote(index.name()) + " on "
                        + quote(table.name()) + " (" + columns + ")" + covered + where + ";",
                SqlOrigin.ofLeading(table, index.columns().get(0)));
    }

    private void comments(Table table) {
        if (!dialect.hasCommentStatements()) {
            return;
        }
        if (!table.comment().isEmpty()) {
            comment("table " + quote(table.name()), table.comment(), SqlOrigin.of(table));
        }
        table.columns().stream()
                .filter(c -> !c.comment().isEmpty())
                .forEach(c -> comment(
                        "column " + quote(table.name()) + "." + quote(c.name()), c.comment(), SqlOrigin.of(table, c)));
    }

    private void comment(String of, String text, SqlOrigin origin) {
        out.add("comment on " + of + " is " + dialect.literal(text) + ";", origin);
    }

    private void lateKey(ForeignKey key) {
        Table table = schema.tables().stream()
                .filter(t -> t.foreignKeys().contains(key))
                .findFirst()
                .orElseThrow();
        out.separate();
        alter(table, key);
    }

    private void alter(Table table, ForeignKey key) {
        out.add("alter table " + quote(table.name()) + " add " + foreignKey(key) + ";", SqlOrigin.of(table, key));
    }

    private String names(List<String> columns) {
        return columns.stream().map(this::quote).collect(Collectors.joining(", "));
    }

    private String quote(String name) {
        return dialect.quote(name);
    }
}
