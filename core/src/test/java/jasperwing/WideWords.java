package jasperwing;

import java.util.List;

/** What {@link WideDesigns} are put together from: sound and wrong pieces of the notation, in which {@code %s} stands for a role. */
final class WideWords {
    static final List<String> ENTITIES =
            List.of("Boat", "Diver", "Trip", "Harbour", "Permit", "Chart", "of one", "Ünit", "order", "Enrolment");

    static final List<String> ORDERS = List.of(
            "in order of day",
            "in falling order of day, amount",
            "in order of hue, falling spot.north, spot.hue",
            "in falling order of seen, rising name",
            "in order of nothing, amount",
            "in an order kept in amount",
            "in an order kept in name");

    static final List<String> TYPES = List.of(
            "text(40)",
            "text(1)",
            "long text",
            "int",
            "small int",
            "big int",
            "serial",
            "uuid",
            "decimal(8,2)",
            "decimal(38,0)",
            "real",
            "boolean",
            "date",
            "time",
            "timestamp",
            "local timestamp",
            "duration",
            "binary",
            "json",
            "Hue",
            "Grade",
            "Spot",
            "Extent",
            "Gone");

    static final List<String> RULES = List.of(
            "unique",
            "default 4",
            "default red",
            "default \"it's\"",
            "default now",
            "default today",
            "default uuid",
            "default uuid version 7",
            "counted from 1000",
            "counted from 5 by 10",
            "default today + 14 days",
            "default now - 90 minutes",
            "default true",
            "default 2026-02-30",
            "from 3 to 9",
            "from 9 to 3",
            "up to 4",
            "from 2020-01-01",
            "longer than 3",
            "matching /[A-Z]{2}\\d+/",
            "matching /(/",
            "set on insert",
            "set on update",
            "ignoring case",
            "sorted as sv",
            "label \"A label\"",
            "column \"Odd col\"",
            "was former",
            "\"documented\"",
            "key");

    static final List<String> FORMULAS = List.of(
            "amount + 1",
            "count(%s)",
            "sum(%s.amount)",
            "sum(%s.amount where day is null or hue = \"red\")",
            "count(%s where amount > 3 and name <> \"\")",
            "max(%s.amount where nothing)",
            "days_between(day, today)",
            "max(%s.%s.day)",
            "%s.name || \"x\"",
            "%s.%s.amount",
            "spot.east * 2",
            "case when amount > 3 then amount else null end",
            "coalesce(amount, 1)",
            "minutes_between(day, day)",
            "avg(%s.spot.east)",
            "extract(year from day)",
            "name = \"x\" and amount is not null",
            "round(amount / 0, 2)",
            "%s.sum2 + 1",
            "sum2",
            "min(%s.id)",
            "%s.hue = \"red\"",
            "substring(name from 2 for 3)",
            "left(name, 2) || right(name, 1)",
            "concat(name, to_text(amount))",
            "replace(name, \"a\", hue)",
            "exists(%s)",
            "%s is null",
            "%s.id",
            "name in (\"a\", \"b\")");

    static final List<String> NAMING = List.of(
            "schema \"ours\"",
            "tables begin with \"w_\"",
            "tables in the singular",
            "join tables named after both",
            "keys named after their table",
            "constraints end in their kind");

    static final List<String> CONSTRAINTS = List.of("given", "given", "Given name", "pk_boats");

    static final List<String> MESSAGES =
            List.of("must be more than nothing", "Ünter ${x} {y}", "it's so", "must be more than nothing", "*/");

    static final List<String> CONDITIONS = List.of(
            "amount > 3",
            "amount is null or amount <> 4",
            "name <> \"x\" or hue = \"red\"",
            "spot.east < 90",
            "spot.east is not null",
            "extract(year from day) >= 2000 and not draft",
            "case when hue = \"red\" then amount > 1 else amount > 2 end",
            "%s.amount > amount",
            "%s is not null or amount > 3",
            "%s is null",
            "%s.id <> id or %s.code = \"x\"",
            "count(%s) < 9",
            "count(%s where amount > 3) < 9",
            "day <= today and exists(%s where day < today)",
            "exists(%s where spot.north > 3)",
            "%s.s is s",
            "%s is not r or amount > 3",
            "amount > 4, held by triggers",
            "%s.amount > amount, held by triggers",
            "amount > 5, held by classes",
            "sum2 > 3",
            "char_length(name) >= 1",
            "apart(day, day, %s)",
            "apart(amount, amount, hue)",
            "apart(spot.east, spot.north), held by triggers",
            "not apart(day, day)",
            "1 < 2",
            "name",
            "gone > 2");

    private WideWords() {}
}
