package jasperwing.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the ways to keep kinds, tried in every database. */
class KindFactsTest {
    private static final String MOTOR = "'00000000-0000-0000-0000-0000000000a1'";
    private static final String SAILER = "'00000000-0000-0000-0000-0000000000a2'";
    private static final String NOBODY = "'00000000-0000-0000-0000-0000000000a9'";

    private static final String[] FLEET = {
        "entity Craft",
        "  id uuid key",
        "  name text(40) unique",
        "entity Motor is a kind of Craft",
        "  power int",
        "  fuel text(20)?",
        "entity Sailer is a kind of Craft",
        "  sails int",
        "entity Mooring",
        "  id serial key",
        "entity Berth",
        "  id serial key",
        "each Mooring may hold one Motor",
        "each Berth may hold one Craft"
    };

    private final Design design = Samples.design(FLEET);

    private Alternative way(Dialect dialect, int index) {
        return Alternatives.ofKinds(design, dialect, "Craft")
                .orElseThrow()
                .ways()
                .get(index);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aTableEach(Dialect dialect) throws SQLException {
        String[] motor = {
            "insert into crafts (id, kind, name) values (" + MOTOR + ", 'Motor', 'm')",
            "insert into motors (id, power) values (" + MOTOR + ", 1)"
        };
        String[] sailer = {
            "insert into crafts (id, kind, name) values (" + SAILER + ", 'Sailer', 's')",
            "insert into sailers (id, sails) values (" + SAILER + ", 1)"
        };
        try (FactTrial trial = new FactTrial(design, dialect, way(dialect, 0))) {
            referring(trial, motor, sailer);
            trial.says("every required column is NOT NULL", trial.isNotNull("motors", "power"));
            assertThat(trial.takes(motor)).isTrue();
            trial.says("1 join to read a whole motor", trial.words("join ", "To read one") == 1);
            trial.says("2 writes for one", trial.words("insert ", "To write") == 2);
            wider(trial, dialect, "a new kind adds 1 table; changes 1 check", 1, "crafts");
            String inTwo = "insert into sailers (id, sails) values (" + MOTOR + ", 1)";
            boolean held = !trial.takes(motor[0], motor[1], inTwo);
            boolean guarded = !trial.takesGuarded(motor[0], motor[1], inTwo);
            guarded(trial, "no constraint keeps a row in the table of its kind", held, guarded);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void oneTable(Dialect dialect) throws SQLException {
        String insert = "insert into crafts (id, kind, name, power, sails) values (";
        String[] motor = {insert + MOTOR + ", 'Motor', 'm', 1, null)"};
        String[] sailer = {insert + SAILER + ", 'Sailer', 's', null, 1)"};
        try (FactTrial trial = new FactTrial(design, dialect, way(dialect, 1))) {
            referring(trial, motor, sailer);
            boolean required = !trial.takes(insert + MOTOR + ", 'Motor', 'm', null, null)")
                    && !trial.takes(insert + SAILER + ", 'Sailer', 's', null, null)");
            trial.says(
                    "a check, not NOT NULL, requires 2 columns of the kinds",
                    required && !trial.isNotNull("crafts", "power") && !trial.isNotNull("crafts", "sails"));
            trial.says("no join to read a whole motor", trial.words("join ", "To read one") == 0);
            trial.says("1 write for one", trial.takes(motor) && trial.words("insert ", "To write") == 1);
            trial.says("1 column empty in every motor", !trial.takes(insert + MOTOR + ", 'Motor', 'm', 1, 1)"));
            wider(trial, dialect, "a new kind adds 1 column; changes 1 check", 0, "crafts");
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void completeTables(Dialect dialect) throws SQLException {
        String[] motor = {"insert into motors (id, name, power) values (" + MOTOR + ", 'm', 1)"};
        String[] sailer = {"insert into sailers (id, name, sails) values (" + SAILER + ", 's', 1)"};
        try (FactTrial trial = new FactTrial(design, dialect, way(dialect, 2))) {
            referring(trial, motor, sailer);
            trial.says("every required column is NOT NULL", trial.isNotNull("motors", "power"));
            trial.says("no join to read a whole motor", trial.words("join ", "To read one") == 0);
            trial.says("1 write for one", trial.takes(motor));
            int all = trial.count("crafts") + trial.count("motors") + trial.count("sailers");
            trial.says(
                    "every craft is read from 3 tables together",
                    trial.count("(" + trial.statement("To read every") + ") rows_read") == all);
            wider(trial, dialect, "a new kind adds 1 table", 1, "crafts");
            String inTwo = "insert into sailers (id, name, sails) values (" + MOTOR + ", 'x', 1)";
            boolean held = !trial.takes(motor[0], inTwo);
            boolean guarded = !trial.takesGuarded(motor[0], inTwo);
            guarded(trial, "no constraint keeps one key out of two tables", held, guarded);
        }
    }

    private static void guarded(FactTrial trial, String lack, boolean held, boolean guarded) {
        trial.says(lack, !held && !guarded);
        trial.says(lack + "; a trigger can", !held && guarded);
    }

    /** Refers to rows that are there, to none, and to rows of another kind. */
    private static void referring(FactTrial trial, String[] motor, String[] sailer) throws SQLException {
        String mooring = "insert into moorings (id, motor_id) values (91, ";
        String berth = "insert into berths (id, craft_id) values (91, ";
        assertThat(trial.takes(then(motor, mooring + MOTOR + ")"))).isTrue();
        boolean rootHeld = !trial.takes(berth + NOBODY + ")");
        boolean kindHeld = !trial.takes(mooring + NOBODY + ")");
        boolean otherKind = trial.takes(then(sailer, mooring + SAILER + ")"));
        boolean triggered = rootHeld
                ? !trial.takesGuarded(then(sailer, mooring + SAILER + ")"))
                : !trial.takesGuarded(berth + NOBODY + ")");
        trial.says("a foreign key can refer to any kind", rootHeld && kindHeld && !otherKind);
        trial.says(
                "a foreign key to one kind takes a row of any" + (triggered ? "; a trigger can refuse it" : ""),
                rootHeld && kindHeld && otherKind);
        trial.says("no foreign key can refer to a craft of any kind" + (triggered ? "; a trigger can" : ""), !rootHeld);
    }

    private static String[] then(String[] before, String last) {
        String[] all = Arrays.copyOf(before, before.length + 1);
        all[before.length] = last;
        return all;
    }

    /** Compares with the tables of a design that has one more kind. */
    private void wider(FactTrial trial, Dialect dialect, String fact, int tables, String root) throws SQLException {
        String[] lines = Arrays.copyOf(FLEET, FLEET.length + 2);
        System.arraycopy(new String[] {"entity Rower is a kind of Craft", "  oars int"}, 0, lines, 8, 2);
        System.arraycopy(FLEET, 8, lines, 10, FLEET.length - 8);
        Design more = Samples.design(lines);
        int index =
                List.of("A table each", "One table", "A complete table each").indexOf(trial.way.title());
        Alternative same = Alternatives.ofKinds(more, dialect, "Craft")
                .orElseThrow()
                .ways()
                .get(index);
        try (FactTrial wider = FactTrial.ofTables(more, dialect, same)) {
            boolean columns = wider.columns(root).size() > trial.columns(root).size();
            trial.says(fact, wider.tables() - trial.tables() == tables && columns == (tables == 0));
        }
    }
}
