package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.Family;
import jasperwing.model.KindsKept;
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
    private final Design design;
    private final Dialect dialect;
    private final Identifiers tables;
    private final Identifiers constraints;
    private final Map<String, String> entityTables = new HashMap<>();
    private final Map<String, String> enums = new HashMap<>();

    /** @param constraints the names of constraints and indexes that are taken already, by tables that stay as they are */
    PhysicalNames(Design design, Dialect dialect, Identifiers constraints) {
        this.design = design;
        this.dialect = dialect;
        this.tables = new Identifiers(dialect.nameLimit());
        this.constraints = constraints;
        for (Entity entity : design.entities()) {
            if (!isAmongOthers(design, entity)) {
                entityTables.putIfAbsent(entity.name(), tables.take(wantedTable(entity)));
            }
        }
        for (Entity entity : design.entities()) {
            entityTables.computeIfAbsent(entity.name(), e -> entityTables.get(Family.root(design, e)));
        }
        for (EnumType type : design.enums()) {
            String snake = orElse(Words.snake(type.name()), "enum");
            if (type.isKept(EnumKept.TABLE)) {
                enums.putIfAbsent(type.name(), tables.take(Plurals.plural(snake)));
            } else if (type.isKept(EnumKept.TYPE)) {
                enums.putIfAbsent(type.name(), tables.take(snake + "_enum"));
            }
        }
    }

    /** Whether it is a kind whose rows lie in the table of what it is a kind of. */
    static boolean isAmongOthers(Design design, Entity entity) {
        return design.parent(entity.name()).isPresent() && Family.isKept(design, entity.name(), KindsKept.ONE_TABLE);
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

    /** The table or type of an enum that is kept as one. */
    String ofEnum(String name) {
        return enums.get(name);
    }

    /** The tables and types of all enums that are kept as such, by the names of these. */
    Map<String, String> enums() {
        return enums;
    }

    String joinTable(Tie tie) {
        String one = Words.snake(Plurals.singular(tie.from()));
        String many = Words.snake(Plurals.plural(Roles.forward(tie)));
        return tables.take(orElse(one, "entity") + "_" + orElse(many, "others"));
    }

    String listTable(Entity entity, Attribute attribute) {
        return tables.take(Plurals.singular(own(entity)) + "_" + Plurals.plural(wantedColumn(attribute)));
    }

    /** The name of its table; of a kind among others, that it would have. */
    private String own(Entity entity) {
        return isAmongOthers(design, entity) ? wantedTable(entity) : table(entity.name());
    }

    String view(Entity entity) {
        return tables.take(own(entity) + "_computed");
    }

    /** The view of all rows of an entity whose kinds are kept in complete tables. */
    String allKinds(Entity entity) {
        return entity.kinship().onlyKinds() ? table(entity.name()) : tables.take(table(entity.name()) + "_all");
    }

    Identifiers columns() {
        return new Identifiers(dialect.nameLimit());
    }

    String constraint(String prefix, String table, List<String> parts) {
        return constraints.take(prefix + "_" + table + "_" + String.join("_", parts));
    }
}
