package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.derive.Databases;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import jasperwing.naming.Steps;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.physical.Column;
import jasperwing.walk.Walk;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Kinds of entities, from the notation to the database. */
class KindTest {
    private static final String TEXT =
            """
            design "Gear"

            enum Mesh: fine, coarse

            trait Priced
              price       decimal(8,2)?

            # what is taken along
            entity Gear, only its kinds with Priced
              id          uuid           key
              name        text(40)       unique
              double      decimal(9,2)?  = price * 2
              tags        text(20) list
              shown as name
              kinds kept in one table

            entity Sensor is a kind of Gear
              reach       decimal(5,1)   from 0 to 100
              serialNo    text(20)       unique
              active      boolean        default true
              spread      decimal(9,1)?  = reach + price
              homeName    text(40)?      = home.name
              channels    text(10) list
              unique (name, serialNo)

            entity Net is a kind of Gear with Priced
              mesh        Mesh
              reach       decimal(4,1)?

            entity DipNet is a kind of Net
              handle      decimal(3,1)

            entity Station
              id          serial         key
              name        text(40)
              nets        int?           = count(gear)
              worth       decimal(12,2)?  = sum(sensors.price)

            entity Reading
              id          serial         key

            each Gear may be kept at one Station as home, which may have many Gear as gear
            each Sensor must be calibrated by one Station as lab, which may calibrate many Sensor as sensors
            each Reading must be of one Sensor as sensor, which may have many Reading as readings
            each DipNet may dry on many Station, which may dry many DipNet
            """;

    static Design design(KindsKept way) {
        var parsed = Notation.parse(TEXT);
        assertThat(parsed.problems()).isEmpty();
        Design kept = KindEdits.keep("Gear", way).on(parsed.value());
        return way == KindsKept.TABLE_EACH
                ? EntityEdits.change("Sensor", e -> e.withUniques(List.of())).on(kept)
                : kept;
    }

    @Test
    void isReadAndPrintedAsItWas() {
        assertThat(Notation.print(Notation.parse(TEXT).value())).isEqualTo(TEXT);
    }

    @Test
    void whatIsWrongInTheLinesOfKindsIsToldWhereItStands() {
        assertThat(Notation.parse("design \"T\"\nentity A\n  kinds kept in heaps\n")
                        .problems())
                .singleElement()
                .extracting(Problem::expected)
                .asString()
                .contains("'a table each' or 'one table' or 'a complete table each'");
        assertThat(Notation.parse("design \"T\"\nentity A, only its wings\n").problems())
                .singleElement()
                .extracting(Problem::expected)
                .asString()
                .contains("'outside' or 'only its kinds'");
    }

    @Test
    void aFamilyIsWalkedUpAndDown() {
        Design design = design(KindsKept.ONE_TABLE);
        assertThat(InheritanceTree.ancestors(design, "DipNet"))
                .extracting(Entity::name)
                .containsExactly("Net", "Gear");
        assertThat(InheritanceTree.descendants(design, "Gear"))
                .extracting(Entity::name)
                .containsExactly("Sensor", "Net", "DipNet");
        assertThat(InheritanceTree.root(design, "DipNet")).isEqualTo("Gear");
        assertThat(Steps.from(design, "DipNet"))
                .extracting(s -> s.from() + "." + s.name())
                .containsExactly("DipNet.stations", "Gear.home");
    }

    @Test
    void aKindOfWhatIsRenamedOrRemovedFollows() {
        Design design = design(KindsKept.ONE_TABLE);
        assertThat(EntityEdits.rename("Net", "Seine").on(design).parent("DipNet"))
                .map(Entity::name)
                .contains("Seine");
        assertThat(EntityEdits.remove("Net")
                        .on(design)
                        .entity("DipNet")
                        .orElseThrow()
                        .inheritance()
                        .of())
                .isEqualTo("Gear");
    }

    private static List<String> columns(DerivedTable table) {
        return table.columns().stream().map(Column::name).toList();
    }

    @Test
    void oneTableHasTheColumnsOfAllKinds() {
        Schema schema = Schema.derive(design(KindsKept.ONE_TABLE), Dialects.POSTGRESQL);
        assertThat(columns(schema.named("gears").orElseThrow()))
                .containsExactly(
                        "id",
                        "kind",
                        "home_id",
                        "name",
                        "price",
                        "double",
                        "lab_id",
                        "reach",
                        "serial_no",
                        "active",
                        "spread",
                        "mesh",
                        "net_reach",
                        "handle");
        assertThat(schema.named("sensors")).isEmpty();
        assertThat(columns(schema.table("DipNet").orElseThrow()))
                .containsExactly("id", "kind", "home_id", "name", "price", "double", "mesh", "net_reach", "handle");
        assertThat(schema.listTable("Sensor", "channels").orElseThrow().name()).isEqualTo("sensor_channels");
    }

    @Test
    void aTableEachHasWhatTheKindAloneHasAndTheKey() {
        Schema schema = Schema.derive(design(KindsKept.TABLE_EACH), Dialects.POSTGRESQL);
        assertThat(columns(schema.named("gears").orElseThrow()))
                .containsExactly("id", "kind", "home_id", "name", "price", "double");
        assertThat(columns(schema.named("dip_nets").orElseThrow())).containsExactly("id", "handle");
        assertThat(schema.named("dip_nets").orElseThrow().references())
                .singleElement()
                .extracting("target", "enforced")
                .containsExactly("nets", true);
    }

    @Test
    void aCompleteTableEachHasEverythingAndAViewBringsThemTogether() {
        Schema schema = Schema.derive(design(KindsKept.COMPLETE_TABLES), Dialects.POSTGRESQL);
        assertThat(schema.named("gears")).isEmpty();
        assertThat(columns(schema.named("dip_nets").orElseThrow()))
                .containsExactly("id", "home_id", "name", "price", "double", "mesh", "reach", "handle");
        assertThat(schema.kindsViews()).extracting("name").containsExactly("gears", "nets_all");
        assertThat(schema.rows("Gear").orElseThrow().name()).isEqualTo("gears");
        assertThat(schema.rows("Net").orElseThrow().name()).isEqualTo("nets_all");
    }

    @ParameterizedTest
    @EnumSource(KindsKept.class)
    void noErrorIsFoundInAnyWay(KindsKept way) {
        assertThat(Report.of(design(way), Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }

    private static final String UUID_1 = "'11111111-1111-1111-1111-111111111111'";
    private static final String UUID_2 = "'22222222-2222-2222-2222-222222222222'";

    private static void insert(Statement statement, KindsKept way) throws SQLException {
        statement.executeUpdate("insert into stations (name) values ('East')");
        List<String> lines = new ArrayList<>();
        switch (way) {
            case ONE_TABLE -> {
                lines.add(
                        "insert into gears (id, kind, home_id, name, price, lab_id, reach, serial_no, active) values ("
                                + UUID_1 + ", 'Sensor', 1, 'Sonde', 10.5, 1, 20.5, 'S-1', true)");
                lines.add("insert into gears (id, kind, name, mesh, handle) values (" + UUID_2
                        + ", 'DipNet', 'Dipper', 'fine', 1.5)");
            }
            case TABLE_EACH -> {
                lines.add("insert into gears (id, kind, home_id, name, price) values (" + UUID_1
                        + ", 'Sensor', 1, 'Sonde', 10.5)");
                lines.add("insert into sensors (id, lab_id, reach, serial_no) values (" + UUID_1 + ", 1, 20.5, 'S-1')");
                lines.add("insert into gears (id, kind, name) values (" + UUID_2 + ", 'DipNet', 'Dipper')");
                lines.add("insert into nets (id, mesh) values (" + UUID_2 + ", 'fine')");
                lines.add("insert into dip_nets (id, handle) values (" + UUID_2 + ", 1.5)");
            }
            case COMPLETE_TABLES -> {
                lines.add("insert into sensors (id, home_id, name, price, lab_id, reach, serial_no) values (" + UUID_1
                        + ", 1, 'Sonde', 10.5, 1, 20.5, 'S-1')");
                lines.add(
                        "insert into dip_nets (id, name, mesh, handle) values (" + UUID_2 + ", 'Dipper', 'fine', 1.5)");
            }
            default -> throw new IllegalStateException();
        }
        for (String line : lines) {
            statement.executeUpdate(line);
        }
        statement.executeUpdate("insert into readings (sensor_id) values (" + UUID_1 + ")");
    }

    private static String asked(Statement statement, String sql) throws SQLException {
        try (var rows = statement.executeQuery(sql)) {
            return rows.next() ? String.valueOf(rows.getObject(1)) : "nothing";
        }
    }

    @ParameterizedTest
    @CsvSource({
        "POSTGRESQL, ONE_TABLE", "POSTGRESQL, TABLE_EACH", "POSTGRESQL, COMPLETE_TABLES",
        "MARIADB, ONE_TABLE", "MARIADB, TABLE_EACH", "MARIADB, COMPLETE_TABLES",
        "SQLITE, ONE_TABLE", "SQLITE, TABLE_EACH", "SQLITE, COMPLETE_TABLES"
    })
    void everyDatabaseKeepsKindsAndComputesWhatTheyHaveAsKinds(Dialect dialect, KindsKept way) throws SQLException {
        Design design = design(way);
        Schema schema = Schema.derive(design, dialect);
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            insert(statement, way);
            String sensors = schema.view("Sensor").orElseThrow().name();
            assertThat(asked(statement, "select count(*) from " + sensors)).isEqualTo("1");
            String spread = way == KindsKept.TABLE_EACH
                    ? sensors
                    : schema.table("Sensor").orElseThrow().name();
            assertThat(asked(statement, "select spread from " + spread + " where serial_no = 'S-1'"))
                    .startsWith("31");
            assertThat(asked(statement, "select home_name from " + sensors)).isEqualTo("East");
            assertThat(asked(statement, "select nets from stations_computed")).isEqualTo("1");
            assertThat(asked(statement, "select worth from stations_computed")).startsWith("10.5");
            String rows = schema.rows("Gear").orElseThrow().name();
            String twice = dialect.quote("double");
            assertThat(asked(statement, "select " + twice + " from " + rows + " where name = 'Sonde'"))
                    .startsWith("21");
            assertThat(asked(statement, "select kind from " + rows + " where name = 'Dipper'"))
                    .isEqualTo("DipNet");
            for (String path : List.of("sensor.home", "sensor.lab", "sensor")) {
                assertThat(asked(statement, walked(design, schema, "Reading", path, "1")))
                        .isNotEqualTo("nothing");
            }
            assertThat(asked(statement, walked(design, schema, "Station", "gear", "1")))
                    .isNotEqualTo("nothing");
        }
    }

    private static String walked(Design design, Schema schema, String start, String path, String key) {
        Walk walk = Walk.of(design, start, path);
        assertThat(walk.problem()).isEmpty();
        return walk.sql(design, schema).replace("?", key);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void oneTableRefusesWhatARowOfItsKindCannotBe(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(design(KindsKept.ONE_TABLE), dialect);
                Statement statement = connection.createStatement()) {
            insert(statement, KindsKept.ONE_TABLE);
            for (String change :
                    List.of("kind = 'Gear'", "reach = null", "mesh = 'fine'", "kind = 'DipNet'", "lab_id = null")) {
                assertThatThrownBy(
                                () -> statement.executeUpdate("update gears set " + change + " where kind = 'Sensor'"))
                        .as(change)
                        .isInstanceOf(SQLException.class);
            }
        }
    }
}
