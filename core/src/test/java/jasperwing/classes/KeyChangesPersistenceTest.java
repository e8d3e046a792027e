package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

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

/** Objects whose references follow a key that a statement changes; no provider changes the key of an object itself. */
class KeyChangesPersistenceTest {
    private static final Design FLEET = Samples.design(
            "entity Boat",
            "  code    text(8)   key",
            "entity Tag",
            "  word    text(8)   key",
            "entity Trip",
            "  id      int       key",
            "each Trip must use one Boat as boat, which may make many Trip as trips",
            "  changing the key of Boat is followed",
            "each Trip may show one Tag as shown",
            "  changing the key of Tag empties it",
            "each Trip may carry many Tag as tags, which may mark many Trip as trips",
            "  changing the key of Tag is followed");

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
    void whatRefersToAChangedKeyIsReadWithIt(Provider provider, String mapping, Dialect dialect) throws Exception {
        try (Running running = Persisting.running(FLEET, mapping, provider, dialect, folder)) {
            Objects objects = running.objects();
            EntityManagerFactory factory = running.factory();
            Object boat = objects.make("Boat", "otter");
            Object tag = objects.make("Tag", "late");
            Object trip = objects.make("Trip", 1, boat);
            objects.call(trip, "setShown", tag);
            objects.call(trip, "addTag", tag);
            Persisting.store(factory, List.of(boat, tag, trip));
            try (EntityManager manager = factory.createEntityManager()) {
                manager.getTransaction().begin();
                manager.createNativeQuery("update boats set code = 'seal'").executeUpdate();
                manager.createNativeQuery("update tags set word = 'early'").executeUpdate();
                manager.getTransaction().commit();
            }
            factory.getCache().evictAll();
            try (EntityManager manager = factory.createEntityManager()) {
                Object read = manager.find(trip.getClass(), 1);
                assertThat(objects.call(objects.call(read, "getBoat"), "getCode"))
                        .isEqualTo("seal");
                assertThat(objects.call(read, "getShown")).isNull();
                assertThat(objects.call(objects.all(read, "getTags").get(0), "getWord"))
                        .isEqualTo("early");
            }
        }
    }
}
