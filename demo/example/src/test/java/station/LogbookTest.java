package station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Persistence;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import org.junit.jupiter.api.Test;
import saltmarsh.GeoPoint;
import saltmarsh.fieldwork.Dive;
import saltmarsh.fieldwork.Expedition;
import saltmarsh.fieldwork.Site;

/** The generated classes in a persistence provider, on the generated tables in H2. */
class LogbookTest {
    /** The provider asks for counted keys by a function that H2 has in this mode only. */
    private static final String URL = "jdbc:h2:mem:station;MODE=LEGACY;DB_CLOSE_DELAY=-1";

    private static final OffsetDateTime MORNING = OffsetDateTime.of(2026, 5, 4, 9, 30, 0, 0, ZoneOffset.UTC);

    @Test
    void whatIsKeptIsReadBack() throws Exception {
        try (Connection connection = DriverManager.getConnection(URL);
                Statement statement = connection.createStatement()) {
            statement.execute(Files.readString(Path.of("target/saltmarsh.sql")));
        }
        try (EntityManagerFactory factory =
                Persistence.createEntityManagerFactory("station", Map.of("jakarta.persistence.jdbc.url", URL))) {
            keep(factory);
            try (EntityManager entities = factory.createEntityManager()) {
                assertThat(new Logbook(entities).deepest())
                        .extracting(
                                Dive::getNumber,
                                d -> d.getExpedition().getTitle(),
                                d -> d.getSite().getName(),
                                Dive::getBottomTime)
                        .containsExactly(
                                tuple(2, "Spring tide", "Creek mouth", null),
                                tuple(1, "Spring tide", "Creek mouth", 40));
            }
        }
    }

    private static void keep(EntityManagerFactory factory) {
        try (EntityManager entities = factory.createEntityManager()) {
            Site site = new Site("Creek mouth", new GeoPoint(new BigDecimal("54.5"), new BigDecimal("8.25")));
            Expedition expedition = new Expedition("ST-2026", "Spring tide", LocalDate.of(2026, 5, 1));
            Dive first = new Dive(expedition, site, 1, MORNING, new BigDecimal("3.5"));
            first.setEndedAt(MORNING.plusMinutes(40));
            new Dive(expedition, site, 2, MORNING.plusHours(2), new BigDecimal("7.0"));
            entities.getTransaction().begin();
            entities.persist(site);
            new Logbook(entities).keep(expedition);
            entities.getTransaction().commit();
        }
    }
}
