package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.ListKept;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What an attribute's type, default and rules become in SQL. */
final class ColumnTypes {
    private static final int ENUM_LENGTH = 20;
    private static final int MOST_OF_VALUE = 63;
    private static final int MOST_IN_ROW = 1000;
    private static final String WIDE_TEXT = "longtext";

    private final Design design;
    private final Dialect dialect;
    private final PhysicalNames names;

    Dialect dialect() {
        return dialect;
    }

    boolean isOf(Dialect wanted) {
        return dialect == wanted;
    }

    ColumnTypes(Design design, Dialect dialect, PhysicalNames names) {
        this.design = design;
        this.dialect = dialect;
        this.names = names;
    }

    boolean defersKeys() {
        return dialect.defersKeys();
    }

    String quote(String name) {
        return dialect.quote(name);
    }

    FormulaSql formula(FormulaSql.Source source) {
        return new FormulaSql(design, dialect, source);
    }

    String literal(String text) {
        return dialect.literal(text);
    }

    String type(Type type) {
        return type.match(
                text -> isWide(text) ? WIDE_TEXT : "varchar(" + text.length() + ")",
                decimal -> (dialect == Dialect.POSTGRESQL ? "numeric(" : "decimal(") + decimal.precision() + ","
                        + decimal.scale() + ")",
                plain -> type(plain.scalar()),
                named -> isNative(named) ? nativeType(named.name()) : valueType(named.name()));
    }

    private String type(Scalar scalar) {
        return switch (dialect) {
            case POSTGRESQL -> postgresql(scalar);
            case MARIADB -> mariadb(scalar);
            case SQLITE -> sqlite(scalar);
            case H2 -> h2(scalar);
        };
    }

    /** The type of a column that holds the values of an enum as texts. */
    String valueType(String enumName) {
        return "varchar(" + enumLength(enumName) + ")";
    }

    /** Whether a type is one the database knows the values of. */
    boolean isNative(Type type) {
        return isNative(design, dialect, type);
    }

    static boolean isNative(Design design, Dialect dialect, Type type) {
        return nativeEnum(design, dialect, type).isPresent();
    }

    /** The enum whose values the database knows as a type of their own. */
    static Optional<EnumType> nativeEnum(Design design, Dialect dialect, Type type) {
        return dialect != Dialect.SQLITE && type instanceof Type.Named named
                ? design.enumType(named.name()).filter(e -> e.isKept(EnumKept.TYPE) && fits(e))
                : Optional.empty();
    }

    /** PostgreSQL takes so many bytes of a value. */
    static boolean fits(EnumType type) {
        return type.values().stream().allMatch(v -> v.name().getBytes(StandardCharsets.UTF_8).length <= MOST_OF_VALUE);
    }

    private String nativeType(String enumName) {
        return dialect == Dialect.POSTGRESQL
                ? quote(names.ofEnum(enumName))
                : "enum(" + values(design.enumType(enumName).orElseThrow()) + ")";
    }

    /** The table a column of an enum points to. */
    Optional<TableDraft.Target> lookup(Attribute attribute) {
        return attribute.type() instanceof Type.Named named && !attribute.isListInRow()
                ? design.enumType(named.name())
                        .filter(e -> e.isKept(EnumKept.TABLE))
                        .map(e -> new TableDraft.Target(
                                e.name(), names.ofEnum(e.name()), List.of(Table.VALUE), Enforcement.FOREIGN_KEY))
                : Optional.empty();
    }

    /** The type of a list that is kept in the row. */
    String listType(Attribute attribute) {
        boolean array = isArray(attribute);
        if (!array) {
            return type(Type.of(Scalar.JSON));
        }
        return dialect == Dialect.H2 ? elementType(attribute.type()) + " array" : type(attribute.type()) + "[]";
    }

    /** H2 checks nothing about the elements of an array, but holds them to their type. */
    private String elementType(Type type) {
        return design.enumType(type instanceof Type.Named named ? named.name() : "")
                .map(e -> "enum(" + values(e) + ")")
                .orElseGet(() -> type(type));
    }

    /** Whether capitals make no difference where an attribute must be unique. */
    boolean ignoresCase(Attribute attribute) {
        return attribute.form().ignoringCase() && Literals.formFits(attribute);
    }

    /** The language an attribute is sorted as; empty when nothing is said, or of what is no single text. */
    static String sortedAs(Attribute attribute) {
        return Literals.formFits(attribute) ? attribute.form().sortedAs() : "";
    }

    /** The order an attribute's texts are compared in; empty for that of all texts. */
    String collation(Attribute attribute) {
        return collation(sortedAs(attribute));
    }

    /** The order of a language; empty when there is none to be had. */
    String collation(String language) {
        return Collations.of(dialect, language).orElse("");
    }

    /** Whether something computed can be unique without a column of its own. */
    boolean indexesExpressions() {
        return dialect == Dialect.POSTGRESQL || dialect == Dialect.SQLITE;
    }

    /** Whether an index can hold some of the rows. */
    boolean indexesSomeRows() {
        return indexesExpressions();
    }

    /** Whether an index can hold columns that rows are not found by. */
    boolean includesColumns() {
        return dialect == Dialect.POSTGRESQL;
    }

    boolean isArray(Attribute attribute) {
        return dialect.hasArrays() && attribute.kept().equals(Optional.of(ListKept.ARRAY));
    }

    /** MariaDB's rows have no room for many long texts; these are kept beside the row. */
    boolean isWide(Type type) {
        return dialect == Dialect.MARIADB && type instanceof Type.Text text && text.length() > MOST_IN_ROW;
    }

    /** The name of a column as an index has it: MariaDB takes the beginning of a text that is kept beside the row. */
    static String indexed(Dialect dialect, Column column) {
        String name = dialect.quote(column.name());
        return dialect == Dialect.MARIADB && column.type().equals(WIDE_TEXT) ? name + "(191)" : name;
    }

    /** Wide enough for the longest value, and for values not thought of yet. */
    private int enumLength(String name) {
        return design.enumType(name).stream()
                .flatMap(e -> e.values().stream())
                .mapToInt(v -> v.name().length())
                .reduce(ENUM_LENGTH, Math::max);
    }

    private static String postgresql(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT -> "text";
            case INT -> "integer";
            case SMALL_INT -> "smallint";
            case BIG_INT, SERIAL, DURATION -> "bigint";
            case UUID -> "uuid";
            case REAL -> "double precision";
            case BOOLEAN -> "boolean";
            case DATE -> "date";
            case TIME -> "time";
            case TIMESTAMP -> "timestamptz";
            case LOCAL_TIMESTAMP -> "timestamp";
            case BINARY -> "bytea";
            case JSON -> "jsonb";
        };
    }

    private static String mariadb(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT -> WIDE_TEXT;
            case INT -> "int";
            case REAL -> "double";
            case TIME -> "time(6)";
            case TIMESTAMP, LOCAL_TIMESTAMP -> "datetime(6)";
            case BINARY -> "longblob";
            case JSON -> "json";
            default -> postgresql(scalar);
        };
    }

    private static String h2(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT -> "varchar";
            case TIME -> "time(6)";
            case TIMESTAMP -> "timestamp(6) with time zone";
            case LOCAL_TIMESTAMP -> "timestamp(6)";
            case BINARY -> "blob";
            case JSON -> "json";
            default -> postgresql(scalar);
        };
    }

    private static String sqlite(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT, UUID, DATE, TIME, TIMESTAMP, LOCAL_TIMESTAMP, JSON -> "text";
            case INT, SMALL_INT, BIG_INT, SERIAL, DURATION -> "integer";
            case REAL -> "real";
            case BOOLEAN -> "boolean";
            case BINARY -> "blob";
        };
    }

    /** The default as SQL, or empty when there is none or it does not fit the type. */
    String defaultSql(Attribute attribute) {
        if (attribute.isListInRow()) {
            return attribute.optional() ? "" : emptyList(attribute);
        }
        return attribute
                .defaultValue()
                .filter(d -> !attribute.list() && Literals.fits(design, attribute.type(), d))
                .map(d -> literal(attribute.type(), d))
                .or(() -> attribute.stamped().map(s -> attribute.type().isNumeric() ? "0" : now(attribute.type())))
                .orElse("");
    }

    private String emptyList(Attribute attribute) {
        boolean array = isArray(attribute);
        return switch (dialect) {
            case POSTGRESQL -> array ? "'{}'" : "'[]'";
            case MARIADB -> "('[]')";
            case SQLITE -> "'[]'";
            case H2 -> array ? "array[]" : "json '[]'";
        };
    }

    /** The moment, as the type has it. */
    private String now(Type type) {
        String now =
                type.is(Scalar.DATE) ? "current_date" : type.is(Scalar.TIME) ? "current_time" : "current_timestamp";
        if (dialect != Dialect.MARIADB) {
            return now;
        }
        return now.equals("current_timestamp") ? "current_timestamp(6)" : "(" + now + ")";
    }

    String literal(Type type, Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text();
            case TEXT, DATE -> dialect.literal(moment(type, literal.text()));
            case WORD -> word(type, literal.text());
        };
    }

    /** MariaDB keeps moments without a zone, those with one in UTC. */
    private String moment(Type type, String text) {
        if (dialect != Dialect.MARIADB) {
            return text;
        }
        if (type.is(Scalar.TIMESTAMP)) {
            OffsetDateTime utc = OffsetDateTime.parse(text).withOffsetSameInstant(ZoneOffset.UTC);
            return utc.toLocalDateTime().toString().replace('T', ' ');
        }
        return type.is(Scalar.LOCAL_TIMESTAMP) ? text.replace('T', ' ') : text;
    }

    private String word(Type type, String word) {
        if (type.is(Scalar.BOOLEAN)) {
            return dialect == Dialect.SQLITE ? (word.equals("true") ? "1" : "0") : word;
        }
        if (type instanceof Type.Named) {
            return dialect.literal(word);
        }
        return now(type);
    }

    /** What the values of a column must obey, each as a condition on the quoted column. */
    List<String> conditions(Attribute attribute, String column) {
        return new ColumnConditions(design, dialect, this).of(attribute, column);
    }

    /** The values of an enum as a list of literals. */
    String values(EnumType type) {
        return type.values().stream()
                .map(EnumValue::name)
                .distinct()
                .map(dialect::literal)
                .collect(Collectors.joining(", "));
    }
}
