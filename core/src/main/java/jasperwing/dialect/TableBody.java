package jasperwing.dialect;

import jasperwing.naming.Identifiers;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Part;
import jasperwing.physical.Part.Kind;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Table;
import jasperwing.physical.Unique;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Writes tables with their columns and constraints. */
final class TableBody {
    private final Dialect dialect;
    private final UnaryOperator<String> tables;
    private final TableSql sql;

    /** @param tables how statements name a table */
    TableBody(Dialect dialect, UnaryOperator<String> tables) {
        this.dialect = dialect;
        this.tables = tables;
        this.sql = dialect.tables();
    }

    Statement create(Table table, List<ForeignKey> keys) {
        Part whole = Part.table(table.name());
        List<Statement.Line> inside = inside(table, keys);
        List<Statement.Line> lines = new ArrayList<>();
        lines.add(new Statement.Line("create table " + dialect.quote(table) + " (", whole));
        if (inside.isEmpty()) {
            lines.add(new Statement.Line("  " + sql.noColumns(), whole));
        }
        lines.addAll(inside);
        lines.add(new Statement.Line(")" + sql.options(table), whole));
        return new Statement(Statement.Kind.CREATE, whole, lines, false);
    }

    /** The columns and constraints in parentheses; a long check takes several lines. */
    private List<Statement.Line> inside(Table table, List<ForeignKey> keys) {
        Inside inside = new Inside();
        String name = table.name();
        table.columns().forEach(c -> inside.add(column(table, c), Part.column(name, c.name())));
        table.primaryKey()
                .filter(k -> !isInline(table))
                .ifPresent(k -> inside.add(constraint(k), new Part(Kind.PRIMARY_KEY, name, k.name())));
        table.uniques().forEach(u -> inside.add(constraint(u), new Part(Kind.UNIQUE, name, u.name())));
        table.checks().forEach(c -> inside.add(constraint(c), new Part(Kind.CHECK, name, c.name())));
        table.exclusions().forEach(e -> inside.add(constraint(e), new Part(Kind.EXCLUSION, name, e.name())));
        keys.forEach(k -> inside.add(constraint(k), new Part(Kind.FOREIGN_KEY, name, k.name())));
        return inside.lines();
    }

    private String constraint(ExclusionConstraint exclusion) {
        String same = exclusion.same().stream().map(c -> quote(c) + " with =, ").collect(Collectors.joining());
        return constraint(
                exclusion.name(),
                "exclude using gist (" + same + exclusion.range() + "(" + quote(exclusion.from()) + ", "
                        + quote(exclusion.to()) + ") with &&)");
    }

    private static final class Inside {
        private final List<Statement.Line> lines = new ArrayList<>();

        void add(String text, Part about) {
            if (!lines.isEmpty()) {
                Statement.Line last = lines.remove(lines.size() - 1);
                lines.add(new Statement.Line(last.text() + ",", last.about()));
            }
            lines.addAll(Statement.Line.of("  " + text, about));
        }

        List<Statement.Line> lines() {
            return lines;
        }
    }

    /** Whether the key is declared with its only column. */
    private boolean isInline(Table table) {
        return sql.declaresKeyInline()
                && table.keyColumns().size() == 1
                && table.column(table.keyColumns().get(0))
                        .map(Column::isCounted)
                        .orElse(false);
    }

    /** A column with its comment. */
    String column(Table table, Column column) {
        return bare(table, column) + (column.comment().isEmpty() ? "" : sql.columnComment(column.comment()));
    }

    private String bare(Table table, Column column) {
        String name = quote(column.name()) + ' ';
        if (column.computed().isPresent()) {
            return name + sql.computed(type(column), column.computed().get().sql());
        }
        StringBuilder line = new StringBuilder(name).append(type(column));
        boolean key = table.keyColumns().equals(List.of(column.name()));
        line.append(column.identity().map(i -> sql.counted(i, key)).orElse(""));
        if (key && isInline(table)) {
            return line.append(named(table.primaryKey().orElseThrow().name()))
                    .append(" primary key")
                    .toString();
        }
        line.append(column.required() ? " not null" : "");
        return line.append(column.defaultValue()
                        .map(d -> sql.defaulted(defaultName(table, column), d.sql()))
                        .orElse(""))
                .toString();
    }

    private String defaultName(Table table, Column column) {
        return quote(Identifiers.fit("df_" + table.name() + "_" + column.name(), dialect.nameLimit()));
    }

    private String collated(Column column) {
        String collation =
                column.collation().isEmpty() && column.type().isText() ? sql.usualCollation() : column.collation();
        return collation.isEmpty() ? "" : " collate " + collation;
    }

    private String type(Column column) {
        return dialect.write(column.type()) + collated(column);
    }

    /** A column as it is changed to or from. */
    TableSql.Definition definition(Table table, Column column) {
        return new TableSql.Definition(
                quote(column.name()),
                type(column),
                column.required(),
                defaultName(table, column),
                column.defaultValue().map(SqlExpression::sql),
                column(table, column));
    }

    private String named(String constraint) {
        return constraint.isEmpty() ? "" : " constraint " + quote(constraint);
    }

    private String constraint(String name, String rule) {
        return name.isEmpty() ? rule : "constraint " + quote(name) + " " + rule;
    }

    String constraint(PrimaryKey key) {
        return constraint(key.name(), "primary key (" + names(key.columns()) + ")");
    }

    String constraint(Unique unique) {
        return constraint(unique.name(), "unique (" + names(unique.columns()) + ")");
    }

    String constraint(Check check) {
        return constraint(
                check.name(), "check " + CheckLayout.inLines(check.condition().sql()));
    }

    String constraint(ForeignKey key) {
        return constraint(
                key.name(),
                "foreign key (" + names(key.columns()) + ") references " + tables.apply(key.target()) + " ("
                        + names(key.targetColumns()) + ") on delete " + dialect.write(key.onDelete())
                        + (key.onUpdate() == ForeignKey.Action.NO_ACTION
                                ? ""
                                : " on update " + dialect.write(key.onUpdate()))
                        + timing(key.timing()));
    }

    private static String timing(ForeignKey.Timing timing) {
        return switch (timing) {
            case IMMEDIATE -> "";
            case DEFERRABLE -> " deferrable";
            case DEFERRED -> " deferrable initially deferred";
        };
    }

    String names(List<String> columns) {
        return columns.stream().map(this::quote).collect(Collectors.joining(", "));
    }

    private String quote(String name) {
        return dialect.quote(name);
    }
}
