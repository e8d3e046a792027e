package jasperwing.derive;

import jasperwing.dialect.DefaultSql;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.SchemaStatements;
import jasperwing.dialect.Statement;
import jasperwing.dialect.TriggerSql;
import jasperwing.physical.Catalog;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Part;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Trigger;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes a schema as SQL that runs as it is. */
final class SqlWriter {
    private SqlWriter() {}

    /** Everything, in an order that works. */
    static SqlScript all(Schema schema) {
        SqlScript statements = written(schema, schema.catalogOf(Order.of(schema).tables(), true));
        if (statements.isEmpty() || !schema.dialect().isTransactional()) {
            return statements.isEmpty() ? statements : head(schema).then(statements);
        }
        SqlScript.Draft end = new SqlScript.Draft(schema.provenance());
        end.add("\ncommit;");
        return head(schema).then(statements).then(end.script());
    }

    /** What it is and what it takes; where tables can be created in a transaction, the beginning of one. */
    private static SqlScript head(Schema schema) {
        Dialect dialect = schema.dialect();
        SqlScript.Draft head = new SqlScript.Draft(schema.provenance());
        String title = schema.title().strip().replaceAll("\\R", " ");
        head.add(title.isEmpty() ? "-- Tables" : "-- Tables of " + title);
        head.add("-- " + dialect.title() + ' ' + oldest(schema) + " or later" + others(schema) + "\n");
        if (!dialect.preamble().isEmpty()) {
            head.add(dialect.preamble());
        }
        if (dialect.isTransactional()) {
            head.add(dialect.begin() + ";\n");
        }
        return head.script();
    }

    private static String oldest(Schema schema) {
        DefaultSql defaults = schema.dialect().defaults();
        Set<String> used = schema.tables().stream()
                .flatMap(t -> t.columns().stream())
                .flatMap(c -> c.defaultValue().stream())
                .map(SqlExpression::sql)
                .collect(Collectors.toSet());
        return Stream.of(defaults.timeOrdered(), defaults.random())
                .filter(u -> used.contains(u.sql()))
                .map(DefaultSql.Uuid::since)
                .findFirst()
                .orElse(schema.dialect().oldest());
    }

    /** What must be there already. */
    private static String others(Schema schema) {
        Set<String> targets = schema.tables().stream()
                .flatMap(t -> t.table().foreignKeys().stream())
                .map(ForeignKey::target)
                .collect(Collectors.toSet());
        String tables = schema.others().stream()
                .filter(t -> targets.contains(t.name()))
                .map(t -> schema.dialect().quote(t.table()) + " ("
                        + t.keyColumns().stream().map(schema.dialect()::quote).collect(Collectors.joining(", ")) + ")")
                .collect(Collectors.joining(", "));
        return tables.isEmpty() ? "" : "\n-- Points to what others keep: " + tables.replaceAll("\\R", " ");
    }

    /** Some tables with their indexes and comments, as they are when those they point to are there. */
    static SqlScript some(Schema schema, List<DerivedTable> tables) {
        List<DerivedTable> ordered =
                tables.size() == 1 ? tables : Order.of(schema, tables).tables();
        return written(schema, schema.catalogOf(ordered, false));
    }

    private static SqlScript written(Schema schema, Catalog catalog) {
        SqlScript.Draft out = new SqlScript.Draft(schema.provenance());
        String separator = schema.dialect().batchSeparator();
        boolean separated = false;
        for (Statement statement : schema.statements().create(catalog)) {
            boolean alone = !separator.isEmpty() && statement.about().kind() == Part.Kind.VIEW;
            if (alone && !separated) {
                out.separate();
                out.add(separator);
            }
            out.add(statement, alone ? ";\n" + separator : ";");
            separated = alone;
        }
        return out.script();
    }

    /** A script that a command line client of the database takes; empty without triggers. */
    static SqlScript triggers(Schema schema, List<Trigger> triggers) {
        SqlScript.Draft out = new SqlScript.Draft(schema.provenance());
        SchemaStatements statements = schema.statements();
        String delimiter = triggers.isEmpty()
                ? ""
                : schema.dialect().triggers().map(TriggerSql::delimiter).orElse("");
        boolean delimited = !delimiter.isEmpty();
        if (delimited) {
            out.add("delimiter " + delimiter);
        }
        for (Trigger trigger : triggers) {
            out.separate();
            out.add(
                    "-- " + trigger.purpose().replaceAll("\\R", " "),
                    schema.provenance().origin(Part.table(trigger.table())));
            statements.create(trigger).forEach(s -> out.add(s, delimited ? "\n" + delimiter : ";"));
        }
        if (delimited) {
            out.add("\ndelimiter ;");
        }
        return out.script();
    }
}
