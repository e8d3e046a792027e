package jasperwing.dialect;

import jasperwing.formula.Kind;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.SqlType;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * SQL Server. It counts the characters of texts in units of UTF-16, takes spaces at the end of a text for nothing where it compares, knows no
 * truth values but in conditions, and has triggers of statements instead of rows, so that a script has none.
 */
final class SqlServer extends Dialect {
    /** The order of all texts of which nothing else is said: by the numbers of their characters. */
    static final String OF_CHARACTERS = "Latin1_General_100_BIN2";

    /** Longer texts have no length of their own. */
    private static final int MOST_IN_ROW = 4000;

    private static final int LONGEST_KEY = 400;
    private static final int MICROSECONDS = 6;
    private static final int MOST_INDEXED_BYTES = 1700;
    private static final int BYTES_OF_CHARACTER = 2;
    private static final int BYTES_OF_NUMBER = 17;

    private static final Set<Scalar> UNBOUNDED = Set.of(Scalar.LONG_TEXT, Scalar.BINARY, Scalar.JSON);

    private static final Map<String, String> COLLATIONS = SqlNames.collations(
            "_100_CS_AS",
            "cs Czech da Danish_Greenlandic de Latin1_General el Greek en Latin1_General es Modern_Spanish et Estonian fi Finnish_Swedish "
                    + "fr French hr Croatian hu Hungarian is Icelandic it Latin1_General ja Japanese_XJIS lt Lithuanian lv Latvian "
                    + "nb Norwegian nl Latin1_General nn Norwegian no Norwegian pl Polish pt Latin1_General ro Romanian ru Cyrillic_General "
                    + "sk Slovak sl Slovenian sv Finnish_Swedish th Thai tr Turkish uk Ukrainian vi Vietnamese");

    SqlServer() {
        super("SQL Server", "2017", 128, FUNCTIONS, new SqlServerTables(), Optional.empty(), LISTS);
    }

    @Override
    public boolean hasNamespaces() {
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
    public boolean indexesSomeRows() {
        return true;
    }

    @Override
    public boolean takesSeveralNulls() {
        return false;
    }

    @Override
    public boolean takesSeveralCascades() {
        return false;
    }

    @Override
    public boolean includesColumns() {
        return true;
    }

    @Override
    public int mostIndexedBytes() {
        return MOST_INDEXED_BYTES;
    }

    @Override
    public int indexedBytes(SqlType type) {
        return switch (type.kind()) {
            case VARCHAR -> BYTES_OF_CHARACTER * type.size();
            case TEXT, JSON, BINARY -> MOST_INDEXED_BYTES;
            default -> BYTES_OF_NUMBER;
        };
    }

    @Override
    public boolean canIndex(Type type) {
        return type.match(
                text -> text.length() * BYTES_OF_CHARACTER <= MOST_INDEXED_BYTES,
                decimal -> true,
                plain -> !UNBOUNDED.contains(plain.scalar()),
                named -> true);
    }

    @Override
    public boolean isTransactional() {
        return true;
    }

    @Override
    String quoted(String name) {
        return '[' + name.replace("]", "]]").replace("\0", "") + ']';
    }

    @Override
    public String literal(String text) {
        return "N" + super.literal(text);
    }

    @Override
    public String moment(Type type, String text) {
        return SqlNames.literal(text);
    }

    @Override
    public String truth(String word) {
        return word.equals("true") ? "1" : "0";
    }

    @Override
    public String now(Type type) {
        return type.is(Scalar.DATE)
                ? "cast(sysdatetime() as date)"
                : type.is(Scalar.TIME)
                        ? "cast(sysdatetime() as time(6))"
                        : type.is(Scalar.TIMESTAMP) ? "sysdatetimeoffset()" : "sysdatetime()";
    }

    @Override
    public SqlType text(int length) {
        return length > MOST_IN_ROW ? SqlType.of(SqlType.Kind.TEXT) : super.text(length);
    }

    /** Texts without a length can be in no index. */
    @Override
    public SqlType keyText() {
        return SqlType.of(SqlType.Kind.VARCHAR, LONGEST_KEY);
    }

    @Override
    public SqlType type(Scalar scalar) {
        return switch (scalar) {
            case TIME -> SqlType.of(SqlType.Kind.TIME, MICROSECONDS);
            case TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP, MICROSECONDS).withZone();
            case LOCAL_TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP, MICROSECONDS);
            case JSON -> SqlType.of(SqlType.Kind.TEXT);
            default -> super.type(scalar);
        };
    }

    @Override
    String plain(SqlType type) {
        String size = type.size() == SqlType.UNSAID ? "" : "(" + type.size() + ")";
        return switch (type.kind()) {
            case CHAR -> "nchar" + size;
            case VARCHAR -> "nvarchar" + size;
            case TEXT, JSON -> "nvarchar(max)";
            case INTEGER -> "int";
            case DOUBLE -> "float";
            case BOOLEAN -> "bit";
            case TIMESTAMP -> (type.zoned() ? "datetimeoffset" : "datetime2") + size;
            case UUID -> "uniqueidentifier";
            case BINARY -> "varbinary(max)";
            default -> super.plain(type);
        };
    }

    /** A {@code timestamp} is a number of a row's version. */
    @Override
    Map<String, SqlType> ownWords() {
        return Map.of(
                "nvarchar(max)", SqlType.of(SqlType.Kind.TEXT),
                "varchar(max)", SqlType.of(SqlType.Kind.TEXT),
                "varbinary(max)", SqlType.of(SqlType.Kind.BINARY),
                "bit", SqlType.of(SqlType.Kind.BOOLEAN),
                "float", SqlType.of(SqlType.Kind.DOUBLE),
                "uniqueidentifier", SqlType.of(SqlType.Kind.UUID),
                "timestamp", SqlType.other("timestamp"),
                "text", SqlType.other("text"),
                "datetime", SqlType.other("datetime"));
    }

    @Override
    public String textCast() {
        return "nvarchar(max)";
    }

    @Override
    public Optional<String> collation(String language) {
        return Optional.ofNullable(COLLATIONS.get(language));
    }

    /** The function of its own passes over spaces at the end. */
    @Override
    public String length(String text) {
        return "(len(" + text + " + N'.') - 1)";
    }

    /** A condition is no value that could be compared. */
    @Override
    public String nullTogether(String one, String other) {
        return "(" + one + " is null and " + other + " is null or " + one + " is not null and " + other
                + " is not null)";
    }

    @Override
    public Optional<String> pattern(String java) {
        return Optional.empty();
    }

    @Override
    public List<String> heldToType(Type type, String column) {
        return type.match(
                text -> text(text.length()).is(SqlType.Kind.TEXT)
                        ? List.of(length(column) + " <= " + text.length())
                        : List.of(),
                decimal -> List.of(),
                plain -> plain.scalar() == Scalar.JSON ? List.of("isjson(" + column + ") = 1") : List.of(),
                named -> List.of());
    }

    /** Without these, indexes of some rows and of what is computed are refused. */
    @Override
    public String preamble() {
        return "set quoted_identifier on;\nset ansi_nulls on;\nset xact_abort on;\n";
    }

    @Override
    public String begin() {
        return "begin transaction";
    }

    @Override
    public String batchSeparator() {
        return "go";
    }

    private static final FormulaFunctions FUNCTIONS = new FormulaFunctions() {
        @Override
        public String truth(String condition) {
            return "cast(case when " + condition + " then 1 when not " + condition + " then 0 end as bit)";
        }

        @Override
        public String condition(String value) {
            return "(" + value + " = 1)";
        }

        @Override
        public String word(String word) {
            return switch (word) {
                case "true" -> "cast(1 as bit)";
                case "false" -> "cast(0 as bit)";
                default -> word;
            };
        }

        @Override
        public String unsorted(String column) {
            return byCharacters(column);
        }

        @Override
        public String byCharacters(String text) {
            return text + " collate " + OF_CHARACTERS;
        }

        @Override
        public String date(String literal) {
            return "cast(" + literal + " as date)";
        }

        @Override
        public String concat(List<String> texts) {
            return "(" + texts.get(0) + " + " + texts.get(1) + ")";
        }

        /** It must be told how many. */
        @Override
        public String substring(List<String> arguments) {
            String most = arguments.size() == 3 ? arguments.get(2) : "2147483647";
            return "substring(" + arguments.get(0) + ", " + arguments.get(1) + ", " + most + ")";
        }

        @Override
        public String replaced(String text, String sought, String instead) {
            return super.replaced(text + " collate Latin1_General_BIN2", sought, instead);
        }

        @Override
        public String text(String whole) {
            return "cast(" + whole + " as nvarchar(20))";
        }

        @Override
        public String wide(String whole) {
            return whole(whole);
        }

        @Override
        public String rounded(String number) {
            return "round(" + number + ", 0)";
        }

        @Override
        public String divided(Kind kind, String number, String by) {
            return "(" + (kind == Kind.DECIMAL ? precise(number) : number) + " / " + by + ")";
        }

        private String precise(String number) {
            return "cast(" + number + " as decimal(38,12))";
        }

        @Override
        public String averaged(Kind kind, String number) {
            return kind == Kind.REAL ? number : precise(number);
        }

        @Override
        public String extract(String field, Kind of, String moment) {
            return "datepart(" + field + ", " + moment + (of == Kind.TIMESTAMP ? " at time zone 'UTC'" : "") + ")";
        }

        @Override
        String days(String from, String to) {
            return "datediff(day, " + from + ", " + to + ")";
        }

        @Override
        String units(int seconds, String from, String to) {
            return "(datediff_big(millisecond, " + from + ", " + to + ") / " + seconds * 1000L + ")";
        }
    };

    private static final ListSql LISTS = new ListSql() {
        @Override
        public boolean checksElements(boolean array, boolean ranged) {
            return false;
        }

        @Override
        public String empty(boolean array) {
            return "N'[]'";
        }

        @Override
        public String isJsonArray(String column) {
            return "isjson(" + column + ") = 1 and ltrim(" + column + ") like N'[[]%'";
        }

        @Override
        public String jsonHas(String column, boolean numeric) {
            return "? in (select value from openjson(" + column + "))";
        }

        @Override
        public String jsonAppended(String column, boolean numeric) {
            return "json_modify(" + column + ", 'append $', ?)";
        }
    };

    @Override
    public DefaultSql defaults() {
        return new DefaultSql(
                new DefaultSql.Uuid("newid()", oldest()),
                new DefaultSql.Uuid(
                        "cast(stuff(convert(char(12), cast(datediff_big(millisecond, '1970-01-01', sysutcdatetime()) as binary(6)),"
                                + " 2), 9, 0, '-') + '-7' + substring(convert(char(36), newid()), 16, 21) as uniqueidentifier)",
                        oldest()),
                DefaultSql.byFunction(this));
    }
}
