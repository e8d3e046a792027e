package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.dialect.Dialect;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the demo computes is the same in every database. */
class DemoFormulasTest {
    private static final String[] ROWS = {
        "insert into expeditions (id, code, title, starts_on) values (1, 'SP-1', 'Spring', '2026-03-01'),"
                + " (2, 'AU-2', 'Autumn', '2026-09-01')",
        "insert into sites (id, name, position_latitude, position_longitude) values (1, 'Creek', 54.1, 8.9)",
        "insert into dives (id, expedition_id, site_id, number, started_at, ended_at, max_depth) values"
                + " (1, 1, 1, 1, '2026-03-02 08:00:00', '2026-03-02 08:45:30', 12.5),"
                + " (2, 1, 1, 2, '2026-03-02 23:30:00', null, 30.0)",
        "insert into taxa (id, name, %s) values (1, 'Zostera', 'genus')",
        "insert into specimens (id, dive_id, taxon_id, tag_number) values (1, 1, 1, 'T-1'), (2, 1, 1, 'T-2')",
        "insert into researchers (id, email, given_name, family_name) values (1, 'a@marsh.example', 'Ada', 'Reed')"
    };

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDemoComputesTheSame(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(Samples.demo(), dialect);
                Statement statement = connection.createStatement()) {
            for (String row : ROWS) {
                statement.execute(String.format(row, dialect.quote("rank")));
            }
            assertThat(one(statement, "select bottom_time from dives where id = 1"))
                    .isEqualTo("45");
            assertThat(one(statement, "select bottom_time from dives where id = 2"))
                    .isNull();
            assertThat(one(statement, "select yield from dives_computed where id = 1"))
                    .isEqualTo("2");
            assertThat(one(statement, "select yield from dives_computed where id = 2"))
                    .isEqualTo("0");
            assertThat(one(statement, "select deepest from expeditions_computed where id = 1"))
                    .isEqualTo("30.0");
            assertThat(one(statement, "select deepest from expeditions_computed where id = 2"))
                    .isNull();
            assertThat(one(statement, "select full_name from researchers")).isEqualTo("Ada Reed");
        }
    }

    private static final String PROBE =
            """
            import java.math.BigDecimal;
            import java.time.LocalDate;
            import java.time.OffsetDateTime;
            import java.util.Arrays;
            import java.util.List;
            import saltmarsh.GeoPoint;
            import saltmarsh.TaxonRank;
            import saltmarsh.collection.Specimen;
            import saltmarsh.collection.Taxon;
            import saltmarsh.fieldwork.Dive;
            import saltmarsh.fieldwork.Expedition;
            import saltmarsh.fieldwork.Site;
            import saltmarsh.people.Researcher;

            public final class Probe {
                private Probe() {}

                public static List<Object> values() {
                    Expedition spring = new Expedition("SP-1", "Spring", LocalDate.parse("2026-03-01"));
                    Expedition autumn = new Expedition("AU-2", "Autumn", LocalDate.parse("2026-09-01"));
                    Site creek = new Site("Creek", new GeoPoint(new BigDecimal("54.1"), new BigDecimal("8.9")));
                    OffsetDateTime down = OffsetDateTime.parse("2026-03-02T08:00:00Z");
                    Dive first = new Dive(spring, creek, 1, down, new BigDecimal("12.5"));
                    first.setEndedAt(down.plusMinutes(45).plusSeconds(30));
                    Dive second = new Dive(spring, creek, 2, down.plusHours(15), new BigDecimal("30.0"));
                    Taxon eelgrass = new Taxon("Zostera", TaxonRank.GENUS);
                    new Specimen(first, eelgrass, "T-1");
                    new Specimen(first, eelgrass, "T-2");
                    return Arrays.asList(
                            first.getBottomTime(), second.getBottomTime(), first.getYield(), second.getYield(),
                            spring.getDeepest(), autumn.getDeepest(),
                            new Researcher("a@marsh.example", "Ada", "Reed").getFullName());
                }
            }
            """;

    @Test
    void theClassesOfTheDemoComputeWhatItsDatabasesDo(@TempDir Path folder) throws Exception {
        Javac.write(OurTargets.JAKARTA.files(Samples.demo()), folder.resolve("src"));
        Files.writeString(folder.resolve("src/Probe.java"), PROBE);
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader())) {
            Object values = loader.loadClass("Probe").getMethod("values").invoke(null);
            assertThat(String.valueOf(values)).isEqualTo("[45, null, 2, 0, 30.0, null, Ada Reed]");
        }
    }

    private static String one(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            assertThat(rows.next()).as(query).isTrue();
            return rows.getString(1);
        }
    }
}
