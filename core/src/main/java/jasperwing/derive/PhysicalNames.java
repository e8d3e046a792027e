package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import jasperwing.physical.PrimaryKey;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The physical names of one schema. Table names are decided first, so that later names cannot change them. */
public final class PhysicalNames {
    private final Design design;
    private final Dialect dialect;
    private final TableNames first;
    private final Identifiers tables;
    private final Identifiers constraints;

    /**
     * The names of a schema.
     *
     * @param first those of the tables of entities and enums
     * @param constraints the names of constraints and indexes that are taken already, by tables that stay as they are
     */
    PhysicalNames(Design design, Dialect dialect, TableNames first, Identifiers constraints) {
        this.design = design;
        this.dialect = dialect;
        this.first = first;
        this.tables = first.taken();
        this.constraints = constraints;
    }

    /** Whether it is a kind whose rows lie in the table of what it is a kind of. */
    static boolean isAmongOthers(Design design, Entity entity) {
        return design.parent(entity.name()).isPresent()
                && InheritanceTree.isKept(design, entity.name(), KindsKept.ONE_TABLE);
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

    static String orElse(String name, String other) {
        return name.isEmpty() ? other : name;
    }

    String table(String entity) {
        return first.ofEntity(entity);
    }

    /** The table or type of an enum that is kept as one. */
    String ofEnum(String name) {
        return first.ofEnums().get(name);
    }

    String joinTable(BinaryRelationship binary) {
        String one = Words.snake(Plurals.singular(binary.from()));
        return tables.take(orElse(one, "entity") + "_" + orElse(manyOf(binary), "others"));
    }

    /** The role where it is a plural, as in {@code authors}; else the role and what it leads to, as in {@code cited_items}. */
    private static String manyOf(BinaryRelationship binary) {
        String role = Words.snake(Roles.forward(binary));
        String one = Words.snake(Plurals.singular(binary.to()));
        if (role.isEmpty()
                || Plurals.plural(role).equals(role)
                || Plurals.singular(role).equals(one)) {
            return Plurals.plural(role);
        }
        return role + "_" + Plurals.plural(one);
    }

    String listTable(Entity entity, Attribute attribute) {
        return tables.take(Plurals.singular(own(entity)) + "_" + Plurals.plural(wantedColumn(attribute)));
    }

    /** The name of its table; of a kind among others, that it would have. */
    private String own(Entity entity) {
        return isAmongOthers(design, entity) ? wantedTable(entity) : table(entity.name());
    }

    /** Its name can be taken by another table or key; {@link KeyNames} settles that when all tables are known. */
    Optional<PrimaryKey> primaryKey(String table, List<String> columns) {
        return columns.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new PrimaryKey(new Identifiers(dialect.nameLimit()).take(KeyNames.wanted(table)), columns));
    }

    String view(Entity entity) {
        return tables.take(own(entity) + "_computed");
    }

    /** The view of all rows of an entity whose kinds are kept in complete tables. */
    String allKinds(Entity entity) {
        return entity.inheritance().onlyKinds() ? table(entity.name()) : tables.take(table(entity.name()) + "_all");
    }

    Identifiers columns() {
        return new Identifiers(dialect.nameLimit());
    }

    static String snake(String part) {
        return orElse(Words.snake(part), part);
    }

    /** Safe for several threads; where names have clashed, what is given depends on who asked first. */
    String constraint(String prefix, String table, List<String> parts) {
        synchronized (constraints) {
            return constraint(constraints, prefix, table, parts);
        }
    }

    /** The same among other names. */
    static String constraint(Identifiers taken, String prefix, String table, List<String> parts) {
        return taken.take(prefix + "_" + snake(table) + "_"
                + parts.stream().map(PhysicalNames::snake).collect(Collectors.joining("_")));
    }
}
