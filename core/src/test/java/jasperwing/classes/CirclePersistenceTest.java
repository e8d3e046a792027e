package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.Samples;
import jasperwing.classes.Persisting.Objects;
import jasperwing.classes.Persisting.Provider;
import jasperwing.model.Design;
import java.net.URLClassLoader;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the documentation says of rows that must refer to each other, checked at the end, is what providers do. */
class CirclePersistenceTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({"ECLIPSELINK,uuid,true", "ECLIPSELINK,serial,false", "HIBERNATE,uuid,false", "HIBERNATE,serial,false"})
    void areStoredTogetherOrNot(Provider provider, String key, boolean stored) throws Exception {
        Design design = Samples.design(
                "entity Team",
                "  id " + key + " key",
                "entity Player",
                "  id " + key + " key",
                "  name text(20)",
                "each Team must be led by one Player as captain, which may lead one Team as leads",
                "  checked at the end",
                "each Player must play in one Team as team, which may have many Player as players");
        Design mapped = Persisting.mapped(design, "annotations", provider);
        String url = Persisting.database(mapped);
        try (URLClassLoader loader = Persisting.compiled(mapped, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            Throwable refused = catchThrowable(() -> store(factory, new Objects(loader, "test")));
            if (stored) {
                assertThat(refused).isNull();
            } else {
                assertThat(refused).rootCause().message().containsIgnoringCase("not-null");
            }
        }
    }

    private static void store(EntityManagerFactory factory, Objects objects) throws ReflectiveOperationException {
        EntityManager manager = factory.createEntityManager();
        try {
            store(manager, objects);
        } finally {
            manager.close();
        }
    }

    private static void store(EntityManager manager, Objects objects) throws ReflectiveOperationException {
        manager.getTransaction().begin();
        Object player = objects.make("Player", null, "Ada");
        Object team = objects.make("Team", player);
        objects.call(player, "setTeam", team);
        manager.persist(team);
        manager.persist(player);
        manager.getTransaction().commit();
    }
}
