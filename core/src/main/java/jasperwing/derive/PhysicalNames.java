package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.DatabaseNaming.Rule;
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
    private static final String ID = "id";

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

    /** The table name an entity asks for, before clashes are settled: overridden, or as the design names tables. */
    public static String wantedTable(Design design, Entity entity) {
        String physical = entity.notes().physical();
        return physical.isEmpty()
                ? design.naming().prefix() + counted(design.naming(), orElse(Words.snake(entity.name()), "entity"))
                : physical;
    }

    /** A noun as tables are named after it. */
    static String counted(DatabaseNaming naming, String one) {
        return naming.has(Rule.SINGULAR_TABLES) ? Plurals.singular(one) : Plurals.plural(one);
    }

    /** The column name an attribute that is in no key asks for: overridden, or snake case. */
    public static String wantedColumn(Attribute attribute) {
        String physical = attribute.notes().physical();
        return physical.isEmpty() ? orElse(Words.snake(attribute.name()), "attribute") : physical;
    }

    /** The column name an attribute of an entity asks for; a key can be called after the table. */
    public static String wantedColumn(Design design, Entity entity, Attribute attribute) {
        String wanted = wantedColumn(attribute);
        boolean after = design.naming().has(Rule.KEYS_AFTER_TABLES)
                && wanted.equals(ID)
                && attribute.notes().physical().isEmpty()
                && entity.isKey(attribute)
                && !entity.outside();
        return after ? one(entity) + "_" + ID : wanted;
    }

    /** What one row of an entity is called in names that are made of others: a noun, without what tables begin with. */
    private static String one(Entity entity) {
        String physical = entity.notes().physical();
        return Plurals.singular(Words.snake(physical.isEmpty() ? orElse(entity.name(), "entity") : physical));
    }

    /** The column a reference asks for: the role and the column it points to. */
    public static String wantedReference(String role, String targetColumn) {
        String start = Words.snake(role);
        return start.isEmpty() ? targetColumn : start + "_" + targetColumn;
    }

    static String orElse(String name, String other) {
        return name.isEmpty() ? other : name;
    }

    /** Where types lie, and tables that belong to no area with a schema of its own; empty for where is looked first. */
    String namespace() {
        return dialect.hasNamespaces() ? design.naming().schema() : "";
    }

    /** Where a table lies. What others keep lies where its area does, and not where the design's own tables do. */
    String namespace(DerivedTable.Source source) {
        Optional<Entity> entity = source.owner().flatMap(design::entity);
        String area =
                entity.flatMap(e -> design.area(e.area())).map(Area::schema).orElse("");
        boolean others = entity.filter(Entity::outside).isPresent();
        return dialect.hasNamespaces() && !area.isEmpty() ? area : others ? "" : namespace();
    }

    String table(String entity) {
        return first.ofEntity(entity);
    }

    /** What the column of a reference to an entity begins with, where no role says it. */
    String ofOwner(String entity) {
        String table = table(entity);
        String prefix = design.naming().prefix();
        return Plurals.singular(table.startsWith(prefix) ? table.substring(prefix.length()) : table);
    }

    /** The table or type of an enum that is kept as one. */
    String ofEnum(String name) {
        return first.ofEnums().get(name);
    }

    String joinTable(BinaryRelationship binary) {
        String said = binary.notes().physical();
        if (!said.isEmpty()) {
            return tables.take(said);
        }
        String one = Words.snake(Plurals.singular(binary.from()));
        String many = design.naming().has(Rule.JOINS_AFTER_BOTH)
                ? Plurals.plural(Words.snake(Plurals.singular(binary.to())))
                : manyOf(binary);
        return tables.take(design.naming().prefix() + orElse(one, "entity") + "_"
                + orElse(counted(design.naming(), many), "others"));
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
        return tables.take(Plurals.singular(own(entity)) + "_" + counted(design.naming(), wantedColumn(attribute)));
    }

    /** The name of its table; of a kind among others, that it would have. */
    private String own(Entity entity) {
        return isAmongOthers(design, entity) ? wantedTable(design, entity) : table(entity.name());
    }

    /** Its name can be taken by another table or key; {@link KeyNames} settles that when all tables are known. */
    Optional<PrimaryKey> primaryKey(String given, String table, List<String> columns) {
        String wanted = given.isEmpty() ? keyName(table) : given;
        return columns.isEmpty()
                ? Optional.empty()
                : Optional.of(new PrimaryKey(new Identifiers(dialect.nameLimit()).take(wanted), columns));
    }

    private String keyName(String table) {
        return constraintName(design.naming(), "pk", orElse(Words.snake(table), "table"));
    }

    private static String constraintName(DatabaseNaming naming, String kind, String about) {
        return naming.has(Rule.KIND_LAST) ? about + "_" + kind : kind + "_" + about;
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
    String constraint(String kind, String table, List<String> parts) {
        synchronized (constraints) {
            return constraint(design.naming(), constraints, kind, table, parts);
        }
    }

    /** The name that is given to a constraint, or the one it asks for where none is. */
    String constraint(String given, String kind, String table, List<String> parts) {
        synchronized (constraints) {
            return given.isEmpty() ? constraint(kind, table, parts) : constraints.take(given);
        }
    }

    /** Gives the name of a constraint back. */
    void release(String constraint) {
        synchronized (constraints) {
            constraints.release(constraint);
        }
    }

    /** The name a constraint asks for, among those that are taken. */
    static String constraint(DatabaseNaming naming, Identifiers taken, String kind, String table, List<String> parts) {
        String about =
                snake(table) + "_" + parts.stream().map(PhysicalNames::snake).collect(Collectors.joining("_"));
        return taken.take(constraintName(naming, kind, about));
    }
}
