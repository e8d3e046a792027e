package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.ClockOffset;
import jasperwing.model.Counting;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.ListKept;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Identity;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What an attribute's type, default and rules become in SQL. */
final class ColumnTypes {
    private static final int ENUM_LENGTH = 20;
    private static final int MOST_OF_VALUE = 63;

    private final Design design;
    private final Dialect dialect;
    private final PhysicalNames names;

    Dialect dialect() {
        return dialect;
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

    /** @param own the types of the column in single databases, by their words */
    SqlType type(Type type, Map<String, String> own) {
        String said = own.get(dialect.word());
        return said == null ? type(type) : dialect.read(said);
    }

    /** Whether a type of its own is said for the column. */
    private boolean hasOwn(Attribute attribute) {
        return attribute.notes().stored().types().containsKey(dialect.word());
    }

    SqlType type(Type type) {
        return type.match(
                text -> dialect.text(text.length()),
                decimal -> SqlType.decimal(decimal.precision(), decimal.scale()),
                plain -> dialect.type(plain.scalar()),
                named -> isNative(design, dialect, named) ? nativeType(named.name()) : valueType(named.name()));
    }

    /** The type of a column that holds keys of several types, which may be texts. */
    SqlType idType(Type type) {
        return type.is(Scalar.LONG_TEXT) ? dialect.keyText() : type(type);
    }

    /** The type of a column that holds the values of an enum as texts. */
    SqlType valueType(String enumName) {
        return SqlType.of(SqlType.Kind.VARCHAR, enumLength(design, enumName));
    }

    /** Whether the type of an attribute is one the database knows the values of. */
    boolean isNative(Attribute attribute) {
        return isNative(design, dialect, attribute.type()) && !hasOwn(attribute);
    }

    static boolean isNative(Design design, Dialect dialect, Type type) {
        return nativeEnum(design, dialect, type).isPresent();
    }

    /** The enum whose values the database knows as a type of their own. */
    static Optional<EnumType> nativeEnum(Design design, Dialect dialect, Type type) {
        return dialect.hasEnums() && type instanceof Type.Named named
                ? design.enumType(named.name()).filter(e -> e.isKept(EnumKept.TYPE) && fits(e))
                : Optional.empty();
    }

    /** Databases take so many bytes of a value. */
    static boolean fits(EnumType type) {
        return type.values().stream().allMatch(v -> v.name().getBytes(StandardCharsets.UTF_8).length <= MOST_OF_VALUE);
    }

    private SqlType nativeType(String enumName) {
        return dialect.hasEnumTypes()
                ? SqlType.named(names.namespace(), names.ofEnum(enumName))
                : enumOf(design.enumType(enumName).orElseThrow());
    }

    /** The table a column of an enum points to. */
    Optional<DraftReferences.Target> lookup(Attribute attribute) {
        return attribute.type() instanceof Type.Named named && !attribute.isListInRow()
                ? design.enumType(named.name())
                        .filter(e -> e.isKept(EnumKept.TABLE))
                        .map(e -> new DraftReferences.Target(
                                e.name(), names.ofEnum(e.name()), List.of(DerivedTable.VALUE), Enforcement.FOREIGN_KEY))
                : Optional.empty();
    }

    /** The type of a list that is kept in the row. */
    SqlType listType(Attribute attribute) {
        if (hasOwn(attribute)) {
            return type(attribute.type(), attribute.notes().stored().types());
        }
        boolean array = isArray(attribute);
        if (!array) {
            return type(Type.of(Scalar.JSON));
        }
        return SqlType.arrayOf(elementType(attribute.type()));
    }

    /** Where checks do not look into arrays, an enum as a type holds the elements to its values. */
    private SqlType elementType(Type type) {
        if (dialect.lists().checksArrays()) {
            return type(type);
        }
        return design.enumType(type instanceof Type.Named named ? named.name() : "")
                .map(ColumnTypes::enumOf)
                .orElseGet(() -> type(type));
    }

    /** Whether capitals make no difference where an attribute must be unique. */
    boolean ignoresCase(Attribute attribute) {
        return attribute.textConstraint().ignoringCase() && Literals.textConstraintFits(attribute);
    }

    /** The language an attribute is sorted as; empty when nothing is said, or of what is no single text. */
    static String sortedAs(Attribute attribute) {
        return Literals.textConstraintFits(attribute)
                ? attribute.textConstraint().sortedAs()
                : "";
    }

    /** The order an attribute's texts are compared in; empty for that of all texts. */
    String collation(Attribute attribute) {
        return collation(sortedAs(attribute));
    }

    /** The order of a language; empty when there is none to be had. */
    String collation(String language) {
        return dialect.collation(language).orElse("");
    }

    boolean isArray(Attribute attribute) {
        return dialect.lists().hasArrays() && attribute.kept().equals(Optional.of(ListKept.ARRAY));
    }

    /** What an attribute is in a table: others know nothing of an enum that is a type of the database, and have its values as texts. */
    static Type inTable(Design design, Entity entity, Attribute attribute) {
        return entity.outside()
                        && attribute.type() instanceof Type.Named named
                        && design.enumType(named.name())
                                .filter(e -> e.isKept(EnumKept.TYPE))
                                .isPresent()
                ? new Type.Text(enumLength(design, named.name()))
                : attribute.type();
    }

    /** Wide enough for the longest value, and for values not thought of yet. */
    private static int enumLength(Design design, String name) {
        return design.enumType(name).stream()
                .flatMap(e -> e.values().stream())
                .mapToInt(v -> v.name().length())
                .reduce(ENUM_LENGTH, Math::max);
    }

    /** How the database counts it up, where it does. */
    Optional<Identity> identity(Attribute attribute) {
        Counting counting = attribute.counting();
        return attribute.type().is(Scalar.SERIAL)
                ? Optional.of(new Identity(counting.start(), counting.step()))
                : Optional.empty();
    }

    /** The default as SQL, or empty when there is none or it does not fit the type. */
    Optional<SqlExpression> defaultValue(Attribute attribute) {
        return defaultSql(attribute).map(SqlExpression::of);
    }

    private Optional<String> defaultSql(Attribute attribute) {
        if (attribute.isListInRow()) {
            return attribute.optional()
                    ? Optional.empty()
                    : Optional.of(dialect.lists().empty(isArray(attribute)));
        }
        return Literals.usual(design, attribute)
                .map(d -> literal(attribute.type(), d))
                .or(() -> attribute
                        .stamped()
                        .map(s -> attribute.type().isNumeric() ? "0" : dialect.now(attribute.type())));
    }

    String literal(Type type, Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text();
            case TEXT, DATE -> dialect.moment(type, literal.text());
            case WORD -> word(type, literal.text());
            case UUID -> dialect.defaults().timeOrdered().sql();
            case CLOCK -> dialect.defaults()
                    .shifted()
                    .apply(type, ClockOffset.of(literal.text()).orElseThrow());
        };
    }

    private String word(Type type, String word) {
        if (type.is(Scalar.BOOLEAN)) {
            return dialect.truth(word);
        }
        if (type instanceof Type.Named) {
            return dialect.literal(word);
        }
        return type.is(Scalar.UUID) ? dialect.defaults().random().sql() : dialect.now(type);
    }

    /** What the values of a column must obey, each as a condition on the quoted column. */
    List<String> conditions(Attribute attribute, String column) {
        return new ColumnConditions(design, dialect, this).of(attribute, column);
    }

    private static SqlType enumOf(EnumType type) {
        return SqlType.enumOf(
                type.values().stream().map(EnumValue::name).distinct().toList());
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
