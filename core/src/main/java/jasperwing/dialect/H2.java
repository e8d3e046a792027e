package jasperwing.dialect;

import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Identity;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import java.util.Map;
import java.util.Optional;

/** H2. Its triggers are written in Java, so that a script has none. */
final class H2 extends Dialect {
    /** The digits of a second's fraction. */
    private static final int MICROSECONDS = 6;

    H2() {
        super("H2", "2.2", 256, FUNCTIONS, TABLES, Optional.empty(), LISTS);
    }

    @Override
    public boolean hasNamespaces() {
        return true;
    }

    @Override
    public int mostRepeats() {
        return Integer.MAX_VALUE;
    }

    @Override
    public boolean canIndex(Type type) {
        return !type.is(Scalar.BINARY);
    }

    @Override
    public SqlType type(Scalar scalar) {
        return switch (scalar) {
            case TIME -> SqlType.of(SqlType.Kind.TIME, MICROSECONDS);
            case TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP, MICROSECONDS).withZone();
            case LOCAL_TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP, MICROSECONDS);
            default -> super.type(scalar);
        };
    }

    @Override
    String plain(SqlType type) {
        return switch (type.kind()) {
            case TEXT -> "varchar";
            case BINARY -> "blob";
            default -> super.plain(type);
        };
    }

    @Override
    Map<String, SqlType> ownWords() {
        return Map.of(
                "varchar", SqlType.of(SqlType.Kind.TEXT),
                "character varying", SqlType.of(SqlType.Kind.TEXT),
                "binary large object", SqlType.of(SqlType.Kind.BINARY));
    }

    @Override
    public String textCast() {
        return "varchar";
    }

    @Override
    public String length(String text) {
        return "char_length(" + text + ")";
    }

    @Override
    public Optional<String> pattern(String java) {
        return Optional.of(java);
    }

    @Override
    public String matches(String text, String pattern) {
        return "regexp_like(" + text + ", " + literal("^(?:" + pattern + ")\\z") + ")";
    }

    private static final TableSql TABLES = new TableSql() {
        @Override
        String noColumns() {
            return "_ varchar";
        }

        /** It makes an index of its own for a foreign key unless there is one already. */
        @Override
        boolean keysComeLast() {
            return true;
        }

        @Override
        String counted(Identity by, boolean wholeKey) {
            return identity(by);
        }

        @Override
        String computed(String type, String expression) {
            return type + " generated always as (" + expression + ")";
        }

        @Override
        Optional<String> comment(
                Dialect dialect, String namespace, String table, Optional<String> column, String text) {
            return commentOn(dialect, namespace, table, column, text);
        }

        /** A foreign key looks beside its own table. */
        @Override
        String usualNamespace() {
            return "public";
        }

        /** Its indexes lie where their tables do, and have to say so. */
        @Override
        String createdIndex(String name, String qualified) {
            return qualified;
        }

        @Override
        SqlExpression kept(SqlExpression expression) {
            return SqlExpression.of(UntrueColumns.compared(expression.sql(), "false"));
        }

        /** It has one word for both. */
        @Override
        ForeignKey.Action kept(ForeignKey.Action action) {
            return action == ForeignKey.Action.NO_ACTION ? ForeignKey.Action.RESTRICT : action;
        }

        @Override
        String renamed(String table, String column, String now) {
            return "alter table " + table + " alter column " + column + " rename to " + now;
        }
    };

    private static final FormulaFunctions FUNCTIONS = new FormulaFunctions() {
        @Override
        public String wide(String whole) {
            return whole(whole);
        }

        @Override
        String days(String from, String to) {
            return "datediff(day, " + from + ", " + to + ")";
        }

        @Override
        String units(int seconds, String from, String to) {
            return whole(
                    "trunc((extract(epoch from " + to + ") - extract(epoch from " + from + ")) / " + seconds + ")");
        }
    };

    private static final ListSql LISTS = new ListSql() {
        @Override
        public boolean hasArrays() {
            return true;
        }

        @Override
        public boolean checksElements(boolean array, boolean ranged) {
            return !(array && ranged);
        }

        @Override
        public String arrayOf(String type) {
            return type + " array";
        }

        @Override
        public String empty(boolean array) {
            return array ? "array[]" : "json '[]'";
        }

        @Override
        public String isJsonArray(String column) {
            return column + " is json array";
        }

        @Override
        public String jsonText(String column) {
            return "cast(" + column + " as varchar)";
        }

        @Override
        public String arrayHas(String column, String arrayType) {
            return "array_contains(" + column + ", ?)";
        }

        @Override
        public String jsonHas(String column, boolean numeric) {
            return "cast(" + column + " as varchar) like '%' || ? || '%'";
        }

        @Override
        public String jsonAppended(String column, boolean numeric) {
            return "? format json";
        }
    };

    @Override
    public DefaultSql defaults() {
        return new DefaultSql(
                new DefaultSql.Uuid("random_uuid()", oldest()),
                new DefaultSql.Uuid("random_uuid(7)", "2.3.230"),
                DefaultSql.byFunction(this));
    }
}
