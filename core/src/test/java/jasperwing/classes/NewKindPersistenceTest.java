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
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the documentation says of a row that refers to a new kind of something is what providers do, for each way to keep kinds. */
class NewKindPersistenceTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "HIBERNATE,a table each,false,false,true",
        "HIBERNATE,one table,false,false,true",
        "HIBERNATE,a complete table each,false,false,true",
        "ECLIPSELINK,a table each,false,false,false",
        "ECLIPSELINK,a table each,true,false,true",
        "ECLIPSELINK,a table each,false,true,true",
        "ECLIPSELINK,one table,false,false,true",
        "ECLIPSELINK,a complete table each,false,false,true"
    })
    void isStoredInOneFlushOrWithTheSetting(
            Provider provider, String kept, boolean atOnce, boolean flushed, boolean stored) throws Exception {
        Design design = Samples.design(
                "entity Gear",
                "  id uuid key",
                "  name text(20)",
                "  kinds kept in " + kept,
                "entity Net is a kind of Gear",
                "  mesh int",
                "entity Haul",
                "  id uuid key",
                "  weight int",
                "each Haul must use one Net as net, which may be in many Haul as hauls");
        Design mapped = Persisting.mapped(design, "annotations", provider);
        String url = Persisting.database(mapped);
        try (URLClassLoader loader = Persisting.compiled(mapped, folder);
                EntityManagerFactory factory = Persisting.boot(loader, settings(url, atOnce), provider)) {
            Throwable refused = catchThrowable(() -> store(factory, new Objects(loader, "test"), flushed));
            if (stored) {
                assertThat(refused).isNull();
            } else {
                assertThat(refused).rootCause().message().contains("fk_hauls_net");
            }
        }
    }

    private static Map<String, Object> settings(String url, boolean atOnce) {
        Map<String, Object> settings = new HashMap<>(Map.of("jakarta.persistence.jdbc.url", url));
        if (atOnce) {
            settings.put("eclipselink.jpa.sql-call-deferral", "false");
        }
        return settings;
    }

    private static void store(EntityManagerFactory factory, Objects objects, boolean flushed)
            throws ReflectiveOperationException {
        EntityManager manager = factory.createEntityManager();
        try {
            manager.getTransaction().begin();
            Object net = objects.make("Net", "purse", 40);
            manager.persist(net);
            if (flushed) {
                manager.flush();
            }
            manager.persist(objects.make("Haul", net, 300));
            manager.getTransaction().commit();
        } finally {
            manager.close();
        }
    }
}
