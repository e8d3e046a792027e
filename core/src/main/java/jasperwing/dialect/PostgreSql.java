package jasperwing.dialect;

import jasperwing.formula.Kind;
import jasperwing.physical.Identity;
import jasperwing.physical.SqlType;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** PostgreSQL. Its orders of languages are those of ICU. */
final class PostgreSql extends Dialect {
    private static final RegexTranslator PATTERNS =
            new RegexTranslator("[^\\n\\r\\u0085\\u2028\\u2029]", false, RegexTranslator.MOST_REPEATS);

    private static final Set<String> ICU =
            Set.of(("af ak am ar as az be bg bm bn bo br bs ca ce cs cy da de dz ee el en eo es et eu fa "
                            + "ff fi fo fr fy ga gd gl gu gv ha he hi hr hu hy id ig ii is it ja ka ki kk kl km kn ko ks kw ky lb lg ln lo lt "
                            + "lu lv mg mk ml mn mr ms mt my nb nd ne nl nn om or os pa pl ps pt qu rm rn ro ru rw se sg si sk sl sn so sq sr "
                            + "sv sw ta te tg th ti to tr tt ug uk ur uz vi wo yi yo zh zu")
                    .split(" "));

    PostgreSql() {
        super("PostgreSQL", "12", 63, FUNCTIONS, TABLES, Optional.of(TRIGGERS), LISTS);
    }

    @Override
    public boolean excludesOverlaps() {
        return true;
    }

    @Override
    public boolean hasNamespaces() {
        return true;
    }

    @Override
    public boolean defersKeys() {
        return true;
    }

    @Override
    public boolean hasEnumTypes() {
        return true;
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
    public boolean includesColumns() {
        return true;
    }

    @Override
    public boolean isTransactional() {
        return true;
    }

    @Override
    String plain(SqlType type) {
        return switch (type.kind()) {
            case DECIMAL -> "numeric" + StandardTypes.digits(type);
            case TIMESTAMP -> type.zoned() && type.size() == SqlType.UNSAID ? "timestamptz" : super.plain(type);
            case BINARY -> "bytea";
            case JSON -> "jsonb";
            default -> super.plain(type);
        };
    }

    @Override
    public Optional<String> collation(String language) {
        return Optional.of(language).filter(ICU::contains).map(l -> '"' + l + "-x-icu\"");
    }

    @Override
    public Optional<String> pattern(String java) {
        return PATTERNS.translated(java);
    }

    @Override
    public String matches(String text, String pattern) {
        return text + " ~ " + literal("^(?:" + pattern + ")$");
    }

    private static final TableSql TABLES = new TableSql() {
        @Override
        String noColumns() {
            return "";
        }

        @Override
        String counted(Identity by, boolean wholeKey) {
            return identity(by);
        }

        @Override
        String counting(String column, Identity by) {
            return "alter column " + column + " set start with " + by.start() + " set increment by " + by.step();
        }

        @Override
        Optional<String> comment(
                Dialect dialect, String namespace, String table, Optional<String> column, String text) {
            return commentOn(dialect, namespace, table, column, text);
        }
    };

    private static final FormulaFunctions FUNCTIONS = new FormulaFunctions() {
        @Override
        public String byCharacters(String text) {
            return text + " collate \"C\"";
        }

        @Override
        public String wide(String whole) {
            return whole(whole);
        }

        @Override
        public String extract(String field, Kind of, String moment) {
            return whole(super.extract(field, of, moment));
        }

        @Override
        String days(String from, String to) {
            return "(" + to + " - " + from + ")";
        }

        @Override
        String units(int seconds, String from, String to) {
            return whole("trunc(extract(epoch from " + to + " - " + from + ") / " + seconds + ")");
        }
    };

    private static final TriggerSql TRIGGERS = new TriggerSql() {
        @Override
        public boolean takesSeveralEvents() {
            return true;
        }

        @Override
        public String refusal(String condition, String message) {
            return "  if " + condition + " then\n    raise exception using message = " + message
                    + ", errcode = 'integrity_constraint_violation';\n  end if;\n";
        }

        @Override
        public String action(String statement) {
            return "  " + statement + ";\n";
        }

        @Override
        public List<String> create(String name, String function, String table, String when, String row, String body) {
            String mark = mark(body);
            String create = "create function " + function + "() returns trigger language plpgsql as " + mark
                    + "\nbegin\n" + body + "  return " + row + ";\nend " + mark;
            String trigger = "create trigger " + name + " " + when + " on " + table
                    + "\n  for each row execute function " + function + "()";
            return List.of(create, trigger);
        }

        @Override
        public List<String> drop(String name, String function, String table) {
            return List.of("drop trigger " + name + " on " + table, "drop function " + function + "()");
        }
    };

    /** What quotes the body of a function and does not stand in it. */
    private static String mark(String body) {
        String mark = "$$";
        for (int i = 1; body.contains(mark); i++) {
            mark = "$body" + i + "$";
        }
        return mark;
    }

    /** What its catalog calls types that SQL calls otherwise. */
    private static final Map<String, String> INTERNAL = Map.of(
            "integer", "int4",
            "bigint", "int8",
            "smallint", "int2",
            "double precision", "float8",
            "boolean", "bool",
            "timestamp with time zone", "timestamptz");

    private static final ListSql LISTS = new ListSql() {
        @Override
        public String catalogName(String type) {
            String plain = type.replaceFirst("\\(.*\\)", "");
            return "_" + INTERNAL.getOrDefault(plain, plain);
        }

        @Override
        public boolean hasArrays() {
            return true;
        }

        @Override
        public boolean checksArrays() {
            return true;
        }

        @Override
        public boolean checksElements(boolean array, boolean ranged) {
            return true;
        }

        @Override
        public boolean indexesElements() {
            return true;
        }

        @Override
        public String empty(boolean array) {
            return array ? "'{}'" : "'[]'";
        }

        @Override
        public String isJsonArray(String column) {
            return "jsonb_typeof(" + column + ") = 'array'";
        }

        @Override
        public String jsonText(String column) {
            return column + "::text";
        }

        @Override
        public String jsonHas(String column, boolean numeric) {
            return column + " @> " + element(numeric);
        }

        @Override
        public String jsonAppended(String column, boolean numeric) {
            return column + " || " + element(numeric);
        }

        private String element(boolean numeric) {
            return "to_jsonb(?::" + (numeric ? "numeric" : "text") + ")";
        }
    };

    @Override
    public DefaultSql defaults() {
        return new DefaultSql(
                new DefaultSql.Uuid("gen_random_uuid()", "13"),
                new DefaultSql.Uuid(
                        "((lpad(to_hex((extract(epoch from clock_timestamp()) * 1000)::bigint), 12, '0'::text) || '7'::text"
                                + " || substr(gen_random_uuid()::text, 16))::uuid)",
                        "13"),
                DefaultSql::inPostgreSql);
    }
}
