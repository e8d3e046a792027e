package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.Form;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the values of a column must obey, as conditions of checks. Null passes each of them. */
final class ColumnConditions {
    private final Design design;
    private final Dialect dialect;
    private final ColumnTypes types;

    ColumnConditions(Design design, Dialect dialect, ColumnTypes types) {
        this.design = design;
        this.dialect = dialect;
        this.types = types;
    }

    /** Those of an attribute, each on the quoted column. */
    List<String> of(Attribute attribute, String column) {
        if (attribute.isListInRow()) {
            return types.isArray(attribute) ? array(attribute, column) : json(attribute, column);
        }
        List<String> conditions = new ArrayList<>();
        Type type = attribute.type();
        enumOf(type)
                .filter(e -> !types.isNative(type) && !e.isKept(EnumKept.TABLE))
                .ifPresent(e -> conditions.add(column + " in (" + types.values(e) + ")"));
        range(attribute).ifPresent(r -> {
            r.from().ifPresent(from -> conditions.add(column + " >= " + types.literal(type, from)));
            r.to().ifPresent(to -> conditions.add(column + " <= " + types.literal(type, to)));
        });
        if (Literals.formFits(attribute)) {
            conditions.addAll(form(attribute.form(), column));
        }
        conditions.addAll(heldToType(type, column));
        return conditions;
    }

    private Optional<EnumType> enumOf(Type type) {
        return type instanceof Type.Named named ? design.enumType(named.name()) : Optional.empty();
    }

    private static Optional<Range> range(Attribute attribute) {
        return attribute.range().filter(r -> Literals.rangeFits(attribute.type(), r));
    }

    /** Of PostgreSQL: one dimension, no nulls, each element in its range. H2 holds elements to their type alone. */
    private List<String> array(Attribute attribute, String column) {
        if (dialect != Dialect.POSTGRESQL) {
            return List.of();
        }
        List<String> conditions = new ArrayList<>();
        conditions.add("coalesce(array_ndims(" + column + "), 1) = 1");
        conditions.add("array_position(" + column + ", null) is null");
        enumOf(attribute.type())
                .filter(e -> !types.isNative(attribute.type()))
                .ifPresent(e ->
                        conditions.add(column + " <@ array[" + types.values(e) + "]::" + types.listType(attribute)));
        range(attribute).ifPresent(r -> {
            r.from()
                    .ifPresent(
                            from -> conditions.add(types.literal(attribute.type(), from) + " <= all (" + column + ")"));
            r.to().ifPresent(to -> conditions.add(types.literal(attribute.type(), to) + " >= all (" + column + ")"));
        });
        return conditions;
    }

    /** A check of SQLite cannot look at the elements. */
    private List<String> json(Attribute attribute, String column) {
        List<String> conditions = new ArrayList<>();
        conditions.add(
                switch (dialect) {
                    case POSTGRESQL -> "jsonb_typeof(" + column + ") = 'array'";
                    case MARIADB -> "json_type(" + column + ") = 'ARRAY'";
                    case SQLITE -> "json_valid(" + column + ") and json_type(" + column + ") = 'array'";
                    case H2 -> column + " is json array";
                });
        String text =
                switch (dialect) {
                    case POSTGRESQL -> column + "::text";
                    case H2 -> "cast(" + column + " as varchar)";
                    case MARIADB, SQLITE -> column;
                };
        JsonElements.pattern(design, dialect, attribute.type())
                .filter(p -> dialect != Dialect.SQLITE)
                .ifPresent(p -> conditions.add(RegexTranslator.whole(dialect, text, p)));
        return conditions;
    }

    /** Where a database has no such pattern, only the classes hold a text to it. */
    private List<String> form(Form form, String column) {
        List<String> conditions = new ArrayList<>();
        form.longerThan().ifPresent(l -> conditions.add(dialect.lengthFunction() + "(" + column + ") > " + l));
        if (!form.matching().isEmpty()) {
            RegexTranslator.in(dialect, form.matching())
                    .ifPresent(p -> conditions.add(RegexTranslator.whole(dialect, column, p)));
        }
        return conditions;
    }

    /** SQLite keeps any value in any column, and MariaDB any small number as a truth value; these hold them to the type. */
    private List<String> heldToType(Type type, String column) {
        boolean sqlite = dialect == Dialect.SQLITE;
        if (type instanceof Type.Text text && (sqlite || types.isWide(type))) {
            return List.of(dialect.lengthFunction() + "(" + column + ") <= " + text.length());
        }
        if (type.is(Scalar.BOOLEAN) && (sqlite || dialect == Dialect.MARIADB)) {
            return List.of(column + " in (0, 1)");
        }
        return sqlite
                ? type.match(
                        text -> List.of(),
                        decimal -> List.of(
                                is(column, "integer", "real"),
                                "abs(" + column + ") < 1" + "0".repeat(decimal.precision() - decimal.scale())),
                        plain -> sqlite(plain.scalar(), column),
                        named -> List.of())
                : List.of();
    }

    private static String is(String column, String... storageClasses) {
        return "typeof(" + column + ") in ('" + String.join("', '", storageClasses) + "', 'null')";
    }

    /** Days and moments are texts as ISO 8601 writes them; a moment has a space or a T before its time. */
    private static List<String> sqlite(Scalar scalar, String column) {
        return switch (scalar) {
            case INT -> List.of(is(column, "integer"), column + " between -2147483648 and 2147483647");
            case SMALL_INT -> List.of(is(column, "integer"), column + " between -32768 and 32767");
            case BIG_INT, DURATION -> List.of(is(column, "integer"));
            case REAL -> List.of(is(column, "integer", "real"));
            case DATE -> List.of("date(" + column + ") is " + column);
            case TIME -> List.of(
                    "(" + column + " is null or time(" + column + ") is not null)",
                    column + " glob '[0-2][0-9]:[0-5][0-9]*'");
            case TIMESTAMP, LOCAL_TIMESTAMP -> List.of(
                    "date(substr(" + column + ", 1, 10)) is substr(" + column + ", 1, 10)",
                    "(" + column + " is null or time(" + column + ") is not null)",
                    "length(" + column + ") >= 16");
            case UUID -> List.of(
                    "length(" + column + ") = 36",
                    "length(replace(" + column + ", '-', '')) = 32",
                    column + " not glob '*[^0-9a-f-]*'");
            case JSON -> List.of("json_valid(" + column + ")");
            case BINARY -> List.of(is(column, "blob"));
            case LONG_TEXT, BOOLEAN, SERIAL -> List.of();
        };
    }
}
