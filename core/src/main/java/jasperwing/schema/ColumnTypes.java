package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Form;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What an attribute's type, default and rules become in SQL. */
final class ColumnTypes {
    private static final int ENUM_LENGTH = 20;

    private final Design design;
    private final Dialect dialect;

    ColumnTypes(Design design, Dialect dialect) {
        this.design = design;
        this.dialect = dialect;
    }

    String quote(String name) {
        return dialect.quote(name);
    }

    String type(Type type) {
        if (type instanceof Type.Text text) {
            return "varchar(" + text.length() + ")";
        }
        if (type instanceof Type.Decimal decimal) {
            return (dialect == Dialect.SQLITE ? "decimal(" : "numeric(") + decimal.precision() + "," + decimal.scale()
                    + ")";
        }
        if (type instanceof Type.Named named) {
            return "varchar(" + enumLength(named.name()) + ")";
        }
        Scalar scalar = ((Type.Plain) type).scalar();
        return dialect == Dialect.SQLITE ? sqlite(scalar) : postgresql(scalar);
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
        return attribute
                .defaultValue()
                .filter(d -> !attribute.list() && Literals.fits(design, attribute.type(), d))
                .map(d -> literal(attribute.type(), d))
                .or(() -> attribute.stamped().map(s -> stamp(attribute.type())))
                .orElse("");
    }

    /** What a stamped column gets when a row is inserted without it. */
    private static String stamp(Type type) {
        if (type.isNumeric()) {
            return "0";
        }
        return type.is(Scalar.DATE) ? "current_date" : type.is(Scalar.TIME) ? "current_time" : "current_timestamp";
    }

    private String literal(Type type, Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text();
            case TEXT, DATE -> Dialect.literal(literal.text());
            case WORD -> word(type, literal.text());
        };
    }

    private String word(Type type, String word) {
        if (type.is(Scalar.BOOLEAN)) {
            return dialect == Dialect.SQLITE ? (word.equals("true") ? "1" : "0") : word;
        }
        if (type instanceof Type.Named) {
            return Dialect.literal(word);
        }
        return switch (word) {
            case "today" -> "current_date";
            default -> type.is(Scalar.TIME) ? "current_time" : "current_timestamp";
        };
    }

    /** What the values of a column must obey, each as a condition on the quoted column. */
    List<String> conditions(Attribute attribute, String column) {
        List<String> conditions = new ArrayList<>();
        Type type = attribute.type();
        if (type instanceof Type.Named named) {
            design.enumType(named.name()).ifPresent(e -> conditions.add(column + " in (" + values(e) + ")"));
        }
        attribute.range().filter(r -> Literals.rangeFits(type, r)).ifPresent(r -> {
            r.from().ifPresent(from -> conditions.add(column + " >= " + literal(type, from)));
            r.to().ifPresent(to -> conditions.add(column + " <= " + literal(type, to)));
        });
        if (Literals.formFits(attribute)) {
            conditions.addAll(form(attribute.form(), column));
        }
        if (dialect == Dialect.SQLITE) {
            conditions.addAll(sqliteConditions(type, column));
        }
        return conditions;
    }

    /** SQLite has no regular expressions of its own: there only the classes hold a text to its pattern. */
    private List<String> form(Form form, String column) {
        List<String> conditions = new ArrayList<>();
        form.longerThan().ifPresent(l -> conditions.add("length(" + column + ") > " + l));
        if (!form.matching().isEmpty() && dialect == Dialect.POSTGRESQL) {
            conditions.add(column + " ~ " + Dialect.literal("^(?:" + form.matching() + ")$"));
        }
        return conditions;
    }

    /** SQLite keeps any value in any column; these hold it to the type. */
    private static List<String> sqliteConditions(Type type, String column) {
        if (type instanceof Type.Text text) {
            return List.of("length(" + column + ") <= " + text.length());
        }
        if (type.is(Scalar.BOOLEAN)) {
            return List.of(column + " in (0, 1)");
        }
        return type.is(Scalar.JSON) ? List.of("json_valid(" + column + ")") : List.of();
    }

    private static String values(EnumType type) {
        return type.values().stream().map(EnumValue::name).map(Dialect::literal).collect(Collectors.joining(", "));
    }
}
