package jasperwing.dialect;

import jasperwing.formula.Kind;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.SqlType;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * MariaDB. Its orders of languages are the tailorings of the Unicode collation algorithm that tell capitals and accents apart, and its root order
 * for languages that have no other by CLDR.
 */
final class MariaDb extends Dialect {
    /** The order of all texts of which nothing else is said: by their characters' numbers, spaces included. */
    static final String OF_CHARACTERS = "utf8mb4_nopad_bin";

    /** Rows have no room for many longer texts; these are kept beside the row. */
    private static final int MOST_IN_ROW = 1000;

    /** The digits of a second's fraction. */
    private static final int MICROSECONDS = 6;

    private static final int MOST_INDEXED_CHARACTERS = 768;
    private static final int MOST_INDEXED_BYTES = 3072;
    static final int INDEXED_OF_WIDE_TEXT = 191;
    private static final int BYTES_OF_CHARACTER = 4;
    private static final int BYTES_OF_NUMBER = 16;
    private static final Set<Scalar> UNBOUNDED = Set.of(Scalar.LONG_TEXT, Scalar.BINARY, Scalar.JSON);

    private static final Pattern BEYOND_BASIC_PLANE = Pattern.compile("[\\x{10000}-\\x{10FFFF}]");

    private static final RegexTranslator PATTERNS =
            new RegexTranslator("[^\\n\\r\\x{85}\\x{2028}\\x{2029}]", true, Integer.MAX_VALUE);

    private static final Map<String, String> TAILORED = SqlNames.collations(
            "_",
            "cs czech da danish eo esperanto es spanish et estonian fa persian fi swedish hr croatian hu hungarian is icelandic "
                    + "lt lithuanian lv latvian nb danish nn danish pl polish ro romanian si sinhala sk slovak sl slovenian sv swedish "
                    + "tr turkish vi vietnamese");

    private static final Set<String> ROOT = Set.of("ca", "de", "en", "fr", "ga", "id", "it", "ms", "nl", "pt", "sw");

    MariaDb() {
        super("MariaDB", "10.7", 64, FUNCTIONS, new MariaDbTables(), Optional.of(TRIGGERS), LISTS);
    }

    @Override
    public int mostIndexedBytes() {
        return MOST_INDEXED_BYTES;
    }

    @Override
    public int indexedBytes(SqlType type) {
        return switch (type.kind()) {
            case VARCHAR -> BYTES_OF_CHARACTER * type.size();
            case TEXT -> BYTES_OF_CHARACTER * INDEXED_OF_WIDE_TEXT;
            case JSON, BINARY -> MOST_INDEXED_BYTES;
            default -> BYTES_OF_NUMBER;
        };
    }

    @Override
    public boolean canIndex(Type type) {
        return type.match(
                text -> text.length() <= MOST_INDEXED_CHARACTERS,
                decimal -> true,
                plain -> !UNBOUNDED.contains(plain.scalar()),
                named -> true);
    }

    @Override
    public boolean checksEmptied() {
        return false;
    }

    @Override
    public Counters counters() {
        return new Counters(true, false, false, false);
    }

    /** There are no names with characters beyond the basic plane or with a space at their end. */
    @Override
    public String possible(String name) {
        return BEYOND_BASIC_PLANE
                .matcher(name)
                .replaceAll(r -> String.format("u%x", r.group().codePointAt(0)))
                .replaceAll("\\s$", "_");
    }

    @Override
    String quoted(String name) {
        return "`" + possible(name).replace("`", "``").replace("\0", "") + "`";
    }

    @Override
    public String literal(String text) {
        return escaped(text);
    }

    static String escaped(String text) {
        return SqlNames.literal(text.replace("\\", "\\\\"));
    }

    @Override
    String text(String literal) {
        return super.text(literal).replace("\\\\", "\\");
    }

    /** Moments are kept without a zone, those with one in UTC. */
    @Override
    public String moment(Type type, String text) {
        if (type.is(Scalar.TIMESTAMP)) {
            OffsetDateTime utc = OffsetDateTime.parse(text).withOffsetSameInstant(ZoneOffset.UTC);
            return literal(utc.toLocalDateTime().toString().replace('T', ' '));
        }
        return literal(type.is(Scalar.LOCAL_TIMESTAMP) ? text.replace('T', ' ') : text);
    }

    @Override
    public String now(Type type) {
        String now = super.now(type);
        return now.equals("current_timestamp") ? "current_timestamp(6)" : "(" + now + ")";
    }

    @Override
    public SqlType text(int length) {
        return length > MOST_IN_ROW ? SqlType.of(SqlType.Kind.TEXT) : super.text(length);
    }

    @Override
    public SqlType type(Scalar scalar) {
        return switch (scalar) {
            case TIME -> SqlType.of(SqlType.Kind.TIME, MICROSECONDS);
            case TIMESTAMP, LOCAL_TIMESTAMP -> SqlType.of(SqlType.Kind.TIMESTAMP, MICROSECONDS);
            default -> super.type(scalar);
        };
    }

    @Override
    String plain(SqlType type) {
        return switch (type.kind()) {
            case TEXT -> "longtext";
            case INTEGER -> "int";
            case DOUBLE -> "double";
            case TIMESTAMP -> "datetime(" + type.size() + ")";
            case BINARY -> "longblob";
            default -> super.plain(type);
        };
    }

    /** Its shorter texts and bytes are types of their own, and a {@code timestamp} is kept in the zone of the connection. */
    @Override
    Map<String, SqlType> ownWords() {
        return Map.of(
                "text", SqlType.other("text"),
                "blob", SqlType.other("blob"),
                "timestamp", SqlType.other("timestamp"),
                "tinyint(1)", SqlType.of(SqlType.Kind.BOOLEAN));
    }

    @Override
    public String textCast() {
        return "char";
    }

    @Override
    public Optional<String> collation(String language) {
        return Optional.ofNullable(ROOT.contains(language) ? "" : TAILORED.get(language))
                .map(l -> "utf8mb4_uca1400_" + l + "nopad_as_cs");
    }

    @Override
    public String length(String text) {
        return "char_length(" + text + ")";
    }

    @Override
    public Optional<String> pattern(String java) {
        return PATTERNS.translated(java);
    }

    /** A truth value may be any small number, and a text beside the row of any length. */
    @Override
    public List<String> heldToType(Type type, String column) {
        return type.match(
                text -> text(text.length()).is(SqlType.Kind.TEXT)
                        ? List.of(length(column) + " <= " + text.length())
                        : List.of(),
                decimal -> List.of(),
                plain -> plain.scalar() == Scalar.BOOLEAN ? List.of(column + " in (0, 1)") : List.of(),
                named -> List.of());
    }

    @Override
    public String defaultValues() {
        return " () values ()";
    }

    private static final FormulaFunctions FUNCTIONS = new FormulaFunctions() {
        @Override
        public String unsorted(String column) {
            return "(" + column + " collate " + OF_CHARACTERS + ")";
        }

        @Override
        public String text(String whole) {
            return "cast(" + whole + " as char(20) character set utf8mb4)";
        }

        @Override
        public String concat(List<String> texts) {
            return "concat(" + String.join(", ", texts) + ")";
        }

        @Override
        public String whole(String number) {
            return "cast(" + number + " as signed)";
        }

        @Override
        public String divided(Kind kind, String number, String by) {
            String operator = kind == Kind.WHOLE ? " div " : " / ";
            return "(" + (kind == Kind.DECIMAL ? precise(number) : number) + operator + by + ")";
        }

        /** Four digits are added when it divides; this gives it more to begin with. */
        private String precise(String number) {
            return "cast(" + number + " as decimal(38,12))";
        }

        @Override
        public String extract(String field, Kind of, String moment) {
            return "extract(" + field + " from " + moment + ")";
        }

        @Override
        public String between(String unit, Kind of, String from, String to) {
            return "timestampdiff(" + unit + ", " + from + ", " + to + ")";
        }

        @Override
        String days(String from, String to) {
            return between("day", Kind.DATE, from, to);
        }

        @Override
        String units(int seconds, String from, String to) {
            return "(" + between("second", Kind.TIMESTAMP, from, to) + " div " + seconds + ")";
        }

        @Override
        public String averaged(Kind kind, String number) {
            return kind == Kind.DECIMAL ? precise(number) : number;
        }

        /** There are no casts to smaller numbers. */
        @Override
        public String cast(String value, Type type, String columnType) {
            return type.match(
                    text -> "cast(" + value + " as char(" + text.length() + "))",
                    decimal -> cast(value, decimal),
                    plain -> plain.scalar().isInteger() ? whole(value) : value,
                    named -> value);
        }
    };

    private static final TriggerSql TRIGGERS = new TriggerSql() {
        @Override
        public boolean changesItsTable() {
            return false;
        }

        @Override
        public String delimiter() {
            return "//";
        }

        @Override
        public String refusal(String condition, String message) {
            return "\n  if " + condition + " then\n    signal sqlstate '23000' set message_text = " + message
                    + ";\n  end if";
        }

        @Override
        public String action(String statement) {
            return "\n  " + statement;
        }
    };

    private static final ListSql LISTS = new ListSql() {
        @Override
        public boolean checksElements(boolean array, boolean ranged) {
            return true;
        }

        @Override
        public String empty(boolean array) {
            return "('[]')";
        }

        @Override
        public String isJsonArray(String column) {
            return "json_type(" + column + ") = 'ARRAY'";
        }

        @Override
        public String jsonHas(String column, boolean numeric) {
            return "json_contains(" + column + ", json_quote(?))";
        }

        @Override
        public String jsonAppended(String column, boolean numeric) {
            return "json_array_append(" + column + ", '$', ?)";
        }
    };

    @Override
    public DefaultSql defaults() {
        String drawn = "sha2(concat(uuid(), rand()), 256)";
        return new DefaultSql(
                new DefaultSql.Uuid("(uuid())", oldest()),
                new DefaultSql.Uuid(
                        "(concat(lpad(hex(floor(unix_timestamp(current_timestamp(3)) * 1000)), 12, '0'), '7', left("
                                + drawn + ", 3), substr('89ab', 1 + floor(rand() * 4), 1), left(" + drawn + ", 15)))",
                        oldest()),
                DefaultSql::inMariaDb);
    }
}
