package jasperwing.dialect;

import jasperwing.formula.Kind;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Identity;
import jasperwing.physical.SqlType;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * SQLite. It keeps any value in any column, so checks hold columns to their types. It counts exact numbers with decimals in binary floating point,
 * so that a last digit of five can be rounded the other way; its capitals are those of ASCII.
 */
final class Sqlite extends Dialect {
    Sqlite() {
        super("SQLite", "3.35", 0, FUNCTIONS, TABLES, Optional.of(TRIGGERS), LISTS);
    }

    @Override
    public boolean altersConstraints() {
        return false;
    }

    @Override
    public boolean defersKeys() {
        return true;
    }

    @Override
    public boolean hasEnums() {
        return false;
    }

    @Override
    public int mostRepeats() {
        return 0;
    }

    @Override
    public boolean indexesExpressions() {
        return true;
    }

    @Override
    public boolean indexesSomeRows() {
        return true;
    }

    @Override
    public Counters counters() {
        return new Counters(false, false, false, true);
    }

    @Override
    public boolean isTransactional() {
        return true;
    }

    @Override
    public String truth(String word) {
        return word.equals("true") ? "1" : "0";
    }

    @Override
    public SqlType type(Scalar scalar) {
        return switch (scalar) {
            case UUID, DATE, TIME, TIMESTAMP, LOCAL_TIMESTAMP, JSON -> SqlType.of(SqlType.Kind.TEXT);
            case SMALL_INT, BIG_INT, SERIAL, DURATION -> SqlType.of(SqlType.Kind.INTEGER);
            default -> super.type(scalar);
        };
    }

    @Override
    String plain(SqlType type) {
        return switch (type.kind()) {
            case DOUBLE -> "real";
            case BINARY -> "blob";
            default -> super.plain(type);
        };
    }

    @Override
    Map<String, SqlType> ownWords() {
        return Map.of("real", SqlType.of(SqlType.Kind.DOUBLE));
    }

    @Override
    public Optional<String> pattern(String java) {
        return Optional.empty();
    }

    @Override
    public List<String> heldToType(Type type, String column) {
        return type.match(
                text -> List.of(length(column) + " <= " + text.length()),
                decimal -> List.of(
                        is(column, "integer", "real"),
                        "abs(" + column + ") < 1" + "0".repeat(decimal.precision() - decimal.scale())),
                plain -> heldToScalar(plain.scalar(), column),
                named -> List.of());
    }

    private static String is(String column, String... storageClasses) {
        return "typeof(" + column + ") in ('" + String.join("', '", storageClasses) + "', 'null')";
    }

    /** Days and moments are texts as ISO 8601 writes them; a moment has a space or a T before its time. */
    private static List<String> heldToScalar(Scalar scalar, String column) {
        return switch (scalar) {
            case INT -> List.of(is(column, "integer"), column + " between -2147483648 and 2147483647");
            case SMALL_INT -> List.of(is(column, "integer"), column + " between -32768 and 32767");
            case BIG_INT, DURATION -> List.of(is(column, "integer"));
            case REAL -> List.of(is(column, "integer", "real"));
            case BOOLEAN -> List.of(column + " in (0, 1)");
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
            case LONG_TEXT, SERIAL -> List.of();
        };
    }

    @Override
    public String preamble() {
        return "-- SQLite checks foreign keys only in connections that switch them on\npragma foreign_keys = on;\n";
    }

    private static final TableSql TABLES = new TableSql() {
        /** A column is counted up only when it is declared as the whole key. */
        @Override
        boolean declaresKeyInline() {
            return true;
        }

        @Override
        String counted(Identity by, boolean wholeKey) {
            return "";
        }

        @Override
        Identity kept(Identity by) {
            return Identity.BY_ONE;
        }

        @Override
        String keptComment(String comment) {
            return "";
        }

        @Override
        String keptColumnComment(String comment) {
            return "";
        }

        @Override
        boolean hasSequences() {
            return false;
        }

        @Override
        boolean altersColumns() {
            return false;
        }
    };

    private static final FormulaFunctions FUNCTIONS = new FormulaFunctions() {
        @Override
        public String exact(String number, int scale) {
            return "round(" + number + ", " + scale + ")";
        }

        @Override
        public String date(String literal) {
            return literal;
        }

        @Override
        public String substring(List<String> arguments) {
            return "substr(" + String.join(", ", arguments) + ")";
        }

        @Override
        public String right(String text, String count) {
            return "substr(" + text + ", -" + count + ")";
        }

        @Override
        public String text(String whole) {
            return "cast(" + whole + " as text)";
        }

        @Override
        public String whole(String number) {
            return "cast(" + number + " as integer)";
        }

        @Override
        public String divided(Kind kind, String number, String by) {
            return kind == Kind.WHOLE ? super.divided(kind, number, by) : "(cast(" + number + " as real) / " + by + ")";
        }

        /** There need not be functions for it. */
        @Override
        public String toWhole(String function, String number) {
            String cut = whole(number);
            return function.equals("floor")
                    ? "(" + cut + " - (" + number + " < " + cut + "))"
                    : "(" + cut + " + (" + number + " > " + cut + "))";
        }

        @Override
        public String extract(String field, Kind of, String moment) {
            String format =
                    switch (field) {
                        case "year" -> "%Y";
                        case "month" -> "%m";
                        case "day" -> "%d";
                        case "hour" -> "%H";
                        default -> "%M";
                    };
            return "cast(strftime('" + format + "', " + moment + ") as integer)";
        }

        @Override
        String days(String from, String to) {
            return whole("julianday(" + to + ") - julianday(" + from + ")");
        }

        @Override
        String units(int seconds, String from, String to) {
            return "(cast(round((julianday(" + to + ") - julianday(" + from + ")) * 86400000) as integer) / "
                    + seconds * 1000L + ")";
        }

        /** Values have no types. */
        @Override
        public String cast(String value, Type type, String columnType) {
            return value;
        }
    };

    private static final TriggerSql TRIGGERS = new TriggerSql() {
        @Override
        public String refusal(String condition, String message) {
            return "\n  when " + condition + "\nbegin\n  select raise(abort, " + message + ");\nend";
        }

        @Override
        public String action(String statement) {
            return "\nbegin\n  " + statement + ";\nend";
        }
    };

    private static final ListSql LISTS = new ListSql() {
        @Override
        public boolean checksElements(boolean array, boolean ranged) {
            return false;
        }

        @Override
        public String empty(boolean array) {
            return "'[]'";
        }

        @Override
        public String isJsonArray(String column) {
            return "json_valid(" + column + ") and json_type(" + column + ") = 'array'";
        }

        @Override
        public String jsonHas(String column, boolean numeric) {
            return "? in (select value from json_each(" + column + "))";
        }

        @Override
        public String jsonAppended(String column, boolean numeric) {
            return "json_insert(" + column + ", '$[#]', ?)";
        }
    };

    @Override
    public DefaultSql defaults() {
        String drawn = "substr(hex(randomblob(2)), 2) || '-' || substr('89ab', 1 + (abs(random()) % 4), 1)"
                + " || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6))))";
        String milliseconds = "cast((julianday('now') - 2440587.5) * 86400000 as integer)";
        return new DefaultSql(
                new DefaultSql.Uuid(
                        "(lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || " + drawn, oldest()),
                new DefaultSql.Uuid(
                        "(lower(printf('%08x-%04x-7', " + milliseconds + " >> 16, " + milliseconds + " & 65535) || "
                                + drawn,
                        oldest()),
                DefaultSql::inSqlite);
    }
}
