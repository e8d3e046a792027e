package jasperwing.dialect;

import jasperwing.physical.Catalog;
import jasperwing.physical.Column;
import jasperwing.physical.EnumDefinition;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.Part;
import jasperwing.physical.Part.Kind;
import jasperwing.physical.Rows;
import jasperwing.physical.Sequence;
import jasperwing.physical.Table;
import jasperwing.physical.Trigger;
import jasperwing.physical.View;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The statements that create parts of a schema in one database. What changes and drops them is in {@link SchemaChanges}.
 *
 * <pre>{@code
 * for (Statement statement : dialect.statements().create(catalog)) {
 *     connection.createStatement().execute(statement.sql());
 * }
 * }</pre>
 */
public final class SchemaStatements {
    /** What lets an exclusion compare columns that are equal. */
    private static final String COMPARING = "btree_gist";

    private final Dialect dialect;
    private final Map<String, String> namespaces;
    private final TableSql sql;
    private final TableBody body;

    SchemaStatements(Dialect dialect, Map<String, String> namespaces) {
        this.dialect = dialect;
        this.namespaces = namespaces;
        this.sql = dialect.tables();
        this.body = new TableBody(dialect, this::referred);
    }

    /** All of a schema, in an order that works; foreign keys to tables that come later are added when these are there. */
    public List<Statement> create(Catalog catalog) {
        Map<String, String> known = new HashMap<>(namespaces);
        known.putAll(catalog.namespaces());
        return new SchemaStatements(dialect, known).all(catalog);
    }

    private List<Statement> all(Catalog catalog) {
        List<Statement> all = new ArrayList<>();
        if (catalog.tables().stream().flatMap(t -> t.exclusions().stream()).anyMatch(e -> !e.same()
                .isEmpty())) {
            all.add(statement(
                    Statement.Kind.CREATE,
                    new Part(Kind.EXTENSION, "", COMPARING),
                    "create extension if not exists " + COMPARING));
        }
        Stream.concat(catalog.enums().stream().map(EnumDefinition::namespace), catalog.namespaces().values().stream())
                .filter(n -> !n.isEmpty())
                .distinct()
                .forEach(n -> all.add(createNamespace(n)));
        catalog.enums().forEach(e -> all.addAll(create(e)));
        catalog.sequences().forEach(s -> all.addAll(create(s)));
        Set<String> coming = catalog.tables().stream().map(Table::name).collect(Collectors.toCollection(HashSet::new));
        List<Statement> late = new ArrayList<>();
        for (Table table : catalog.tables()) {
            coming.remove(table.name());
            Set<ForeignKey> itsLate = table.foreignKeys().stream()
                    .filter(k -> dialect.altersConstraints() && coming.contains(k.target()))
                    .collect(Collectors.toSet());
            all.addAll(create(table, itsLate));
            (refersTo(table, coming) ? late : all).addAll(rows(catalog, table));
            table.foreignKeys().stream()
                    .filter(itsLate::contains)
                    .forEach(k -> late.add(add(table.name(), k).inParagraph()));
        }
        all.addAll(late);
        catalog.views().forEach(v -> all.add(create(v)));
        catalog.triggers().forEach(t -> all.addAll(create(t)));
        return all;
    }

    private Statement createNamespace(String name) {
        return statement(
                Statement.Kind.CREATE, new Part(Kind.NAMESPACE, "", name), sql.createNamespace(quote(name), name));
    }

    private static boolean refersTo(Table table, Set<String> others) {
        return table.foreignKeys().stream().anyMatch(k -> others.contains(k.target()));
    }

    private List<Statement> rows(Catalog catalog, Table table) {
        return catalog.rows().stream()
                .filter(r -> r.table().equals(table.name()))
                .flatMap(r -> insert(r).stream())
                .toList();
    }

    /** A table with its indexes and comments, when those it refers to are there. */
    public List<Statement> create(Table table) {
        Map<String, String> known = new HashMap<>(namespaces);
        known.put(table.name(), table.namespace());
        return new SchemaStatements(dialect, known).create(table, Set.of());
    }

    private List<Statement> create(Table table, Set<ForeignKey> late) {
        List<Statement> all = new ArrayList<>();
        List<ForeignKey> own =
                table.foreignKeys().stream().filter(k -> !late.contains(k)).toList();
        all.add(body.create(table, sql.keysComeLast() ? List.of() : own).inParagraph());
        table.indexes().forEach(i -> all.add(create(table, i)));
        if (sql.keysComeLast()) {
            own.forEach(k -> all.add(add(table.name(), k)));
        }
        all.addAll(comments(table));
        all.addAll(comments(table, table.columns()));
        return all;
    }

    /** A type with a closed list of values; none where the database has no such types. */
    public List<Statement> create(EnumDefinition type) {
        String values = type.values().stream().map(dialect::literal).collect(Collectors.joining(", "));
        return dialect.hasEnumTypes()
                ? List.of(statement(
                        Statement.Kind.CREATE,
                        new Part(Kind.ENUM, "", type.name()),
                        "create type " + dialect.quote(type.namespace(), type.name()) + " as enum (" + values + ")"))
                : List.of();
    }

    /** A sequence; none where the database has none. */
    public List<Statement> create(Sequence sequence) {
        return sql.hasSequences()
                ? List.of(statement(
                        Statement.Kind.CREATE,
                        new Part(Kind.SEQUENCE, "", sequence.name()),
                        "create sequence " + quote(sequence.name()) + " start with " + sequence.start()
                                + " increment by " + sequence.increment()))
                : List.of();
    }

    public Statement create(Table table, Index index) {
        String parts = index.parts().stream().map(p -> part(table, p)).collect(Collectors.joining(", "));
        String method = index.method().isEmpty() ? "" : " using " + index.method();
        String covered = index.covered().isEmpty() ? "" : " include (" + body.names(index.covered()) + ")";
        String where = index.where().map(w -> " where " + w.sql()).orElse("");
        return statement(
                Statement.Kind.CREATE,
                new Part(Kind.INDEX, table.name(), index.name()),
                (index.unique() ? "create unique index " : "create index ")
                        + sql.createdIndex(quote(index.name()), dialect.quote(table.namespace(), index.name())) + " on "
                        + table(table.name()) + method + " (" + parts + ")" + covered + where);
    }

    private String part(Table table, Index.Part part) {
        String what = part.expression()
                .map(e -> e.sql())
                .orElseGet(() -> sql.indexed(
                        quote(part.column()),
                        table.column(part.column()).orElseThrow().type()));
        return what + (part.descending() ? " desc" : "");
    }

    /** A foreign key of a table that is there. */
    public Statement add(String table, ForeignKey key) {
        return statement(
                Statement.Kind.ALTER,
                new Part(Kind.FOREIGN_KEY, table, key.name()),
                "alter table " + table(table) + " add " + body.constraint(key));
    }

    private List<Statement> comments(Table table) {
        return comment(Part.table(table.name()), table.name(), Optional.empty(), table.comment());
    }

    /** Of columns; none where comments are said with them. */
    List<Statement> comments(Table table, List<Column> columns) {
        return columns.stream()
                .flatMap(c ->
                        comment(Part.column(table.name(), c.name()), table.name(), Optional.of(c.name()), c.comment())
                                .stream())
                .toList();
    }

    private List<Statement> comment(Part about, String table, Optional<String> column, String text) {
        return Optional.of(text)
                .filter(t -> !t.isEmpty())
                .flatMap(t -> sql.comment(dialect, namespaces.getOrDefault(table, ""), table, column, t))
                .stream()
                .map(s -> statement(Statement.Kind.COMMENT, about, s))
                .toList();
    }

    /** A statement for each row. */
    public List<Statement> insert(Rows rows) {
        String into = "insert into " + table(rows.table()) + " (" + body.names(rows.columns()) + ") values (";
        return rows.rows().stream()
                .map(r -> statement(
                        Statement.Kind.INSERT,
                        new Part(Kind.ROW, rows.table(), String.valueOf(r.get(0))),
                        into + r.stream().map(this::value).collect(Collectors.joining(", ")) + ")"))
                .toList();
    }

    private String value(Object value) {
        return value instanceof String text ? dialect.literal(text) : String.valueOf(value);
    }

    public Statement create(View view) {
        Part about = Part.view(view.name());
        List<Statement.Line> lines = new ArrayList<>();
        lines.add(new Statement.Line("create view " + dialect.quote(view.namespace(), view.name()) + " as", about));
        for (View.Query query : view.queries()) {
            if (lines.size() > 1) {
                lines.add(new Statement.Line("union all", about));
            }
            lines.addAll(query(view, query));
        }
        return new Statement(Statement.Kind.CREATE, about, lines, true);
    }

    /** With a line for each column where it adds some to those of a table. */
    private List<Statement.Line> query(View view, View.Query query) {
        Part about = Part.view(view.name());
        String table = quote(query.table());
        List<Statement.Line> lines = new ArrayList<>();
        if (query.whole()) {
            lines.add(new Statement.Line("select", about));
            lines.add(new Statement.Line("  " + table + ".*" + (query.columns().isEmpty() ? "" : ","), about));
            for (View.Output column : query.columns()) {
                boolean last = column == query.columns().get(query.columns().size() - 1);
                Part its = new Part(Kind.VIEW_COLUMN, view.name(), column.name());
                lines.addAll(Statement.Line.of("  " + output(column) + (last ? "" : ","), its));
            }
        } else {
            String columns = query.columns().stream().map(this::output).collect(Collectors.joining(", "));
            lines.add(new Statement.Line("select " + columns, about));
        }
        lines.add(new Statement.Line("from " + table(query.table()), about));
        query.where().ifPresent(w -> lines.add(new Statement.Line("where " + w.sql(), about)));
        return lines;
    }

    private String output(View.Output column) {
        String name = quote(column.name());
        String expression = column.expression().sql();
        return expression.equals(name) ? name : expression + " as " + name;
    }

    /** A trigger; none where they cannot be written in SQL. */
    public List<Statement> create(Trigger trigger) {
        Part about = new Part(Kind.TRIGGER, trigger.table(), trigger.name());
        return dialect.triggers()
                .map(t -> t.create(dialect, namespaces.getOrDefault(trigger.table(), ""), trigger).stream()
                        .map(s -> statement(Statement.Kind.CREATE, about, s))
                        .toList())
                .orElse(List.of());
    }

    private static Statement statement(Statement.Kind kind, Part about, String text) {
        return Statement.of(kind, about, text);
    }

    /** A table as statements name it. */
    String table(String name) {
        return dialect.quote(namespaces.getOrDefault(name, ""), name);
    }

    /** A table as a foreign key refers to it. */
    String referred(String name) {
        boolean here = namespaces.isEmpty() || namespaces.containsKey(name);
        return here ? table(name) : dialect.quote(sql.usualNamespace(), name);
    }

    /** What lies in the namespace of a table. */
    String beside(String table, String name) {
        return dialect.quote(namespaces.getOrDefault(table, ""), name);
    }

    private String quote(String name) {
        return dialect.quote(name);
    }
}
