package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Tie;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The physical names of one schema. Table names are decided first, so that later names cannot change them. */
public final class PhysicalNames {
    private final Dialect dialect;
    private final Identifiers tables;
    private final Identifiers constraints;
    private final Map<String, String> entityTables = new HashMap<>();

    /** @param constraints the names of constraints and indexes that are taken already, by tables that stay as they are */
    PhysicalNames(Design design, Dialect dialect, Identifiers constraints) {
        this.dialect = dialect;
        this.tables = new Identifiers(dialect.nameLimit());
        this.constraints = constraints;
        for (Entity entity : design.entities()) {
            entityTables.putIfAbsent(entity.name(), tables.take(wantedTable(entity)));
        }
    }

    /** Whether a name of a constraint or index had to be numbered. */
    boolean haveClashed() {
        return constraints.hasClashed();
    }

    /** The table name an entity asks for, before clashes are settled: overridden, or plural in snake case. */
    public static String wantedTable(Entity entity) {
        String physical = entity.notes().physical();
        return physical.isEmpty() ? orElse(Plurals.plural(Words.snake(entity.name())), "entity") : physical;
    }

    /** The column name an attribute asks for: overridden, or snake case. */
    public static String wantedColumn(Attribute attribute) {
        String physical = attribute.notes().physical();
        return physical.isEmpty() ? orElse(Words.snake(attribute.name()), "attribute") : physical;
    }

    /** The column a reference asks for: the role and the column it points to. */
    public static String wantedReference(String role, String targetColumn) {
        String start = Words.snake(role);
        return start.isEmpty() ? targetColumn : start + "_" + targetColumn;
    }

    private static String orElse(String name, String other) {
        return name.isEmpty() ? other : name;
    }

    String table(String entity) {
        return entityTables.get(entity);
    }

    String joinTable(Tie tie) {
        String one = Words.snake(Plurals.singular(tie.from()));
        String many = Words.snake(Plurals.plural(Roles.forward(tie)));
        return tables.take(orElse(one, "entity") + "_" + orElse(many, "others"));
    }

    String listTable(Entity entity, Attribute attribute) {
        return tables.take(Plurals.singular(table(entity.name())) + "_" + Plurals.plural(wantedColumn(attribute)));
    }

    String view(String table) {
        return tables.take(table + "_computed");
    }

    Identifiers columns() {
        return new Identifiers(dialect.nameLimit());
    }

    String constraint(String prefix, String table, List<String> parts) {
        return constraints.take(prefix + "_" + table + "_" + String.join("_", parts));
    }
}
