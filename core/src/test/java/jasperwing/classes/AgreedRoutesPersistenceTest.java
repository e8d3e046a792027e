package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.classes.Persisting.Running;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Objects whose routes must lead to the same: set together, validated, and held by keys of several columns. */
class AgreedRoutesPersistenceTest {
    private static final Design MARINA = Samples.design(
            "entity Harbour",
            "  id     int       key",
            "entity Berth",
            "  id     int       key",
            "entity Mooring",
            "  id     int       key",
            "  rule \"must have the harbour of its berth\": berth.harbour is harbour",
            "entity Pilot",
            "  id     int       key",
            "entity Licence",
            "  since  int",
            "entity Tour",
            "  id     int       key",
            "entity Stint",
            "  id     int       key",
            "  rule \"must be of a licence for the harbour of its tour\": licence.harbour is tour.harbour",
            "each Berth must belong to one Harbour as harbour, which may have many Berth as berths",
            "each Mooring must lie in one Harbour as harbour, which may have many Mooring as moorings",
            "each Mooring may lie at one Berth as berth",
            "each Pilot may know many Harbour as harbours via Licence",
            "each Tour must start in one Harbour as harbour",
            "each Stint must be part of one Tour as tour",
            "each Stint must be covered by one Licence as licence");

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "ECLIPSELINK, annotations, postgresql",
        "ECLIPSELINK, xml, mariadb",
        "HIBERNATE, xml, postgresql",
        "HIBERNATE, annotations, mariadb",
        "HIBERNATE, annotations, h2",
        "ECLIPSELINK, annotations, h2"
    })
    void whatAgreesIsStoredAndWhatDoesNotIsRefused(Provider provider, String mapping, Dialect dialect)
            throws Exception {
        try (Running running = Persisting.running(MARINA, mapping, provider, dialect, folder)) {
            Objects objects = running.objects();
            EntityManagerFactory factory = running.factory();
            Object north = objects.make("Harbour", 1);
            Object south = objects.make("Harbour", 2);
            Object berth = objects.make("Berth", 11, south);
            Object mooring = objects.make("Mooring", 21, north);
            objects.call(mooring, "setBerth", berth);
            assertThat(objects.call(mooring, "getHarbour")).isSameAs(south);
            assertThat(objects.all(north, "getMoorings")).isEmpty();
            Object pilot = objects.make("Pilot", 31);
            Object licence = objects.make("Licence", pilot, north, 1999);
            Object tour = objects.make("Tour", 41, north);
            Object stint = objects.make("Stint", 51, tour, licence);
            Persisting.store(factory, List.of(north, south, berth, mooring, pilot, licence, tour, stint));

            Object astray = objects.make("Mooring", 22, north);
            objects.call(astray, "setBerth", berth);
            objects.call(astray, "setHarbour", north);
            refused(factory, "must have the harbour of its berth", astray);

            Object other = objects.make("Tour", 42, south);
            Object elsewhere = objects.make("Stint", 52, other, licence);
            refused(factory, "must be of a licence for the harbour of its tour", other, elsewhere);
            try (EntityManager manager = factory.createEntityManager()) {
                assertThat(manager.createQuery("select count(s) from Stint s where s.licence.harbour = s.tour.harbour")
                                .getSingleResult())
                        .isEqualTo(1L);
            }
        }
    }

    private static void refused(EntityManagerFactory factory, String message, Object... all) {
        assertThat(Persisting.violations(catchThrowable(() -> Persisting.store(factory, List.of(all)))))
                .containsExactly(message);
    }
}
