package jasperwing.formula;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Formulas of every kind over a few rows, with what each gives for each row, wherever it is computed. */
public final class Formulas {
    private Formulas() {}

    /** Of each attribute its type, its formula, and what it gives for the boats 1 to 4; null where it gives nothing. */
    private static final String[][] ROWS = {
        {"total", "big int", "crew * 1000000000 + 1", "4000000001", "1", "null", "-2999999999"},
        {"half", "int", "crew / 2", "2", "0", "null", "-1"},
        {"share", "decimal(8,3)", "fee / crew", "3.125", "null", "null", "-3.333"},
        {"thirds", "decimal(12,6)", "fee / 3", "4.166667", "0.033333", "null", "3.333333"},
        {"rest", "int", "mod(crew, 3)", "1", "0", "null", "0"},
        {"byNought", "int", "crew / (crew - crew)", "null", "null", "null", "null"},
        {"rounded", "int", "round(fee)", "13", "0", "null", "10"},
        {"tenth", "decimal(8,1)", "round(fee, 1)", "12.5", "0.1", "null", "10"},
        {"below", "int", "floor(-fee)", "-13", "-1", "null", "-10"},
        {"above", "int", "ceiling(fee)", "13", "1", "null", "10"},
        {"away", "int", "abs(-crew)", "4", "0", "null", "3"},
        {"speedy", "real", "speed * 2 + crew", "7", "1", "null", "-2"},
        {"hail", "text(60)", "upper(name) || \"-\" || lower(trim(mark))", "AVOCET-ab", "null", "KNOT-x", "O'HARE\\-#"},
        {"letters", "int", "char_length(name)", "6", "5", "4", "7"},
        {"part", "text(3)", "substring(name from 2 for 3)", "voc", "nuo", "not", "'Ha"},
        {"tail", "text(60)", "substring(name from 5)", "et", "t", "", "re\\"},
        {"first", "text(3)", "left(name, 3)", "Avo", "Dnu", "Kno", "O'H"},
        {"lastTwo", "text(2)", "right(name, 2)", "et", "ot", "ot", "e\\"},
        {"lastFive", "text(5)", "right(name, 5)", "vocet", "Dnuot", "Knot", "Hare\\"},
        {"swapped", "text(80)", "replace(name, 'o', '00')", "Av00cet", "Dnu00t", "Kn00t", "O'Hare\\"},
        {"told", "text(60)", "concat(name, '/', mark)", "Avocet/ AB ", "Dnuot/", "Knot/X", "O'Hare\\/#"},
        {"numbered", "text(30)", "to_text(crew) || ' crew'", "4 crew", "0 crew", "null", "-3 crew"},
        {"berthed", "boolean", "port is not null", "true", "true", "false", "true"},
        {"sailing", "boolean", "exists(trips)", "true", "true", "false", "false"},
        {"sorted", "boolean", "name < mark", "false", "null", "true", "false"},
        {"early", "boolean", "built < 2001-01-01 and not sold", "true", "false", "null", "false"},
        {"either", "boolean", "sold or crew is null", "false", "true", "true", "true"},
        {"within", "boolean", "fee between 5 and 20", "true", "false", "null", "true"},
        {"kindly", "boolean", "state in (\"afloat\", \"sunk\")", "true", "false", "true", "false"},
        {"notKindly", "boolean", "state not in (\"afloat\", \"sunk\")", "false", "true", "false", "true"},
        {"fallback", "int", "coalesce(crew, 7)", "4", "0", "7", "-3"},
        {"unless", "int", "nullif(crew, 4)", "null", "0", "null", "-3"},
        {
            "size",
            "text(10)",
            "case when crew is null then 'none' when crew > 3 then 'many' else 'few' end",
            "many",
            "few",
            "none",
            "few"
        },
        {"builtIn", "int", "extract(year from built)", "1999", "2020", "null", "2024"},
        {"launchHour", "int", "extract(hour from launched)", "8", "23", "null", "0"},
        {"minutes", "int", "minutes_between(launched, landed)", "45", "-1", "null", "1440"},
        {"hours", "big int", "hours_between(launched, landed)", "0", "0", "null", "24"},
        {"seconds", "big int", "seconds_between(launched, landed)", "2759", "-90", "null", "86400"},
        {"days", "int", "days_between(built, 2024-03-01)", "9132", "1461", "null", "1"},
        {"deep", "int", "(half + 1) * 2", "6", "2", "null", "0"},
        {"north", "decimal(9,6)", "spot.latitude + 0.5", "54.75", "0.5", "null", "-53.5"},
        {"past", "boolean", "built < today", "true", "true", "null", "true"},
        {"afloatYet", "boolean", "launched <= now", "true", "true", "null", "true"},
        {"noDays", "int", "days_between(today, today)", "0", "0", "0", "0"},
        {"ago", "boolean", "hours_between(launched, now) > 1", "true", "true", "null", "true"},
        {"portName", "text(80)", "port.name", "Husum", "Husum", "null", "Büsum"},
        {
            "portTown",
            "text(99)",
            "port.name || \" (\" || port.region.name || \")\"",
            "Husum (North)",
            "Husum (North)",
            "null",
            "null"
        },
        {"portLoud", "text(80)", "port.loud", "HUSUM!", "HUSUM!", "null", "BÜSUM!"},
        {"tripCount", "int", "count(trips)", "3", "1", "0", "0"},
        {"hauled", "big int", "sum(trips.haul)", "12", "5", "null", "null"},
        {"mean", "decimal(6,2)", "avg(trips.haul)", "4", "5", "null", "null"},
        {"meanWeight", "decimal(8,3)", "avg(trips.weight)", "1.667", "2.25", "null", "null"},
        {"most", "int", "max(trips.haul)", "7", "5", "null", "null"},
        {"firstCode", "text(9)", "min(trips.code)", "B", "z", "null", "null"},
        {"perTrip", "decimal(8,2)", "coalesce(sum(trips.weight), 0) / count(trips)", "1.67", "2.25", "null", "null"},
        {"doubled", "int", "sum(trips.twice)", "24", "10", "null", "null"},
        {"handCount", "int", "count(hands)", "2", "1", "0", "0"},
        {"bigTrips", "int", "count(trips where haul > 2)", "2", "1", "0", "0"},
        {"light", "big int", "sum(trips.haul where weight between 1.5 and 2)", "10", "null", "null", "null"},
        {"small", "int", "max(trips.haul where not code < 'a' or twice = 6)", "3", "5", "null", "null"},
        {"meanBig", "decimal(8,3)", "avg(trips.weight where haul <> 7 and boat.crew > 0)", "1.5", "null", "null", "null"
        },
        {"hauls", "boolean", "exists(trips where haul > 5)", "true", "false", "false", "false"},
        {"neighbours", "int", "count(port.boats where state = 'ashore' and sold)", "1", "1", "0", "1"},
    };

    /** The design: boats with the formulas, their ports, trips and hands. */
    public static Design design() {
        StringBuilder boat = new StringBuilder(
                """
                enum State: afloat, ashore, sunk
                value Point
                  latitude decimal(9,6)
                  longitude decimal(9,6)?
                entity Region
                  id serial key
                  name text(40)
                entity Port
                  id serial key
                  name text(40)
                  loud text(41) = case when name = "Büsum" then "BÜSUM" else upper(name) end || "!"
                entity Trip
                  id serial key
                  code text(4)
                  haul int
                  weight decimal(6,2)
                  twice int = haul * 2
                entity Hand
                  id serial key
                entity Boat
                  id serial key
                  name text(40)
                  mark text(9)?
                  crew int?
                  fee decimal(8,2)?
                  speed real?
                  built date?
                  sold boolean?
                  launched timestamp?
                  landed timestamp?
                  state State
                  spot Point?
                """);
        for (String[] row : ROWS) {
            boat.append("  ")
                    .append(row[0])
                    .append(' ')
                    .append(row[1])
                    .append(" = ")
                    .append(row[2])
                    .append('\n');
        }
        return Samples.design((boat
                        + """
                        each Boat may lie in one Port as port, which may have many Boat as boats
                        each Port may be in one Region as region, which may have many Port as ports
                        each Trip must be by one Boat as boat, which may make many Trip as trips
                        each Boat may have many Hand as hands, which may work on many Boat as boats
                        """)
                .split("\n"));
    }

    /** The statements that fill the tables, in an order that works. */
    public static List<String> inserts() {
        return List.of(
                "insert into regions (id, name) values (1, 'North')",
                "insert into ports (id, name, region_id) values (1, 'Husum', 1), (2, 'Büsum', null)",
                "insert into hands (id) values (1), (2)",
                boat("1, 'Avocet', ' AB ', 4, 12.50, 1.5, '1999-03-01', false, '2026-03-01 08:10:00',"
                        + " '2026-03-01 08:55:59', 'afloat', 54.25, null, 1"),
                boat("2, 'Dnuot', null, 0, 0.10, 0.5, '2020-03-01', true, '2026-03-01 23:59:59',"
                        + " '2026-03-01 23:58:29', 'ashore', 0, 1.5, 1"),
                boat("3, 'Knot', 'X', null, null, null, null, null, null, null, 'sunk', null, null, null"),
                boat("4, 'O''Hare\\', '#', -3, 10.00, 0.5, '2024-02-29', true, '2026-03-01 00:00:00',"
                        + " '2026-03-02 00:00:00', 'ashore', -54, 8, 2"),
                "insert into trips (id, code, haul, weight, boat_id) values (1, 'a', 2, 1.00, 1), (2, 'C', 3, 2.00, 1),"
                        + " (3, 'B', 7, 2.00, 1), (4, 'z', 5, 2.25, 2)",
                "insert into boat_hands (boat_id, hand_id) values (1, 1), (1, 2), (2, 1)");
    }

    private static String boat(String values) {
        return "insert into boats (id, name, mark, crew, fee, speed, built, sold, launched, landed, state, spot_latitude,"
                + " spot_longitude, port_id) values (" + values + ")";
    }

    /** What each attribute gives, by the attribute; for the boats in order. */
    public static Map<String, List<String>> expected() {
        Map<String, List<String>> expected = new LinkedHashMap<>();
        for (String[] row : ROWS) {
            expected.put(row[0], List.of(row).subList(3, 7));
        }
        return expected;
    }
}
