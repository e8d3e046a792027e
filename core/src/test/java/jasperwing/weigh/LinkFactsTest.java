package jasperwing.weigh;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the ways to keep the pairs of a many-to-many and a one-to-one, tried in every database. */
class LinkFactsTest {
    private static final String ACTOR = "insert into actors (id) values (91)";
    private static final String PLAY = "insert into plays (id) values (92)";

    private static final Design PLAIN = Samples.design(
            "entity Actor",
            "  id serial key",
            "entity Play",
            "  id serial key",
            "each Actor may act in many Play, which may have many Actor");

    private static final Design LINKED = Samples.design(
            "entity Actor",
            "  id serial key",
            "entity Play",
            "  id serial key",
            "entity ActorPlay",
            "each Actor may act in many Play via ActorPlay, which may have many Actor",
            "  deleting Play deletes ActorPlay too");

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void pairs(Dialect dialect) throws SQLException {
        for (Alternative way : weighed(PLAIN, dialect).ways()) {
            pairs(PLAIN, dialect, way);
        }
        for (Alternative way : weighed(LINKED, dialect).ways()) {
            pairs(LINKED, dialect, way);
        }
    }

    private static Alternatives weighed(Design design, Dialect dialect) {
        return Alternatives.ofRelationship(
                        design, dialect, design.relationships().get(0))
                .orElseThrow();
    }

    private static void pairs(Design design, Dialect dialect, Alternative way) throws SQLException {
        try (FactTrial trial = new FactTrial(design, dialect, way)) {
            boolean linked = trial.design().entity("ActorPlay").isPresent();
            List<String> key = trial.primaryKey("actor_plays");
            boolean own = key.size() == 1;
            trial.says("a pair is stored once, by a primary key", !own && !trial.takes(ACTOR, PLAY, pair(1), pair(2)));
            trial.says(
                    "a pair is stored once, by a unique constraint",
                    own && !trial.takes(ACTOR, PLAY, pair(1, own), pair(2, own)));
            trial.says(
                    "the same pair can be stored several times", trial.takes(ACTOR, PLAY, pair(1, own), pair(2, own)));
            deleted(trial, own);
            trial.says("a pair can have attributes", linked);
            trial.says(
                    "a pair has no attributes: no time, no duty, no order",
                    trial.columns("actor_plays").size() == 2 && !linked);
            trial.says("a reference to ActorPlay takes 1 column", linked && key.size() == 1);
            trial.says("a reference to ActorPlay takes 2 columns", linked && key.size() == 2);
            trial.says("a key of 1 column beside those of the pair", own);
            trial.says("2 joins to read", trial.words("join ", "To read") == 2);
            trial.says("1 write to add one", trial.words("insert ", "To add") == 1);
        }
    }

    private static String pair(int id) {
        return pair(id, false);
    }

    private static String pair(int id, boolean own) {
        return own
                ? "insert into actor_plays (id, actor_id, play_id) values (" + (90 + id) + ", 91, 92)"
                : "insert into actor_plays (actor_id, play_id) values (91, 92)";
    }

    private static void deleted(FactTrial trial, boolean own) throws SQLException {
        String pair = pair(1, own);
        boolean actorGoes = trial.takes(ACTOR, PLAY, pair, "delete from actors where id = 91");
        boolean playGoes = trial.takes(ACTOR, PLAY, pair, "delete from plays where id = 92");
        String left = "actor_plays where actor_id = 91";
        boolean gone = (!actorGoes || trial.count(left, ACTOR, PLAY, pair, "delete from actors where id = 91") == 0)
                && (!playGoes || trial.count(left, ACTOR, PLAY, pair, "delete from plays where id = 92") == 0);
        trial.says("deleted with either end", actorGoes && playGoes && gone);
        trial.says("neither end can be deleted while it exists", !actorGoes && !playGoes);
        trial.says(
                "its actor cannot be deleted while it exists; deleted with its play", !actorGoes && playGoes && gone);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void oneToOnes(Dialect dialect) throws SQLException {
        oneToOne(
                dialect,
                "each Cook must serve on one Ship, which may have one Cook",
                "  deleting Ship deletes Cook too");
        oneToOne(dialect, "each Cook may serve on one Ship, which may have one Cook", "  deleting Ship empties it");
        oneToOne(dialect, "each Cook may serve on one Ship, which must have one Cook");
        oneToOne(dialect, "each Cook must serve on one Ship, which must have one Cook");
    }

    private static void oneToOne(Dialect dialect, String... sentence) throws SQLException {
        String[] lines = {
            "entity Ship", "  id serial key", "  name text(9)", "entity Cook", "  id serial key", "  size int"
        };
        String[] all = Arrays.copyOf(lines, lines.length + sentence.length);
        System.arraycopy(sentence, 0, all, lines.length, sentence.length);
        Design design = Samples.design(all);
        for (Alternative way : weighed(design, dialect).ways()) {
            if (way.hindrance().isEmpty()) {
                oneToOne(design, dialect, way);
            }
        }
    }

    private static void oneToOne(Design design, Dialect dialect, Alternative way) throws SQLException {
        try (FactTrial trial = new FactTrial(design, dialect, way)) {
            if (way.title().equals("In one table")) {
                together(trial);
            } else if (trial.columns("cooks").contains("ship_id")) {
                holding(trial, "cook", "size, ship_id", "1", "ship");
            } else {
                holding(trial, "ship", "name, cook_id", "'x'", "cook");
            }
        }
    }

    private static void together(FactTrial trial) throws SQLException {
        trial.says("no join to read", trial.words("join ", "To read") == 0);
        trial.says("1 write for both", trial.words("insert ", "To write") == 1);
        boolean ship = trial.design().entity("Ship").isPresent();
        String table = ship ? "ships" : "cooks";
        trial.says(
                "1 more column in every row of " + table, trial.columns(table).size() == 3);
        boolean nullable = !trial.isNotNull(table, ship ? "size" : "name");
        trial.says("1 NOT NULL column of " + (ship ? "cook" : "ship") + " becomes nullable", nullable);
        trial.says("every required column stays NOT NULL", !nullable);
    }

    /** The first holds a foreign key to the second, beside a value of its own. */
    private static void holding(FactTrial trial, String from, String columns, String value, String to)
            throws SQLException {
        String rows = from + "s";
        String target = to + "s";
        String column = to + "_id";
        boolean shared = trial.primaryKey(rows).equals(List.of(column));
        String start = "insert into " + rows + " (" + (shared ? "" : "id, ") + columns + ") values (";
        String insert = start + (shared ? "" : "93, ") + value + ", ";
        String again = start + (shared ? "" : "95, ") + value + ", 94)";
        String other = to.equals("ship")
                ? "insert into ships (id, name) values (94, 'x')"
                : "insert into cooks (id, size) values (94, 1)";
        boolean once = !trial.takes(other, insert + "94)", again);
        trial.says("a unique constraint enforces one-to-one", once && !shared);
        trial.says("the primary key enforces one-to-one", once && shared);
        trial.says("no constraint keeps two rows from referring to the same " + to, !once);
        boolean required = !trial.takes(insert + "null)");
        trial.says("no " + from + " without its " + to, required);
        trial.says("1 column null in a " + from + " without its " + to, !required);
        deleted(trial, rows, column, to, new String[] {other, insert + "94)", "delete from " + target + " where id = 94"
        });
        String gone = "delete from " + rows + " where " + column + " = 94";
        boolean leaves = trial.count(target, other, insert + "94)", gone) > trial.count(target);
        boolean reversed = trial.way.title().toLowerCase(Locale.ROOT).equals(from + " points") && !trial.way.now();
        trial.says("deleting a " + from + " leaves its " + to, leaves && reversed);
        trial.says("one key: found without another index", shared);
        trial.says("to refer to another " + to + ", a " + from + " changes its key", shared);
        trial.says(trial.indexes(rows).size() + " indexes on " + rows, !shared);
        trial.says("1 join to read", trial.words("join ", "To read") == 1);
        trial.says("2 writes", trial.words("insert ", "To write") == 2);
    }

    private static void deleted(FactTrial trial, String rows, String column, String to, String[] statements)
            throws SQLException {
        boolean goes = trial.takes(statements);
        int left = goes ? trial.count(rows + " where " + column + " is null", statements) : 0;
        int stays = goes ? trial.count(rows, statements) - trial.count(rows) : 0;
        trial.says("its " + to + " cannot be deleted while it exists", !goes);
        trial.says("deleted with its " + to, goes && stays == 0);
        trial.says("stays without its " + to + " when that is deleted", goes && stays == 1 && left > 0);
    }
}
