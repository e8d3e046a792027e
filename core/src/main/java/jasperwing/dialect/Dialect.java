package jasperwing.dialect;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Reserved;
import jasperwing.physical.Catalog;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.SqlType;
import jasperwing.physical.Table;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A database: what it can do, and how it writes things. What most databases share is written here, what differs in the class of each. Safe for
 * several threads.
 *
 * <pre>{@code
 * Dialects.of("mariadb").orElseThrow().quote("order"); // `order`
 * }</pre>
 */
public abstract class Dialect {
    private final String title;
    private final String oldest;
    private final Reserved reserved;
    private final int nameLimit;
    private final FormulaFunctions functions;
    private final Optional<TriggerSql> triggers;
    private final ListSql lists;
    private final TableSql tables;

    Dialect(
            String title,
            String oldest,
            int nameLimit,
            FormulaFunctions functions,
            TableSql tables,
            Optional<TriggerSql> triggers,
            ListSql lists) {
        this.functions = functions;
        this.triggers = triggers;
        this.lists = lists;
        this.tables = tables;
        this.title = title;
        this.oldest = oldest;
        this.reserved = Reserved.ofDatabase(word());
        this.nameLimit = nameLimit;
    }

    /**
     * The one of a word, such as {@code sqlite}, whatever its capitals.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Dialect named(String word) {
        return Dialects.of(word.toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new IllegalArgumentException("no database is called '" + word + "'"));
    }

    /** As people write it. */
    public final String title() {
        return title;
    }

    /** The first version that takes what is written for it. */
    public final String oldest() {
        return oldest;
    }

    /** As the command line writes it. */
    public final String word() {
        return title.toLowerCase(Locale.ROOT).replace(" ", "");
    }

    @Override
    public final String toString() {
        return title;
    }

    public final Reserved reserved() {
        return reserved;
    }

    /** The most bytes a name may have; 0 for no limit. */
    public final int nameLimit() {
        return nameLimit;
    }

    /** The functions of formulas. */
    public final FormulaFunctions functions() {
        return functions;
    }

    /** Triggers; empty where they cannot be written in SQL. */
    public final Optional<TriggerSql> triggers() {
        return triggers;
    }

    /** How lists are looked into. */
    public final ListSql lists() {
        return lists;
    }

    final TableSql tables() {
        return tables;
    }

    /** The statements that create parts of a schema whose tables all lie in one namespace, or come in one catalog. */
    public final SchemaStatements statements() {
        return statements(Map.of());
    }

    /**
     * The statements that create parts of a schema.
     *
     * @param namespaces of tables, by their names; those that are not in it lie in the one that is looked in first
     */
    public final SchemaStatements statements(Map<String, String> namespaces) {
        return new SchemaStatements(this, namespaces);
    }

    /** The schema that the database reports after this one was created in it. */
    public final Catalog kept(Catalog catalog) {
        return new KeptCatalog(this).of(catalog);
    }

    /** The statements that change and drop parts of a schema. */
    public final SchemaChanges changes() {
        return changes(Map.of());
    }

    /** @param namespaces as {@link #statements(Map)} takes them */
    public final SchemaChanges changes(Map<String, String> namespaces) {
        return new SchemaChanges(this, namespaces);
    }

    // what it can do

    /** Whether a constraint can keep spans of rows apart. */
    public boolean excludesOverlaps() {
        return false;
    }

    /** Whether tables lie in namespaces of one database. */
    public boolean hasNamespaces() {
        return false;
    }

    /** Whether a foreign key or a check can be added to a table that exists. */
    public boolean altersConstraints() {
        return true;
    }

    /** Whether the type, default and nullability of a column can be changed where it is. */
    public final boolean altersColumns() {
        return tables.altersColumns();
    }

    /** Whether a foreign key can be checked at the end of a transaction. */
    public boolean defersKeys() {
        return false;
    }

    /** Whether enums are types with names of their own. */
    public boolean hasEnumTypes() {
        return false;
    }

    /** Whether a column can have the values of an enum as its type. */
    public boolean hasEnums() {
        return true;
    }

    /** Whether there are checks by regular expressions. */
    public final boolean hasPatterns() {
        return mostRepeats() > 0;
    }

    /** How often a part of a regular expression can be repeated; 0 where there are none. */
    public int mostRepeats() {
        return RegexTranslator.MOST_REPEATS;
    }

    /** Whether something computed can be unique without a column of its own. */
    public boolean indexesExpressions() {
        return false;
    }

    /** Whether an index can hold some of the rows. */
    public boolean indexesSomeRows() {
        return false;
    }

    /** Whether several rows may have null in what is unique. */
    public boolean takesSeveralNulls() {
        return true;
    }

    /** Whether what follows from a delete may reach a table in several ways, or come back to where it began. */
    public boolean takesSeveralCascades() {
        return true;
    }

    /** Whether an index can hold columns that rows are not found by. */
    public boolean includesColumns() {
        return false;
    }

    /** The most bytes all columns of an index may have together; 0 where there is no such limit. */
    public int mostIndexedBytes() {
        return 0;
    }

    /** The bytes that a column of a type takes in an index that need not be unique; 0 where there is no limit to them. */
    public int indexedBytes(SqlType type) {
        return 0;
    }

    /** Whether a column of the type can be unique or in an index. */
    public boolean canIndex(Type type) {
        return true;
    }

    /** Whether a check may look at columns that deleting another row empties. */
    public boolean checksEmptied() {
        return true;
    }

    /** What there can be of columns that the database counts up. */
    public Counters counters() {
        return Counters.ANY;
    }

    /** Whether all statements of a script can be undone together. */
    public boolean isTransactional() {
        return false;
    }

    // names and literals

    /** A name as SQL writes it: quoted unless it is a plain lower-case word that is not reserved. */
    public final String quote(String name) {
        return SqlNames.isPlain(name) && !reserved.containsSmall(name) ? name : quoted(name);
    }

    /** The name as the database can have it. */
    public String possible(String name) {
        return name;
    }

    /** A name in a namespace, which is left out where it is empty. */
    public final String quote(String namespace, String name) {
        return namespace.isEmpty() ? quote(name) : quote(namespace) + "." + quote(name);
    }

    /** A table as statements name it. */
    public final String quote(Table table) {
        return quote(table.namespace(), table.name());
    }

    String quoted(String name) {
        return '"' + name.replace("\"", "\"\"").replace("\0", "") + '"';
    }

    /** A text as SQL writes it. */
    public String literal(String text) {
        return SqlNames.literal(text);
    }

    /** What a literal says, without the quotes around it. */
    String text(String literal) {
        return literal.replace("''", "'");
    }

    /** A day or moment of a type as a literal. */
    public String moment(Type type, String text) {
        return literal(text);
    }

    /** {@code true} or {@code false}. */
    public String truth(String word) {
        return word;
    }

    /** The moment of the statement, as the type has it. */
    public String now(Type type) {
        return type.is(Scalar.DATE) ? "current_date" : type.is(Scalar.TIME) ? "current_time" : "current_timestamp";
    }

    /** What only defaults say. */
    public abstract DefaultSql defaults();

    // types

    /** The type of texts of at most so many characters. */
    public SqlType text(int length) {
        return SqlType.of(SqlType.Kind.VARCHAR, length);
    }

    /** The type of the texts of keys. */
    public SqlType keyText() {
        return type(Scalar.LONG_TEXT);
    }

    /** The type that holds the values of one of the notation's. */
    public SqlType type(Scalar scalar) {
        return StandardTypes.of(scalar);
    }

    /** A type as SQL writes it. */
    public final String write(SqlType type) {
        return switch (type.kind()) {
            case ARRAY -> lists().arrayOf(write(type.element().orElseThrow()));
            case ENUM -> type.values().stream().map(this::literal).collect(Collectors.joining(", ", "enum(", ")"));
            case NAMED -> quote(type.namespace(), type.text());
            case OTHER -> type.text();
            default -> plain(type);
        };
    }

    /**
     * The type of a text that SQL writes, also by another word for it; what is none of those is {@link SqlType.Kind#OTHER}. What is written for a
     * type of a column is read as that type, but for enums and domains with names, which are only known to a catalog.
     */
    public final SqlType read(String type) {
        return new TypeReader(this).read(type);
    }

    /** A type without parts. */
    String plain(SqlType type) {
        return StandardTypes.plain(type);
    }

    /** The types of words that mean something else elsewhere. */
    Map<String, SqlType> ownWords() {
        return Map.of();
    }

    /** The type a value is cast to so that it is compared as text. */
    public String textCast() {
        return "text";
    }

    /** What the order of a language is called, as SQL; empty where there is none. */
    public Optional<String> collation(String language) {
        return Optional.empty();
    }

    /** What a foreign key does, as SQL writes it: {@code set null}. */
    public final String write(ForeignKey.Action action) {
        return tables.written(action).name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    // conditions

    /** How many characters a text has. */
    public String length(String text) {
        return "length(" + text + ")";
    }

    /** That two columns are both null or both not, as a condition. */
    public String nullTogether(String one, String other) {
        return "(" + one + " is null) = (" + other + " is null)";
    }

    /** A regular expression in Java's syntax in the database's own; empty where it has none for it. */
    public abstract Optional<String> pattern(String java);

    /** That a whole text matches a pattern in the database's own syntax, as a condition. */
    public String matches(String text, String pattern) {
        return text + " regexp " + literal("^(?:" + pattern + ")\\z");
    }

    /** What holds a column to its type where the database does not; null passes. */
    public List<String> heldToType(Type type, String column) {
        return List.of();
    }

    /** What a script begins with; empty or whole lines. */
    public String preamble() {
        return "";
    }

    /** What begins a transaction. */
    public String begin() {
        return "begin";
    }

    /** The line between statements of which one must stand alone in a script; empty where none must. */
    public String batchSeparator() {
        return "";
    }

    /** What stands behind {@code insert into a_table} for a row of defaults alone. */
    public String defaultValues() {
        return " default values";
    }
}
